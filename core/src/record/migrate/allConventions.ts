import { ConventionsSchema } from '../conventions.ts'
import { isRecord, type Json } from './json.ts'

/** Whether something says all that another says, at every depth. */
function saysAll(given: unknown, filled: unknown): boolean {
  if (!isRecord(filled)) return true
  return isRecord(given) && Object.entries(filled).every(([name, value]) => name in given && saysAll(given[name], value))
}

/**
 * Fills in conventions that are newer than the task, each with what is usual. The same task where it says all of them, or
 * where what it says cannot be read.
 */
export function withAllConventions(document: Readonly<Json>): Readonly<Json> {
  const { success, data } = ConventionsSchema.safeParse(document.conventions ?? {})
  return !success || saysAll(document.conventions, data) ? document : { ...document, conventions: data }
}
