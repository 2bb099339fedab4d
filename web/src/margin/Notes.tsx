import { useNotebook } from '../notebook/store.ts'
import { Button } from '../ui/Button.tsx'

const shown = (value: unknown) => (typeof value === 'string' ? value : JSON.stringify(value))

/** What this window and another changed differently: said once, until it has been read. */
export function Notes() {
  const { notes, dropNotes } = useNotebook()
  if (notes.length === 0) return null
  return (
    <section aria-label="Changed elsewhere" className="border-l-3 border-iodine pl-3">
      <h2 className="eyebrow text-iodine">Changed in two windows</h2>
      <ul className="text-sm">
        {notes.map(({ at, kept, other }) => (
          <li key={`${at}${shown(other)}`}>
            {at}: kept “{shown(kept)}”; the other window had “{shown(other)}”.
          </li>
        ))}
      </ul>
      <Button look="quiet" onClick={dropNotes}>
        Seen
      </Button>
    </section>
  )
}
