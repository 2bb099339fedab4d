import { drawTube, sayAction } from '@hop-lark/core/rack'
import { findMaterial, type PartOf, path, sampleForms, tubeLine, tubesById, writePath } from '@hop-lark/core/record'
import { memo, useMemo } from 'react'
import { describeTube, TestTube } from '../../instruments/TestTube.tsx'
import { useTask } from '../../notebook/derived.ts'
import { Formula } from '../../ui/Chem.tsx'
import type { Sample, Tube } from './rackEdits.ts'

interface RackProps {
  readonly part: PartOf<'rack'>
  readonly sample: Sample
  readonly selected: string | undefined
  readonly onSelect: (tubeId: string) => void
}

/** The rack of one sample: each tube as its record has it now. */
export const Rack = memo(function Rack({ part, sample, selected, onSelect }: RackProps) {
  const task = useTask()
  const tubes = useMemo(() => tubesById(part.samples), [part.samples])
  const forms = sampleForms(task)
  return (
    <ul aria-label="Rack" className="flex gap-1 overflow-x-auto pt-1 pb-1">
      {sample.tubes.map((tube) => {
        const root = rootOf(part, tube, tubes)
        const drawn = drawTube(tube, tubes, {
          appearance: findMaterial(task, root)?.note ?? '',
          dry: forms[root] === 'solid',
        })
        const chosen = tube.id === selected
        return (
          <li key={tube.id} className="min-w-[3.4rem] max-w-[5.6rem] flex-1">
            <button
              type="button"
              aria-pressed={chosen}
              aria-label={`Tube ${tube.id}: ${describeTube(drawn)}`}
              title={describeTube(drawn)}
              data-at={writePath(path('parts', part.id, 'samples', sample.material, 'tubes', tube.id))}
              onClick={() => onSelect(tube.id)}
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
      })}
    </ul>
  )
})

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
