import type { Draft } from '../draft/Draft.ts'
import type { Read } from '../label/said.ts'
import { askedWithin, isAsked } from './asked.ts'
import type { AskedFind, AskedQuestion } from './find.ts'
import { findIn, findsInWords } from './findIn.ts'
import { ionsIn } from './ionsAsked.ts'
import { piecesOf } from './pieces.ts'
import { asksByAmount, asksByMass, quantityIn } from './quantities.ts'
import { sumIn } from './sums.ts'

const LEAD = /\b(?:calculate|calculations?|find|determine|work out|questions?|report)\b[^.?]*[:,]?\s*$/i
const NOUN_FIRST =
  /^(?:the |an? )?(?:average|mean|molarity|amount|number|concentration|percentage|percent|mass|value|volume|moles|initial rate|rate)\b/i

/** Questions of a sheet in order, each in its own words and with its number. */
export function readAsked(draft: Draft): readonly AskedQuestion[] {
  const found: AskedQuestion[] = []
  let lead = ''
  for (const read of draft.reads) {
    const { sentence } = read
    const { text } = sentence
    if (sentence.markers.some(({ kind }) => kind === 'letter' || kind === 'question') && !NOUN_FIRST.test(text)) lead = ''
    const isLead = /[:,]$|^\w+\.?:?$|^use your results to \w+$/i.test(text)
    if (LEAD.test(text) && quantityIn(text) === undefined && text.length < 90 && isLead) {
      lead = 'calculate '
      draft.mark(sentence.n, 'heading')
      continue
    }
    const isUnder = lead !== '' && NOUN_FIRST.test(text)
    // "By titrating 10.0 cm3 portions, find the volume" asks and is a step, too.
    if (!isUnder && !isAsked(text) && !asksWithin(text)) continue
    if (draft.kinds.get(sentence.n) === 'tubes' || draft.kinds.get(sentence.n) === 'material') continue
    if (leadsIn(draft, read)) {
      draft.mark(sentence.n, 'story')
      continue
    }
    for (const question of questionsIn(draft, read, isUnder ? lead : '', found)) found.push(asAsked(found, question))
    // "Why is phenolphthalein used?" names an indicator and adds none.
    if (text.endsWith('?') && draft.kinds.get(sentence.n) === 'handling') draft.kinds.set(sentence.n, 'question')
    draft.mark(sentence.n, 'question')
    for (const mention of read.mentions) draft.land(mention, 'asked for')
  }
  return found
}

/** "Give the formula of each ion", after the ions were asked for: the same question goes on, in words. */
const asAsked = (found: readonly AskedQuestion[], question: AskedQuestion): AskedQuestion =>
  question.find.quantity === 'ions' &&
  found.some(({ find, sentence }) => find.quantity === 'ions' && find.in === question.find.in && sentence !== question.sentence)
    ? { ...question, find: { quantity: 'words' } }
    : question

function asksWithin(text: string): boolean {
  const asked = askedWithin(text)
  return (
    asked !== undefined &&
    (quantityIn(asked) !== undefined || quantityIn(text) === 'crossing' || /\bions?\b|\bsay (?:which|what)/i.test(asked))
  )
}

const STEPS: ReadonlySet<string> = new Set(['weigh', 'make up', 'portion', 'titrate', 'heat', 'measure', 'tubes', 'chromatogram'])

/** What is ordered has a number on the sheet, or names a quantity or a vessel. */
const doesSomething = (draft: Draft, { n, markers }: Read['sentence']) =>
  markers.length > 0 ||
  draft.reads.some(
    ({ sentence, mentions }) =>
      sentence.n === n && mentions.some((one) => one.kind === 'vessel' || (one.kind === 'quantity' && one.of !== 'time')),
  )

/** "How hard is its water?", before anything is done: the question that the work is to answer, and not one of the sheet's own. */
function leadsIn(draft: Draft, { sentence }: Read): boolean {
  if (!sentence.text.endsWith('?') || sentence.markers.some(({ kind }) => kind !== 'question')) return false
  const own = draft.reads.filter((one) => one.sentence.block === sentence.block).map((one) => one.sentence)
  const isStep = (one: Read['sentence']) => STEPS.has(draft.kinds.get(one.n) ?? '') && doesSomething(draft, one)
  const isHead = sentence.opens && sentence.markers.length > 0
  return own.some((one) => one.n > sentence.n && isStep(one)) && (isHead || !own.some((one) => one.n < sentence.n && isStep(one)))
}

function questionsIn(draft: Draft, read: Read, lead: string, asked: readonly AskedQuestion[]): readonly AskedQuestion[] {
  const { sentence } = read
  const base = { text: sentence.text, number: sentence.number, sentence: sentence.n }
  const ions = ionsIn(draft, read)
  if (ions.length > 0) return ions.map((find) => ({ ...base, find }))
  const figures = /\b(?:to|give) (\d|two|three|four) (?:significant|sig\.?) ?(?:figures|figs?)/i.exec(sentence.text)?.[1]
  const finds: AskedFind[] = []
  for (const piece of piecesOf(`${lead}${sentence.text}`)) {
    const from = sentence.from + piece.from - lead.length
    const mentions = read.mentions.filter((one) => one.from >= from && one.to <= from + piece.text.length)
    const about = { text: piece.text, mentions, block: sentence.block }
    const sum = findsInWords(piece.text) ? undefined : sumIn(draft, about, asked)
    const found = sum ? [sum] : findIn(draft, { text: piece.text, mentions, read, before: finds.at(-1) ?? asked.at(-1)?.find })
    finds.push(...found.filter((find) => !finds.some((one) => JSON.stringify(one) === JSON.stringify(find))))
    if (found.length > 0 && asksByMass(piece.text) && asksByAmount(piece.text))
      finds.push(
        ...found
          .filter(({ quantity }) => quantity === 'massConcentration')
          .map((find) => ({ ...find, quantity: 'concentration' as const }))
          .filter((find) => !finds.some((one) => JSON.stringify(one) === JSON.stringify(find))),
      )
  }
  const sorted = finds.toSorted((a, b) => Number(a.quantity === 'massConcentration') - Number(b.quantity === 'massConcentration'))
  const all = sorted.length > 0 && finds.some(({ quantity }) => quantity === 'concentration') ? sorted : finds
  if (all.length === 0) return [{ ...base, find: { quantity: 'words' } }]
  return all.map((find) => ({
    ...base,
    find,
    ...(figures === undefined ? {} : { figures: Number(FIGURES[figures.toLowerCase()] ?? figures) }),
  }))
}

const FIGURES: Readonly<Record<string, string>> = { two: '2', three: '3', four: '4' }
