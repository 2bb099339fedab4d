import { foretell } from './foretell.ts'
import { CANDIDATES } from './ions.ts'
import { freshOf, TESTS } from './nextTests.ts'

/**
 * Plays the usual tests with every ion by itself, in the order in which they are done. What was played is remembered, so
 * the first record that is identified need not wait for it. Yields after each.
 */
export function* warmingUp(): Generator<void, void> {
  const fresh = freshOf('solution')
  for (const { steps } of TESTS) {
    for (const ion of CANDIDATES) {
      foretell({ ions: [ion] }, fresh, steps)
      yield
    }
  }
}
