import type { Task } from './types.ts'

/** Ids of the solution parts whose material goes into itself, straight or by way of others. */
export function circularSolutions({ parts }: Pick<Task, 'parts'>): ReadonlySet<string> {
  const solutions = parts.flatMap((part) => (part.kind === 'solution' ? [part] : []))
  const sources = new Map<string, Set<string>>()
  for (const { gives, from } of solutions) {
    const into = sources.get(gives) ?? new Set()
    for (const source of from) if ('material' in source) into.add(source.material)
    sources.set(gives, into)
  }
  const reaches = (start: string): boolean => {
    const seen = new Set<string>()
    const waiting = [...(sources.get(start) ?? [])]
    for (let next = waiting.pop(); next !== undefined; next = waiting.pop()) {
      if (next === start) return true
      if (seen.has(next)) continue
      seen.add(next)
      waiting.push(...(sources.get(next) ?? []))
    }
    return false
  }
  return new Set(solutions.filter(({ gives }) => reaches(gives)).map(({ id }) => id))
}
