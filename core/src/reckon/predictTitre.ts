import type { Exact } from '../number/index.ts'
import type { Task } from '../record/index.ts'
import { Bench } from './Bench.ts'
import { evaluate } from './evaluate.ts'
import { inTitration } from './place.ts'
import { solve } from './solve.ts'
import { unlessImpossible } from './unlessImpossible.ts'
import { layOutRecord } from './withoutQuestions.ts'

/**
 * Predicts the mean titre of a titration with some other amount of what is analysed in the flask, everything else
 * alike: half the solid, twice the portion. The amount found is scaled and the network solved for the titre, so that a
 * back titration answers rightly: half the solid leaves more of the acid over, not half the titre.
 *
 * @param times - how many times the amount, more than nought
 * @returns the titre in cm³, without the blank; undefined where it cannot be had, negative where the acid would not last
 */
export function predictTitre(task: Task, titration: string, times: Exact): Exact | undefined {
  const { bench: laidOut, solution: found, recorded } = layOutRecord(task)
  const bench = new Bench(task, laidOut)
  const role = recorded.roles.get(titration)
  if (!role || role.also.length > 0 || !times.gt(0)) return undefined
  const { network } = bench
  const flask = { part: { id: titration } }
  const [titre, analyte] = [bench.volume(inTitration(flask, 'titre')), role.before.at(-1)?.analyte ?? role.titrated]
  const amount = bench.amount(analyte.formula, inTitration(flask, 'flask'))
  if (!network.givens.has(titre) || !found.has(amount)) return undefined
  return unlessImpossible(() => {
    const now = evaluate(network, found, amount).get(amount)
    if (!now) return undefined
    network.givens.hide(titre)
    network.give(amount, { value: now.mul(times), text: now.mul(times).toFixed(), reading: false })
    const solution = solve(network)
    return solution.has(titre) ? evaluate(network, solution, titre).get(titre) : undefined
  })
}
