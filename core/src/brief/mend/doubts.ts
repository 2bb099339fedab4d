import type { Draft } from '../draft/Draft.ts'
import type { DraftPartOf, DraftTube } from '../draft/parts.ts'
import { isCode } from '../label/candidates.ts'
import type { SheetMaterial } from '../label/material.ts'
import { type Mention, ofKind } from '../mention/mention.ts'
import { type Gap, NOTHING } from './gap.ts'
import { unplacedIn } from './unplaced.ts'

/** What was read, and looks as if it had been read wrongly: it is asked about before it is believed. */
export function doubtsOf(draft: Draft): readonly Gap[] {
  return [
    ...fullTubes(draft),
    ...nothingKnown(draft),
    ...unusedStrengths(draft),
    ...loneSpots(draft),
    ...massesTold(draft),
    ...unplacedIn(draft),
  ]
}

/** More is hardly ever done in one tube (common practice). */
const MOST_IN_A_TUBE = 5

/** Whether a tube looks as if several tests had run together: too much in it, or the same test begun anew. */
function isOverfull({ acts }: DraftTube): boolean {
  const excesses = acts.filter((act) => act.do === 'add' && act.amount === 'excess').length
  return acts.length > MOST_IN_A_TUBE || excesses > 1
}

function* fullTubes(draft: Draft): Generator<Gap> {
  for (const rack of draft.of('rack')) {
    const [sample] = rack.samples
    const tube = sample?.tubes.find((one) => one.begins.length > 1 && isOverfull(one))
    const read = draft.reads.find(({ sentence }) => sentence.n === tube?.sentence)
    if (!tube || !read) continue
    yield {
      id: `${rack.id}.split`,
      from: read.sentence.from,
      to: read.sentence.to,
      says: `${tube.acts.length} acts follow one another in one tube from here on. Is it one tube?`,
      candidates: [
        { value: 'each', says: 'No, a fresh tube for each sentence.' },
        { value: NOTHING, says: 'Yes, all in one tube.' },
      ],
      blocks: false,
    }
  }
}

const bottle = (draft: Draft, label: string | undefined): SheetMaterial | undefined => draft.materials.get(label ?? '')

/** Bottles in which the strength or the mass of something is known, directly or by what they were made of. */
function isKnown(draft: Draft, label: string | undefined): boolean {
  const material = bottle(draft, label)
  if (material?.strength) return true
  const made = draft.of('solution').find(({ gives }) => gives === label)
  return made?.sources.some((source) => source.weighing !== undefined || isKnown(draft, source.material)) ?? false
}

/** A bottle that another titration finds the strength of, against a solid that was weighed or a bottle that is known. */
function isFoundBefore(draft: Draft, titration: DraftPartOf<'titration'>): boolean {
  const bottles = ({ burette, flask }: DraftPartOf<'titration'>) => [burette, ...flask.map(({ material }) => material)]
  return draft
    .of('titration')
    .filter((one) => one !== titration && (one.weighings.length > 0 || bottles(one).some((label) => isKnown(draft, label))))
    .some((one) => bottles(one).some((label) => label !== undefined && bottles(titration).includes(label)))
}

/** A titration in which no strength is known at either end gives no answer. */
function* nothingKnown(draft: Draft): Generator<Gap> {
  for (const titration of draft.of('titration')) {
    const { burette, flask, weighings } = titration
    if (burette === undefined || flask.length === 0 || weighings.length > 0 || titration.continues !== undefined) continue
    if (isFoundBefore(draft, titration)) continue
    if ([burette, ...flask.map(({ material }) => material)].some((label) => isKnown(draft, label))) continue
    const read = draft.reads.find(({ sentence }) => sentence.n === titration.sentence)
    yield {
      id: `${burette}.strength`,
      from: read?.sentence.from ?? 0,
      to: read?.sentence.to ?? 0,
      says: `No strength is known in this titration. How strong is ${burette}? (0.100 mol/dm3)`,
      candidates: [{ value: NOTHING, says: 'The sheet does not say.' }],
      typed: 'text',
      blocks: false,
    }
  }
}

