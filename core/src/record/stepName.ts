import { type Path, path } from './path.ts'
import type { PartOf } from './types.ts'

/** What a step is called wherever people read it: its tube and its number there, from 1. `P1.3`. */
export const stepName = (tube: string, index: number): string => `${tube}.${index + 1}`

/** Where a step that is called so stands in the record, or undefined where the rack has none. */
export function stepPath(rack: PartOf<'rack'>, name: string): Path | undefined {
  const [tube = '', number = ''] = name.split('.')
  for (const { material, tubes } of rack.samples) {
    const step = tubes.find(({ id }) => id === tube)?.steps[Number(number) - 1]
    if (step) return path('parts', rack.id, 'samples', material, 'tubes', tube, 'steps', step.id)
  }
  return undefined
}
