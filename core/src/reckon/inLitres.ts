import type { Answer } from './answer.ts'

const inMillilitres = (text: string) => text.replace(/cm[3³]/g, 'mL').replace(/dm[3³]/g, 'L')

function throughout<Part>(part: Part): Part {
  if (typeof part === 'string') return inMillilitres(part) as Part
  if (Array.isArray(part)) return part.map(throughout) as Part
  if (typeof part !== 'object' || part === null) return part
  return Object.fromEntries(
    // Names of lines and places in the record are not read by anyone.
    Object.entries(part).map(([name, inside]) => [name, name === 'line' || name === 'at' ? inside : throughout(inside)]),
  ) as Part
}

/** An answer as a school writes it that works in mL and L: every word and unit of it. */
export function inLitres(answer: Answer): Answer {
  const { question, ...written } = answer
  return { question, ...throughout(written) }
}
