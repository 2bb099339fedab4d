import { readChromatogram } from '../../chromatogram/index.ts'
import { type PartOf, partTitle, path } from '../../record/index.ts'
import { numberCell, readingCell, tableOf, wordCell } from '../cells.ts'
import type { Facts } from '../facts.ts'
import type { Table } from '../report.ts'
import { listed } from '../words.ts'

/** Spots with their distances, Rf and what they match. */
export function chromatogramTable({ task }: Facts, part: PartOf<'chromatogram'>): Table | undefined {
  if (part.spots.length === 0) return undefined
  const { spots } = readChromatogram(part)
  const unit = part.unit ?? 'cm'
  const coloured = part.spots.some(({ colour }) => colour)
  const rows = part.spots.map(({ id, label, distance, known, colour }, index) => {
    const matches = spots[index]?.matches ?? []
    return [
      wordCell(known ? `${label} (reference)` : label),
      ...(coloured ? [wordCell(colour ?? '')] : []),
      readingCell(distance, path('parts', part.id, 'spots', id, 'distance')),
      numberCell(spots[index]?.rf?.text),
      wordCell(known ? '' : matches.length === 0 ? 'none' : listed(matches, 'or')),
    ]
  })
  const front =
    part.front === undefined
      ? []
      : [
          [
            wordCell('Solvent front'),
            ...(coloured ? [wordCell('')] : []),
            readingCell(part.front, path('parts', part.id, 'front')),
            numberCell('1.00'),
            wordCell(''),
          ],
        ]
  return tableOf({
    id: `spots ${part.id}`,
    caption: partTitle(task, part),
    head: ['Spot', ...(coloured ? ['Colour'] : []), `Distance from the line / ${unit}`, 'Rf', 'Matches'],
    rows: [...rows, ...front],
    rowsAreNamed: true,
  })
}
