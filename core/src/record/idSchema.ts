import { z } from 'zod'
import { idFault, LONGEST_ID } from './ids.ts'

/** Names a thing within its list. What paths, links and places could not tell apart or carry is refused, with the reason. */
export const IdSchema = idUpTo(LONGEST_ID)

/** Names a sentence of the report: by its section, what it is about, and what it says of it. */
export const SentenceIdSchema = idUpTo(LONGEST_ID * 3)

function idUpTo(length: number) {
  return z
    .string()
    .max(length)
    .superRefine((id, context) => {
      const fault = idFault(id)
      if (fault !== undefined) context.addIssue({ code: 'custom', message: fault })
    })
}

interface Identified {
  readonly id: string
}

/** Adds an issue for each id of a list that names an earlier thing, too; `where` is the path of the list. */
export function refuseDoubles(
  list: readonly Identified[],
  where: readonly PropertyKey[],
  context: z.RefinementCtx,
  seen = new Set<string>(),
): void {
  list.forEach(({ id }, index) => {
    if (seen.has(id)) {
      context.addIssue({
        code: 'custom',
        path: [...where, index, 'id'],
        message: `'${id}' is the id of another one too; give each its own`,
      })
    }
    seen.add(id)
  })
}
