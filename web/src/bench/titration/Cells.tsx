import { Fragment, type ReactNode } from 'react'
import { COLUMN, type Columns } from './useColumns.ts'

/** A row's cells of the columns that are drawn, with room for those that are left out. */
export function Cells({
  columns: { columns, after },
  children,
}: {
  readonly columns: Columns
  readonly children: (index: number) => ReactNode
}) {
  return (
    <>
      {columns.map(({ index, skipped }) => (
        <Fragment key={index}>
          {skipped > 0 && <Room columns={skipped} />}
          {children(index)}
        </Fragment>
      ))}
      {after > 0 && <Room columns={after} />}
    </>
  )
}

function Room({ columns }: { readonly columns: number }) {
  return <td aria-hidden="true" className="p-0" style={{ width: columns * COLUMN, minWidth: columns * COLUMN }} />
}