/** A bottle without a label whose strength is exact is there for a reason. */
function* unusedStrengths(draft: Draft): Generator<Gap> {
  const used = new Set(draft.of('titration').flatMap(({ burette, flask }) => [burette, ...flask.map(({ material }) => material)]))
  const made = new Set(draft.of('solution').flatMap(({ gives, sources }) => [gives, ...sources.map(({ material }) => material)]))
  for (const { label, strength, at, indicator } of draft.materials.values()) {
    if (!strength || isCode(label) || indicator !== undefined || used.has(label) || made.has(label)) continue
    if (!/\.\d{2,}$/.test(strength.value) || draft.of('titration').length === 0) continue
    yield {
      id: `left.label.${label}`,
      from: at,
      to: at + label.length,
      says: `${label}, ${strength.value} ${strength.unit}, is used in no step. Which bottle is it?`,
      candidates: [
        ...draft
          .of('titration')
          .slice(0, 2)
          .map(({ id }) => ({ value: `${id}.burette`, says: 'It is in the burette.' })),
        { value: NOTHING, says: 'It only stands by.' },
      ],
      blocks: false,
    }
  }
}

/** One spot alone is compared with nothing. */
function* loneSpots(draft: Draft): Generator<Gap> {
  for (const paper of draft.of('chromatogram')) {
    if (paper.spots.length !== 1) continue
    yield {
      id: `${paper.id}.known`,
      ...placeOf(draft, paper),
      says: `Only ${paper.spots[0]?.label} was found on the paper. Which known spots are beside it? (red, blue)`,
      candidates: [{ value: NOTHING, says: 'None: there is one spot.' }],
      typed: 'text',
      blocks: false,
    }
  }
}

function placeOf(draft: Draft, { sentence }: DraftPartOf<'chromatogram'>): { readonly from: number; readonly to: number } {
  const read = draft.reads.find((one) => one.sentence.n === sentence)
  return { from: read?.sentence.from ?? 0, to: read?.sentence.to ?? 0 }
}

const volumesBeside = (mentions: readonly Mention[]) =>
  ofKind(mentions, 'quantity')
    .filter(({ of, unit }) => of === 'volume' && unit === 'cm3')
    .map(({ value }) => value)

/** g in some cm³ as g in 1 dm³, to the figures of the mass. */
const perLitre = (grams: string, cm3: string) =>
  ((Number(grams) * 1000) / Number(cm3)).toPrecision(grams.replace(/^0*\.?0*|\./g, '').length || 1)

/** A mass that is told of a bottle, and became neither a strength nor a weighing. */
function* massesTold(draft: Draft): Generator<Gap> {
  for (const { sentence, mentions } of draft.reads) {
    const [label] = ofKind(mentions, 'label')
    const material = bottle(draft, label?.label)
    if (draft.kinds.get(sentence.n) !== 'material' || !material || material.strength || material.form !== 'solution') continue
    const mass = ofKind(mentions, 'quantity').find((one) => one.of === 'mass' && !draft.landed.has(one))
    if (!mass) continue
    const words = draft.words.slice(mass.from, mass.to)
    yield {
      id: `${material.label}.strength`,
      from: mass.from,
      to: mass.to,
      says: `“${words}” is used nowhere. How strong is ${material.label}? (7.20 g/dm3)`,
      candidates: [
        ...volumesBeside(mentions).map((cm3) => ({
          value: `${perLitre(mass.value, cm3)} g/dm3`,
          says: `${mass.value} g in ${cm3} cm³`,
        })),
        { value: `${mass.value} g/dm3`, says: `${mass.value} g in 1 dm³` },
        { value: NOTHING, says: 'Nothing to record.' },
      ],
      typed: 'text',
      blocks: false,
    }
  }
}
