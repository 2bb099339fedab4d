import { Exact } from '../../number/index.ts'
import { findMaterial } from '../../record/index.ts'
import {
  compositionOf,
  type Formula,
  hasSomeWater,
  molarMassOf,
  parseFormula,
  readSheetMasses,
  sameSpecies,
  waterOf,
} from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import { heated, inMaterial, weighed } from '../place.ts'
import { type Key, keyOf } from '../quantity.ts'
import { strengthKey } from './materials.ts'
import type { Target } from './target.ts'

const WATER = parseFormula('H2O')

/** Molar mass of an unknown: the mass taken over the amount that the titration found in it. */
export function relateMolarMass(bench: Bench, material: string): Target {
  const key = bench.network.define({
    of: { what: 'molar mass', place: inMaterial(material) },
    says: `molar mass of ${bench.label(material)}`,
    symbol: 'M',
    fullSymbol: 'M',
    unit: 'g/mol',
  })
  const solute = bench.solute(material)
  for (const { id } of bench.weighingsOf(material)) {
    const place = weighed(id)
    const amounts = solute
      ? [bench.amount(solute, place)]
      : bench.network.quantities
          .entries()
          .flatMap(([quantity, { of }]) => (of.what === 'amount' && of.place?.key === place.key ? [quantity] : []))
    for (const amount of amounts)
      bench.network.product({
        gives: key,
        over: [bench.totalMass(place)],
        under: [amount],
        oneWay: true,
        ...(solute ? {} : { assumes: `one unit of ${bench.label(material)} holds one of what was titrated` }),
        formulas: { [key]: 'M = m/n' },
      })
  }
  const dissolved = massDissolved(bench, material)
  if (dissolved !== undefined && solute)
    bench.network.product({
      gives: key,
      over: [dissolved],
      under: [bench.concentration(solute, material)],
      oneWay: true,
      formulas: { [key]: 'M = ρ/c' },
    })
  return bench.network.rules.some(({ gives }) => gives === key)
    ? { key }
    : {
        missing: isDissolved(bench, material)
          ? strengthByMass(bench, material)
          : `a weighing of ${bench.label(material)} that is titrated`,
      }
}

const isDissolved = ({ task }: Bench, material: string) => findMaterial(task, material)?.form === 'solution'
const strengthByMass = (bench: Bench, material: string) =>
  `the strength of ${bench.label(material)} in g/dm³, and a titration of it`

/** Mass of the solid in 1 dm³ of a solution that is labelled with it. */
function massDissolved(bench: Bench, material: string): Key | undefined {
  const found = findMaterial(bench.task, material)
  return found?.strength?.unit === 'g/dm3' ? strengthKey(bench, found) : undefined
}

/** Water of crystallisation of a salt of which so many grams are in 1 dm³, by the amount of salt that a titration found there. */
function relateHydrationDissolved(bench: Bench, key: Key, salt: Formula, material: string): boolean {
  const { network } = bench
  const total = massDissolved(bench, material)
  if (total === undefined) return false
  const detail = 'water of crystallisation'
  const define = (what: 'mass concentration' | 'concentration', symbol: string, unit: 'g/dm3' | 'mol/dm3') =>
    network.define({
      of: { what, place: inMaterial(material), detail },
      says: `${what} of the ${detail} in ${bench.label(material)}`,
      symbol,
      fullSymbol: `${symbol}(H2O)`,
      unit,
    })
  const [waterMass, waterAmount] = [define('mass concentration', 'ρ', 'g/dm3'), define('concentration', 'c', 'mol/dm3')]
  const [saltMass, saltAmount] = [bench.massConcentration(salt, material), bench.concentration(salt, material)]
  network.product({ gives: saltMass, over: [saltAmount, bench.molarMass(salt)] })
  network.product({ gives: waterMass, over: [waterAmount, bench.molarMass(WATER)] })
  network.sum({ gives: waterMass, plus: [total], minus: [saltMass], formulas: { [waterMass]: 'ρ(H2O) = ρ(crystals) − ρ(salt)' } })
  network.product({
    gives: key,
    over: [waterAmount],
    under: [saltAmount],
    formulas: { [key]: `x = c(H2O)/c(${salt.text})` },
    oneWay: true,
  })
  return true
}

