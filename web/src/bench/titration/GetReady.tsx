import type { PartOf } from '@hop-lark/core/record'
import { readinessOf } from '@hop-lark/core/titration'
import { useTask } from '../../notebook/derived.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { Disclosure } from '../../ui/Disclosure.tsx'

/** The checklist before the first run: what to have done to burette, pipette and flask, and why. */
export function GetReady({ part }: { readonly part: PartOf<'titration'> }) {
  const task = useTask()
  const change = usePartChange(part)
  const groups = readinessOf(task, part)
  const lines = groups.flatMap((group) => group.lines)
  const done = lines.filter(({ id }) => part.ready?.includes(id)).length
  const tick = (id: string) =>
    change('tick the checklist', (found) => {
      const before = found.ready ?? []
      found.ready = before.includes(id) ? before.filter((one) => one !== id) : [...before, id]
    })
  return (
    <Disclosure title={`Get ready (${done} of ${lines.length})`}>
      {() => (
        <div className="max-w-2xl">
          {groups.map(({ piece, lines: own }) => (
            <fieldset key={piece} className="mb-3">
              <legend className="eyebrow mb-1">{piece}</legend>
              {own.map(({ id, says, because }) => (
                <label key={id} className="flex min-h-10 cursor-pointer items-start gap-3 border-b border-hair py-1.5">
                  <input
                    type="checkbox"
                    className="mt-1 size-5 shrink-0 accent-(--hop)"
                    checked={part.ready?.includes(id) ?? false}
                    onChange={() => tick(id)}
                  />
                  <span>
                    {says}
                    <span className="block text-sm text-ink-soft">{because}</span>
                  </span>
                </label>
              ))}
            </fieldset>
          ))}
        </div>
      )}
    </Disclosure>
  )
}
