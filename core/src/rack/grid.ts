import type { PartOf } from '../record/index.ts'
import { type Action, sayAction } from './acts/action.ts'

type Rack = PartOf<'rack'>
type Tube = Rack['samples'][number]['tubes'][number]

/** A sample's tube in which a test was done, and what each of its steps showed; undefined where nothing was written. */
interface GridCell {
  readonly tube: string
  readonly saw: readonly (string | undefined)[]
}

/** One test, with what each sample showed in it. */
export interface GridRow {
  readonly test: string
  readonly from?: string
  readonly actions: readonly Action[]
  /** By sample, in the order of the rack; undefined where it was not done. */
  readonly cells: readonly (GridCell | undefined)[]
}

const named = ({ from, steps }: Tube) => `${from === undefined ? '' : `from ${from}: `}${steps.map(sayAction).join(', ')}`

/** Every test down, the samples across. */
export function gridOf({ samples }: Pick<Rack, 'samples'>): readonly GridRow[] {
  const tests = new Map<string, Tube>()
  for (const tube of samples.flatMap(({ tubes }) => tubes)) {
    if (tube.steps.length > 0 && !tests.has(named(tube))) tests.set(named(tube), tube)
  }
  return [...tests].map(([test, first]) => ({
    test,
    ...(first.from === undefined ? {} : { from: first.from }),
    actions: first.steps,
    cells: samples.map(({ tubes }) => {
      const tube = tubes.find((one) => one.steps.length > 0 && named(one) === test)
      return tube && { tube: tube.id, saw: tube.steps.map(({ saw }) => saw?.trim() || undefined) }
    }),
  }))
}
