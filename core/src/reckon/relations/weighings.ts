import { Exact } from '../../number/index.ts'
import { entryText, type PartOf, path, type Question } from '../../record/index.ts'
import type { Bench } from '../Bench.ts'
import { weighed } from '../place.ts'
import type { What } from '../quantity.ts'

/**
 * Mass taken in a weighing: container + sample, less container + residue (by difference), else less the empty
 * container; or the mass itself, weighed tared.
 */
export function relateWeighing(bench: Bench, part: PartOf<'weighing'>): void {
  const { network } = bench
  const place = weighed(part.id)
  const label = bench.label(part.of)
  const several = bench.weighingsOf(part.of).length > 1
  bench.callPlace(place, several ? `the ${label} weighed (${part.title ?? part.id})` : `the ${label} weighed`)
  const total = bench.totalMass(place)
  const { withSample, withResidue, container, mass } = part
  const at = (field: string) => path('parts', part.id, field)
  const byDifference = withSample !== undefined || withResidue !== undefined || container !== undefined
  if (!byDifference) {
    bench.read(total, mass, at('mass'), `the mass of ${label} (weighing ${part.title ?? part.id})`)
    return
  }
  const define = (what: What, says: string) =>
    network.define({ of: { what, place }, says, symbol: 'm', fullSymbol: says, unit: 'g' })
  const full = define('with sample', `container + ${label}`)
  const empty =
    withResidue !== undefined || container === undefined
      ? define('with residue', 'container + residue')
      : define('container', 'empty container')
  bench.read(full, withSample, at('withSample'), `container + ${label}, in g (weighing ${part.title ?? part.id})`)
  const emptyField = withResidue !== undefined || container === undefined ? 'withResidue' : 'container'
  bench.read(
    empty,
    withResidue ?? container,
    at(emptyField),
    `container + what was left in it, in g (weighing ${part.title ?? part.id})`,
  )
  const formulas = {
    [total]: `m = (container + ${label}) − (${emptyField === 'container' ? 'container' : 'container + residue'})`,
  }
  network.sum({ gives: total, plus: [full], minus: [empty], formulas, oneWay: true })
  // A tared mass beside a difference is a second way to the same thing; the difference goes first.
  if (mass !== undefined && (withSample === undefined || (withResidue ?? container) === undefined)) {
    network.give(total, { value: new Exact(entryText(mass)), text: entryText(mass), at: at('mass'), reading: true })
  }
}

/** More than any way by what was measured costs: a titration tells what is there, a label what should be. */
const TAKEN_FROM_A_LABEL = 100

/** A weighed solid of known formula holds its amount, if it is what its label says. */
export function relatePureSolid(bench: Bench, part: PartOf<'weighing'>): void {
  const solute = bench.solute(part.of)
  if (!solute) return
  const place = weighed(part.id)
  const taken = { cost: TAKEN_FROM_A_LABEL, assumes: `${bench.label(part.of)} is pure ${solute.text}` }
  bench.network.product({
    gives: bench.amount(solute, place),
    over: [bench.totalMass(place)],
    under: [bench.molarMass(solute)],
    ...taken,
  })
  bench.network.product({
    gives: bench.mass(solute, place),
    over: [bench.totalMass(place)],
    silent: true,
    oneWay: true,
    ...taken,
  })
}

/** The material whose formula a question does not take as the whole of it: one whose percentage, hydration or molar mass it asks. */
export function doubtedBy(find: Question['find']): string | undefined {
  switch (find.quantity) {
    case 'molarMass':
      return find.of
    case 'massPercent':
    case 'hydration':
    case 'perItem':
      return find.in
    default:
      return undefined
  }
}
