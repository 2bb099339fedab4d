import { COMPONENTS, type Equilibrium, type System } from '../aqueous/index.ts'

/** A dissolved species with a colour: from which concentration it shows, mol/dm³. */
interface Coloured {
  readonly species: RegExp
  readonly from: number
  readonly colour: string
}

/** Colours of solutions (common practice; concentrations at which they show: judgement). Strongest shades first. */
const COLOURED: readonly Coloured[] = [
  { species: /^MnO4-$/, from: 2e-5, colour: 'purple' },
  { species: /^Fe\(SCN\)/, from: 1e-5, colour: 'blood red' },
  { species: /^I2$/, from: 3e-4, colour: 'brown' },
  { species: /^Br2$/, from: 1e-3, colour: 'orange' },
  { species: /^Cr2O7\^2-$|^HCrO4-$/, from: 2e-4, colour: 'orange' },
  { species: /^CrO4\^2-$/, from: 2e-4, colour: 'yellow' },
  { species: /^Cu\(NH3\)[34]\^2\+$/, from: 3e-4, colour: 'deep blue' },
  { species: /^Cu\(OH\)4\^2-$/, from: 2e-3, colour: 'deep blue' },
  { species: /^CuCl[34]/, from: 2e-2, colour: 'yellow-green' },
  { species: /^CoCl4\^2-$/, from: 3e-3, colour: 'blue' },
  { species: /^Co\(NH3\)[3-6]\^2\+$/, from: 3e-3, colour: 'yellow-brown' },
  { species: /^Ni\(NH3\)[3-6]\^2\+$/, from: 6e-3, colour: 'blue' },
  { species: /^Fe\(CN\)6\^3-$/, from: 1e-3, colour: 'yellow' },
  { species: /^Fe\(CN\)6\^4-$/, from: 2e-2, colour: 'pale yellow' },
  {
    species: /^FeOH\^2\+$|^Fe2\(OH\)2|^Fe3\(OH\)4|^FeCl\^2\+$|^Fe3\+$|^Fe\(SO4\)\+$|^Fe\(C2O4\)[23]?[-^]?3?-?$/,
    from: 3e-3,
    colour: 'yellow',
  },
  { species: /^Cr3\+$|^CrOH|^Cr\(OH\)2\+$|^Cr2\(OH\)2|^Cr3\(OH\)4/, from: 3e-3, colour: 'green' },
  { species: /^Cr\(OH\)4-$/, from: 3e-3, colour: 'green' },
  { species: /^Cu2\+$|^Cu\(SO4\)$|^CuCl\+$|^Cu\(NH3\)2?\^2\+$|^Cu\(CH3COO\)/, from: 5e-3, colour: 'blue' },
  { species: /^Ni2\+$|^Ni\(SO4\)$/, from: 8e-3, colour: 'green' },
  { species: /^Co2\+$|^Co\(SO4\)$|^CoCl\+$/, from: 6e-3, colour: 'pink' },
  { species: /^Fe2\+$|^Fe\(SO4\)$/, from: 4e-2, colour: 'pale green' },
]

/** Which row of the table a species belongs to, once looked for; −1 for none. */
const rowOf = new Map<string, number>()

function rowIndex(species: string): number {
  const known = rowOf.get(species)
  if (known !== undefined) return known
  const found = COLOURED.findIndex((row) => row.species.test(species))
  rowOf.set(species, found)
  return found
}

/** What of a system has a colour: places of species with their rows, and spectators by formula with theirs. */
interface ColouredIn {
  readonly places: readonly (readonly [place: number, row: number])[]
  readonly spectators: readonly (readonly [formula: string, row: number])[]
}

const colouredIn = new WeakMap<System, ColouredIn>()

/** Looked up once for each system: most species have no colour. */
function colouredSpecies(system: System): ColouredIn {
  const known = colouredIn.get(system)
  if (known) return known
  const found: ColouredIn = {
    places: system.species.map((name, place) => [place, rowIndex(name)] as const).filter(([, row]) => row >= 0),
    spectators: system.spectators
      .map((name) => [COMPONENTS[name].formula, rowIndex(COMPONENTS[name].formula)] as const)
      .filter(([, row]) => row >= 0),
  }
  colouredIn.set(system, found)
  return found
}

/** The colour of a solution: of what is plainest, by how far above the concentration at which it shows it is. */
export function colourOf(state: Equilibrium): string {
  const { places, spectators } = colouredSpecies(state.system)
  if (places.length === 0 && spectators.length === 0) return 'colourless'
  const sums = new Float64Array(COLOURED.length)
  for (const [place, row] of places) sums[row] = (sums[row] as number) + (state.concentrations[place] as number)
  for (const [formula, row] of spectators) sums[row] = (sums[row] as number) + (state.species.get(formula) ?? 0)
  let [plainest, colour] = [1, 'colourless']
  COLOURED.forEach((row, index) => {
    const shows = (sums[index] as number) / row.from
    if (shows > plainest) [plainest, colour] = [shows, row.colour]
  })
  return colour
}
