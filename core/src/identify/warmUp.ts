import { foretell, freshOf } from './foretell.ts'
import { ANIONS, CATIONS } from './ions.ts'
import { TESTS } from './tests.ts'

/** Anions of the salts that are usually handed out. */
const HANDED_OUT = ANIONS.filter(({ ion }) => ['SO4^2-', 'Cl-', 'I-', 'CO3^2-'].includes(ion))

/**
 * Plays the usual tests with the usual salts, in the order in which they are done. What was played is remembered, and
 * the engine has met the code, so that the first record that is identified need not wait for either. Yields after each.
 */
export function* warmingUp(): Generator<void, void> {
  const fresh = freshOf('solution')
  for (const { steps } of TESTS) {
    for (const cation of CATIONS) {
      for (const anion of HANDED_OUT) {
        foretell({ ions: [cation, anion] }, fresh, steps)
        yield
      }
    }
  }
}
