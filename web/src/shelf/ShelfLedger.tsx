import type { ShelfPage } from '@hop-lark/contract'
import { ArrowDown, ArrowUp } from 'lucide-react'
import type { ReactNode } from 'react'
import type { ShelfQuery } from '../notebook/api.ts'
import { Button } from '../ui/Button.tsx'
import { ColumnHeads } from '../ui/ColumnHeads.tsx'
import { ShelfRow } from './ShelfRow.tsx'
import { type Grouping, useShelfTable } from './shelfTable.ts'

interface ShelfLedgerProps {
  readonly shelf: ShelfPage
  readonly asked: ShelfQuery
  readonly grouping: Grouping
  readonly onAsk: (more: Partial<ShelfQuery>) => void
  readonly onChanged: () => void
}

/** The lines of the shelf, ordered by the head that is pressed. */
export function ShelfLedger({ shelf, asked, grouping, onAsk, onChanged }: ShelfLedgerProps) {
  const onSort = (sort: ShelfQuery['sort'], order: ShelfQuery['order']) => onAsk({ sort, order, page: 1 })
  const { groups, column } = useShelfTable({ lines: shelf.tasks, asked, grouping, onSort })
  const head = (id: 'title' | 'updated', says: string) => ({
    id,
    says: (
      <SortHead onSort={() => column(id)?.toggleSorting()} order={asked.sort === id ? asked.order : undefined}>
        {says}
      </SortHead>
    ),
    width: 'pr-4!',
    ...(asked.sort === id ? { sorted: asked.order === 'asc' ? ('ascending' as const) : ('descending' as const) } : {}),
  })
  return (
    <>
      <table className="w-full border-collapse">
        <ColumnHeads
          className="max-[699px]:sr-only"
          columns={[
            head('title', 'Task'),
            head('updated', 'Changed'),
            { says: 'How far', width: 'pr-4!' },
            { says: 'Answers so far', align: 'right', width: 'pr-0!' },
            { says: 'More', unseen: true, width: 'w-10' },
          ]}
        />
        {groups.map(({ name, lines }) => (
          <tbody key={name}>
            {name !== '' && (
              <tr>
                <th scope="rowgroup" colSpan={5} className="eyebrow border-b border-hair pt-5 pb-1 text-left">
                  {name}
                </th>
              </tr>
            )}
            {lines.map((line) => (
              <ShelfRow key={line.id} line={line} onChanged={onChanged} />
            ))}
          </tbody>
        ))}
      </table>
      <Pages shelf={shelf} onPage={(page) => onAsk({ page })} />
    </>
  )
}

interface SortHeadProps {
  readonly order: 'asc' | 'desc' | undefined
  readonly onSort: () => void
  readonly children: ReactNode
}

const SortHead = ({ order, onSort, children }: SortHeadProps) => (
  <button type="button" onClick={onSort} className="-my-1 inline-flex items-center gap-1 py-1 hover:text-hop">
    {children}
    {order === 'asc' && <ArrowUp size={14} aria-hidden="true" />}
    {order === 'desc' && <ArrowDown size={14} aria-hidden="true" />}
  </button>
)

function Pages({ shelf, onPage }: { readonly shelf: ShelfPage; readonly onPage: (page: number) => void }) {
  const { total, page, size } = shelf
  const pages = Math.ceil(total / size)
  if (pages < 2) return null
  return (
    <nav aria-label="Pages" className="mt-5 flex items-center gap-3">
      <Button disabled={page <= 1} onClick={() => onPage(page - 1)}>
        Page before
      </Button>
      <span className="text-ink-soft">
        page {page} of {pages}
      </span>
      <Button disabled={page >= pages} onClick={() => onPage(page + 1)}>
        Next page
      </Button>
    </nav>
  )
}
