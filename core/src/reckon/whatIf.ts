import type { Exact } from '../number/index.ts'
import type { Program } from '../propagate/index.ts'
import type { Path, Task } from '../record/index.ts'
import { buildNetwork } from './build.ts'
import type { Built, Solved } from './built.ts'
import { compileChain } from './compile.ts'
import { evaluate } from './evaluate.ts'
import type { Given } from './network.ts'
import type { Place, PlaceKey } from './place.ts'
import type { Key, QuantityOf } from './quantity.ts'
import { type Overrides, Shifting } from './shifting.ts'
import { type Chain, chainTo } from './solve.ts'
import { readFormula } from './species.ts'
import { unlessImpossible } from './unlessImpossible.ts'

/** One quantity on the way to an answer, as it is and as it would be. */
export interface Shifted {
  readonly key: Key
  readonly says: string
  readonly before: Exact
  readonly after: Exact
}

/** A reading or given with what it is of. */
export interface GivenAt {
  readonly key: Key
  readonly of: QuantityOf
}

/** Something read or stated that an answer rests on. */
export interface Rest {
  readonly key: Key
  readonly of: QuantityOf
  readonly says: string
  readonly value: Exact
  /** As written. */
  readonly text: string
  /** Where it stands in the record; nothing for what comes from a table. */
  readonly at?: Path
  readonly reading: boolean
}

/** A task's network held open, so that readings can be changed in it and the answers watched. */
export interface OpenNetwork {
  /** The value of a reading or given, or undefined where the network has none by that key. */
  readonly given: (key: Key) => Exact | undefined
  /** The readings and givens at a place, with what they are of. */
  readonly givensAt: (place: Place) => readonly GivenAt[]
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

/** Readings and givens of the record and of all questions, each once. */
function allGivens({ bench, questions }: Built): ReadonlyMap<Key, Given & { readonly of: QuantityOf }> {
  const networks = [bench, ...questions.map((asked) => asked.bench)].map(({ network }) => network)
  return new Map(
    networks.flatMap(({ givens, quantities }) =>
      givens.entries().flatMap(([key, given]) => {
        const of = quantities.get(key)?.of
        return of ? [[key, { ...given, of }] as const] : []
      }),
    ),
  )
}

function givensByPlace(givens: ReturnType<typeof allGivens>): ReadonlyMap<PlaceKey, readonly GivenAt[]> {
  const found = new Map<PlaceKey, GivenAt[]>()
  for (const [key, { of }] of givens) {
    if (!of.place) continue
    const same = found.get(of.place.key)
    if (same) same.push({ key, of })
    else found.set(of.place.key, [{ key, of }])
  }
  return found
}

/** Parts of a value that thirty digits of arithmetic leave over. */
const ROUNDING = 1e-24

const isSame = (one: Exact, other: Exact) => one.sub(other).abs().lte(one.abs().mul(ROUNDING))

/** A function of a question that is worked out once for each. */
function remembered<Result>(work: (question: string) => Result): (question: string) => Result {
  const known = new Map<string, Result>()
  return (question) => {
    if (!known.has(question)) known.set(question, work(question))
    return known.get(question) as Result
  }
}

/** The chain to one question's answer, in the network of that question. */
interface Answered extends Solved {
  readonly key: Key
  readonly chain: Chain
}

/** What of a chain is other than it was, where its answer is. */
function shiftedBy({ bench, solution, key }: Answered, shifting: Shifting, overrides: Overrides): readonly Shifted[] {
  const after = unlessImpossible(() => shifting.shift(overrides))
  const [answered, shifted] = [shifting.before.get(key), after?.get(key)]
  if (!after || !answered || !shifted || isSame(answered, shifted)) return []
  return [...after].flatMap(([link, is]): Shifted[] => {
    const was = shifting.before.get(link)
    if (!was || was.eq(is) || solution.get(link)?.rule?.silent) return []
    return [{ key: link, says: bench.network.quantities.get(link)?.says ?? link, before: was, after: is }]
  })
}

/** What a chain starts from. */
const restsOf = ({ bench: { network }, chain }: Answered): readonly Rest[] =>
  chain.flatMap(({ key, rule }) => {
    const given = network.givens.get(key)
    const quantity = network.quantities.get(key)
    return rule === undefined && given && quantity ? [{ key, of: quantity.of, says: quantity.says, ...given }] : []
  })

/** Opens a task's networks. The chains are those of the record; only values change. */
export function openNetwork(task: Task): OpenNetwork {
  const built = buildNetwork(task)
  const valuesOf = ({ bench, solution }: Solved, key: Key) => unlessImpossible(() => evaluate(bench.network, solution, key))
  const answers = new Map(
    built.questions.flatMap(({ question, target, bench, solution }) =>
      'key' in target && solution.has(target.key)
        ? [[question.id, { bench, solution, key: target.key, chain: chainTo(solution, target.key) }] as const]
        : [],
    ),
  )
  const shiftingOf = remembered((question: string): Shifting | undefined => {
    const answer = answers.get(question)
    const before = answer && valuesOf(answer, answer.key)
    return before && new Shifting(answer.bench.network, answer.chain, before)
  })
  const givens = allGivens(built)
  const places = givensByPlace(givens)
  const rests = new Map([...answers].map(([question, { chain }]) => [question, new Set(chain.map(({ key }) => key))]))
  return {
    given: (key) => givens.get(key)?.value,
    givensAt: (place) => places.get(place.key) ?? [],
    answered: [...answers.keys()],
    restsOn: (question, key) => rests.get(question)?.has(key) ?? false,
    strength: (material, species) => {
      const formula = readFormula(species)
      const key = formula && built.bench.concentration(formula, material)
      return key === undefined || !built.solution.has(key) ? undefined : valuesOf(built, key)?.get(key)
    },
    restsOf: (question) => {
      const answer = answers.get(question)
      return answer ? restsOf(answer) : []
    },
    program: (question) => {
      const answer = answers.get(question)
      return answer && compileChain(answer.bench.network, answer.solution, answer.key)
    },
    shift: (question, overrides) => {
      const [answer, shifting] = [answers.get(question), shiftingOf(question)]
      return answer && shifting ? shiftedBy(answer, shifting, overrides) : []
    },
  }
}
