import { isDecimalText, readMeasured, readStrength } from '@hop-lark/core/number'
import { isCountable, type Question } from '@hop-lark/core/record'
import { askedKcOf, findFromKc, NO_KC } from './asKc.ts'
import { ASKABLE, type AskableRow, type Asked } from './askable.ts'
import { askedSumOf, findFromSum, NO_SUM } from './asSum.ts'
import { isUnknown, workedFrom, workedText } from './workedWith.ts'

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
  if (quantity === 'words') return { quantity }
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
