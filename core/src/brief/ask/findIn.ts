import type { Draft } from '../draft/Draft.ts'
import type { DraftPartOf } from '../draft/parts.ts'
import type { Read } from '../label/said.ts'
import { type Mention, ofKind } from '../mention/mention.ts'
import { numberSaid } from '../mention/quantities.ts'
import type { AskedFind } from './find.ts'
import { itemsIn } from './items.ts'
import { partsFor } from './partsFor.ts'
import { asksByAmount, asksByMass, quantityIn } from './quantities.ts'

/** A piece of a question with what it stands in. */
export interface AskedPiece {
  readonly text: string
  readonly mentions: readonly Mention[]
  readonly read: Read
  /** What was asked for just before. */
  readonly before: AskedFind | undefined
}

type Parts = ReturnType<typeof partsFor>
const first = <Kind extends Parts[number]['kind']>(parts: Parts, kind: Kind) =>
  parts.find((part): part is DraftPartOf<Kind> => part.kind === kind)

const WORDS_ONLY =
  /^(?:explain|suggest|why|comment|describe|justify|outline|predict|state and explain|write|discuss|state (?:the effect|how|one|two)|how (?:would|does|do|is|far(?! d))|what (?:would|does|do|did|happens)|give (?:the|your|a) (?:evidence|reason))\b/i

/** Whether a question is answered in words, whatever quantity it speaks of. */
export const findsInWords = (text: string): boolean => WORDS_ONLY.test(text)

/** What a piece of a question asks for; several things where it names several substances or bottles. */
export function findIn(draft: Draft, piece: AskedPiece): readonly AskedFind[] {
  const { text, read, before } = piece
  if (findsInWords(text)) return []
  const parts = partsFor(draft, read.sentence.block)
  const quantity = quantityIn(text)
  const byLabel = before?.quantity === 'concentration' && /\bit\b/i.test(text) ? ofKind(piece.mentions, 'label') : []
  if (quantity === undefined && byLabel.length > 0 && before?.of !== undefined)
    return bothUnits(
      text,
      before.of,
      byLabel.map(({ label }) => label),
    )
  const again = before && /\bit\b|^(?:express|also|in m?g\b|in mol\b)|\btoo\b/i.test(text) && asksByMass(text)
  if (quantity === undefined || (again && ofKind(piece.mentions, 'label').length === 0 && before?.quantity === 'concentration'))
    return again && before?.in !== undefined && before.of !== undefined
      ? [{ quantity: 'massConcentration', of: ofAgain(piece) ?? before.of, in: before.in }]
      : []
  switch (quantity) {
    case 'meanTitre':
      return meanTitreFind(draft, piece, parts)
    case 'halfEquivalence':
      return phFind(parts, quantity)
    case 'crossing':
      if (phFind(parts, 'equivalence').length > 0) return phFind(parts, 'equivalence')
      if (parts.every(({ kind }) => kind !== 'series')) return meanTitreFind(draft, piece, parts)
      return seriesFind(draft, piece, quantity, parts)
    case 'gradient':
    case 'rise':
      return seriesFind(draft, piece, quantity, parts)
    case 'hydration':
      return hydrationFind(draft, piece, parts)
    case 'mass':
      return massFind(draft, piece, parts)
    case 'amount':
      return amountFind(draft, piece, parts)
    case 'molarMass': {
      const [label] = labelsOr(draft, piece, parts)
      return label === undefined ? [] : [{ quantity, of: label }]
    }
    case 'concentration': {
      const lookedUp = parts.every(({ kind }) => kind !== 'titration') && lookedUpFind(parts)
      return lookedUp || ofAndIn(draft, piece, quantity, parts)
    }
    case 'perItem':
      // Of tablets that nobody counted it is not known what each holds.
      return itemsIn(draft.words) === undefined ? [] : ofAndIn(draft, piece, quantity, parts)
    default:
      return ofAndIn(draft, piece, quantity, parts)
  }
}

/** "What is it in A, in mol/dm3 and in g/dm3?" */
function bothUnits(text: string, of: string, labels: readonly string[]): readonly AskedFind[] {
  const quantities = [
    ...(asksByMass(text) && !asksByAmount(text) ? [] : ['concentration' as const]),
    ...(asksByMass(text) ? ['massConcentration' as const] : []),
  ]
  return labels.flatMap((label) => quantities.map((quantity) => ({ quantity, of, in: label })))
}

function meanTitreFind(draft: Draft, piece: AskedPiece, parts: Parts): readonly AskedFind[] {
  const titration = titrationOf(draft, piece, parts)
  return titration ? [{ quantity: 'meanTitre', in: titration.id }] : []
}

