import { ChemistryError } from '../../problem/index.ts'
import { evaluate, residualOf } from './balances.ts'
import { descend, polish } from './descend.ts'
import { direct, reduce, weigh } from './pivots.ts'
import type { Workspace } from './workspace.ts'

const MOST_EXCHANGES = 400
/** A solid is put in when it is supersaturated by more than rounding (ln units). */
const SUPERSATURATED = 1e-9
/** First the choice of solids is made on a state this exact: from a loose one only what is well supersaturated goes in. */
const LOOSE = 1e-2
const WELL_SUPERSATURATED = 0.5
/** Supersaturation that what is still unknown after a first approach does not undo. */
const PLAINLY_SUPERSATURATED = 3
/** Exchanges after which it is watched whether solids come and go in a circle. */
const MAY_CIRCLE = 3

function clear(work: Workspace): void {
  for (let r = 0; r < work.count; r++) work.isActive[work.active[r]!] = 0
  work.count = 0
}

/** Takes solids as there, those of a state near by; none where they depend on one another. */
export function beginWith(work: Workspace, solids: Iterable<number>): void {
  for (const solid of solids) {
    if (work.count >= work.n) break
    work.active[work.count++] = solid
    work.isActive[solid] = 1
  }
  if (work.count === 0) return
  evaluate(work, false)
  weigh(work)
  if (!reduce(work, work.count)) clear(work)
}

/** Amounts of the active solids: what the balance of the pivots lacks. */
function findAmounts({ count, amounts, inverse, gradient, pivots }: Workspace): void {
  for (let s = 0; s < count; s++) {
    let amount = 0
    for (let r = 0; r < count; r++) amount -= inverse[r * count + s]! * gradient[pivots[r]!]!
    amounts[s] = amount
  }
}

function findSaturations({ solids, saturations, x, system: { lnK }, layout }: Workspace): void {
  const { solidBegin, solidPart, solidNu } = layout
  for (let s = 0; s < solids; s++) {
    let value = -lnK[s]!
    const end = solidBegin[s + 1]!
    for (let p = solidBegin[s]!; p < end; p++) value += solidNu[p]! * x[solidPart[p]!]!
    saturations[s] = value
  }
}

/** Row of the solid that is furthest below nought; −1 where none is. */
function mostNegative({ count, amounts, totals, pivots }: Workspace): number {
  let least = -1
  for (let r = 0; r < count; r++) {
    const rounding = 1e-12 + Math.abs(totals[pivots[r]!]!) * 1e-10
    if (amounts[r]! < -rounding && (least < 0 || amounts[r]! < amounts[least]!)) least = r
  }
  return least
}

function drop(work: Workspace, row: number): void {
  const { active, isActive } = work
  isActive[active[row]!] = 0
  work.count--
  active.copyWithin(row, row + 1, work.count + 1)
}

/** The active solid that runs out first as a dependent one forms of it and the others; −1 where none does. */
function runsOutFirst(work: Workspace, solid: number): number {
  const { n, count, settledCount, amounts, inverse, pivots, system } = work
  let first = -1
  let least = Number.POSITIVE_INFINITY
  // What was put in since the amounts were found has none yet.
  for (let s = 0; s < Math.min(count, settledCount); s++) {
    let share = 0
    for (let r = 0; r < count; r++) share += inverse[r * count + s]! * system.solidNu[solid * n + pivots[r]!]!
    if (share > 1e-9 && amounts[s]! / share < least) {
      least = amounts[s]! / share
      first = s
    }
  }
  return first
}

/**
 * Puts a solid in. One that the solids already there make up (CaCO3 beside CaO and so on) takes the place of the one
 * that runs out first as it forms.
 */
function add(work: Workspace, solid: number): void {
  const { n, count, active, isActive } = work
  active[count] = solid
  weigh(work)
  if (count < n && reduce(work, count + 1)) {
    work.count = count + 1
    isActive[solid] = 1
    return
  }
  reduce(work, count)
  const first = runsOutFirst(work, solid)
  if (first < 0) return
  isActive[active[first]!] = 0
  active[first] = solid
  isActive[solid] = 1
}

