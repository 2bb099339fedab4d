import type { Conventions } from '../record/index.ts'
import { isAsked } from './ask/asked.ts'
import type { AskedQuestion } from './ask/find.ts'
import { readAsked } from './ask/readAsked.ts'
import { readSetting } from './ask/settings.ts'
import { backToParents, correctByUse } from './draft/byUse.ts'
import { Draft } from './draft/Draft.ts'
import { inferHydrate, inferSolutes, measuredNotGiven } from './draft/infer.ts'
import { topicsOf } from './draft/topics.ts'
import { nameUnlabelled } from './draft/unlabelled.ts'
import { assignEquations, assignIndicators, placeReactions } from './equation/assign.ts'
import { proposeStages } from './equation/twoStages.ts'
import { findLabels } from './label/candidates.ts'
import { materialsOf, saidInTables } from './label/materials.ts'
import { type Read, type Said, saidOf } from './label/said.ts'
import { applyEquations, applyMends } from './mend/applyMends.ts'
import type { Mend } from './mend/gap.ts'
import { ofKind } from './mention/mention.ts'
import { mentionsIn } from './mention/mentionsIn.ts'
import { readChromatogramOf } from './method/chromatogram.ts'
import { readHeating } from './method/heating.ts'
import { readMethod } from './method/readMethod.ts'
import { type Deed, deedsIn, isOrdered } from './method/verbs.ts'
import { readAlong } from './series/along.ts'
import { readSeriesOf } from './series/readSeries.ts'
import { conventionsOf } from './task/conventions.ts'
import { joinLines } from './text/lines.ts'
import { plainSheet } from './text/plain.ts'
import { sentencesOf } from './text/sentences.ts'
import { readTubesOf } from './tubes/readTubes.ts'

/** A sheet that has been read: its draft of a task and what it asks. */
export interface ReadDraft {
  readonly draft: Draft
  readonly questions: readonly AskedQuestion[]
  readonly conventions: Conventions
}

/**
 * Reads a task sheet from top to bottom into a draft of a task.
 *
 * @param mends - what the student has answered and changed
 */
export function readDraft(sheet: string, mends: readonly Mend[] = []): ReadDraft {
  const sentences = sentencesOf(sheet)
  const labels = findLabels(sentences)
  const reads: readonly Read[] = sentences.map((sentence) => ({ sentence, mentions: mentionsIn(sentence, labels) }))
  const words = joinLines(plainSheet(sheet))
  const said = [...saidOf(reads), ...saidInTables(reads)]
  const draft = new Draft(words, reads, materialsOf(reads, said, words, labels))
  markMaterials(draft, said)
  markNotes(draft)
  for (const block of new Set(sentences.map((one) => one.block)))
    readBlock(
      draft,
      reads.filter(({ sentence }) => sentence.block === block && !NOTE.test(sentence.text)),
      said,
    )
  nameUnlabelled(draft, reads)
  applyMends(draft, mends)
  inferHydrate(draft)
  correctByUse(draft)
  inferSolutes(draft)
  backToParents(draft)
  assignIndicators(draft)
  assignEquations(draft)
  keepEquations(draft)
  proposeStages(draft)
  applyEquations(draft, mends)
  placeReactions(draft)
  const conventions = conventionsOf(draft)
  const questions = readAsked(draft)
  measuredNotGiven(draft, questions)
  markRest(draft)
  return { draft, conventions, questions }
}

/** Where nothing is titrated an equation only tells what goes on: it is kept for the working. */
function keepEquations(draft: Draft): void {
  for (const { sentence, mentions } of draft.reads)
    if (draft.of('titration', sentence.block).length === 0 && draft.parts.some(({ block }) => block === sentence.block))
      for (const equation of ofKind(mentions, 'equation')) draft.land(equation, 'what goes on while it is read')
}

/** Reads what is done in one question of a sheet. */
function readBlock(draft: Draft, reads: readonly Read[], said: readonly Said[]): void {
  const topics = topicsOf(reads)
  if (topics.has('titration')) readMethod(draft, reads, said)
  if (topics.has('heating')) readHeating(draft, reads)
  if (topics.has('temperature') || topics.has('gas')) readSeriesOf(draft, reads, topics)
  if (topics.has('readings')) readAlong(draft, reads)
  if (topics.has('chromatogram')) readChromatogramOf(draft, reads)
  if (topics.has('tubes')) readTubesOf(draft, reads)
  readSetting(draft, reads)
}

