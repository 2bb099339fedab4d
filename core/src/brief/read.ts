import { isAsked } from './ask/asked.ts'
import { readAsked } from './ask/readAsked.ts'
import type { AskedQuestion } from './ask/find.ts'
import { correctByUse } from './draft/byUse.ts'
import { Draft } from './draft/Draft.ts'
import { inferSolutes } from './draft/infer.ts'
import { topicsOf } from './draft/topics.ts'
import { assignEquations } from './equation/assign.ts'
import { findLabels } from './label/candidates.ts'
import { materialsOf } from './label/materials.ts'
import { type Read, saidOf } from './label/said.ts'
import { mentionsIn } from './mention/mentionsIn.ts'
import { readChromatogramOf } from './method/chromatogram.ts'
import { readHeating } from './method/heating.ts'
import { readMethod } from './method/readMethod.ts'
import { readSeriesOf } from './series/readSeries.ts'
import { joinLines } from './text/lines.ts'
import { plainSheet } from './text/plain.ts'
import { sentencesOf } from './text/sentences.ts'
import { readTubesOf } from './tubes/readTubes.ts'

/** A sheet that has been read: its draft of a task and what it asks. */
export interface ReadDraft {
  readonly draft: Draft
  readonly questions: readonly AskedQuestion[]
}

/** Reads a task sheet from top to bottom into a draft of a task. */
export function readDraft(sheet: string): ReadDraft {
  const sentences = sentencesOf(sheet)
  const labels = findLabels(sentences)
  const reads: readonly Read[] = sentences.map((sentence) => ({ sentence, mentions: mentionsIn(sentence, labels) }))
  const words = joinLines(plainSheet(sheet))
  const said = saidOf(reads)
  const draft = new Draft(words, reads, materialsOf(reads, words, labels))
  markMaterials(draft, said)
  for (const block of new Set(sentences.map((one) => one.block))) {
    const own = reads.filter(({ sentence }) => sentence.block === block)
    readBlock(draft, own, said)
  }
  correctByUse(draft)
  inferSolutes(draft)
  assignEquations(draft)
  const questions = readAsked(draft)
  return { draft, questions }
}

function readBlock(draft: Draft, reads: readonly Read[], said: ReturnType<typeof saidOf>): void {
  const topics = topicsOf(reads)
  if (topics.has('titration')) readMethod(draft, reads, said)
  if (topics.has('heating')) readHeating(draft, reads)
  if (topics.has('temperature') || topics.has('gas')) readSeriesOf(draft, reads, topics)
  if (topics.has('chromatogram')) readChromatogramOf(draft, reads)
  if (topics.has('tubes')) readTubesOf(draft, reads)
}

const DOES = /\b(?:add|titrate|pipette|weigh|heat|fill|dissolve|measure|transfer|put|place)\b/i

/** Sentences that say what is on the bench, and order nothing. */
function markMaterials(draft: Draft, said: ReturnType<typeof saidOf>): void {
  for (const { sentence, mentions } of draft.reads) {
    const tells = said.some(({ how, from }) => how === 'told' && from >= sentence.from && from <= sentence.to)
    const isRow = sentence.cell !== undefined && mentions.some((one) => one.kind === 'label' && draft.reads.some(({ sentence: other }) => other.cell?.row === sentence.cell?.row))
    if ((tells && !DOES.test(sentence.text) && !isAsked(sentence.text)) || (isRow && sentence.cell?.columns === 2)) draft.mark(sentence.n, 'material')
    if (!tells) continue
    for (const mention of mentions) {
      const of = said.find(({ how, from, to }) => how !== 'named' && mention.from >= from && mention.to <= to)
      if (of && ['strength', 'substance', 'indicator'].includes(mention.kind)) draft.land(mention, `what ${of.label} is`)
      if (mention.kind === 'label' && said.some(({ label, how }) => how === 'told' && label === mention.label)) draft.land(mention, 'what it is')
    }
  }
}
