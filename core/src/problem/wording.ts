import type { ErrorFacts } from './ChemistryError.ts'
import type { Level, Mend, Problem } from './Problem.ts'

/** How a kind of problem is said: from its facts, so that it can be worded anew, or in another language, in one place. */
export interface Wording<Facts extends ErrorFacts> {
  readonly level: Level
  readonly says: (facts: Facts) => string
  readonly mend: (facts: Facts) => string
}

/** The facts that a wording speaks of; those of a wording without any are none. */
type FactsOf<Words> = Words extends Wording<infer Facts> ? Facts : never

/**
 * Makes problems in the words of a module (its `says.ts`): whoever finds one gives its code, its place and its facts.
 *
 * @param words - by code
 */
export function problemsIn<Words extends Readonly<Record<string, Wording<never>>>>(words: Words) {
  return <Code extends keyof Words & string>(
    code: Code,
    at: Problem['at'],
    facts: FactsOf<Words[Code]>,
    offer?: Mend,
  ): Problem => {
    const { level, says, mend } = words[code] as unknown as Wording<ErrorFacts>
    return { level, code, at, facts, says: says(facts), mend: mend(facts), ...(offer ? { offer } : {}) }
  }
}

/** A sentence begins with a capital, whatever it begins with. */
export const asSentence = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
