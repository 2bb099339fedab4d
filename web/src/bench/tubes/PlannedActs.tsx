import type { PartOf } from '@hop-lark/core/record'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { Button } from '../../ui/Button.tsx'
import { DidText } from './DidText.tsx'
import { findTube, type Tube } from './rackEdits.ts'

/** What is still to be done in a tube, as the sheet says: the first stands in the line below already. */
export function PlannedActs({ part, tube }: { readonly part: PartOf<'rack'>; readonly tube: Tube }) {
  const change = usePartChange(part)
  const planned = tube.planned ?? []
  const later = planned.slice(1)
  if (planned.length === 0) return null
  const skip = () =>
    change('skip a planned act', (found) => {
      const here = findTube(found, tube.id)?.tube
      const [, ...rest] = here?.planned ?? []
      if (!here) return
      if (rest.length > 0) here.planned = rest
      else delete here.planned
    })
  return (
    <div className="mt-1 flex flex-wrap items-center gap-x-2 gap-y-1 text-[0.95rem]">
      <span className="eyebrow text-lark">{later.length > 0 ? 'Planned, then' : 'Planned, the last here'}</span>
      <ol className="flex flex-wrap gap-x-2 gap-y-1">
        {later.map((act) => (
          <li key={act.id} className="rounded-md border border-hair px-2 py-0.5">
            <DidText action={act} />
          </li>
        ))}
      </ol>
      <Button look="quiet" className="text-sm" onClick={skip}>
        Skip what stands in the line
      </Button>
    </div>
  )
}
