import type { ObservedFact } from '../observe/index.ts'
import type { TubeStep } from '../tube/index.ts'
import { BRINGS } from './rules.ts'
import type { Sign } from './signs.ts'

/** What was written of a step of a tube that holds a liquid. */
export interface WrittenStep {
  readonly step: TubeStep
  readonly facts: readonly ObservedFact[]
  /** The student's words. */
  readonly saw: string
}

/** Boiling point in the student's words, °C. */
function boilsAt(saw: string): number | undefined {
  const found = /boil\w*\D{0,20}?(\d+(?:\.\d+)?)\s*(?:°|deg|o)?\s*c/i.exec(saw)?.[1]
  return found === undefined ? undefined : Number(found)
}

/** What a school thermometer is out by, at most, K. */
const THERMOMETER = 2
/** pH below which an indicator says acid, and above which alkali. */
const ACID_BELOW = 5.5
const ALKALI_ABOVE = 9

function ofColour(to: string, bottles: ReadonlySet<string>, heated: boolean): readonly Sign[] {
  if (bottles.has('CuSO4(s)')) return to === 'blue' ? ['solid blue'] : []
  if (to === 'black' && (heated || bottles.has('H2SO4(conc)'))) return ['chars']
  const brought = [...bottles].flatMap((bottle) => BRINGS[bottle] ?? [])
  if (to === 'colourless') return brought.length > 0 ? ['decolourised'] : []
  return brought.includes(to) ? [] : [`solution ${to}`]
}

function signOf(fact: ObservedFact, { step, saw }: WrittenStep, bottles: ReadonlySet<string>): readonly Sign[] {
  const heated = step.do === 'heat' || step.do === 'boil'
  switch (fact.kind) {
    case 'precipitate':
      return fact.colour === 'black' ? ofColour('black', bottles, heated) : [`precipitate ${fact.colour ?? 'of any colour'}`]
    case 'solution':
      return ofColour(fact.to, bottles, heated)
    case 'solidTurns':
    case 'precipitateTurns':
      return ofColour(fact.to, bottles, heated)
    case 'solid':
      return heated ? ['leaves a solid'] : []
    case 'decolourised':
    case 'mirror':
      return [fact.kind]
    case 'effervescence':
      return ['fizzes']
    case 'gas':
      if (fact.test === 'blue litmus red') return ['acid']
      if (fact.test === 'red litmus blue') return ['alkali']
      return fact.test === 'cobalt paper pink' ? ['solid blue'] : ['fizzes']
    case 'pH':
      return fact.to < ACID_BELOW ? ['acid'] : fact.from > ALKALI_ABOVE ? ['alkali'] : []
    case 'smell':
      return [`smell ${fact.of}`]
    case 'layer':
      return ['layers']
    case 'mixes':
    case 'dissolves':
      return ['mixes']
    case 'burns':
      return ['burns']
    case 'smoky':
      return ['burns', 'smoky']
    case 'flame':
      return /\bburn/i.test(saw) ? ['burns'] : []
    default:
      return []
  }
}

/**
 * What was seen in each step of a tube, as signs.
 *
 * @returns for each step the signs; undefined where nothing was written that is understood
 */
export function signsRead(steps: readonly WrittenStep[]): readonly (readonly Sign[] | undefined)[] {
  const bottles = new Set<string>()
  return steps.map((written) => {
    const { step, facts, saw } = written
    if (step.do === 'add' || step.do === 'dissolve')
      for (const one of [...(step.with ?? []).map(({ reagent }) => reagent), step.reagent]) if (one) bottles.add(one)
    const boils = boilsAt(saw)
    if (facts.length === 0 && boils === undefined) return undefined
    const boiling: readonly Sign[] = boils !== undefined && Math.abs(boils - 100) <= THERMOMETER ? ['boils at 100'] : []
    return [...new Set([...facts.flatMap((fact) => signOf(fact, written, bottles)), ...boiling])]
  })
}
