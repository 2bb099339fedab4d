import type { ShelfLine } from '@hop-lark/contract'
import {
  columnFilteringFeature,
  columnGroupingFeature,
  createColumnHelper,
  createGroupedRowModel,
  rowSortingFeature,
  tableFeatures,
  useTable,
} from '@tanstack/react-table'
import { format } from 'date-fns'
import type { ShelfQuery } from '../notebook/api.ts'
import { HOW_FAR } from './howFar.ts'

/** What lines can be put together by. */
export type Grouping = 'none' | 'changed' | 'far'

const features = tableFeatures({
  rowSortingFeature,
  columnFilteringFeature,
  columnGroupingFeature,
  groupedRowModel: createGroupedRowModel(),
})

const helper = createColumnHelper<typeof features, ShelfLine>()
const columns = helper.columns([
  helper.accessor('title', { id: 'title' }),
  helper.accessor(({ updated }) => updated, {
    id: 'updated',
    getGroupingValue: ({ updated }) => format(new Date(updated), 'MMMM yyyy'),
  }),
  helper.accessor(({ summary }) => HOW_FAR[summary.progress], { id: 'far' }),
])
const GROUPED: Readonly<Record<Grouping, string[]>> = { none: [], changed: ['updated'], far: ['far'] }

interface ShelfTable {
  readonly lines: readonly ShelfLine[]
  readonly asked: ShelfQuery
  readonly grouping: Grouping
  readonly onSort: (sort: ShelfQuery['sort'], order: ShelfQuery['order']) => void
}

/** The lines of a page as a table: ordered and chosen by the server, since it has the other pages; put together here. */
export function useShelfTable({ lines, asked, grouping, onSort }: ShelfTable) {
  const table = useTable({
    features,
    columns,
    data: lines as ShelfLine[],
    manualSorting: true,
    manualFiltering: true,
    enableSortingRemoval: false,
    getRowId: ({ id }) => id,
    state: {
      sorting: [{ id: asked.sort, desc: asked.order === 'desc' }],
      columnFilters: asked.progress === 'any' ? [] : [{ id: 'far', value: asked.progress }],
      grouping: GROUPED[grouping],
    },
    onSortingChange: (change) => {
      const [next] = typeof change === 'function' ? change([{ id: asked.sort, desc: asked.order === 'desc' }]) : change
      if (next?.id === 'title' || next?.id === 'updated') onSort(next.id, next.desc ? 'desc' : 'asc')
    },
  })
  const { rows } = table.getGroupedRowModel()
  const groups =
    grouping === 'none'
      ? [{ name: '', lines: rows.map(({ original }) => original) }]
      : rows.map((row) => ({
          name: String(row.groupingValue),
          lines: row.subRows.map(({ original }) => original),
        }))
  return { groups, column: (id: 'title' | 'updated') => table.getColumn(id) }
}