const ofAgain = ({ mentions }: AskedPiece) => ofKind(mentions, 'substance').at(-1)?.formula

/** The titration that a piece is about: the one whose bottles it names, or the last before it. */
function titrationOf(draft: Draft, { mentions }: AskedPiece, parts: Parts): DraftPartOf<'titration'> | undefined {
  const all = parts.filter((part): part is DraftPartOf<'titration'> => part.kind === 'titration')
  const labels = new Set(ofKind(mentions, 'label').map(({ label }) => label))
  return all.find((one) => one.flask.some(({ material }) => labels.has(material))) ?? all[0] ?? first(draft.parts, 'titration')
}

function seriesFind(
  draft: Draft,
  { text, read }: AskedPiece,
  quantity: 'gradient' | 'crossing' | 'rise',
  parts: Parts,
): readonly AskedFind[] {
  const all = parts.filter((part): part is DraftPartOf<'series'> => part.kind === 'series')
  const series = all.length > 0 ? all : draft.of('series')
  const titled = series.find(({ title }) => title !== undefined && new RegExp(`\\b${title}\\b`, 'i').test(text))
  const both = /\b(?:both|each|two)\b|\brates\b/i.test(text) && series.length > 1 && titled === undefined
  const kind = quantity === 'crossing' && series[0]?.mixedAt !== undefined ? 'rise' : quantity
  const isOfLine = /\b(?:first|second|rising|falling) line\b/i.test(text)
  if (quantity === 'gradient' && series[0]?.y.name === 'temperature' && !isOfLine) return []
  const places = quantity === 'gradient' ? placesOfTangents(read.sentence.text) : [{}]
  return (both ? series : [titled ?? series[0]]).flatMap((one) =>
    one ? places.map((place) => ({ quantity: kind, in: one.id, ...place })) : [],
  )
}

const phFind = (parts: Parts, quantity: 'equivalence' | 'halfEquivalence'): readonly AskedFind[] =>
  parts.flatMap((part) => (part.kind === 'series' && part.y.name === 'pH' ? [{ quantity, in: part.id }] : [])).slice(0, 1)

/** A concentration that is looked up on the line of the standards. */
function lookedUpFind(parts: Parts): readonly AskedFind[] | undefined {
  const run = parts.find((part) => part.kind === 'series' && part.unknown !== undefined)
  return run && [{ quantity: 'xAt', in: run.id, y: { unknown: 'u1' } }]
}

const AT_START =
  /\binitial\b|\bat the (?:start|beginning|origin|outset)\b|\bat (?:t = )?(?:0|zero)(?: ?s\b| seconds| minutes)?(?![.\d])|\bfrom the origin/i
const AT_TIME = /\b(?:at|after|when t =) (?:t = )?(\d+(?:\.\d+)?|half an?|half|one|two|three|four|five) ?(s|seconds?|min\w*)\b/gi

/** Where on a curve a rate is asked for: where it begins, or at some times. */
function placesOfTangents(text: string): readonly { readonly at?: string }[] {
  const times = [...text.matchAll(AT_TIME)].flatMap(([, number = '', time = '']) => {
    const seconds =
      Number(/^half/i.test(number) ? 0.5 : /^[a-z]/i.test(number) ? numberSaid(number) : number) * (/^m/i.test(time) ? 60 : 1)
    return seconds === 0 ? [] : [{ at: String(seconds) }]
  })
  return AT_START.test(text) || times.length === 0 ? [{}, ...times] : times
}

function hydrationFind(draft: Draft, { mentions }: AskedPiece, parts: Parts): readonly AskedFind[] {
  const hydrate = (formula: string | undefined) => formula !== undefined && /\.[a-z]H2O$/.test(formula)
  const named = ofKind(mentions, 'substance').find(({ formula }) => hydrate(formula))?.formula
  const heated = first(parts, 'heating')?.of ?? first(parts, 'weighing')?.of
  const material =
    [...draft.materials.values()].find(({ solute }) => solute !== undefined && solute === named) ??
    (heated === undefined ? undefined : draft.materials.get(heated)) ??
    [...draft.materials.values()].find(({ solute }) => hydrate(solute))
  const formula = hydrate(material?.solute) ? material?.solute : named
  return material && formula !== undefined
    ? [{ quantity: 'hydration', of: formula.split('.')[0] ?? formula, in: material.label }]
    : []
}

const LOSES = /\blost\b|\bgiven off|\bdriven off|\bevolved|\breleased|\bremoved|\bescaped|\bloss\b/i

