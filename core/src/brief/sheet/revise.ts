import { freshId, mergeTasks, type Task } from '../../record/index.ts'
import type { Mend } from '../mend/gap.ts'
import type { RunStep } from '../steps/step.ts'
import { sharedWith } from './parts.ts'
import { readSheet, type SheetReading } from './readSheet.ts'

type Names = Readonly<Record<string, string>>

/** Every name of a part or question in a task written as another; places such as `t1/flask` go with their part. */
function renamed(task: Task, names: Names): Task {
  if (Object.keys(names).length === 0) return task
  const nameOf = (text: string) => {
    const [part = '', ...place] = text.split('/')
    return names[part] === undefined ? text : [names[part], ...place].join('/')
  }
  const rename = (value: unknown, key: string): unknown => {
    if (typeof value === 'string') return NAMING.has(key) ? nameOf(value) : value
    if (Array.isArray(value)) return value.map((one) => rename(one, key))
    if (typeof value === 'object' && value !== null)
      return Object.fromEntries(Object.entries(value).map(([name, one]) => [name, rename(one, name)]))
    return value
  }
  return {
    ...task,
    parts: rename(task.parts, 'parts') as Task['parts'],
    questions: rename(task.questions, 'questions') as Task['questions'],
  }
}
const NAMING: ReadonlySet<string> = new Set(['id', 'in', 'weighing', 'continues', 'compareWith'])

/** The sheet of a task as it is read, its parts called as the task calls them. */
export function readingOf(task: Pick<Task, 'brief'>): SheetReading | undefined {
  const { brief } = task
  if (!brief?.text.trim()) return undefined
  return withNames(readSheet(brief.text, brief.mends ?? []), brief.ids ?? {})
}

function withNames(reading: SheetReading, names: Names): SheetReading {
  if (Object.keys(names).length === 0) return reading
  const nameOf = (id: string) => names[id] ?? id
  const step = (one: RunStep): RunStep => ({
    ...one,
    makes: { ...one.makes, parts: one.makes.parts.map(nameOf), questions: one.makes.questions.map(nameOf) },
  })
  return { ...reading, task: renamed(reading.task, names), steps: reading.steps.map(step) }
}

/** What tells a part or question again after the sheet was edited: the sentence it was made of. */
function signs({ steps, task }: SheetReading): ReadonlyMap<string, string> {
  const found = new Map<string, string>()
  for (const { text, makes } of steps)
    for (const id of [...makes.parts, ...makes.questions]) {
      const kind = task.parts.find((part) => part.id === id)?.kind ?? 'question'
      const same = [...found.values()].filter((sign) => sign.startsWith(`${kind} ${text}`)).length
      if (!found.has(id)) found.set(id, `${kind} ${text} ${same}`)
    }
  return found
}

/** What the things of a newer reading are to be called, so that what stood in the sheet before keeps its name. */
function namesAfter(before: SheetReading, after: SheetReading, task: Task): Names {
  const [old, now] = [signs(before), signs(after)]
  const bySign = new Map([...old].map(([id, sign]) => [sign, id]))
  const names: Record<string, string> = {}
  const taken = new Set([...task.parts, ...task.questions].map(({ id }) => id))
  for (const [id, sign] of now) {
    const kept = bySign.get(sign)
    if (kept !== undefined) names[id] = kept
  }
  const used = new Set(Object.values(names))
  const free = [...old.keys()].filter((id) => !used.has(id))
  for (const id of now.keys()) {
    if (names[id] !== undefined) continue
    // A sentence that was reworded makes the same thing still, where only one of its kind is left.
    const letter = id[0] as string
    const likely = free.filter((one) => one.startsWith(letter))
    const own =
      likely.length === 1 && [...now.keys()].filter((one) => one.startsWith(letter) && names[one] === undefined).length === 1
        ? likely[0]
        : undefined
    names[id] = own ?? (used.has(id) || taken.has(id) ? freshId(letter, [...taken, ...used]) : id)
    used.add(names[id] as string)
  }
  return Object.fromEntries(Object.entries(names).filter(([id, name]) => id !== name))
}

/**
 * A task whose sheet, or what was said of it, has changed. What had been accepted follows the sheet; what was recorded stays,
 * and so does what the student changed.
 */
export function reviseSheet(task: Task, change: { readonly text?: string; readonly mends?: readonly Mend[] }): Task {
  const brief = {
    text: '',
    ...task.brief,
    ...(change.text === undefined ? {} : { text: change.text }),
    ...(change.mends === undefined ? {} : { mends: [...change.mends] }),
  }
  const before = readingOf(task)
  if (brief.text.trim() === '') {
    const { brief: _, ...rest } = task
    return rest
  }
  const plain = readSheet(brief.text, brief.mends ?? [])
  if (!before) return { ...task, brief }
  const ids = namesAfter(before, plain, task)
  const { ids: _, ...written } = brief
  const named = { ...written, ...(Object.keys(ids).length > 0 ? { ids } : {}) }
  const after = withNames(plain, ids)
  const [base, theirs] = [sharedWith(before.task, task), sharedWith(after.task, task)]
  const merged = mergeTasks(withOwnHead(base, task), task, withOwnHead(theirs, task)).task
  return { ...merged, brief: named }
}

/** What is no part of what a sheet makes is the task's own on all sides. */
const withOwnHead = (one: Task, { id, title, minutes, started, conventions, brief }: Task): Task => {
  const { minutes: _minutes, started: _started, brief: _brief, ...rest } = one
  return {
    ...rest,
    id,
    title,
    conventions,
    ...(minutes === undefined ? {} : { minutes }),
    ...(started === undefined ? {} : { started }),
    ...(brief === undefined ? {} : { brief }),
  }
}

/** The mends of a task with one more, in place of what was said of the same thing before. */
export const withMend = (task: Pick<Task, 'brief'>, mend: Mend): readonly Mend[] => [
  ...(task.brief?.mends ?? []).filter(({ gap }) => gap !== mend.gap),
  mend,
]
