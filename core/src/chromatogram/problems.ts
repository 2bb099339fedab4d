import type { Problem } from '../problem/index.ts'
import { entryText, type PartOf, path } from '../record/index.ts'
import { readChromatogram } from './rf.ts'
import { chromatogramProblem } from './says.ts'

/** A spot that has hardly left the line, or runs with the solvent, says nothing about what it is (common practice). */
const LEAST_TELLING = '0.03'
const MOST_TELLING = '0.97'

/** Everything that looks wrong in a chromatogram; nothing here stops anyone from going on. */
export function checkChromatogram(part: PartOf<'chromatogram'>): readonly Problem[] {
  const { front, spots } = readChromatogram(part)
  if (front !== undefined && !front.gt(0))
    return [chromatogramProblem('chromatogram.front', path('parts', part.id, 'front'), { front: front.toFixed() })]
  return spots.flatMap((spot): Problem[] => {
    const at = path('parts', part.id, 'spots', part.spots[spot.index]?.id ?? spot.index, 'distance')
    const { label } = spot
    if (spot.distance.isNegative() || (front && spot.distance.gt(front))) {
      const ran = part.front === undefined ? '' : entryText(part.front)
      return [chromatogramProblem('chromatogram.beyondFront', at, { label, distance: spot.text, front: ran })]
    }
    const { rf } = spot
    if (!rf || (rf.value.gte(LEAST_TELLING) && rf.value.lte(MOST_TELLING))) return []
    const moved = rf.value.lt(LEAST_TELLING) ? 'hardly' : 'all the way'
    return [chromatogramProblem('chromatogram.tellsLittle', at, { label, rf: rf.text, moved })]
  })
}
