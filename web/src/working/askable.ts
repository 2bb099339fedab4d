import { isDecimalText, readMeasured, readStrength } from '@hop-lark/core/number'
import { isCountable, materialLabel, type Quantity, type Question, type Task } from '@hop-lark/core/record'
import type { Choice } from '../ui/choices.ts'
import { type AskedKc, askedKcOf, findFromKc, NO_KC } from './asKc.ts'
import { type AskedSum, askedSumOf, findFromSum } from './asSum.ts'
import { isUnknown, workedFrom, workedText } from './workedWith.ts'

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

interface AskableRow {
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
        ...task.parts.flatMap((part) =>
          part.kind === 'weighing'
            ? [{ value: part.id, says: `the ${materialLabel(task, part.of)} weighed${part.title ? ` (${part.title})` : ''}` }]
            : [],
        ),
        ...titrations.flatMap(({ id, title }) => [
          { value: `${id}/flask`, says: `the conical flask${title ? ` (${title})` : ''}` },
          { value: `${id}/titre`, says: `the mean titre${title ? ` (${title})` : ''}` },
        ]),
      ]
  }
}

const NO_SUM: AskedSum = { sum: '', texts: {}, with: {} }

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

const textOf = (given: string | { readonly value: string; readonly unit: string }) =>
  typeof given === 'string' ? given : `${given.value} ${given.unit}`

const countedBy = ({ countedBy: by }: { readonly countedBy?: string | undefined }) => (by ? { countedBy: by } : {})

function extraOf(find: Question['find']): Asked['extra'] {
  switch (find.quantity) {
    case 'gradient':
      return find.at === undefined ? {} : { at: find.at }
    case 'yAt':
      return { placeOnX: workedText(find.x, '') }
    case 'xAt':
      return { placeOnY: workedText(find.y, '') }
    case 'crossing':
    case 'highest':
    case 'lowest':
      return find.axis === undefined ? {} : { axis: find.axis }
    case 'equivalence':
    case 'halfEquivalence':
      return find.which === undefined ? {} : { which: String(find.which) }
    case 'area':
      return { ...(find.from === undefined ? {} : { from: find.from }), ...(find.to === undefined ? {} : { to: find.to }) }
    case 'percentError':
      return { answer: find.answer, accepted: find.accepted }
    case 'perItem':
      return { items: String(find.items), ...countedBy(find) }
    case 'massToWeigh':
      return { strength: textOf(find.concentration), volume: textOf(find.volume) }
    case 'solubility':
    case 'solubilityProduct':
      return find.added ? { added: find.added.species, addedStrength: textOf(find.added.concentration) } : {}
    default:
      return isCountable(find) ? countedBy(find) : {}
  }
}

/** A question of the record as the form has it. */
export function askedOf({ find, unit, figures, text }: Question): Asked {
  const { quantity } = find
  const { species } = ASKABLE[quantity]
  return {
    quantity,
    of: 'of' in find && species ? find.of : '',
    in: 'in' in find ? find.in : find.quantity === 'molarMass' ? find.of : '',
    unit: unit ?? ASKABLE[quantity].units[0],
    figures: figures === undefined ? 'usual' : String(figures),
    text: text ?? '',
    extra: extraOf(find),
    sum: find.quantity === 'sum' ? askedSumOf(find) : NO_SUM,
    kc: find.quantity === 'equilibriumConstant' ? askedKcOf(find) : NO_KC,
  }
}

function volumeFrom(text: string): { value: string; unit: string } | undefined {
  const typed = readMeasured(text)
  return typed && { value: typed.value, unit: typed.unit || 'cm3' }
}

const axisFrom = (text: string | undefined) => (text === 'y' ? 'y' : 'x')

const placeFrom = (end: 'from' | 'to', text: string | undefined) => (text && isDecimalText(text) ? { [end]: text } : {})

/** What the question asks for, or undefined while the form lacks something for it. */
function findFrom({ quantity, of, in: place, extra, sum, kc }: Asked): Question['find'] | undefined {
  switch (quantity) {
    case 'molarMass':
      return { quantity, of: place }
    case 'gradient':
      return { quantity, in: place, ...(extra.at && isDecimalText(extra.at) ? { at: extra.at } : {}) }
    case 'percentError':
      return extra.answer && extra.accepted && isDecimalText(extra.accepted)
        ? { quantity, answer: extra.answer, accepted: extra.accepted }
        : undefined
    case 'perItem': {
      const items = Number(extra.items)
      return Number.isInteger(items) && items > 0 ? { quantity, of, in: place, items, ...countedBy(extra) } : undefined
    }
    case 'massToWeigh': {
      const [concentration, volume] = [readStrength(extra.strength ?? ''), volumeFrom(extra.volume ?? '')]
      return concentration && volume ? { quantity, of, concentration: { ...concentration }, volume } : undefined
    }
    case 'solubility':
    case 'solubilityProduct': {
      const strength = readStrength(extra.addedStrength ?? '')
      const added = extra.added && strength ? { added: { species: extra.added, concentration: { ...strength } } } : {}
      return { quantity, of, in: place, ...added }
    }
    case 'sum':
      return findFromSum(sum)
    case 'equilibriumConstant':
      return findFromKc(kc)
    case 'yAt': {
      const x = workedFrom(extra.placeOnX ?? '', '')
      return x === undefined || isUnknown(x) ? undefined : { quantity, in: place, x }
    }
    case 'xAt': {
      const y = workedFrom(extra.placeOnY ?? '', '')
      return y === undefined ? undefined : { quantity, in: place, y }
    }
    case 'crossing':
      return { quantity, in: place, ...(extra.axis ? { axis: axisFrom(extra.axis) } : {}) }
    case 'highest':
    case 'lowest':
      return { quantity, in: place, axis: axisFrom(extra.axis) }
    case 'equivalence':
    case 'halfEquivalence':
      return { quantity, in: place, ...(extra.which ? { which: Number(extra.which) } : {}) }
    case 'area':
      return { quantity, in: place, ...placeFrom('from', extra.from), ...placeFrom('to', extra.to) }
    case 'rise':
    case 'meanTitre':
    case 'ions':
      return { quantity, in: place }
    case 'hydration':
    case 'unknownMass':
      return { quantity, of, in: place }
    default:
      return { quantity, of, in: place, ...countedBy(extra) }
  }
}

/** The question that the form describes, or undefined while something is missing in it. */
export function questionFrom(id: string, asked: Asked): Question | undefined {
  const { quantity, of, in: place, unit, figures, text } = asked
  const row: AskableRow = ASKABLE[quantity]
  if ((row.species && of === '') || (row.where !== 'nowhere' && place === '')) return undefined
  const find = findFrom(asked)
  if (!find) return undefined
  return {
    id,
    find,
    ...(unit === '' ? {} : { unit }),
    ...(figures === 'usual' ? {} : { figures: Number(figures) }),
    ...(text.trim() ? { text: text.trim() } : {}),
  }
}
