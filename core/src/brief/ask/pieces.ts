import { quantityIn, withoutLead } from './quantities.ts'

/** A part of a question that asks for one thing. */
export interface Piece {
  readonly text: string
  /** Where it begins in its sentence. */
  readonly from: number
}

const CUTS =
  /;\s*|\?\s+|,?\s+and (?:hence |then |thus |so |also )?|,\s+(?:hence |then |thus )|,\s+(?=(?:calculate|find|express|determine|work out)\b)/gi

/** A question cut where another quantity is asked for; "of sodium carbonate and of sodium hydroxide" is one. */
export function piecesOf(text: string): readonly Piece[] {
  const pieces: { text: string; from: number }[] = []
  let from = text.length - withoutLead(text).length
  for (const match of text.matchAll(CUTS)) {
    const [before, after] = [text.slice(from, match.index), text.slice(match.index + match[0].length)]
    const next = after.split(/;|\?\s|\band\b/)[0] ?? ''
    const asksOther =
      quantityIn(before) !== undefined &&
      (quantityIn(next) !== undefined || /^(?:say|which|what|explain|identify|name|express it|in m?g\b|in mol\b)/i.test(next))
    if (!asksOther) continue
    pieces.push({ text: before, from })
    from = match.index + match[0].length
  }
  pieces.push({ text: text.slice(from), from })
  return pieces
}
