import { decimalPlaces } from '../../number/index.ts'
import { entryText, type Part } from '../../record/index.ts'
import { listed } from '../words.ts'
import { type Read, readOf } from './readings.ts'
import type { Remark } from './remark.ts'

const plural = (places: number) => `${places === 0 ? 'no' : places} ${places === 1 ? 'decimal' : 'decimals'}`

function differing({ what, readings }: Read): readonly Remark[] {
  const read = readings.flatMap(({ entry, at }) => (entry === undefined ? [] : [{ at, text: entryText(entry) }]))
  const places = read.map(({ text }) => decimalPlaces(text))
  const most = Math.max(0, ...places)
  const odd = read.filter((_, index) => (places[index] ?? 0) < most)
  const [first] = odd
  if (!first) return []
  const named = odd.slice(0, 3).map(({ text }) => text)
  return [
    {
      code: 'look.decimals',
      at: first.at,
      says: `The ${what} have different numbers of decimals: ${listed(named)} beside others with ${plural(most)}.`,
      mend: 'One instrument is read to the same number of decimals every time: 21.5 on a burette is 21.50.',
    },
  ]
}

/** Readings of one instrument that were not written to the same number of decimals. */
export const lookAtDecimals = (parts: readonly Part[]): readonly Remark[] =>
  parts.flatMap((part) => readOf(part).flatMap(differing))