const DOES =
  /\b(?:add(?:ed)?|titrat(?:ed?|ing)|pipett?ed?|weigh(?:ed)?|heat(?:ed)?|fill(?:ed)?|dissolve|measured?|transfer(?:red)?|put|placed?|carry out)\b/i
const TELLING: ReadonlySet<string> = new Set(['strength', 'substance', 'indicator'])

/** Sentences that say what is on the bench, and order nothing. */
function markMaterials(draft: Draft, said: readonly Said[]): void {
  for (const { sentence, mentions } of draft.reads) {
    const own = said.filter(({ from }) => from >= sentence.from && from <= sentence.to)
    const tells = own.some(({ how }) => how === 'told')
    if (tells && !DOES.test(sentence.text) && !isAsked(sentence.text)) draft.mark(sentence.n, 'material')
    for (const mention of mentions) {
      const of = said.find(({ how, from, to }) => how !== 'named' && mention.from >= from && mention.to <= to)
      if (of && TELLING.has(mention.kind)) draft.land(mention, `what ${of.label} is`)
      if (mention.kind === 'label' && tells) draft.land(mention, 'what it is')
    }
    if (sentence.cell?.columns === 2 && rowIsMaterial(draft, sentence.cell.row)) draft.mark(sentence.n, 'material')
  }
}

/** What a sheet or a plan notes beside the work: nothing of it is done by itself. */
const NOTE =
  /^(?:never|wear|eye protection|gloves)\b|^(?:changed|measured|kept the same|controlled|variables?|headings of the table|the result|repeats|aim|safety|hazards?|caution|warning|note)s?:\s/i

/** What hurts, and how one is careful: a caution, and no step. */
const CAUTION = /\b(?:eye protection|goggles|spits?|poisonous|corrosive|irritant|flammable|catch(?:es)? fire|harms?)\b/i
const isCaution = ({ sentence, mentions }: Read) =>
  CAUTION.test(sentence.text) &&
  !isOrdered(sentence.text) &&
  mentions.every(({ kind }) => kind !== 'label' && kind !== 'quantity' && kind !== 'strength')

function markNotes(draft: Draft): void {
  for (const read of draft.reads) {
    const { sentence, mentions } = read
    if (!NOTE.test(sentence.text) && !isCaution(read)) continue
    draft.mark(sentence.n, 'story')
    for (const mention of mentions) draft.land(mention, 'a note')
  }
}

/** What is done without anything to record. */
const HANDLING: ReadonlySet<Deed> = new Set([
  'cool',
  'boil',
  'stir',
  'rinse',
  'filter',
  'wait',
  'dissolve',
  'set up',
  'time',
  'label',
  'use',
  'record',
  'transfer',
])
/** What is told of, and not ordered. */
const STORY = /\b(?:you will|you are|in this|your task|is used|are used|is to be|are to be|was|were|has been|can be|student)\b/i

const REPEATS =
  /\b(?:repeat|again|at least \w+ (?:titrations|runs|times|trials)|(?:titrations|runs|trials|times)\b.*\b(?:agree|concordant)|further titrations|as (?:many|often)|concordan)/i

/** Headings, and sentences that only say how often it is done: nothing of them is to be recorded by itself. */
function markRest(draft: Draft): void {
  for (const { sentence } of draft.reads) {
    const text = sentence.text.replace(/\s*\([^)]*\)$/, '')
    const isHeading =
      sentence.opens &&
      !/[.:;?!,]$/.test(text) &&
      text.split(' ').length <= 9 &&
      sentence.markers.every(({ kind }) => kind !== 'bullet' && kind !== 'number') &&
      !/\d/.test(text) &&
      sentence.cell === undefined &&
      /^[A-Z]/.test(sentence.text)
    if (isHeading) draft.mark(sentence.n, 'heading')
    const deeds = deedsIn(sentence.text)
    const does = isOrdered(sentence.text) || deeds.has('rinse')
    if (
      !draft.kinds.has(sentence.n) &&
      does &&
      deeds.size > 0 &&
      [...deeds].every((deed) => HANDLING.has(deed)) &&
      !STORY.test(sentence.text)
    )
      draft.mark(sentence.n, 'handling')
    if (REPEATS.test(sentence.text) || /^run\b.*\btitrations/i.test(sentence.text)) draft.mark(sentence.n, 'repeat')
  }
}

/** A row of a table that begins with a label. */
const rowIsMaterial = (draft: Draft, row: number) =>
  draft.reads.some(
    ({ sentence, mentions }) =>
      sentence.cell?.row === row &&
      sentence.cell.column === 0 &&
      mentions[0]?.kind === 'label' &&
      mentions[0].label === sentence.text,
  )
