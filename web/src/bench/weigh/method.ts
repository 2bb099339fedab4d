import type { PartOf } from '@hop-lark/core/record'

export type WeighingField = 'container' | 'withSample' | 'withResidue' | 'mass'

/** How a mass is found: which readings are taken, in the order they are taken. */
export const METHODS = {
  difference: { says: 'by difference', fields: ['withSample', 'withResidue'] },
  container: { says: 'from the empty container', fields: ['container', 'withSample'] },
  tared: { says: 'alone, the balance at nought', fields: ['mass'] },
} as const satisfies Record<string, { says: string; fields: readonly WeighingField[] }>

export type Method = keyof typeof METHODS

/** The method that the readings taken so far belong to; by difference when there are none. */
export function methodOf({ container, withSample, withResidue, mass }: PartOf<'weighing'>): Method {
  if (withResidue !== undefined) return 'difference'
  if (container !== undefined) return 'container'
  return mass !== undefined && withSample === undefined ? 'tared' : 'difference'
}

/** What a reading is called on the page. */
export function fieldLabel(field: WeighingField, label: string): string {
  switch (field) {
    case 'container':
      return 'Empty container'
    case 'withSample':
      return `Container + ${label}`
    case 'withResidue':
      return 'Container + residue'
    case 'mass':
      return `${label}, tared`
  }
}
