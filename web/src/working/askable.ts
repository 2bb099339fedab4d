import { materialLabel, placeSays, type Quantity, type Task } from '@hop-lark/core/record'
import type { Choice } from '../ui/choices.ts'
import { type AskedKc, NO_KC } from './asKc.ts'
import { type AskedSum, NO_SUM } from './asSum.ts'

/** What some quantities need beside a species and a place. */
export type Extra =
  | 'countedBy'
  | 'at'
  | 'answer'
  | 'accepted'
  | 'added'
  | 'addedStrength'
  | 'strength'
  | 'volume'
  | 'items'
  | 'placeOnX'
  | 'placeOnY'
  | 'axis'
  | 'which'
  | 'from'
  | 'to'

export interface AskableRow {
  readonly says: string
  readonly species: boolean
  /** The first is the usual one. */
  readonly units: readonly string[]
  readonly where: 'titration' | 'solution' | 'weighed' | 'place' | 'series' | 'sample' | 'nowhere'
  readonly extras?: readonly Extra[]
}

/** Quantities that can be asked for on the page, with what each needs. */
export const ASKABLE = {
  concentration: {
    says: 'concentration',
    species: true,
    units: ['mol/dm3', 'mmol/dm3'],
    where: 'solution',
    extras: ['countedBy'],
  },
  massConcentration: {
    says: 'mass concentration',
    species: true,
    units: ['g/dm3', 'mg/dm3', 'ppm', '% w/v'],
    where: 'solution',
    extras: ['countedBy'],
  },
  massPercent: { says: 'percentage by mass, purity', species: true, units: ['%'], where: 'weighed', extras: ['countedBy'] },
  molarMass: { says: 'molar mass of an unknown', species: false, units: ['g/mol'], where: 'weighed' },
  unknownMass: {
    says: 'mass of what a letter stands for, M in M2CO3',
    species: true,
    units: ['g/mol'],
    where: 'weighed',
  },
  hydration: { says: 'water of crystallisation, x in salt·xH2O', species: true, units: [''], where: 'weighed' },
  amount: { says: 'amount', species: true, units: ['mol', 'mmol'], where: 'place', extras: ['countedBy'] },
  mass: { says: 'mass', species: true, units: ['g', 'mg'], where: 'place', extras: ['countedBy'] },
  perItem: {
    says: 'mass in each tablet or item',
    species: true,
    units: ['mg', 'g'],
    where: 'weighed',
    extras: ['items', 'countedBy'],
  },
  massToWeigh: {
    says: 'mass to weigh for a standard solution',
    species: true,
    units: ['g', 'mg'],
    where: 'nowhere',
    extras: ['strength', 'volume'],
  },
  percentError: {
    says: 'percentage error of an answer',
    species: false,
    units: ['%'],
    where: 'nowhere',
    extras: ['answer', 'accepted'],
  },
  solubility: { says: 'solubility', species: true, units: ['mol/dm3'], where: 'solution', extras: ['added', 'addedStrength'] },
  solubilityProduct: {
    says: 'solubility product',
    species: true,
    units: [''],
    where: 'solution',
    extras: ['added', 'addedStrength'],
  },
  crossing: { says: 'where two lines cross', species: false, units: [''], where: 'series', extras: ['axis'] },
  gradient: { says: 'gradient, rate', species: false, units: [''], where: 'series', extras: ['at'] },
  rise: { says: 'change on mixing', species: false, units: [''], where: 'series' },
  yAt: { says: 'y at some x, read off', species: false, units: [''], where: 'series', extras: ['placeOnX'] },
  xAt: { says: 'x at some y, or of an unknown', species: false, units: [''], where: 'series', extras: ['placeOnY'] },
  highest: { says: 'highest place of a curve', species: false, units: [''], where: 'series', extras: ['axis'] },
  lowest: { says: 'lowest place of a curve', species: false, units: [''], where: 'series', extras: ['axis'] },
  equivalence: {
    says: 'equivalence, where a curve is steepest',
    species: false,
    units: [''],
    where: 'series',
    extras: ['which'],
  },
  halfEquivalence: { says: 'pKa, half-way to equivalence', species: false, units: [''], where: 'series', extras: ['which'] },
  area: { says: 'area under a curve', species: false, units: [''], where: 'series', extras: ['from', 'to'] },
  equilibriumConstant: { says: 'equilibrium constant Kc', species: false, units: [''], where: 'nowhere' },
  ions: { says: 'ions in an unknown', species: false, units: [''], where: 'sample' },
  words: { says: 'an answer in words', species: false, units: [''], where: 'nowhere' },
  meanTitre: { says: 'mean titre', species: false, units: ['cm3'], where: 'titration' },
  sum: { says: 'a named calculation', species: false, units: [''], where: 'nowhere' },
} as const satisfies Record<Quantity, AskableRow>

export type Askable = Quantity

/** A question as it is being written. */
export interface Asked {
  readonly quantity: Askable
  readonly of: string
  readonly in: string
  readonly unit: string
  readonly figures: string
  readonly text: string
  readonly extra: Readonly<Partial<Record<Extra, string | undefined>>>
  /** What is filled in where a named calculation is asked for. */
  readonly sum: AskedSum
  /** What is filled in where an equilibrium constant is asked for. */
  readonly kc: AskedKc
}

/** What a quantity needs beside a species and a place. */
export function extrasOf(quantity: Askable): readonly Extra[] {
  const row: AskableRow = ASKABLE[quantity]
  return row.extras ?? []
}

/** Where a quantity can be asked for. */
export function placesFor(task: Task, quantity: Askable): readonly Choice[] {
  const materials = (forms: readonly string[]) =>
    task.materials.filter(({ form }) => forms.includes(form)).map(({ id, label }) => ({ value: id, says: label || id }))
  const titrations = task.parts.filter(({ kind }) => kind === 'titration')
  switch (ASKABLE[quantity].where) {
    case 'titration':
      return titrations.map(({ id, title }) => ({ value: id, says: title ?? 'the titration' }))
    case 'solution':
      return materials(['solution', 'liquid'])
    case 'weighed':
      return materials(['solid', 'liquid', 'solution'])
    case 'series':
      return task.parts.flatMap((part) => (part.kind === 'series' ? [{ value: part.id, says: part.title ?? part.y.name }] : []))
    case 'sample':
      return task.parts.flatMap((part) =>
        part.kind === 'rack'
          ? part.samples.map(({ material }) => ({ value: material, says: materialLabel(task, material) }))
          : [],
      )
    case 'nowhere':
      return []
    case 'place':
      return [
        ...task.parts.flatMap((part) =>
          part.kind === 'solution' ? [{ value: part.gives, says: `the whole flask of ${materialLabel(task, part.gives)}` }] : [],
        ),
        ...task.parts.flatMap(({ kind, id }) => (kind === 'weighing' ? [{ value: id, says: placeSays(task, id) }] : [])),
        ...titrations.flatMap(({ id }) =>
          [`${id}/flask`, `${id}/titre`].map((value) => ({ value, says: placeSays(task, value) })),
        ),
      ]
  }
}

/** A question before anything is filled in. */
export const askedAfresh = (quantity: Askable, place: string): Asked => ({
  quantity,
  of: '',
  in: place,
  unit: ASKABLE[quantity].units[0],
  figures: 'usual',
  text: '',
  extra: {},
  sum: NO_SUM,
  kc: NO_KC,
})
