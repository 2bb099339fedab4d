import type { Exact } from '../number/index.ts'
import { ChemistryError } from '../problem/index.ts'
import type { Program } from '../propagate/index.ts'
import type { Task } from '../record/index.ts'
import { buildNetwork } from './build.ts'
import { compileChain } from './compile.ts'
import { evaluate, type Values } from './evaluate.ts'
import type { Key } from './network.ts'
import { chainTo, type Solution, solve } from './solve.ts'
import { readFormula } from './species.ts'

/** Values that readings are taken to have instead, by key. */
export type Overrides = ReadonlyMap<Key, Exact>

/** One quantity on the way to an answer, as it is and as it would be. */
export interface Shifted {
  readonly key: Key
  readonly says: string
  readonly before: Exact
  readonly after: Exact
}

/** Something read or stated that an answer rests on. */
export interface Rest {
  readonly key: Key
  readonly says: string
  readonly value: Exact
  /** As written. */
  readonly text: string
  /** Where it stands in the record; nothing for what comes from a table. */
  readonly at?: string
  readonly reading: boolean
}

/** A task's network held open, so that readings can be changed in it and the answers watched. */
export interface OpenNetwork {
  /** The value of a reading or given, or undefined where the network has none by that key. */
  readonly given: (key: Key) => Exact | undefined
  /** Keys of all readings and givens. */
  readonly givenKeys: readonly Key[]
  /** Questions that have an answer. */
  readonly answered: readonly string[]
  /** Whether an answer rests on a reading. */
  readonly restsOn: (question: string, key: Key) => boolean
  /** Concentration of a species in a material, mol/dm³, stated or worked out. */
  readonly strength: (material: string, species: string) => Exact | undefined
  /** What an answer rests on. */
  readonly restsOf: (question: string) => readonly Rest[]
  /** An answer's chain as a program, in the quantity's own unit; undefined where there is no answer. */
  readonly program: (question: string) => Program | undefined
  /** Every quantity on the way to an answer that changes with the readings, in the order worked out, the answer last; empty where the answer does not change. */
  readonly shift: (question: string, overrides: Overrides) => readonly Shifted[]
}

/** Works an answer out with other readings than the record's; undefined where that cannot be done (nothing left to divide by). */
function evaluateWith(
  built: ReturnType<typeof buildNetwork>,
  solution: Solution,
  key: Key,
  overrides: Overrides,
): Values | undefined {
  const { network } = built.bench
  const before = new Map(network.givens)
  for (const [given, value] of overrides) {
    const known = network.givens.get(given)
    if (known) network.givens.set(given, { ...known, value })
  }
  try {
    return evaluate(network, solution, key)
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error
    return undefined
  } finally {
    for (const [given, known] of before) network.givens.set(given, known)
  }
}

/** Parts of a value that thirty digits of arithmetic leave over. */
const ROUNDING = 1e-24

const isSame = (one: Exact, other: Exact) => one.sub(other).abs().lte(one.abs().mul(ROUNDING))

/** Opens a task's network. The chains are those of the record; only values change. */
export function openNetwork(task: Task): OpenNetwork {
  const built = buildNetwork(task)
  const { network } = built.bench
  const solution = solve(network)
  const keys = new Map(
    built.targets.flatMap(({ question, target }) =>
      'key' in target && solution.has(target.key) ? [[question.id, target.key] as const] : [],
    ),
  )
  const chains = new Map([...keys].map(([question, key]) => [question, chainTo(solution, key)]))
  return {
    given: (key) => network.givens.get(key)?.value,
    givenKeys: [...network.givens.keys()],
    answered: [...keys.keys()],
    restsOn: (question, key) => chains.get(question)?.some((link) => link.key === key) ?? false,
    strength: (material, species) => {
      const formula = readFormula(species)
      const key = formula && built.bench.concentration(formula, material)
      return key === undefined || !solution.has(key) ? undefined : evaluateWith(built, solution, key, new Map())?.get(key)
    },
    restsOf: (question) =>
      (chains.get(question) ?? []).flatMap(({ key, rule }) => {
        const given = network.givens.get(key)
        return rule === undefined && given ? [{ key, says: network.quantities.get(key)?.says ?? key, ...given }] : []
      }),
    program: (question) => {
      const key = keys.get(question)
      return key === undefined ? undefined : compileChain(network, solution, key)
    },
    shift: (question, overrides) => {
      const key = keys.get(question)
      const [before, after] =
        key === undefined ? [] : [evaluateWith(built, solution, key, new Map()), evaluateWith(built, solution, key, overrides)]
      const [answered, shifted] = [before?.get(key ?? ''), after?.get(key ?? '')]
      if (!before || !after || !answered || !shifted || isSame(answered, shifted)) return []
      return (chains.get(question) ?? []).flatMap(({ key: link, rule }): Shifted[] => {
        const [was, is] = [before.get(link), after.get(link)]
        if (!was || !is || was.eq(is) || rule?.silent) return []
        return [{ key: link, says: network.quantities.get(link)?.says ?? link, before: was, after: is }]
      })
    },
  }
}
