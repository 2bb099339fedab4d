import { isAlike } from '@hop-lark/core/number'
import type { FindOf } from '@hop-lark/core/record'
import { type Formula, parseEquation } from '@hop-lark/core/substance'
import { isUnknown, type WorkedWith, workedFrom, workedText } from './workedWith.ts'

/** An equilibrium constant as the form has it; what is known of each substance stands in the order of the equation. */
export interface AskedKc {
  readonly equation: string
  readonly volume: string
  readonly start: readonly (string | undefined)[]
  readonly at: readonly (string | undefined)[]
}

export const NO_KC: AskedKc = { equation: '', volume: '', start: [], at: [] }

type Find = FindOf<'equilibriumConstant'>

/** The substances of an equation whose amounts count: solids are left out. None while it cannot be read. */
export function substancesOf(equation: string): readonly Formula[] {
  try {
    const { reactants, products } = parseEquation(equation)
    return [...reactants, ...products].filter(({ state }) => state !== 's').map(({ formula }) => formula)
  } catch {
    return []
  }
}

/** An equilibrium constant of the record as the form has it. */
export function askedKcOf({ equation, volume, start = {}, at = {} }: Find): AskedKc {
  const known = (given: NonNullable<Find['start']>) =>
    substancesOf(equation).map(({ text }) => {
      const worked = given[text]
      return worked === undefined ? undefined : workedText(worked, '')
    })
  return { equation, volume: volume === undefined ? '' : workedText(volume, ''), start: known(start), at: known(at) }
}

const named = (texts: readonly Formula[], typed: AskedKc['start']) =>
  Object.fromEntries(
    texts.flatMap(({ text }, index) => {
      const worked = workedFrom(typed[index] ?? '', '')
      return worked === undefined || isUnknown(worked) ? [] : [[text, worked] as const]
    }),
  )

const isGiven = (worked: WorkedWith | undefined): worked is Extract<Find['volume'], object | string> =>
  worked !== undefined && (typeof worked === 'string' || 'value' in worked)

/** What is wrong with what was typed for a substance; nothing while it is empty. */
export function faultOfAmount(text: string): string | undefined {
  const worked = workedFrom(text, '')
  if (text === '' || (typeof worked === 'object' && 'answer' in worked)) return undefined
  if (worked === undefined || isUnknown(worked)) return 'Write an amount or a concentration: 0.0300 mol, 0.100 mol/dm3.'
  const unit = typeof worked === 'string' || !('unit' in worked) ? 'mol' : worked.unit
  return isAlike(unit, 'mol') || isAlike(unit, 'mol/dm3') ? undefined : `In mol or mol/dm3, not in ${unit}.`
}

/** The equilibrium constant that the form describes, or undefined while nothing is known at equilibrium. */
export function findFromKc({ equation, volume, start, at }: AskedKc): Find | undefined {
  const substances = substancesOf(equation)
  const [put, there] = [named(substances, start), named(substances, at)]
  if (substances.length === 0 || Object.keys(there).length === 0) return undefined
  const whole = workedFrom(volume, '')
  return {
    quantity: 'equilibriumConstant',
    equation: equation.trim(),
    ...(Object.keys(put).length > 0 ? { start: put } : {}),
    at: there,
    ...(isGiven(whole) ? { volume: whole } : {}),
  }
}
