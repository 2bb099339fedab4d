import type { Scale } from '@hop-lark/core/number'

/** What a field for a reading tells the pad of its instrument. */
export interface PadScale extends Scale {
  readonly unit?: string | undefined
}

/** Marks a field that the pad types into, with what is known of its scale. */
export function padField({ step, most, unit }: PadScale): Readonly<Record<string, string>> {
  return {
    'data-pad': '',
    ...(step === undefined ? {} : { 'data-step': step }),
    ...(most === undefined ? {} : { 'data-most': most }),
    ...(unit === undefined ? {} : { 'data-unit': unit }),
  }
}

/** The scale of the field that the pad types into. */
export function scaleOf({ dataset: { step, most, unit } }: HTMLElement): PadScale {
  return { ...(step ? { step } : {}), ...(most ? { most } : {}), ...(unit ? { unit } : {}) }
}

const setValue = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set

/** Types into a field as the keyboard would, so that the page sees it. */
export function typeInField(field: HTMLInputElement, text: string): void {
  setValue?.call(field, text)
  field.dispatchEvent(new Event('input', { bubbles: true }))
}

/** Presses Enter in a field. */
export function enterField(field: HTMLInputElement): void {
  field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', code: 'Enter', bubbles: true, cancelable: true }))
}
