import type { ReactNode } from 'react'

interface Column {
  readonly says: ReactNode
  /** Told apart where several say the same. */
  readonly id?: string
  readonly align?: 'right' | 'center'
  /** Classes of its width and padding. */
  readonly width?: string
  /** Said to screen readers alone: what stands below needs no heading. */
  readonly unseen?: boolean
  /** Which way the rows are in order of it, if they are. */
  readonly sorted?: 'ascending' | 'descending'
}

interface ColumnHeadsProps {
  readonly columns: readonly Column[]
  /** As small headings in capitals, for tables of words. */
  readonly eyebrow?: boolean
  /** For the whole head: hidden where rows become cards, say. */
  readonly className?: string
}

const ALIGN = { right: 'text-right', center: 'text-center' } as const

/** The heads of a table's columns, all tables alike. */
export function ColumnHeads({ columns, eyebrow = false, className }: ColumnHeadsProps) {
  return (
    <thead className={className}>
      <tr className="border-b-[1.5px] border-ink text-left align-bottom">
        {columns.map(({ says, id, align, width = '', unseen, sorted }, index) => (
          <th
            key={id ?? `${index}${says}`}
            scope="col"
            aria-sort={sorted}
            className={`${eyebrow ? 'eyebrow' : 'text-sm font-semibold'} py-1 pr-2 last:pr-0 ${align ? ALIGN[align] : ''} ${width}`}
          >
            {unseen ? <span className="sr-only">{says}</span> : says}
          </th>
        ))}
      </tr>
    </thead>
  )
}
