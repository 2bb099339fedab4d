import { questionTitle } from '../../reckon/index.ts'
import { buretteOf, findMaterial, materialLabel, type Part, path, type Question, type Task } from '../../record/index.ts'
import { endsOf } from '../ends.ts'
import type { Facts } from '../facts.ts'
import type { Proposed, Section } from '../report.ts'
import { counted, listed, propose, substanceName } from '../words.ts'

/** Questions named in an aim, at most. */
const MOST_NAMED = 3

/** How a sheet tells to find something, before what is to be found. */
const TOLD =
  /^(?:please\s+)?(?:calculate|work out|find|determine|deduce|state|give|identify|estimate|use .{0,60} to (?:calculate|find|determine))\s+/i

/** A first word that is no name: it becomes small within a sentence. */
const inSentence = (text: string) => (/^[A-Z][a-z]{2,}\b/.test(text) ? `${text.charAt(0).toLowerCase()}${text.slice(1)}` : text)

/** What a question is about as a sentence goes on: `the percentage by mass of iron in F1`. */
function asked(task: Task, question: Question): string {
  const { text, number: _, ...bare } = question
  const own = text?.trim().replace(/[.:]$/, '').replace(TOLD, '') ?? ''
  // A whole sentence or a question of the sheet does not go on from "to find".
  const told = /^(?:draw|plot|explain|use|hence|show|take|complete|suggest|compare|describe|write|name)\b/i.test(own)
  const usable = own !== '' && !told && own.length < 120 && !/[?!.]\s|[?!]$|\b(?:is|are|does|do|if|your)\b/.test(own)
  if (!usable && bare.find.quantity === 'ions') return `the ions in ${materialLabel(task, bare.find.in)}`
  const phrase = inSentence(usable ? own : questionTitle(task, bare))
  return /^(?:the|a|an|how|where|what|which|whether)\b/.test(phrase) ? phrase : `the ${phrase}`
}

const WAYS: Partial<Record<Part['kind'], string>> = {
  heating: 'by heating to constant mass',
  rack: 'by tests in test tubes',
  chromatogram: 'by chromatography',
}

function ways(task: Task): readonly string[] {
  const burettes = [
    ...new Set(
      task.parts.flatMap((part) => (part.kind === 'titration' && part.crossingOf === undefined ? [buretteOf(part)] : [])),
    ),
  ]
  const titrants = burettes.map((id) => substanceName(findMaterial(task, id)?.solute) ?? materialLabel(task, id))
  const read = [...new Set(task.parts.flatMap((part) => (part.kind === 'series' ? [part.y.name] : [])))]
  const others = [...new Set(task.parts.flatMap(({ kind }) => WAYS[kind] ?? []))]
  return [
    ...(titrants.length > 0 ? [`by titration with ${listed([...new Set(titrants)])}`] : []),
    ...(read.length > 0 ? [`by readings of ${listed(read)}`] : []),
    ...others,
  ]
}

/** What the task is to find out, and how. */
export function aimSection({ task }: Facts): Section<Proposed> | undefined {
  const ends = endsOf(task)
  const all = [...new Set(ends.map((question) => asked(task, question)))]
  const named = all.slice(0, MOST_NAMED)
  const more = all.length > MOST_NAMED ? [counted(all.length - MOST_NAMED, 'more', 'more')] : []
  const how = listed(ways(task))
  if (named.length === 0 && how === '') return undefined
  const ofSheet = (task.brief?.text ?? '').trim() !== ''
  const unnamed = ofSheet ? 'To answer the questions of the sheet' : 'To record what was measured and seen'
  const what = named.length > 0 ? `To find ${listed([...named, ...more])}` : unnamed
  const first = ends[0]
  return {
    id: 'aim',
    heading: 'Aim',
    blocks: [
      {
        kind: 'sentences',
        as: 'paragraph',
        sentences: [propose('aim', [what, how].filter(Boolean).join(' '), first ? path('questions', first.id) : undefined)],
      },
    ],
  }
}
