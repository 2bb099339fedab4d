import type { LedgerLine } from '@hop-lark/contract'
import type { Task } from '@hop-lark/core/record'
import { applyPatch, type Operation } from 'rfc6902'

/**
 * The task that follows from one at a version and the edits that are told of it, each applied once, by its version.
 *
 * @param to - the version it then is at
 * @returns undefined where edits are missing, or one does not fit: then the whole task must be fetched
 */
export function withEdits(task: Task, from: number, to: number, edits: readonly LedgerLine[]): Task | undefined {
  const missing = edits.filter(({ version }) => version > from)
  if (missing.at(-1)?.version !== to || !missing.every(({ version }, index) => version === from + 1 + index)) return undefined
  const document = structuredClone(task)
  const fits = missing.every(({ patch }) =>
    applyPatch(document, structuredClone(patch) as Operation[]).every((error) => error === null),
  )
  return fits ? document : undefined
}
