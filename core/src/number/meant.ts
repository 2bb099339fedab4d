import { Exact } from './reading.ts'
import { fitToStep } from './step.ts'

/** The scale a reading is taken from. */
export interface Scale {
  /** How finely it is read. */
  readonly step?: string | undefined
  /** Its last mark; its first is 0. */
  readonly most?: string | undefined
}

/** What a reading becomes on its scale. */
export type OnScale =
  /** As it was typed. */
  | { readonly kind: 'as typed' }
  /** The same number with the noughts that the scale is read to. */
  | { readonly kind: 'completed'; readonly text: string }
  /** Another number, which is asked about and never put in silently. */
  | { readonly kind: 'asked'; readonly text: string; readonly because: 'off the scale' | 'between the marks' }

/** A reading past the last mark with its point put where the scale allows it: 245.0 or 2450 for 24.50. */
function pointMoved(text: string, { step = '', most = '' }: Scale): string | undefined {
  for (const power of [1, 2, 3]) {
    const moved = new Exact(text).div(new Exact(10).pow(power))
    if (moved.lte(most)) return step === '' ? moved.toString() : fitToStep(moved.toFixed(6), step)
  }
  return undefined
}

/**
 * What a reading is likely to mean on its scale.
 *
 * @param text - a decimal as written in a record
 * @example
 * meantOn('24.5', { step: '0.05', most: '50' }) // completed: 24.50
 * meantOn('245.0', { step: '0.05', most: '50' }) // asked: 24.50
 * meantOn('24.53', { step: '0.05', most: '50' }) // asked: 24.55
 */
export function meantOn(text: string, scale: Scale): OnScale {
  const { step, most } = scale
  if (most !== undefined && new Exact(text).gt(most)) {
    const moved = pointMoved(text, scale)
    return moved === undefined ? { kind: 'as typed' } : { kind: 'asked', text: moved, because: 'off the scale' }
  }
  if (step === undefined) return { kind: 'as typed' }
  const fitted = fitToStep(text, step)
  if (fitted === text) return { kind: 'as typed' }
  return new Exact(fitted).eq(text)
    ? { kind: 'completed', text: fitted }
    : { kind: 'asked', text: fitted, because: 'between the marks' }
}

/** A reading with the noughts of its scale, where it is the same number with them; else as it was typed. */
export function completedOn(text: string, scale: Scale): string {
  const meant = meantOn(text, scale)
  return meant.kind === 'completed' ? meant.text : text
}
