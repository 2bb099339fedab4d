import { reagentNamed } from '../tube/index.ts'
import { type LiquidKind, OF_IONS } from './kinds.ts'
import type { Foretold } from './play.ts'
import { TESTS_LIQUIDS } from './rules.ts'
import type { Sign } from './signs.ts'

/** A sign that comes is seen and written down (judgement). */
const SEEN = 0.96
/** The same of what is often left unsaid. */
const SAID: Readonly<Record<string, number>> = { smell: 0.6, smoky: 0.7, mixes: 0.8, layers: 0.8 }
/** A colour beside that which is foretold (judgement). */
const NEAR = 0.25
/** What is not foretold is seen, by a slip or in a dirty tube: some three in a hundred, of any of ten signs. */
const SURPRISE = 0.004
/** Ions show much that these rules do not foretell, but not in a bottle that is only for organic groups. */
const SURPRISE_OF_IONS = 0.02
/** Whether a bottle is only there for organic groups: in the rules, and of no use to the model of ions. */
export const isOnlyOrganic = (bottle: string) => TESTS_LIQUIDS.has(bottle) && reagentNamed(bottle)?.special === 'unforetold'

const COLOURS_ALIKE: readonly ReadonlySet<string>[] = [
  new Set(['green', 'blue', 'blue-green', 'dark green', 'pale green', 'grey-green']),
  new Set(['white', 'cream', 'off-white']),
  new Set(['cream', 'pale yellow', 'off-white']),
  new Set(['yellow', 'pale yellow', 'bright yellow']),
  new Set(['orange', 'yellow', 'bright yellow', 'orange-red']),
  new Set(['brick-red', 'red-brown', 'orange', 'brown', 'red', 'orange-red', 'rust']),
  new Set(['purple', 'lilac', 'blue', 'blue-black']),
]
const SMELLS_ALIKE: readonly ReadonlySet<string>[] = [
  new Set(['vinegar', 'sharp', 'choking', 'pungent']),
  new Set(['fruity', 'alcoholic']),
  new Set(['antiseptic', 'swimming pools']),
]
/** Signs of other sorts that are the same thing in other words. */
const ALIKE: readonly ReadonlySet<string>[] = [
  new Set(['mirror', 'precipitate grey', 'precipitate silver', 'solution grey', 'precipitate black']),
  new Set(['precipitate white', 'layers']),
  new Set(['solution purple', 'precipitate purple']),
]

/** Whether one sign is easily taken for, or written as, another. */
function near(one: Sign, other: Sign): boolean {
  if (ALIKE.some((set) => set.has(one) && set.has(other))) return true
  const [[sort, what = ''], [otherSort, otherWhat = '']] = [one, other].map((sign) => sign.split(/ (.*)/s)) as [
    string[],
    string[],
  ]
  if (sort !== otherSort) return false
  if (sort === 'precipitate' && [what, otherWhat].includes('of any colour')) return true
  const sets = sort === 'smell' ? SMELLS_ALIKE : COLOURS_ALIKE
  return sets.some((set) => set.has(what) && set.has(otherWhat))
}

const saidOf = (sign: Sign, smelt: boolean) => (smelt ? 1 : (SAID[sign.split(' ')[0] ?? ''] ?? 1))

/**
 * How likely it is that a step is written so, if a liquid shows what is foretold; ln.
 *
 * @param bottles - what is in the tube by then
 * @param smelt - whether the step is smelling itself
 */
export function likelihoodOfSigns(
  seen: readonly Sign[],
  foretold: readonly Foretold[],
  kind: LiquidKind,
  bottles: ReadonlySet<string>,
  smelt: boolean,
): number {
  const mayShowMore = kind !== 'water' && OF_IONS.has(kind) && ![...bottles].some(isOnlyOrganic)
  const surprise = mayShowMore ? SURPRISE_OF_IONS : SURPRISE
  const shown = new Set<Foretold>()
  let sum = 0
  for (const sign of seen) {
    const exact = foretold.find((one) => one.sign === sign)
    const alike = exact ?? foretold.find((one) => !seen.includes(one.sign) && near(one.sign, sign))
    if (alike) shown.add(alike)
    sum += Math.log(exact ? SEEN * exact.often : alike ? NEAR * alike.often : surprise)
  }
  for (const one of foretold) if (!shown.has(one)) sum += Math.log(1 - SEEN * one.often * saidOf(one.sign, smelt))
  return sum
}
