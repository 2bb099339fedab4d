import { findMaterial, materialLabel, type PartOf } from '@hop-lark/core/record'
import { Plus } from 'lucide-react'
import { memo } from 'react'
import { usePageAction } from '../../keys/pageActions.ts'
import { useKeyAction } from '../../keys/useKeyAction.ts'
import { useTask } from '../../notebook/derived.ts'
import { useNotebook } from '../../notebook/store.ts'
import { Button } from '../../ui/Button.tsx'
import { useOrdered } from '../../ui/order/Grip.tsx'
import { Order } from '../../ui/order/Order.tsx'
import { moveItem, orderKeys } from '../../ui/order/orderKeys.ts'
import { nextSample, type Sample } from './rackEdits.ts'

interface SampleBarProps {
  readonly part: PartOf<'rack'>
  readonly sample: Sample | undefined
  readonly onChoose: (sample: Sample) => void
  /** Goes to a sample that was just added, with the cursor on what is done next. */
  readonly onAdded: (act: () => void) => void
}

/** The samples of the rack, and a new one. */
export const SampleBar = memo(function SampleBar({ part, sample, onChoose, onAdded }: SampleBarProps) {
  const task = useTask()
  const edit = useNotebook((state) => state.edit)
  const add = (form: 'solid' | 'solution' | 'liquid') => {
    const id = nextSample(task.materials.map((one) => one.id))
    edit('add a sample', (draft) => {
      const found = draft.parts.find((one) => one.id === part.id)
      if (found?.kind !== 'rack') return
      draft.materials.push({ id, label: id, form })
      found.samples.push({ material: id, tubes: [] })
    })
    onAdded(() => onChoose({ material: id, tubes: [] }))
  }
  const form = sample && findMaterial(task, sample.material)?.form
  // Unknowns of one task mostly come alike.
  useKeyAction('makeNew', { says: 'New sample', words: 'add unknown like the last' }, () =>
    add(form === undefined || form === 'gas' ? 'solution' : form),
  )
  usePageAction({ says: 'New sample, a solution', act: () => add('solution') })
  usePageAction({ says: 'New sample, a solid', act: () => add('solid') })
  usePageAction({ says: 'New sample, an organic liquid or water', act: () => add('liquid') })
  const move = (from: number, to: number) =>
    edit('move a sample', (draft) => {
      const found = draft.parts.find((one) => one.id === part.id)
      if (found?.kind === 'rack') moveItem(found.samples, from, to)
    })
  return (
    <div className="mb-2 flex flex-wrap items-center gap-2">
      {part.samples.length === 0 && (
        <p className="basis-full">No sample yet. Is the first one a solution, a solid, or a liquid?</p>
      )}
      <Order
        ids={part.samples.map(({ material }) => material)}
        along="row"
        nameOf={(id) => materialLabel(task, id)}
        onMove={move}
      >
        <fieldset
          className={`flex min-w-0 max-w-full overflow-x-auto rounded-lg ${part.samples.length === 0 ? '' : 'border border-ink'}`}
          aria-label="Sample"
        >
          {part.samples.map((one, index) => (
            <SampleButton
              key={one.material}
              sample={one}
              chosen={one.material === sample?.material}
              onChoose={onChoose}
              onStep={(by) => move(index, index + by)}
            />
          ))}
        </fieldset>
      </Order>
      <Button icon={<Plus size={16} />} onClick={() => add('solution')} aria-label="New sample, a solution">
        solution
      </Button>
      <Button icon={<Plus size={16} />} onClick={() => add('solid')} aria-label="New sample, a solid">
        solid
      </Button>
      <Button icon={<Plus size={16} />} onClick={() => add('liquid')} aria-label="New sample, an organic liquid or water">
        liquid
      </Button>
    </div>
  )
})

interface SampleButtonProps {
  readonly sample: Sample
  readonly chosen: boolean
  readonly onChoose: (sample: Sample) => void
  readonly onStep: (by: 1 | -1) => void
}

function SampleButton({ sample, chosen, onChoose, onStep }: SampleButtonProps) {
  const task = useTask()
  const { place, pointer } = useOrdered(sample.material)
  return (
    <button
      type="button"
      aria-pressed={chosen}
      aria-keyshortcuts="Alt+ArrowLeft Alt+ArrowRight"
      title="Drag, or Alt and an arrow, to move it"
      onClick={() => onChoose(sample)}
      onKeyDown={(event) => orderKeys(event, onStep)}
      {...place}
      {...pointer}
      className={`min-h-9 px-3.5 font-semibold whitespace-nowrap data-[lifted]:relative data-[lifted]:z-10 ${chosen ? 'bg-ink text-sheet' : 'bg-sheet text-ink hover:bg-hair'}`}
    >
      {materialLabel(task, sample.material)}
    </button>
  )
}
