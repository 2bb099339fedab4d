import type { Problem } from '../problem/index.ts'
import { entryText, type PartOf, path } from '../record/index.ts'
import { readChromatogram } from './rf.ts'

/** A spot that has hardly left the line, or runs with the solvent, says nothing about what it is (common practice). */
const LEAST_TELLING = '0.03'
const MOST_TELLING = '0.97'

/** Everything that looks wrong in a chromatogram; nothing here stops anyone from going on. */
export function checkChromatogram(part: PartOf<'chromatogram'>): readonly Problem[] {
  const { front, spots } = readChromatogram(part)
  if (front !== undefined && !front.gt(0))
    return [
      {
        level: 'error',
        code: 'chromatogram.front',
        at: path('parts', part.id, 'front'),
        says: `The solvent front is given as ${front.toFixed()}.`,
        mend: 'Measure from the pencil line to the front, which you marked before it dried.',
      },
    ]
  return spots.flatMap((spot): Problem[] => {
    const at = path('parts', part.id, 'spots', part.spots[spot.index]?.id ?? spot.index, 'distance')
    if (spot.distance.isNegative() || (front && spot.distance.gt(front)))
      return [
        {
          level: 'error',
          code: 'chromatogram.beyondFront',
          at,
          says: `A spot of ${spot.label} is at ${spot.text}, outside the way the solvent went${part.front === undefined ? '' : `, ${entryText(part.front)}`}.`,
          mend: 'Measure both from the pencil line, to the middle of the spot and to the front.',
        },
      ]
    const value = spot.rf?.value
    if (value?.lt(LEAST_TELLING) || value?.gt(MOST_TELLING))
      return [
        {
          level: 'advice',
          code: 'chromatogram.tellsLittle',
          at,
          says: `The spot of ${spot.label} at Rf ${spot.rf?.text} ${value.lt(LEAST_TELLING) ? 'has hardly moved' : 'ran with the solvent'}.`,
          mend: 'Another solvent would tell it from others that do the same.',
        },
      ]
    return []
  })
}
