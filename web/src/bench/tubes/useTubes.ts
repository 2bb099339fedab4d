import { findMaterial, materialLabel, type PartOf } from '@hop-lark/core/record'
import { useTask } from '../../notebook/derived.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { rackKey, usePlace } from './place.ts'
import { addPortion, findTube, nextTubeId, openTube, type Sample, type Tube } from './rackEdits.ts'

/** Which sample and tube a rack shows, and how to go to others. */
export interface Tubes {
  readonly sample: Sample | undefined
  readonly tube: Tube | undefined
  readonly select: (tubeId: string) => void
  readonly choose: (sample: Sample) => void
  /** Puts a fresh portion of the sample into the rack and shows it; `dry` as the solid from its jar. */
  readonly portion: (dry: boolean) => void
  /** The next tube of the rack, or the one before, through all samples. */
  readonly move: (by: 1 | -1) => void
}

/** A sample without tubes is shown by its material. */
const NO_TUBE = 'sample '

/** The place of the student in a rack. */
export function useTubes(part: PartOf<'rack'>): Tubes {
  const task = useTask()
  const change = usePartChange(part)
  const key = rackKey(task.id, part.id)
  const shown = usePlace((state) => state.shown[key])
  const show = usePlace((state) => state.show)
  const here = findTube(part, shown)
  const sample = here?.sample ?? part.samples.find(({ material }) => shown === NO_TUBE + material) ?? part.samples[0]
  const tube = here?.tube ?? (sample && openTube(sample))
  const select = (tubeId: string) => show(key, tubeId)
  return {
    sample,
    tube,
    select,
    choose: (one) => show(key, openTube(one)?.id ?? NO_TUBE + one.material),
    portion: (dry) => {
      if (!sample) return
      const id = nextTubeId(part, materialLabel(task, sample.material))
      change('fresh portion', (found) => addPortion(found, sample.material, id, dry))
      select(id)
    },
    move: (by) => {
      const all = part.samples.flatMap(({ tubes }) => tubes.map(({ id }) => id))
      const next = all[all.indexOf(tube?.id ?? '') + by]
      if (next !== undefined) select(next)
    },
  }
}

/** Whether a sample came as a solid. */
export function useIsSolid(material: string | undefined): boolean {
  const task = useTask()
  return material !== undefined && findMaterial(task, material)?.form === 'solid'
}
