import type { Exact } from '../number/index.ts'
import type { Task } from '../record/index.ts'
import { evaluate } from './evaluate.ts'
import { Network } from './network.ts'
import type { Key } from './quantity.ts'
import { strengthKey } from './relations/materials.ts'
import { type Solution, solve } from './solve.ts'
import { unlessImpossible } from './unlessImpossible.ts'
import { layOutRecord } from './withoutQuestions.ts'

/** A strength on a label, and what the rest of the record makes it. */
export interface CheckedLabel {
  readonly material: string
  readonly stated: Exact
  readonly found: Exact
  readonly unit: string
}

/** Ways to a strength that do not begin at its own label, by the solution of the record; which way that is hangs on no value. */
const WITHOUT_LABEL = new WeakMap<Solution, Map<Key, Solution>>()

function solveWithout(network: Network, solved: Solution, key: Key): Solution {
  const known = WITHOUT_LABEL.get(solved) ?? new Map<Key, Solution>()
  WITHOUT_LABEL.set(solved, known)
  const layer = new Network(network)
  layer.givens.hide(key)
  const solution = known.get(key) ?? solve(layer)
  known.set(key, solution)
  return solution
}

/** The labels of solutions whose strength follows from the rest of the record as well, with both values. */
export function checkedLabels(task: Task): readonly CheckedLabel[] {
  const stated = task.materials.filter(({ strength }) => strength !== undefined)
  if (stated.length === 0) return []
  const { bench, solution: solved } = layOutRecord(task)
  return stated.flatMap((material): CheckedLabel[] => {
    const key = strengthKey(bench, material)
    const given = key === undefined ? undefined : bench.network.givens.get(key)
    if (key === undefined || !given) return []
    const solution = solveWithout(bench.network, solved, key)
    const found = solution.has(key) ? unlessImpossible(() => evaluate(bench.network, solution, key).get(key)) : undefined
    return found ? [{ material: material.id, stated: given.value, found, unit: material.strength?.unit ?? '' }] : []
  })
}
