import type { z } from 'zod'

const KINDS: Readonly<Record<string, string>> = {
  string: 'text in quotation marks',
  number: 'a number without quotation marks',
  int: 'a whole number without quotation marks',
  boolean: 'true or false',
  array: 'a list in square brackets',
  object: 'an object in braces',
}

/** What a length is counted in. */
const COUNTED: Readonly<Record<string, string>> = { string: ' characters', array: ' items' }

const kindOf = (value: unknown): string =>
  value === null ? 'null' : (KINDS[Array.isArray(value) ? 'array' : typeof value] ?? typeof value)

function mustBeOf(allowed: readonly unknown[], value: unknown): string {
  const choices = allowed.map((one) => `'${String(one)}'`).join(', ')
  return value === undefined ? `is missing: it must be one of ${choices}` : `must be one of ${choices}`
}

function reasonOf(issue: z.core.$ZodIssue, value: unknown): string {
  // The schema has words of its own for what can be told better than in general.
  if (!/^(?:Invalid (?:input|option|discriminator)|Too (?:big|small))/.test(issue.message)) return issue.message
  switch (issue.code) {
    case 'invalid_type': {
      const wanted = KINDS[issue.expected] ?? issue.expected
      return value === undefined ? `is missing: it must be ${wanted}` : `must be ${wanted}, not ${kindOf(value)}`
    }
    case 'invalid_value':
      return mustBeOf(issue.values, value)
    case 'invalid_union':
      return 'options' in issue && issue.options
        ? mustBeOf(issue.options, value)
        : `${JSON.stringify(value)} is none of the things that may stand here`
    case 'too_big':
      return `must be at most ${issue.maximum}${COUNTED[issue.origin] ?? ''}`
    case 'too_small':
      return `must be at least ${issue.minimum}${COUNTED[issue.origin] ?? ''}`
    default:
      return issue.message
  }
}

/** What is wrong with a value, as a sentence in the words of a task file rather than of a program. */
export function sayFault(issue: z.core.$ZodIssue, value: unknown): string {
  const reason = reasonOf(issue, value)
  return /[.!?]$/.test(reason) ? reason : `${reason}.`
}
