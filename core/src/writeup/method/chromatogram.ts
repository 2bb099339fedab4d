import { readChromatogram } from '../../chromatogram/index.ts'
import { entryText, type PartOf, path } from '../../record/index.ts'
import type { Facts } from '../facts.ts'
import type { Proposed } from '../report.ts'
import { listed, measured, propose } from '../words.ts'

/** How the paper was run and measured. */
export function chromatogramDone(part: PartOf<'chromatogram'>, _: Facts): readonly Proposed[] {
  if (part.spots.length === 0) return []
  const { lanes } = readChromatogram(part)
  const unit = part.unit ?? 'cm'
  const solvent = part.solvent?.trim() ? ` in ${part.solvent.trim()}` : ''
  const front = part.front === undefined ? '' : `; the solvent had run ${measured(entryText(part.front), unit)} from it`
  return [
    propose(
      `method ${part.id} run`,
      `Spots of ${listed(lanes.map(({ label }) => label))} were put on a pencil line and the paper was run${solvent}`,
      path('parts', part.id),
    ),
    propose(
      `method ${part.id} measured`,
      `Each spot was measured from the pencil line to its middle${front}`,
      path('parts', part.id),
    ),
  ]
}
