import { assessHeating } from '../../heating/index.ts'
import { materialLabel, type PartOf, partTitle, path } from '../../record/index.ts'
import { numberCell, readingCell, tableOf, wordCell } from '../cells.ts'
import type { Facts } from '../facts.ts'
import type { Table } from '../report.ts'

/** Masses before and after each heating, and how they changed. */
export function heatingTable({ task }: Facts, part: PartOf<'heating'>): Table | undefined {
  if (part.masses.length === 0 && part.container === undefined) return undefined
  const { steps } = assessHeating(part)
  const label = materialLabel(task, part.of)
  const empty =
    part.container === undefined
      ? []
      : [[wordCell('Empty container'), readingCell(part.container, path('parts', part.id, 'container')), wordCell('')]]
  const rows = part.masses.map(({ id, mass }, index) => [
    wordCell(index === 0 ? `Container and ${label}, before heating` : `After heating ${index}`),
    readingCell(mass, path('parts', part.id, 'masses', id, 'mass')),
    index === 0 ? { ...wordCell(''), number: true } : numberCell(steps[index]?.change?.toFixed()),
  ])
  return tableOf({
    id: `masses ${part.id}`,
    caption: partTitle(task, part),
    head: ['Weighing', 'Mass / g', 'Change / g'],
    rows: [...empty, ...rows],
    rowsAreNamed: true,
  })
}
