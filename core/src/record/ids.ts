/** Names that mean something to every object of a program; a thing called so could not be found by its name. */
const TAKEN = new Set(['__proto__', 'constructor', 'prototype'])

const RULES: readonly { readonly breaks: RegExp; readonly says: string }[] = [
  { breaks: /[./#]/, says: "must not hold '.', '/' or '#': they stand between names, so that it could not be told apart" },
  { breaks: /^\s|\s$/, says: 'must not begin or end with a blank' },
  { breaks: /\p{C}/u, says: 'must not hold characters that cannot be seen' },
]

/** Why a text cannot name a thing of a record, or undefined where it can. */
export function idFault(id: string): string | undefined {
  if (id === '') return 'must not be empty'
  if (TAKEN.has(id)) return `must not be '${id}', which means something else to programs`
  if (id.normalize('NFC') !== id) return 'must be written with composed letters (Unicode NFC), so that equal names are equal'
  return RULES.find(({ breaks }) => breaks.test(id))?.says
}

/** Longest id, in characters. */
export const LONGEST_ID = 60
