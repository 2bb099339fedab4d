import { type Part, partTitle } from '@hop-lark/core/record'
import { Sheet } from '../app/Sheet.tsx'
import { useTask } from '../notebook/derived.ts'

/** A part that came with a task file and has no page of its own: shown as recorded, kept and exported unchanged. */
export function KeptPartPage({ part }: { readonly part: Part }) {
  const task = useTask()
  return (
    <Sheet
      title={partTitle(task, part)}
      says="From the task file, as recorded."
      now={{
        title: 'Read only.',
        says: 'This part is kept with the task and exported unchanged. It is filled in through the task file.',
      }}
      about={[part.id]}
    >
      <pre className="overflow-x-auto rounded-xl border border-rule p-4 font-mono text-sm">{JSON.stringify(part, null, 2)}</pre>
    </Sheet>
  )
}
