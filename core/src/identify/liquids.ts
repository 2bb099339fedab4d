import { type ReadStep, readTubes } from '../observe/index.ts'
import { type PartOf, stepName } from '../record/index.ts'

type Sample = PartOf<'rack'>['samples'][number]

/** Kinds of liquid that the simple tests of school tell apart. */
export type LiquidKind = 'alkene' | 'alkane' | 'alcohol' | 'carboxylic acid' | 'water' | 'aqueous salt' | 'dilute acid'

/** A liquid's kind with how likely it is, and the steps that speak for it. */
export interface LiquidVerdict {
  readonly kind: LiquidKind
  readonly probability: number
  readonly for: readonly string[]
}

/** What a step shows of a liquid. */
type LiquidTest = 'bromine' | 'burns' | 'blueLitmus' | 'carbonate' | 'anhydrous' | 'boils100' | 'residue'

/** How likely each kind shows a positive result (common practice; shares are judgement). */
const SHOWS: Readonly<Record<LiquidKind, Readonly<Record<LiquidTest, number>>>> = {
  alkene: { bromine: 0.97, burns: 0.97, blueLitmus: 0.02, carbonate: 0.02, anhydrous: 0.03, boils100: 0.03, residue: 0.02 },
  alkane: { bromine: 0.04, burns: 0.97, blueLitmus: 0.02, carbonate: 0.02, anhydrous: 0.03, boils100: 0.03, residue: 0.02 },
  alcohol: { bromine: 0.04, burns: 0.97, blueLitmus: 0.02, carbonate: 0.02, anhydrous: 0.15, boils100: 0.03, residue: 0.02 },
  'carboxylic acid': {
    bromine: 0.04,
    burns: 0.6,
    blueLitmus: 0.97,
    carbonate: 0.95,
    anhydrous: 0.3,
    boils100: 0.05,
    residue: 0.02,
  },
  water: { bromine: 0.02, burns: 0.01, blueLitmus: 0.02, carbonate: 0.02, anhydrous: 0.98, boils100: 0.95, residue: 0.03 },
  'aqueous salt': { bromine: 0.05, burns: 0.01, blueLitmus: 0.1, carbonate: 0.05, anhydrous: 0.97, boils100: 0.15, residue: 0.9 },
  'dilute acid': { bromine: 0.03, burns: 0.01, blueLitmus: 0.98, carbonate: 0.97, anhydrous: 0.95, boils100: 0.4, residue: 0.05 },
}

interface Outcome {
  readonly at: string
  readonly test: LiquidTest
  readonly positive: boolean
}

type Step = Sample['tubes'][number]['steps'][number]

/** Boiling point in the student's words: 100 °C, give or take what a school thermometer does. */
function boilsAt(saw: string): number | undefined {
  const found = /boil\w*\D{0,20}?(\d+(?:\.\d+)?)\s*(?:°|deg|o)?\s*c/i.exec(saw)?.[1]
  return found === undefined ? undefined : Number(found)
}

function outcomesOf(step: Step, at: string, { observation }: ReadStep): readonly Outcome[] {
  const saw = step.saw ?? ''
  const facts = observation.facts.map(({ fact }) => fact)
  if (facts.length === 0 && boilsAt(saw) === undefined) return []
  const has = (kind: string) => facts.some((fact) => fact.kind === kind)
  const gas = (test: string) => facts.some((fact) => fact.kind === 'gas' && fact.test === test)
  const one = (test: LiquidTest, positive: boolean): readonly Outcome[] => [{ at, test, positive }]
  const boiling = boilsAt(saw)
  if (boiling !== undefined) return one('boils100', Math.abs(boiling - 100) <= 2)
  if (step.do === 'flame') return one('burns', has('burns') || (has('flame') && /\bburn/i.test(saw)))
  if (step.do !== 'add') return []
  switch (step.reagent) {
    case 'Br2(aq)':
      return one('bromine', has('decolourised') || facts.some((fact) => fact.kind === 'solution' && fact.to === 'colourless'))
    case 'blue litmus':
      return one('blueLitmus', gas('blue litmus red'))
    case 'Na2CO3(aq)':
    case 'Na2CO3(s)':
      return one('carbonate', has('effervescence') || gas('limewater milky'))
    case 'CuSO4(s)':
      return one(
        'anhydrous',
        gas('cobalt paper pink') || facts.some((fact) => fact.kind === 'solidTurns' || fact.kind === 'solution'),
      )
    default:
      return []
  }
}

/**
 * What kind of liquid a sample is, from bromine water, burning, litmus, carbonate, anhydrous copper(II) sulfate and its
 * boiling point.
 *
 * @returns the kinds, the likeliest first; none where nothing that tells was recorded
 */
export function identifyLiquid({ tubes }: Sample): readonly LiquidVerdict[] {
  const outcomes = tubes.flatMap((tube) => {
    const [read = []] = readTubes([tube]).tubes
    return tube.steps.flatMap((step, index) => outcomesOf(step, stepName(tube.id, index), read[index] as ReadStep))
  })
  if (outcomes.length === 0) return []
  const likelihood = (kind: LiquidKind, { test, positive }: Outcome) => (positive ? SHOWS[kind][test] : 1 - SHOWS[kind][test])
  const kinds = Object.keys(SHOWS) as LiquidKind[]
  const weights = kinds.map((kind) => outcomes.reduce((product, outcome) => product * likelihood(kind, outcome), 1))
  const sum = weights.reduce((all, weight) => all + weight, 0)
  return kinds
    .map((kind, index) => ({
      kind,
      probability: (weights[index] ?? 0) / sum,
      for: outcomes.filter((outcome) => likelihood(kind, outcome) > 0.8).map(({ at }) => at),
    }))
    .toSorted((a, b) => b.probability - a.probability)
}
