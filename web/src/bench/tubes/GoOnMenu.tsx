import { materialLabel, type PartOf } from '@hop-lark/core/record'
import { ChevronDown } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { memo } from 'react'
import { useTask } from '../../notebook/derived.ts'
import { useNotebook } from '../../notebook/store.ts'
import { findTube, goOn, nextSample, nextTubeId, type Tube } from './rackEdits.ts'

interface GoOnMenuProps {
  readonly part: PartOf<'rack'>
  readonly tube: Tube
  readonly onMade: (tubeId: string) => void
}

const ITEM = 'cursor-pointer rounded-md px-3 py-2 outline-none data-[highlighted]:bg-hair'

/** Going on with what a tube holds, in a tube of its own. */
export const GoOnMenu = memo(function GoOnMenu({ part, tube, onMade }: GoOnMenuProps) {
  const task = useTask()
  const edit = useNotebook((state) => state.edit)
  const filtered = tube.steps.some((step) => step.do === 'filter')
  const make = (take: Tube['take'], asSample: boolean) => {
    const home = findTube(part, tube.id)
    if (!home) return
    const id = nextTubeId(part, materialLabel(task, home.sample.material), tube.id)
    edit(`go on from ${tube.id}`, (draft) => {
      const found = draft.parts.find((one) => one.id === part.id)
      if (found?.kind !== 'rack') return
      const material = asSample ? nextSample(draft.materials.map((one) => one.id)) : undefined
      if (material !== undefined)
        draft.materials.push({
          id: material,
          label: `product of ${tube.id}`,
          form: take === 'residue' ? 'solid' : 'solution',
        })
      goOn(found, tube.id, id, take, material)
    })
    onMade(id)
  }
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="inline-flex min-h-9 items-center gap-1 rounded-lg border border-rule bg-sheet px-3 text-[0.95rem] font-semibold hover:border-ink-soft">
        Go on from {tube.id} <ChevronDown size={15} aria-hidden="true" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" className="z-50 rounded-xl border border-rule bg-sheet p-1.5">
          <DropdownMenu.Item className={ITEM} onSelect={() => make(undefined, false)}>
            with all of it, in another tube
          </DropdownMenu.Item>
          {filtered && (
            <>
              <DropdownMenu.Item className={ITEM} onSelect={() => make('filtrate', false)}>
                with the filtrate
              </DropdownMenu.Item>
              <DropdownMenu.Item className={ITEM} onSelect={() => make('residue', false)}>
                with the residue
              </DropdownMenu.Item>
            </>
          )}
          <DropdownMenu.Item className={ITEM} onSelect={() => make(undefined, true)}>
            as a new sample: its product
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
})