const RESIDUE = /\bresidue\b|\banhydrous\b|\bwhat (?:is|was) left\b|\bsolid (?:left|that (?:is|was) left)\b/i

/** What is left of a hydrate when its water has gone. */
const anhydrous = (solute: string | undefined) => (/\.\w*H2O$/.test(solute ?? '') ? solute?.split('.')[0] : undefined)

function massFind(draft: Draft, piece: AskedPiece, parts: Parts): readonly AskedFind[] {
  const heating = first(parts, 'heating')
  const [substance] = ofKind(piece.mentions, 'substance')
  const left = heating && anhydrous(draft.materials.get(heating.of ?? '')?.solute)
  if (heating && left !== undefined && RESIDUE.test(piece.text)) return [{ quantity: 'mass', of: left, in: heating.id }]
  if (heating && LOSES.test(piece.text))
    return [{ quantity: 'mass', of: substance?.formula ?? heating.lost ?? 'H2O', in: heating.id }]
  if (!substance) return []
  if (heating && substance.formula === heating.lost) return [{ quantity: 'mass', of: substance.formula, in: heating.id }]
  return placesFor(draft, piece, parts).map((place) => ({ quantity: 'mass', of: substance.formula, in: place }))
}

function amountFind(draft: Draft, piece: AskedPiece, parts: Parts): readonly AskedFind[] {
  const substances = ofKind(piece.mentions, 'substance')
  const places = placesFor(draft, piece, parts)
  const heating = first(parts, 'heating')
  const lost = heating?.lost ?? 'H2O'
  if (heating && places.length === 0 && (substances[0]?.formula === lost || (substances.length === 0 && LOSES.test(piece.text))))
    return [{ quantity: 'amount', of: lost, in: heating.id }]
  const of = substances[0]?.formula ?? soluteAt(draft, places[0], parts)
  return of === undefined ? [] : places.map((place) => ({ quantity: 'amount', of, in: place }))
}

const soluteAt = (draft: Draft, place: string | undefined, parts: Parts): string | undefined => {
  const titration = parts.find(
    (part): part is DraftPartOf<'titration'> => part.kind === 'titration' && place?.startsWith(`${part.id}/`) === true,
  )
  const label = titration === undefined ? place : place?.endsWith('/titre') ? titration.burette : titration.flask[0]?.material
  return label === undefined ? undefined : draft.materials.get(label)?.solute
}

