import type { Exact } from '../number/index.ts'
import type { Task } from '../record/index.ts'
import { buildNetwork } from './build.ts'
import { evaluate } from './evaluate.ts'
import { Network } from './network.ts'
import { strengthKey } from './relations/materials.ts'
import { solve } from './solve.ts'
import { unlessImpossible } from './unlessImpossible.ts'

/** A strength on a label, and what the rest of the record makes it. */
export interface CheckedLabel {
  readonly material: string
  readonly stated: Exact
  readonly found: Exact
  readonly unit: string
}

const NO_QUESTIONS: Task['questions'] = []

/** The labels of solutions whose strength follows from the rest of the record as well, with both values. */
export function checkedLabels(task: Task): readonly CheckedLabel[] {
  const stated = task.materials.filter(({ strength }) => strength !== undefined)
  if (stated.length === 0) return []
  const { bench } = buildNetwork({ ...task, questions: NO_QUESTIONS })
  return stated.flatMap((material): CheckedLabel[] => {
    const key = strengthKey(bench, material)
    const given = key === undefined ? undefined : bench.network.givens.get(key)
    if (key === undefined || !given) return []
    const without = new Network(bench.network)
    without.givens.hide(key)
    const solution = solve(without)
    const found = solution.has(key) ? unlessImpossible(() => evaluate(without, solution, key).get(key)) : undefined
    return found ? [{ material: material.id, stated: given.value, found, unit: material.strength?.unit ?? '' }] : []
  })
}
