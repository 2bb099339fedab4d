import { asSentence } from '../../problem/index.ts'
import { cautionOf, DEFERS } from '../../rack/index.ts'
import { path, type Task } from '../../record/index.ts'
import { careOf } from '../../substance/index.ts'
import { readinessOf } from '../../titration/index.ts'
import { reagentNamed } from '../../tube/index.ts'
import type { Facts } from '../facts.ts'
import type { Proposed, Section } from '../report.ts'
import { propose } from '../words.ts'
import { bottlesUsed } from './chemicals.ts'

/** What was ticked as done before the first run, with its reason. */
function forAccuracy(task: Task): readonly Proposed[] {
  return task.parts.flatMap((part) => {
    if (part.kind !== 'titration') return []
    const ticked = new Set(part.ready ?? [])
    const lines = readinessOf(task, part).flatMap((group) => group.lines.filter(({ id }) => ticked.has(id)))
    return lines.map(({ id, was, because }) =>
      propose(
        `precautions ${part.id} ${id}`,
        `${was}: ${because.charAt(0).toLowerCase()}${because.slice(1)}`,
        path('parts', part.id),
      ),
    )
  })
}

const withoutDeferring = (caution: string) => caution.replace(DEFERS, '').trim()

/** Acts whose caution is about the act itself, not about a bottle. */
const ACTS = {
  warm: 'Warming a tube',
  heat: 'Warming a tube',
  boil: 'Warming a tube',
  smell: 'Smelling',
  flame: 'A flame test',
} as const

/** As it goes on within a sentence, without its stop. */
const small = (text: string) => `${text.charAt(0).toLowerCase()}${text.slice(1)}`.replace(/\.$/, '')

/** The usual cautions of what stood on the bench and of what was done in tubes, each once. */
function forSafety(task: Task): readonly string[] {
  const materials = task.materials.flatMap(({ solute }) => careOf(solute) ?? [])
  const bottles = bottlesUsed(task).flatMap((name) => {
    const bottle = reagentNamed(name)
    if (!bottle?.care || materials.includes(bottle.care)) return []
    return [`${asSentence(bottle.says)} (${small(bottle.care)})`]
  })
  const samples = task.parts.flatMap((part) => (part.kind === 'rack' ? part.samples : []))
  const sampled = new Set(samples.map(({ material }) => material))
  const steps = samples.flatMap(({ tubes }) => tubes.flatMap((tube) => tube.steps))
  const isOfLiquids = task.materials.some(({ id, form }) => form === 'liquid' && sampled.has(id))
  const acts = (Object.keys(ACTS) as (keyof typeof ACTS)[])
    .filter((act) => steps.some((step) => step.do === act))
    .map((act) => `${ACTS[act]}: ${small(withoutDeferring(cautionOf({ do: act }, isOfLiquids) ?? ''))}`)
  const burners = task.parts.some(({ kind }) => kind === 'heating')
    ? ['Hot glass and porcelain look cold: tongs, and a heatproof mat to cool on.']
    : []
  return [...new Set([...materials, ...bottles, ...acts, ...burners])]
}

/** What was done so that the readings are right, and so that nobody is hurt. */
export function precautionsSection({ task }: Facts): Section<Proposed> | undefined {
  const safety = forSafety(task)
  const safe = safety.map((says, index) => propose(`precautions safety ${says.slice(0, 60)} ${index}`, says))
  const sentences = [...forAccuracy(task), ...safe, ...(safety.length > 0 ? [propose('precautions rules', DEFERS)] : [])]
  if (sentences.length === 0) return undefined
  return { id: 'precautions', heading: 'Precautions', blocks: [{ kind: 'sentences', as: 'list', sentences }] }
}