/**
 * Relative mass of what a letter stands for in the formula of an unknown: its molar mass less what is known of it, by how
 * many of the letter it holds.
 */
export function relateUnknownMass(bench: Bench, letter: Formula, material: string): Target {
  const solute = bench.solute(material)
  const [symbol] = [...compositionOf(letter).keys()]
  const count = (solute && symbol && compositionOf(solute).get(symbol)) ?? 0
  if (!solute || !symbol || count === 0)
    return { missing: `a formula of ${bench.label(material)} on its label with ${letter.text} in it` }
  if (hasSomeWater(solute)) return { missing: `how much water ${solute.text} holds` }
  const others = [...compositionOf(solute)].filter(([other]) => other !== symbol)
  const whole = relateMolarMass(bench, material)
  if ('missing' in whole) return whole
  const { network } = bench
  const define = (detail: string, says: string, formula: string) =>
    network.define({
      of: { what: 'molar mass', place: inMaterial(material), detail },
      says,
      symbol: formula,
      fullSymbol: formula,
      unit: 'g/mol',
    })
  const { atomicMasses, sheetMasses = '' } = bench.task.conventions
  const sheet = readSheetMasses(sheetMasses)
  const known = others.reduce(
    (total, [other, number]) => total.add(molarMassOf(parseFormula(other), atomicMasses, sheet).mul(number)),
    new Exact(0),
  )
  const rest = define('the rest', `what is known of ${solute.text}`, 'M(rest)')
  network.give(rest, { value: known, text: atomicMasses === 'one-decimal' ? known.toFixed(1) : known.toFixed(), reading: false })
  const all = define(
    'letters',
    `${count === 1 ? '' : `${count} times `}the mass of ${letter.text}`,
    `${count === 1 ? '' : count}M(${letter.text})`,
  )
  const each = define(letter.text, `molar mass of ${letter.text}`, `M(${letter.text})`)
  network.sum({ gives: all, plus: [whole.key], minus: [rest], oneWay: true, formulas: { [all]: 'M − M(rest)' } })
  network.product({ gives: each, over: [all], factor: { over: 1, under: count }, oneWay: true, silent: count === 1 })
  return { key: each }
}

/** Moles of water to one of salt, by mass lost on heating or from a titration of the salt. */
export function relateHydration(bench: Bench, asked: Formula, material: string): Target {
  const { network } = bench
  // Asked of Na2CO3.xH2O, it is the x of that salt.
  const salt = hasSomeWater(asked) ? waterOf(asked).salt : asked
  if (sameSpecies(salt, WATER)) return { missing: 'the formula of the salt, not of its water' }
  const { salt: dry, water } = waterOf(salt)
  if (water > 0) return { missing: `the formula of the salt without its water: ${dry.text} instead of ${salt.text}` }
  const key = network.define({
    of: { what: 'water', place: inMaterial(material) },
    says: `moles of water to one of ${salt.text}`,
    symbol: 'x',
    fullSymbol: 'x',
    unit: '1',
  })
  const heatings = bench.task.parts.filter((part) => part.kind === 'heating' && part.of === material)
  const places = [...heatings.map(({ id }) => heated(id)), ...bench.weighingsOf(material).map(({ id }) => weighed(id))]
  for (const place of places) {
    const [saltMass, waterMass] = [bench.mass(salt, place), bench.mass(WATER, place)]
    const [saltAmount, waterAmount] = [bench.amount(salt, place), bench.amount(WATER, place)]
    network.product({ gives: saltMass, over: [saltAmount, bench.molarMass(salt)] })
    network.product({ gives: waterMass, over: [waterAmount, bench.molarMass(WATER)] })
    network.sum({ gives: bench.totalMass(place), plus: [saltMass, waterMass] })
    network.product({
      gives: key,
      over: [waterAmount],
      under: [saltAmount],
      formulas: { [key]: `x = n(H2O)/n(${salt.text})` },
      oneWay: true,
    })
    if (place.kind === 'heating') network.product({ gives: saltMass, over: [keyOf({ what: 'residue', place })], silent: true })
  }
  const dissolved = places.length === 0 && relateHydrationDissolved(bench, key, salt, material)
  return places.length > 0 || dissolved
    ? { key }
    : {
        missing: isDissolved(bench, material)
          ? strengthByMass(bench, material)
          : `a weighing or heating of ${bench.label(material)}`,
      }
}
