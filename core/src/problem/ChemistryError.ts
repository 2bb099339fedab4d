/** What an error was about, by name, so that a page can word it anew without reading the message. */
export type ErrorFacts = Readonly<Record<string, string | number>>

/**
 * A refusal by the chemistry: what is wrong, where, and how to mend it, in one English sentence or two.
 *
 * `code` is stable (`formula.unknownElement`) and `facts` travel with it.
 */
export class ChemistryError extends Error {
  readonly code: string
  readonly facts: ErrorFacts

  constructor(code: string, message: string, facts: ErrorFacts = {}) {
    super(message)
    this.name = 'ChemistryError'
    this.code = code
    this.facts = facts
  }
}
