import { type Formula, parseFormula } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import type { Target } from './target.ts'

const WATER = parseFormula('H2O')

/** Molar mass of an unknown: the mass taken over the amount that the titration found in it. */
export function relateMolarMass(bench: Bench, material: string): Target {
  const key = bench.network.define({
    key: `Mx@${material}`,
    says: `molar mass of ${bench.label(material)}`,
    symbol: 'M',
    fullSymbol: 'M',
    unit: 'g/mol',
  })
  const solute = bench.solute(material)
  for (const { id } of bench.weighingsOf(material)) {
    const place = `w:${id}`
    const amounts = solute
      ? [bench.amount(solute, place)]
      : [...bench.network.quantities.keys()].filter((quantity) => quantity.startsWith('n:') && quantity.endsWith(`@${place}`))
    for (const amount of amounts)
      bench.network.product({
        gives: key,
        over: [bench.totalMass(place)],
        under: [amount],
        oneWay: true,
        formulas: { [key]: 'M = m/n' },
      })
  }
  return bench.network.rules.some(({ gives }) => gives === key)
    ? { key }
    : { missing: `a weighing of ${bench.label(material)} that is titrated` }
}

/** Moles of water to one of salt, by mass lost on heating or from a titration of the salt. */
export function relateHydration(bench: Bench, salt: Formula, material: string): Target {
  const { network } = bench
  const key = network.define({
    key: `x@${material}`,
    says: `moles of water to one of ${salt.text}`,
    symbol: 'x',
    fullSymbol: 'x',
    unit: '1',
  })
  const heatings = bench.task.parts.filter((part) => part.kind === 'heating' && part.of === material)
  const places = [...heatings.map(({ id }) => `h:${id}`), ...bench.weighingsOf(material).map(({ id }) => `w:${id}`)]
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
    if (place.startsWith('h:')) network.product({ gives: saltMass, over: [`residue@${place}`], silent: true })
  }
  return places.length > 0 ? { key } : { missing: `a weighing or heating of ${bench.label(material)}` }
}
