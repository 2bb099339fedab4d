import { BOTTLE_NAMES, wordsOfName } from '../tube/index.ts'
import { inSmallLetters } from '../wording/index.ts'
import { bottleAt } from './acts/names.ts'

/** A bottle that is named in a text, with where its name stands. */
export interface NamedReagent {
  readonly formula: string
  readonly span: readonly [from: number, to: number]
}

/** The first bottle that a text names, by formula, name or bench abbreviation. */
export function findReagent(text: string): NamedReagent | undefined {
  const searched = inSmallLetters(text)
  for (const { index } of searched.matchAll(/(?<![a-z])[a-z]|(?<![a-z0-9])\(/g)) {
    // A formula may begin with a bracket: (NH4)2CO3.
    const from = searched[index] === '(' ? index + 1 : index
    const found = bottleAt(searched, from)
    if (found) return { formula: found.formula, span: [index, found.to] }
  }
  return undefined
}

/** Names by what they begin with; longer ones come later. */
const NAMES = BOTTLE_NAMES.map(([name, formula]) => ({ name, formula })).toSorted((a, b) => a.name.length - b.name.length)

/** Bottles whose name holds what has been typed, those that begin with it first. */
export function completeReagent(typed: string, most = 6): readonly string[] {
  const fragment = inSmallLetters(typed.trim())
  if (wordsOfName(fragment).length === 0) return []
  const begins = NAMES.filter(({ name }) => name.startsWith(fragment))
  const holds = NAMES.filter(({ name }) => name.includes(fragment))
  const found = new Set([...begins, ...holds].map(({ formula }) => formula))
  // A salt is in solution unless it is asked for as the solid.
  return [...found].filter((formula) => !formula.endsWith('(s)') || !found.has(formula.replace('(s)', '(aq)'))).slice(0, most)
}
