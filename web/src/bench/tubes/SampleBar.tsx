import { materialLabel, type PartOf } from '@hop-lark/core/record'
import { Plus } from 'lucide-react'
import { memo } from 'react'
import { useTask } from '../../notebook/derived.ts'
import { useNotebook } from '../../notebook/store.ts'
import { Button } from '../../ui/Button.tsx'
import { nextSample, type Sample } from './rackEdits.ts'

interface SampleBarProps {
  readonly part: PartOf<'rack'>
  readonly sample: Sample | undefined
  readonly onChoose: (sample: Sample) => void
}

/** The samples of the rack, and a new one. */
export const SampleBar = memo(function SampleBar({ part, sample, onChoose }: SampleBarProps) {
  const task = useTask()
  const edit = useNotebook((state) => state.edit)
  const add = (form: 'solid' | 'solution') => {
    const id = nextSample(task.materials.map((one) => one.id))
    edit('add a sample', (draft) => {
      const found = draft.parts.find((one) => one.id === part.id)
      if (found?.kind !== 'rack') return
      draft.materials.push({ id, label: id, form })
      found.samples.push({ material: id, tubes: [] })
    })
    onChoose({ material: id, tubes: [] })
  }
  return (
    <div className="mb-2 flex flex-wrap items-center gap-2">
      <fieldset className="flex min-w-0 max-w-full overflow-x-auto rounded-lg border border-ink" aria-label="Sample">
        {part.samples.map((one) => (
          <button
            key={one.material}
            type="button"
            aria-pressed={one.material === sample?.material}
            onClick={() => onChoose(one)}
            className={`min-h-9 px-3.5 font-semibold whitespace-nowrap ${one.material === sample?.material ? 'bg-ink text-sheet' : 'bg-sheet text-ink hover:bg-hair'}`}
          >
            {materialLabel(task, one.material)}
          </button>
        ))}
      </fieldset>
      <Button icon={<Plus size={16} />} onClick={() => add('solution')} aria-label="New sample, a solution">
        solution
      </Button>
      <Button icon={<Plus size={16} />} onClick={() => add('solid')} aria-label="New sample, a solid">
        solid
      </Button>
    </div>
  )
})
