import { itemName } from './identity.ts'

/**
 * Names a place in a document by ids where things have them and by position otherwise:
 * `['parts', 1, 'runs', 2, 'final']` is `parts.t1.runs.2.final`.
 */
export function findPath(document: unknown, path: readonly PropertyKey[]): string {
  let here: unknown = document
  const names = path.map((key) => {
    const next = typeof here === 'object' && here !== null ? (here as Record<PropertyKey, unknown>)[key] : undefined
    const name = typeof key === 'number' ? itemName(next) : undefined
    here = next
    return name ?? String(key)
  })
  return names.join('.')
}
