const BY = /^\s*(?:from\s+)?(-?\d+(?:\.\d+)?)\s*(?:to|-|–)\s*(\d+(?:\.\d+)?)\s*(?:by|every|in steps of|,)\s*(\d+(?:\.\d+)?)\s*$/i
const MOST = 400

const decimals = (text: string) => text.split('.')[1]?.length ?? 0

/** Places on an axis as they are typed: `0 to 45 by 5`, or one after another, `0, 30, 60, 90`. */
export function placesTyped(text: string): string[] {
  const [, from, to, by] = BY.exec(text) ?? []
  if (from === undefined || to === undefined || by === undefined)
    return text
      .split(/[\s,;]+/)
      .filter((one) => /^-?\d+(?:\.\d+)?$/.test(one))
      .slice(0, MOST)
  const count = Math.floor((Number(to) - Number(from)) / Number(by) + 1e-9)
  if (!(count >= 0) || count > MOST) return []
  const places = Math.max(decimals(from), decimals(to), decimals(by))
  return Array.from({ length: count + 1 }, (_, index) => (Number(from) + index * Number(by)).toFixed(places))
}
