import { drawTube, sayAction } from '@hop-lark/core/rack'
import { findMaterial, type PartOf, path, sampleForms, tubeLine, tubesById, writePath } from '@hop-lark/core/record'
import { memo, useMemo } from 'react'
import { describeTube, TestTube } from '../../instruments/TestTube.tsx'
import { useTask } from '../../notebook/derived.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { Formula } from '../../ui/Chem.tsx'
import { useOrdered } from '../../ui/order/Grip.tsx'
import { Order } from '../../ui/order/Order.tsx'
import { moveItem, orderKeys } from '../../ui/order/orderKeys.ts'
import type { Sample, Tube } from './rackEdits.ts'

interface RackProps {
  readonly part: PartOf<'rack'>
  readonly sample: Sample
  readonly selected: string | undefined
  readonly onSelect: (tubeId: string) => void
}

/** The rack of one sample: each tube as its record has it now, in an order that can be changed. */
export const Rack = memo(function Rack({ part, sample, selected, onSelect }: RackProps) {
  const change = usePartChange(part)
  const move = (from: number, to: number) =>
    change('move a tube', (found) => {
      const tubes = found.samples.find(({ material }) => material === sample.material)?.tubes
      if (tubes) moveItem(tubes, from, to)
    })
  return (
    <Order ids={sample.tubes.map(({ id }) => id)} along="row" nameOf={(id) => `Tube ${id}`} onMove={move}>
      <ul aria-label="Rack" className="flex gap-1 overflow-x-auto pt-1 pb-1">
        {sample.tubes.map((tube, index) => (
          <TubeInRack
            key={tube.id}
            part={part}
            sample={sample}
            tube={tube}
            chosen={tube.id === selected}
            onSelect={onSelect}
            onStep={(by) => move(index, index + by)}
          />
        ))}
      </ul>
    </Order>
  )
})

interface TubeInRackProps extends Omit<RackProps, 'selected'> {
  readonly tube: Tube
  readonly chosen: boolean
  readonly onStep: (by: 1 | -1) => void
}

function TubeInRack({ part, sample, tube, chosen, onSelect, onStep }: TubeInRackProps) {
  const task = useTask()
  const tubes = useMemo(() => tubesById(part.samples), [part.samples])
  const { place, pointer } = useOrdered(tube.id)
  const root = rootOf(part, tube, tubes)
  const drawn = drawTube(tube, tubes, {
    appearance: findMaterial(task, root)?.note ?? '',
    dry: sampleForms(task)[root] === 'solid',
  })
  return (
    <li {...place} className="min-w-[3.4rem] max-w-[5.6rem] flex-1 data-[lifted]:relative data-[lifted]:z-10">
      <button
        type="button"
        aria-pressed={chosen}
        aria-label={`Tube ${tube.id}: ${describeTube(drawn)}`}
        aria-keyshortcuts="Alt+ArrowLeft Alt+ArrowRight"
        title={`${describeTube(drawn)}. Drag, or Alt and an arrow, to move it`}
        data-at={writePath(path('parts', part.id, 'samples', sample.material, 'tubes', tube.id))}
        onClick={() => onSelect(tube.id)}
        onKeyDown={(event) => orderKeys(event, onStep)}
        {...pointer}
        className={`flex w-full flex-col items-center rounded-xl px-1 pt-2 pb-1.5 ${chosen ? 'bg-lark-wash' : 'hover:bg-hair'}`}
      >
        <TestTube tube={drawn} />
        <span className="mt-1 font-semibold">{tube.id}</span>
        <span className="w-full truncate text-center text-[0.8rem] text-ink-soft">
          <Caption tube={tube} />
        </span>
      </button>
    </li>
  )
}

/** What was last done in a tube, in as few signs as may be. */
function Caption({ tube: { steps, from, take } }: { readonly tube: Tube }) {
  const last = steps.at(-1)
  if (!last) return from ? `${from} ${take ?? ''}`.trim() : 'fresh'
  const bottle = /^([A-Z(].*?)\((?:aq|s|l|g|conc)\)$/.exec(last.reagent ?? '')?.[1]
  if (last.do === 'add' && last.reagent) return bottle === undefined ? last.reagent : <Formula text={bottle} />
  return sayAction(last).split(/[ ,]/)[0] ?? ''
}

/** The jar that a tube's contents come from in the end. */
function rootOf({ samples }: PartOf<'rack'>, tube: Tube, tubes: ReadonlyMap<string, Tube>): string {
  const [first = tube] = tubeLine(tube, tubes)
  return samples.find((sample) => sample.tubes.some(({ id }) => id === first.id))?.material ?? ''
}
