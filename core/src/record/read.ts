import type { z } from 'zod'
import { doubledKeys } from './doubledKeys.ts'
import { sayFault } from './fault.ts'
import { migrateTask } from './migrate/index.ts'
import { pathOfKeys, writePath } from './path.ts'
import { TaskSchema } from './task.ts'
import type { Task } from './types.ts'
import { TASK_FORMAT, TASK_VERSION } from './version.ts'

/** One reason why a file is no task file: where and what. */
export interface FileFault {
  readonly at: string
  readonly says: string
}

/** A document that is not a task file of ours, with every reason found. */
export class TaskFileError extends Error {
  readonly faults: readonly FileFault[]

  constructor(faults: readonly FileFault[]) {
    super(faults.map(({ at, says }) => (at ? `${at}: ${says}` : says)).join('\n'))
    this.name = 'TaskFileError'
    this.faults = faults
  }
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

function refuse(at: string, says: string): never {
  throw new TaskFileError([{ at, says }])
}

function wordIssue(issue: z.core.$ZodIssue, document: unknown): readonly FileFault[] {
  if (issue.code === 'unrecognized_keys') {
    return issue.keys.map((key) => ({
      at: writePath(pathOfKeys(document, [...issue.path, key])),
      says: 'is not a field of a task file. Check its spelling, or take it out.',
    }))
  }
  if (issue.code === 'invalid_union') {
    const deeper = issue.errors.filter((branch) => branch.some(({ path }) => path.length > 0))
    const [nearest] = deeper.toSorted((a, b) => a.length - b.length)
    if (nearest) return nearest.flatMap((inner) => wordIssue({ ...inner, path: [...issue.path, ...inner.path] }, document))
  }
  return [{ at: writePath(pathOfKeys(document, issue.path)), says: sayFault(issue, valueOfKeys(document, issue.path)) }]
}

function valueOfKeys(document: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (value, key) => (value === null ? undefined : (value as Record<PropertyKey, unknown>)?.[key]),
    document,
  )
}

/**
 * Checks that a document is a task file, of today's version or an older one, and returns it as one of today with defaults
 * filled in.
 *
 * @throws TaskFileError with the path of every fault: another format, a newer version, an unknown key, a reading
 * that is not a number
 */
export function readTask(document: unknown): Task {
  if (!isObject(document)) refuse('', 'A task file is a JSON object; this is something else.')
  if (document.format !== TASK_FORMAT) refuse('format', `must be '${TASK_FORMAT}'. This is not a Hop Lark task file.`)
  if (typeof document.version === 'number' && document.version > TASK_VERSION) {
    refuse('version', `is ${document.version}, newer than this Hop Lark reads (${TASK_VERSION}). Update Hop Lark to open it.`)
  }
  const today = migrateTask(document)
  const parsed = TaskSchema.safeParse(today)
  if (parsed.success) return parsed.data
  throw new TaskFileError(parsed.error.issues.flatMap((issue) => wordIssue(issue, today)))
}

/**
 * A document from the text of a file, not yet checked; a byte order mark is passed over.
 *
 * @throws TaskFileError with the place where it is no JSON, or where a key stands twice
 */
export function parseTaskText(text: string): unknown {
  const plain = text.replace(/^\uFEFF/, '')
  let document: unknown
  try {
    document = JSON.parse(plain)
  } catch (error) {
    refuse('', `This is not JSON: ${error instanceof Error ? error.message : 'it cannot be read'}.`)
  }
  const doubled = doubledKeys(plain)
  if (doubled.length > 0)
    throw new TaskFileError(
      doubled.map(({ key, line }) => ({ at: '', says: `Line ${line}: '${key}' stands here a second time. Keep one of them.` })),
    )
  return document
}

/** Reads a task from the text of a file. */
export const readTaskText = (text: string): Task => readTask(parseTaskText(text))

/** The text of a task file, with two spaces' indent and a line feed at the end. */
export function writeTask(task: Task): string {
  return `${JSON.stringify(task, null, 2)}\n`
}
