import { type Fact, freshTube, runStep, sayFact, type TubeStep } from '../../tube/index.ts'
import { saltOf } from '../ions.ts'

/** What a student in a hurry writes of a fact (common practice), by turns. */
const HURRIED: Readonly<Partial<Record<Fact['kind'], readonly ((fact: never) => string)[]>>> = {
  precipitate: [
    ({ colour, slight }: Extract<Fact, { kind: 'precipitate' }>) => `${slight ? 'bit of ' : ''}${colour} ppt`,
    ({ colour, slight }: Extract<Fact, { kind: 'precipitate' }>) => `${slight ? 'slight ' : 'thick '}${colour} percipitate`,
    ({ colour, slight }: Extract<Fact, { kind: 'precipitate' }>) => `${slight ? 'faint ' : ''}${colour} precip forms`,
  ],
  dissolves: [
    ({ how, giving }: Extract<Fact, { kind: 'dissolves' }>) =>
      how === 'partly' ? 'some of it disolved' : `ppt disolves, ${giving} soln`,
    ({ how, giving }: Extract<Fact, { kind: 'dissolves' }>) =>
      how === 'partly' ? 'ppt partly sol' : `all dissolved giving ${giving}`,
    ({ how, giving }: Extract<Fact, { kind: 'dissolves' }>) =>
      how === 'partly' ? 'bit of the ppt dissolved' : `ppt gone ${giving} now`,
  ],
  insoluble: [() => 'ppt doesnt dissolve', () => 'ppt still there', () => 'no change in xs'],
  solution: [
    ({ to }: Extract<Fact, { kind: 'solution' }>) => `went ${to}`,
    ({ to }: Extract<Fact, { kind: 'solution' }>) => `${to} soln`,
  ],
  decolourised: [() => 'colour went', () => 'decolorised'],
  flame: [
    ({ colour }: Extract<Fact, { kind: 'flame' }>) => colour,
    ({ colour }: Extract<Fact, { kind: 'flame' }>) => `went ${colour}`,
  ],
  noChange: [() => 'nothing happend', () => 'nvc', () => 'no change'],
}

const GASES: Readonly<Record<string, string>> = {
  CO2: 'fizzed, limewatr went milky',
  SO2: 'choking smell, kmno4 paper went colourless',
  NH3: 'pungent, damp red litmus went blue',
  H2S: 'stinks of bad eggs, lead paper black',
  NO2: 'brown fumes',
}

function hurried(fact: Fact, turn: number): string {
  if (fact.kind === 'gas') return GASES[fact.gas] ?? sayFact(fact)
  const ways = HURRIED[fact.kind] as readonly ((fact: Fact) => string)[] | undefined
  return ways?.[turn % ways.length]?.(fact) ?? sayFact(fact)
}

const add = (reagent: string, amount: string): TubeStep => ({ do: 'add', reagent, amount })

/** The usual tests, each on a fresh portion. */
const TESTS: readonly (readonly TubeStep[])[] = [
  [add('NaOH(aq)', 'drops'), add('NaOH(aq)', 'excess'), { do: 'warm' }],
  [add('NH3(aq)', 'drops'), add('NH3(aq)', 'excess')],
  [add('HNO3(aq)', 'drops'), add('AgNO3(aq)', 'drops')],
  [add('HNO3(aq)', 'drops'), add('Ba(NO3)2(aq)', 'drops')],
  [add('HCl(aq)', 'excess')],
  [{ do: 'flame' }],
]

/** A record of a salt of two ions, as the model plays it. */
export interface PlayedRecord {
  readonly ions: readonly string[]
  readonly salt: string
  readonly tubes: readonly { readonly id: string; readonly cm3: string; readonly steps: readonly PlayedStep[] }[]
}
interface PlayedStep extends TubeStep {
  readonly id: string
  readonly saw: string
}

/**
 * The record of a salt in the words of a student.
 *
 * @param manner - in a hurry, or cleanly as the model says it
 * @param turn - which of the ways of putting it are taken
 */
export function recordOf(cation: string, anion: string, manner: 'hurried' | 'clean', turn: number): PlayedRecord {
  const charge = (ion: string) => Number(/(\d*)[+-]$/.exec(ion)?.[1] || 1)
  const [a, b] = [charge(cation), charge(anion)]
  const contains = { [cation]: 0.1 * b, [anion]: 0.1 * a }
  let told = turn
  const tubes = TESTS.map((steps, place) => {
    let tube = freshTube(contains, 1)
    return {
      id: `P${place + 1}`,
      cm3: '1',
      steps: steps.map((step, index): PlayedStep => {
        const next = runStep(tube, step)
        tube = next.tube
        const saw = next.shown.facts.map((fact) => (manner === 'hurried' ? hurried(fact, told++) : sayFact(fact)))
        return { id: `s${index + 1}`, ...step, saw: saw.join(manner === 'hurried' ? ' ' : '; ') }
      }),
    }
  })
  return { ions: [cation, anion], salt: saltOf(cation, anion), tubes }
}

/** A hundred salts that dissolve, as cation and anion. */
export const HUNDRED: readonly (readonly [cation: string, anion: string])[] = [
  ...'Na+ K+ NH4+ Mg2+ Ca2+ Ba2+ Al3+ Zn2+ Cu2+ Fe2+ Fe3+ Ni2+ Co2+ Mn2+ Cr3+ Sr2+ Pb2+'.split(' ').flatMap((cation) =>
    ['Cl-', 'Br-', 'NO3-', 'SO4^2-', 'CH3COO-', 'I-'].flatMap((anion) => {
      const insoluble = anion === 'SO4^2-' && ['Ca2+', 'Ba2+', 'Sr2+', 'Pb2+'].includes(cation)
      const halide = cation === 'Pb2+' && /^(?:Cl|Br|I)/.test(anion)
      const redox = anion === 'I-' && (cation === 'Fe3+' || cation === 'Cu2+')
      return insoluble || halide || redox ? [] : [[cation, anion] as const]
    }),
  ),
  ...['Na+', 'K+', 'NH4+'].flatMap((cation) => ['CO3^2-', 'SO3^2-', 'NO2-'].map((anion) => [cation, anion] as const)),
].slice(0, 100)
