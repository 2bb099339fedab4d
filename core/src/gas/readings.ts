/** A result of a test for a gas as it is read from an observation: how it is said, and how it is drawn. */
interface GasReadingRow {
  readonly reading: string
  /** In a student's words; `observe` reads them back. */
  readonly says: string
  /** The same when it was looked for and not seen. */
  readonly denied: string
  /** A paper at the mouth: what it was and what it turned. */
  readonly paper?: readonly [from: string, to: string]
  /** Something is held there that burns. */
  readonly flame?: true
}

/** The readings of tests for gases (common practice). */
export const GAS_READINGS = [
  { reading: 'limewater milky', says: 'limewater turned milky', denied: 'limewater stayed clear' },
  {
    reading: 'red litmus blue',
    says: 'damp red litmus turned blue',
    denied: 'damp red litmus stayed red',
    paper: ['red', 'blue'],
  },
  {
    reading: 'blue litmus red',
    says: 'damp blue litmus turned red',
    denied: 'damp blue litmus stayed blue',
    paper: ['blue', 'red'],
  },
  {
    reading: 'litmus bleached',
    says: 'damp litmus was bleached',
    denied: 'damp litmus was not bleached',
    paper: ['blue', 'white'],
  },
  { reading: 'relights splint', says: 'glowing splint relit', denied: 'glowing splint did not relight', flame: true },
  { reading: 'pops', says: 'lighted splint: pop', denied: 'lighted splint: no pop', flame: true },
  {
    reading: 'manganate paper decolourised',
    says: 'manganate paper decolourised',
    denied: 'manganate paper not decolourised',
    paper: ['purple', 'white'],
  },
  {
    reading: 'lead paper black',
    says: 'lead ethanoate paper turned black',
    denied: 'lead ethanoate paper did not turn black',
    paper: ['white', 'black'],
  },
  { reading: 'brown gas', says: 'brown gas', denied: 'no brown gas' },
  {
    reading: 'cobalt paper pink',
    says: 'cobalt chloride paper turned pink',
    denied: 'cobalt chloride paper stayed blue',
    paper: ['blue', 'pink'],
  },
  {
    reading: 'white smoke with hydrochloric acid',
    says: 'white smoke at a rod with hydrochloric acid',
    denied: 'no white smoke at a rod with hydrochloric acid',
  },
  {
    reading: 'white smoke with ammonia',
    says: 'white smoke at a rod with ammonia',
    denied: 'no white smoke at a rod with ammonia',
  },
  { reading: 'white smoke', says: 'white smoke', denied: 'no white smoke' },
  { reading: 'purple vapour', says: 'purple vapour', denied: 'no purple vapour' },
  { reading: 'steamy fumes', says: 'steamy fumes', denied: 'no steamy fumes' },
  { reading: 'splint out', says: 'lighted splint went out', denied: 'lighted splint did not go out', flame: true },
  { reading: 'smell of rotten eggs', says: 'smell of rotten eggs', denied: 'no smell of rotten eggs' },
] as const satisfies readonly GasReadingRow[]

/** A result of a test for a gas. */
export type GasReading = (typeof GAS_READINGS)[number]['reading']

const BY_NAME: ReadonlyMap<string, GasReadingRow> = new Map(GAS_READINGS.map((row) => [row.reading, row]))

/** The row of a reading. */
export const gasReading = (reading: GasReading): GasReadingRow =>
  BY_NAME.get(reading) ?? { reading, says: reading, denied: `no ${reading}` }
