import type { ReactNode } from 'react'

interface ShelfRow {
  readonly key: string
  /** Words by which it is found. */
  readonly words: string
  readonly name: ReactNode
  readonly says: ReactNode
}

/** A list of things to look up; those that hold what is looked for. */
export function Shelf({ rows, sought }: { readonly rows: readonly ShelfRow[]; readonly sought: string }) {
  const found = rows.filter(({ words }) => words.toLowerCase().includes(sought))
  if (found.length === 0) return <p className="text-ink-soft">Nothing here by the name of “{sought}”.</p>
  return (
    <dl>
      {found.map(({ key, name, says }) => (
        <div key={key} className="grid gap-x-4 border-b border-hair py-2 min-[500px]:grid-cols-[11rem_1fr]">
          <dt className="font-semibold break-words">{name}</dt>
          <dd className="text-[0.95rem]">{says}</dd>
        </div>
      ))}
    </dl>
  )
}

/** What can hurt, marked as such. */
export const Care = ({ says }: { readonly says: string | undefined }) =>
  says ? <span className="mt-0.5 block border-l-3 border-iodine pl-2 text-iodine">{says}</span> : null