const TITRE =
  /\btitre\b|\btiter\b|\bvolume of\b.*\b(?:obtained|used|you|from|calculated|added)\b|\bvolume you\b|\bmean volume|\baverage volume|\bburette\b|\bvolume of (?:\w+ )?(?:\S+ ?\d?) (?:calculated|obtained|in \()/i

/** Where an amount or a mass is: in the portion, in the titre, in all that was made up, in what was weighed, in what was used. */
function placesFor(draft: Draft, piece: AskedPiece, parts: Parts): readonly string[] {
  const titration = titrationOf(draft, piece, parts)
  const labels = ofKind(piece.mentions, 'label').map(({ label }) => label)
  const volumes = ofKind(piece.mentions, 'quantity').filter(({ of }) => of === 'volume')
  if (titration && TITRE.test(piece.text)) return [`${titration.id}/titre`]
  const portion = titration?.flask.find(
    ({ material, volume }) =>
      labels.includes(material) &&
      (volumes.length === 0
        ? /\bportion|\baliquot|\beach\b|\bflask\b/i.test(piece.text)
        : volumes.some((one) => Number(one.value) === Number(volume))),
  )
  if (titration && portion) return [`${titration.id}/flask`]
  const made = draft.of('solution').find(({ gives }) => gives !== undefined && labels.includes(gives))
  if (made?.gives !== undefined && (volumes.length === 0 || volumes.some(({ value }) => Number(value) === Number(made.flask))))
    return [made.gives]
  const weighing = draft.of('weighing').find(({ of }) => labels.includes(of))
  if (weighing) return [weighing.id]
  if (titration && labels.includes(titration.burette ?? '')) return [`${titration.id}/titre`]
  if (titration && labels.some((label) => titration.flask.some(({ material }) => material === label)))
    return [`${titration.id}/flask`]
  const substance = ofKind(piece.mentions, 'substance')[0]?.formula
  const own = substance === undefined ? undefined : soluteLabel(draft, substance)
  if (titration && own !== undefined && own === titration.burette) return [`${titration.id}/titre`]
  const inFlask = own !== undefined && titration?.flask.some(({ material }) => material === own)
  return titration && (volumes.length > 0 || inFlask) ? [`${titration.id}/flask`] : []
}

const soluteLabel = (draft: Draft, formula: string) =>
  [...draft.materials.values()].find(({ solute }) => solute?.split('.')[0] === formula.split('.')[0])?.label

/** Whether what is asked is about what a bottle was diluted from before the task: nothing here holds that. */
const asksUndiluted = (draft: Draft, text: string): boolean =>
  !/\bdiluted\b/i.test(text) &&
  [...draft.materials.values()].some(({ dilutedFrom }) => dilutedFrom !== undefined && text.toLowerCase().includes(dilutedFrom))

/** Bottles a piece names, or the one it must mean. */
function labelsOr(draft: Draft, piece: AskedPiece, parts: Parts): readonly string[] {
  const named = [...new Set(ofKind(piece.mentions, 'label').map(({ label }) => label))]
  if (named.length > 0) return named
  if (asksUndiluted(draft, piece.text)) return []
  const formula = ofKind(piece.mentions, 'substance')[0]?.formula
  const own = formula === undefined ? undefined : soluteLabel(draft, formula)
  if (own !== undefined) return [own]
  const whole = ofKind(piece.read.mentions, 'label').map(({ label }) => label)
  if (whole.length === 1) return whole
  if (piece.before?.in !== undefined && draft.materials.has(piece.before.in)) return [piece.before.in]
  return unknownOf(draft, parts)
}

/** What a titration or a crossing is done to find: the bottle without a strength, else the solid that was weighed. */
function unknownOf(draft: Draft, parts: Parts): readonly string[] {
  const titration = first(parts, 'titration')
  const weighed = first(parts, 'weighing')?.of
  const without = [titration?.burette, ...(titration?.flask.map(({ material }) => material) ?? [])].find(
    (label) =>
      label !== undefined &&
      draft.materials.get(label)?.strength === undefined &&
      draft.materials.get(label)?.solute !== undefined,
  )
  return [without ?? weighed].flatMap((label) => label ?? [])
}

/** A concentration, percentage or solubility: of what, in which bottle. */
function ofAndIn(draft: Draft, piece: AskedPiece, quantity: AskedFind['quantity'], parts: Parts): readonly AskedFind[] {
  const named = [...new Set(ofKind(piece.mentions, 'substance').map(({ formula }) => formula))].filter(
    (formula, _, all) => formula !== 'H2O' || (all.length === 1 && quantity !== 'concentration'),
  )
  const substances = named.length === 0 && asksForMetal(draft, piece.text) ? ['M2+'] : named
  // "The solubility of calcium hydroxide in M, and its solubility product": of the same.
  const again = named.length === 0 && /\bits\b/i.test(piece.text) && piece.before?.in !== undefined ? piece.before.of : undefined
  if (again !== undefined && piece.before?.in !== undefined) return [{ quantity, of: again, in: piece.before.in }]
  const labels =
    quantity === 'massPercent' || quantity === 'perItem' ? percentLabels(draft, piece, parts) : labelsOr(draft, piece, parts)
  const ofs =
    substances.length > 0 ? preferFormula(piece, substances) : labels.flatMap((label) => draft.materials.get(label)?.solute ?? [])
  if (substances.length === 0)
    return labels.flatMap((label) =>
      draft.materials.get(label)?.solute === undefined
        ? []
        : [{ quantity, of: draft.materials.get(label)?.solute ?? '', in: label }],
    )
  return labels.flatMap((label) => ofs.map((of) => ({ quantity, of, in: label })))
}

/** "The concentration of metal ions", where the equations call the metal M. */
const asksForMetal = (draft: Draft, text: string): boolean =>
  /\bmetal ions?\b/i.test(text) &&
  draft.reads.some(({ mentions }) => ofKind(mentions, 'equation').some(({ equation }) => /^M(?:\^?2\+) /.test(equation)))

/** "Ascorbic acid, C6H8O6": a name and its formula are one substance. */
function preferFormula(piece: AskedPiece, formulae: readonly string[]): readonly string[] {
  const joined = formulae.length > 1 && /\band\b|\bor\b|\beach\b/i.test(piece.text)
  return joined ? formulae : formulae.slice(-1)
}

function percentLabels(draft: Draft, piece: AskedPiece, parts: Parts): readonly string[] {
  const named = [...new Set(ofKind(piece.mentions, 'label').map(({ label }) => label))]
  if (named.length > 0) return named
  const weighed = first(parts, 'weighing')?.of ?? first(parts, 'heating')?.of ?? draft.of('weighing')[0]?.of
  return weighed === undefined ? [] : [weighed]
}
