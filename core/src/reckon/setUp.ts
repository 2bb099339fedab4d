import { Exact } from '../number/index.ts'
import type { PartOf, Task } from '../record/index.ts'
import { evaluate } from './evaluate.ts'
import { inTitration } from './place.ts'
import type { Roles } from './relations/roles.ts'
import { unlessImpossible } from './unlessImpossible.ts'
import { layOutRecord } from './withoutQuestions.ts'

/** What reacts with what in a titration; undefined while its equation does not tell. */
export function reactingIn(task: Task, part: PartOf<'titration'>): Roles | undefined {
  return layOutRecord(task).recorded.roles.get(part.id)
}

/** The titre that the labels lead to, in cm³, before anything was titrated; undefined where they do not tell or a titre is there. */
export function expectedTitre(task: Task, part: PartOf<'titration'>): Exact | undefined {
  const { bench, solution } = layOutRecord(task)
  const titre = bench.volume(inTitration({ part }, 'titre'))
  if (bench.network.givens.has(titre) || !solution.has(titre)) return undefined
  const value = unlessImpossible(() => evaluate(bench.network, solution, titre).get(titre))
  return value && new Exact(value)
}
