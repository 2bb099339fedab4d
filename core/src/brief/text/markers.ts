/** What stands before a sentence to number it. */
export type MarkerKind = 'question' | 'letter' | 'roman' | 'number' | 'bullet'

export interface Marker {
  readonly kind: MarkerKind
  /** As it is called: `Question 2`, `b`, `iii`, `4`. */
  readonly name: string
  readonly from: number
  readonly to: number
}

const ROMAN = /^(?:i{1,3}|iv|vi{0,3}|ix|x)$/
const WORDS =
  /^(?:question|experiment|exercise|task|part|test|step|stage|section)[ \t]+(\d{1,2}|[A-Z]|[ivx]+)\b[ \t]*[.:)-]?[ \t]*/i
const LETTER = /^\(([a-z]{1,4})\)[ \t]*|^([a-hA-H])[).][ \t]+(?=\S)/
const NUMBER =
  /^\((\d{1,2})\)[ \t]*|^(\d{1,2})[.):][ \t]+(?=\S)|^(\d{1,2})[ \t]+(?=\(?[A-Za-z(])|^(\d{1,2}\.\d{1,2})[.)]?[ \t]+(?=[A-Z(])/
const BULLET = /^[•*][ \t]*|^-[ \t]+(?=\S)/

/** A quantity or a bottle at the beginning of a line is no number of a step: `2 M acid`, `25 cm3 of A`, `1 is sodium chloride`. */
const QUANTITY =
  /^\d{1,2}\s*(?:cm|mL|ml|dm|mg|g|kg|M|mol|s|min|minutes?|drops?|K|L|%)(?![A-Za-z])(?!\s+(?:is|are|was|contains?)\b|\s\d)|^\d{1,2}\s+(?:is|are|was|and|or|to|of|contains?)\b/

const letterOrRoman = (name: string): MarkerKind => (ROMAN.test(name) ? 'roman' : 'letter')

/**
 * The marker that a piece of text begins with: `2 `, `(b)`, `iii)`, `Step 4:`, a bullet.
 *
 * @param inline - within a line, where only what is set off by brackets or a point is a marker
 */
export function markerAt(text: string, from: number, inline: boolean): Marker | undefined {
  const ahead = text.slice(from, from + AHEAD)
  const word = WORDS.exec(ahead)
  if (word && (!inline || /^\w+ \d{1,2}[.:)]/.test(word[0]))) {
    const kind = /^(?:test|step|stage)/i.test(word[0]) ? 'number' : 'question'
    return { kind, name: word[0].trim().replace(/[.:)-]$/, ''), from, to: from + word[0].length }
  }
  const bullet = BULLET.exec(ahead)
  if (bullet)
    return inline && !bullet[0].startsWith('•') ? undefined : { kind: 'bullet', name: '', from, to: from + bullet[0].length }
  const letter = LETTER.exec(ahead)
  const name = letter?.[1] ?? letter?.[2]
  if (letter && name !== undefined && (name.length === 1 || ROMAN.test(name)) && !(inline && letter[2] !== undefined))
    return { kind: letterOrRoman(name), name: name.toLowerCase(), from, to: from + letter[0].length }
  const number = QUANTITY.test(ahead) ? null : NUMBER.exec(ahead)
  const figure = number?.[1] ?? number?.[2] ?? number?.[3] ?? number?.[4]
  if (!number || figure === undefined || (inline && (number[3] ?? number[4]) !== undefined)) return undefined
  return { kind: 'number', name: figure, from, to: from + number[0].length }
}

/** Signs that are looked at for a marker. */
const AHEAD = 40
