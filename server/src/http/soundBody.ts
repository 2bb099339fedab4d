import type { RequestHandler } from 'express'
import { Refusal } from './Refusal.ts'

/** Deeper than any task is; what is far deeper would be walked through by calls that call themselves. */
const DEEPEST = 40
/** A code unit of a pair that stands alone. */
const HALF_A_PAIR = /\p{Surrogate}/u

interface Place {
  readonly value: unknown
  readonly at: string
  readonly depth: number
}

function refuse({ at }: Place, code: string, says: string, mend: string): never {
  throw new Refusal(422, code, `${at || 'The request'} ${says}`, mend)
}

/**
 * Refuses a request that nests deeper than a task can, and text that is no text: half of a pair of code units, which no
 * database keeps as it is. It goes through the body step by step, so that depth costs no stack.
 */
function checkBody(body: unknown): void {
  const open: Place[] = [{ value: body, at: '', depth: 0 }]
  for (let place = open.pop(); place; place = open.pop()) {
    const { value, at, depth } = place
    if (typeof value === 'string') {
      if (HALF_A_PAIR.test(value))
        refuse(place, 'text.broken', 'holds a broken character.', 'Type the text again where a character is shown as a box.')
    } else if (typeof value === 'object' && value !== null) {
      if (depth >= DEEPEST) refuse(place, 'request.tooDeep', 'is nested deeper than a task can be.', 'Send a task file.')
      for (const [key, inner] of Object.entries(value)) {
        if (HALF_A_PAIR.test(key)) refuse(place, 'text.broken', 'has a name with a broken character.', 'Write the name anew.')
        open.push({ value: inner, at: at === '' ? key : `${at}.${key}`, depth: depth + 1 })
      }
    }
  }
}

/** Looks at the body of each request before anybody works with it. */
export const soundBody: RequestHandler = (request, _response, next) => {
  checkBody(request.body)
  next()
}