/** Solids that are not there and supersaturated by more than `limit`, the most first. */
function waitingSolids({ solids, isActive, saturations }: Workspace, limit: number): number[] {
  const waiting: number[] = []
  for (let s = 0; s < solids; s++) if (isActive[s] === 0 && saturations[s]! > limit) waiting.push(s)
  return waiting.length > 1 ? waiting.sort((a, b) => saturations[b]! - saturations[a]!) : waiting
}

/** Puts in the most supersaturated solid, and others that share no component with one put in. */
function addSeveral(work: Workspace, waiting: readonly number[]): void {
  const { n, taken, layout } = work
  const { proton, solidBegin, solidPart } = layout
  taken.fill(0, 0, n)
  work.settledCount = work.count
  for (const solid of waiting) {
    let apart = true
    for (let p = solidBegin[solid]!; p < solidBegin[solid + 1]!; p++)
      if (solidPart[p] !== proton && taken[solidPart[p]!] === 1) apart = false
    if (!apart) continue
    for (let p = solidBegin[solid]!; p < solidBegin[solid + 1]!; p++) taken[solidPart[p]!] = 1
    add(work, solid)
  }
}

/** What is plainly supersaturated where the approach came to goes in before that state is known any better. */
function addPlain(work: Workspace): boolean {
  findSaturations(work)
  const plain = waitingSolids(work, PLAINLY_SUPERSATURATED)
  if (plain.length > 0) addSeveral(work, plain)
  return plain.length > 0
}

const namesOf = ({ system, active, count }: Workspace) => Array.from(active.subarray(0, count), (solid) => system.solids[solid])

/**
 * Finds which solids are there, and the activities: drops the most negative, then puts in what is supersaturated.
 *
 * @param loose - whether the first choice of solids may be made on a loose state
 * @throws ChemistryError `aqueous.notSettled` where no choice of solids stands
 */
export function settle(work: Workspace, tolerance: number, loose = false): void {
  let rough = loose
  const met = new Set<string>()
  if (rough && work.count === 0 && addPlain(work)) rough = false
  for (let exchange = 0; exchange < MOST_EXCHANGES; exchange++) {
    if (!direct(work))
      throw new ChemistryError('aqueous.notSettled', 'The solids of this mixture depend on one another.', {
        solids: namesOf(work).join(', '),
      })
    descend(work, rough ? LOOSE : tolerance)
    findAmounts(work)
    const least = mostNegative(work)
    if (least >= 0) {
      drop(work, least)
      continue
    }
    findSaturations(work)
    const waiting = waitingSolids(work, rough ? WELL_SUPERSATURATED : SUPERSATURATED)
    if (waiting.length === 0 && !rough) return
    rough = false
    if (waiting.length === 0) continue
    // After going round in a circle one solid at a time is put in, the one that came first in the table.
    if (exchange > MAY_CIRCLE && !isNew(work, met)) {
      work.settledCount = work.count
      add(work, Math.min(...waiting))
    } else addSeveral(work, waiting)
  }
  throw new ChemistryError('aqueous.notSettled', 'The solids of this mixture did not settle.', {
    solids: namesOf(work).join(', '),
  })
}

/** Whether these solids have not been there before. */
function isNew({ active, count }: Workspace, met: Set<string>): boolean {
  const here = active.slice(0, count).sort().join(' ')
  const known = met.has(here)
  met.add(here)
  return !known
}

/** Where totals are equal, what is left dissolved hangs on the last digits: the balances are met as well as rounding lets them be. */
export function settleExactly(work: Workspace, tolerance: number, loose = false): void {
  settle(work, tolerance, loose)
  polish(
    work,
    () => {
      findAmounts(work)
      return residualOf(work)
    },
    tolerance,
  )
  findSaturations(work)
}
