import type { Lane, ReadSpot } from './rf.ts'

const andList = (words: readonly string[]) =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`

const withRf = (words: string, spot: ReadSpot) => `${words} (Rf ${spot.rf?.text})`

/**
 * What a sample's lane says, in the sentence a student would write; undefined for a reference, and while nothing is
 * measured.
 *
 * @example
 * laneSentence(lane) // 'L contains K (Rf 0.45) and M (Rf 0.72); its spot at Rf 0.13 matches no reference.'
 */
export function laneSentence({ label, known, spots }: Lane): string | undefined {
  const measured = spots.filter(({ rf }) => rf)
  if (known || measured.length === 0) return undefined
  const matched = measured.filter(({ matches }) => matches.length > 0)
  const alone = measured.filter(({ matches }) => matches.length === 0)
  const found = matched.map((spot) =>
    withRf(spot.matches.length === 1 ? (spot.matches[0] ?? '') : `${spot.matches.join(' or ')}`, spot),
  )
  const rest =
    alone.length === 0
      ? ''
      : `${alone.length === 1 ? 'its spot' : 'its spots'} at Rf ${andList(alone.map(({ rf }) => rf?.text ?? ''))} ${alone.length === 1 ? 'matches' : 'match'} no reference`
  if (found.length === 0) return `In ${label}, ${rest}.`
  return `${label} contains ${andList(found)}${rest === '' ? '' : `; ${rest}`}.`
}
