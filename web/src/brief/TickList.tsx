import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'

interface TickListProps {
  /** Under what its ticks are kept. */
  readonly name: 'ready' | 'clear'
  readonly title: string
  readonly lines: readonly string[]
}

/** A list of things to have done, ticked as they are done. */
export function TickList({ name, title, lines }: TickListProps) {
  const { brief } = useTask()
  const edit = useNotebook((state) => state.edit)
  const done = new Set(brief?.done ?? [])
  const keyOf = (line: string) => `${name}: ${line}`.slice(0, 120)
  const tick = (line: string, on: boolean) =>
    edit(on ? `tick ${line}` : `take the tick off ${line}`, (task) => {
      if (!task.brief) return
      const kept = (task.brief.done ?? []).filter((one) => one !== keyOf(line))
      task.brief.done = on ? [...kept, keyOf(line)] : kept
    })
  if (lines.length === 0) return null
  return (
    <section aria-label={title}>
      <h2 className="eyebrow text-lark">{title}</h2>
      <ul className="mt-1">
        {lines.map((line) => (
          <li key={line}>
            <label className="finger flex min-h-9 items-start gap-2.5 py-1 text-[0.95rem]">
              <input
                type="checkbox"
                className="mt-1 h-4.5 w-4.5 flex-none accent-hop"
                checked={done.has(keyOf(line))}
                onChange={(event) => tick(line, event.target.checked)}
              />
              {line}
            </label>
          </li>
        ))}
      </ul>
    </section>
  )
}
