import type { Task } from '@hop-lark/core/record'
import { useTask } from '../notebook/derived.ts'
import { AddMaterial } from '../ui/AddMaterial.tsx'
import { MaterialCard } from '../ui/MaterialCard.tsx'

/** The bottles and solids of the task. */
export function MaterialsSection() {
  const task = useTask()
  return (
    <section aria-label="Materials" className="mt-8">
      <div className="flex items-center justify-between gap-3 border-b-[1.5px] border-ink pb-2">
        <h2 className="text-xl font-bold">On the bench</h2>
        <div className="flex gap-2">
          <AddMaterial form="solid" says="Solid" />
          <AddMaterial form="solution" says="Solution" />
        </div>
      </div>
      {task.materials.length === 0 && (
        <p className="py-4 text-ink-soft">No materials yet. Add each bottle by its label: F1, F2, …</p>
      )}
      {task.materials.map((material) => (
        <MaterialCard key={material.id} material={material} removable={!isUsed(task, material.id)} />
      ))}
    </section>
  )
}

function isUsed(task: Task, id: string): boolean {
  return JSON.stringify([task.parts, task.questions]).includes(`"${id}"`)
}
