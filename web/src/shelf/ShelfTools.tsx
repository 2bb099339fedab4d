import { Search } from 'lucide-react'
import type { RefObject } from 'react'
import type { ShelfQuery } from '../notebook/api.ts'
import { Button } from '../ui/Button.tsx'
import { choicesOf } from '../ui/choices.ts'
import { Select } from '../ui/Select.tsx'
import { HOW_FAR } from './howFar.ts'
import type { Grouping } from './shelfTable.ts'

const PROGRESS = choicesOf<ShelfQuery['progress']>({ any: 'all tasks', ...HOW_FAR })
const GROUPINGS = choicesOf<Grouping>({ none: 'one list', changed: 'by month', far: 'by how far' })

interface ShelfToolsProps {
  readonly field: RefObject<HTMLInputElement | null>
  readonly asked: ShelfQuery
  readonly onAsk: (more: Partial<ShelfQuery>) => void
  readonly grouping: Grouping
  readonly onGroup: (grouping: Grouping) => void
}

/** What is on the shelf: searched for, as far as asked, put together. */
export function ShelfTools({ field, asked, onAsk, grouping, onGroup }: ShelfToolsProps) {
  return (
    <div className="flex flex-wrap items-center gap-3">
      <label className="flex items-center gap-2 rounded-lg border border-rule px-3">
        <Search size={16} aria-hidden="true" />
        <span className="sr-only">Search by title</span>
        <input
          ref={field}
          value={asked.search}
          onChange={(event) => onAsk({ search: event.target.value, page: 1 })}
          placeholder="Search by title"
          maxLength={200}
          className="min-h-9 w-44 bg-transparent outline-none placeholder:text-ink-soft"
        />
      </label>
      <Select label="How far" value={asked.progress} choices={PROGRESS} onChange={(progress) => onAsk({ progress, page: 1 })} />
      <Select label="Put together" value={grouping} choices={GROUPINGS} onChange={onGroup} />
      <Button look="quiet" onClick={() => onAsk({ archived: asked.archived === 'true' ? 'false' : 'true', page: 1 })}>
        {asked.archived === 'true' ? 'Back to the shelf' : 'Archived'}
      </Button>
    </div>
  )
}
