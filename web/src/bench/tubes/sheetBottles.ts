import type { SheetBottle } from '@hop-lark/core/rack'
import type { PartOf, Task } from '@hop-lark/core/record'
import { reagentNamed } from '@hop-lark/core/tube'

/** Materials of a task that are bottles for its rack: what is dissolved in them is known, and they are none of its samples. */
export function sheetBottles(task: Task, rack: PartOf<'rack'>): readonly SheetBottle[] {
  const samples = new Set(rack.samples.map(({ material }) => material))
  return task.materials.flatMap(({ id, label, solute, form }): readonly SheetBottle[] => {
    const reagent = `${solute}(${form === 'solid' ? 's' : 'aq'})`
    return solute === undefined || samples.has(id) || !reagentNamed(reagent) ? [] : [{ label, reagent }]
  })
}
