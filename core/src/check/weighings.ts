import { decimalPlaces, Exact } from '../number/index.ts'
import type { Problem } from '../problem/index.ts'
import { entryText, materialLabel, type PartOf, path, type Task } from '../record/index.ts'
import { recordProblem } from './says.ts'

type Weighing = PartOf<'weighing'>
const FIELDS = ['container', 'withSample', 'withResidue', 'mass'] as const
type Field = (typeof FIELDS)[number]

interface Pair {
  readonly heavier: Field
  readonly lighter: Field
  readonly code: 'weighing.residueHeavier' | 'weighing.containerHeavier'
}

/** Pairs of which the first must be the heavier. */
const ORDER: readonly Pair[] = [
  { heavier: 'withSample', lighter: 'withResidue', code: 'weighing.residueHeavier' },
  { heavier: 'withSample', lighter: 'container', code: 'weighing.containerHeavier' },
]

function checkOrder(part: Weighing): readonly Problem[] {
  return ORDER.flatMap(({ heavier, lighter, code }): Problem[] => {
    const [more, less] = [part[heavier], part[lighter]]
    if (more === undefined || less === undefined || new Exact(entryText(more)).gt(entryText(less))) return []
    const facts = { heavier: entryText(more), lighter: entryText(less) }
    const fieldAt = (field: Field) => path('parts', part.id, field)
    const set = [
      { at: fieldAt(heavier), text: facts.lighter },
      { at: fieldAt(lighter), text: facts.heavier },
    ]
    return [recordProblem(code, fieldAt(lighter), facts, { label: 'Swap them', set })]
  })
}

/** What is left in the container is at least the container. */
function checkResidue(part: Weighing): readonly Problem[] {
  if (part.container === undefined || part.withResidue === undefined) return []
  const [heavier, lighter] = [entryText(part.container), entryText(part.withResidue)]
  if (new Exact(lighter).gte(heavier)) return []
  return [recordProblem('weighing.residueBelowContainer', path('parts', part.id, 'withResidue'), { heavier, lighter })]
}

/** A balance is read to its full display, so all its readings have the same decimals. */
function checkPlaces(part: Weighing): readonly Problem[] {
  const written = FIELDS.flatMap((field) => {
    const entry = part[field]
    return entry === undefined ? [] : [{ field, text: entryText(entry) }]
  })
  const most = Math.max(...written.map(({ text }) => decimalPlaces(text)))
  return written
    .filter(({ text }) => decimalPlaces(text) < most)
    .map(({ field, text }) => {
      const at = path('parts', part.id, field)
      const full = new Exact(text).toFixed(most)
      return recordProblem('weighing.places', at, { text, full }, { label: `Write ${full}`, set: [{ at, text: full }] })
    })
}

function checkSize(task: Task, part: Weighing): readonly Problem[] {
  return FIELDS.flatMap((field): Problem[] => {
    const entry = part[field]
    if (entry === undefined || new Exact(entryText(entry)).gt(0)) return []
    const facts = { mass: entryText(entry), of: materialLabel(task, part.of) }
    return [recordProblem('weighing.notPositive', path('parts', part.id, field), facts)]
  })
}

function checkLid({ id, lid }: Weighing): readonly Problem[] {
  if (lid !== 'first' && lid !== 'second') return []
  return [recordProblem('weighing.lidOnce', path('parts', id, 'lid'), { which: lid })]
}

/** Everything that looks wrong in a weighing. */
export function checkWeighing(task: Task, part: Weighing): readonly Problem[] {
  return [...checkSize(task, part), ...checkOrder(part), ...checkResidue(part), ...checkPlaces(part), ...checkLid(part)]
}
