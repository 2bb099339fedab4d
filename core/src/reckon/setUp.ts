import { Exact } from '../number/index.ts'
import type { PartOf, Task } from '../record/index.ts'
import { Bench } from './Bench.ts'
import { buildNetwork } from './build.ts'
import { evaluate } from './evaluate.ts'
import { inTitration } from './place.ts'
import { type Roles, rolesOf } from './relations/roles.ts'
import { unlessImpossible } from './unlessImpossible.ts'

/** What reacts with what in a titration; undefined while its equation does not tell. */
export function reactingIn(task: Task, part: PartOf<'titration'>): Roles | undefined {
  const roles = rolesOf(new Bench(task), part)
  return typeof roles === 'string' ? undefined : roles
}

/** The titre that the labels lead to, in cm³, before anything was titrated; undefined where they do not tell or a titre is there. */
export function expectedTitre(task: Task, part: PartOf<'titration'>): Exact | undefined {
  const { bench, solution } = buildNetwork(task)
  const titre = bench.volume(inTitration({ part }, 'titre'))
  if (bench.network.givens.has(titre) || !solution.has(titre)) return undefined
  const value = unlessImpossible(() => evaluate(bench.network, solution, titre).get(titre))
  return value && new Exact(value)
}
