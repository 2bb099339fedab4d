import { materialLabel, type PartOf, path } from '../../record/index.ts'
import { weighedMass } from '../../titration/index.ts'
import { numberCell, readingCell, tableOf, wordCell } from '../cells.ts'
import type { Facts } from '../facts.ts'
import type { Cell, Table } from '../report.ts'

type Weighing = PartOf<'weighing'>

const FIELDS = ['withSample', 'withResidue', 'container', 'mass'] as const

/** What was on the balance at each reading; the container is weighed empty, or with what stayed in it. */
const weighedThen = (field: (typeof FIELDS)[number], label: string): string =>
  ({
    withSample: `Container and ${label}`,
    withResidue: 'Container and what stayed in it',
    container: 'Empty container',
    mass: label,
  })[field]

/** The weighings of one material, a column each: readings, and what was taken. */
export function weighingTable({ task }: Facts, weighings: readonly Weighing[]): Table | undefined {
  const [first] = weighings
  if (!first) return undefined
  const label = materialLabel(task, first.of)
  const read = FIELDS.filter((field) => weighings.some((one) => one[field] !== undefined))
  if (read.length === 0) return undefined
  const several = weighings.length > 1
  const rows = read.map((field): readonly Cell[] => [
    wordCell(weighedThen(field, label)),
    ...weighings.map((one) => readingCell(one[field], path('parts', one.id, field))),
  ])
  const taken: readonly Cell[] = [wordCell(`${label} taken`), ...weighings.map((one) => numberCell(weighedMass(one)?.text))]
  return tableOf({
    id: `weighing ${first.id}`,
    caption: `Weighing ${label}`,
    head: several ? ['Weighed', ...weighings.map((_, index) => `Mass ${index + 1} / g`)] : ['Weighed', 'Mass / g'],
    rows: read.length === 1 && read[0] === 'mass' ? rows : [...rows, taken],
    rowsAreNamed: true,
  })
}
