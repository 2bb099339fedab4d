import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { PRESETS } from './presets.ts'

/** Common schools of doing titrations, each taken with one press. */
export function Presets() {
  const { conventions } = useTask()
  const edit = useNotebook((state) => state.edit)
  const alike = (one: object) => JSON.stringify({ ...one, volumeUnit: undefined })
  return (
    <div className="mt-3 grid grid-cols-2 gap-2 max-[699px]:grid-cols-1">
      {PRESETS.map(({ name, says, conventions: preset }) => {
        const current = alike(conventions) === alike(preset)
        return (
          <button
            key={name}
            type="button"
            aria-pressed={current}
            className={`rounded-lg border p-3 text-left ${current ? 'border-hop bg-hop-wash' : 'border-rule hover:border-ink-soft'}`}
            onClick={() =>
              edit(`take the preset ${name}`, (task) => {
                task.conventions = { ...structuredClone(preset), volumeUnit: task.conventions.volumeUnit }
              })
            }
          >
            <span className="block font-semibold">{name}</span>
            <span className="block text-sm text-ink-soft">{says}</span>
          </button>
        )
      })}
    </div>
  )
}
