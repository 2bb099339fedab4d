import { type Entry, type PartOf, type Path, path } from '../../record/index.ts'
import { type Formula, formatEquation, hasSomeWater, parseFormula, sameSpecies, waterOf } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import { heated, type Place } from '../place.ts'
import type { Key, What } from '../quantity.ts'
import { readEquation, readFormula } from '../species.ts'

const WATER = parseFormula('H2O')

/** What is driven off; water where the record does not say. */
const lostBy = ({ lost }: Pick<PartOf<'heating'>, 'lost'>): Formula => readFormula(lost ?? '') ?? WATER

/** Species that the reaction in the heat speaks of, what is driven off among them; none where it gives off something else. */
export function reactingInHeat(part: PartOf<'heating'>): readonly Formula[] {
  const equation = readEquation(part.equation ?? '')
  const lost = lostBy(part)
  if (!equation?.products.some(({ formula }) => sameSpecies(formula, lost))) return []
  return [...equation.reactants.map(({ formula }) => formula), lost]
}

/** What was there by what it gave off: the mole ratio of the equation. */
function relateReaction(bench: Bench, part: PartOf<'heating'>, place: Place): void {
  const equation = readEquation(part.equation ?? '')
  const lost = lostBy(part)
  const gas = equation?.products.find(({ formula }) => sameSpecies(formula, lost))
  if (!equation || !gas) return
  for (const reactant of equation.reactants)
    bench.network.product({
      gives: bench.amount(reactant.formula, place),
      over: [bench.amount(lost, place)],
      factor: { over: reactant.count, under: gas.count },
      full: true,
      factorFirst: true,
      equation: formatEquation(equation),
    })
}

/** Mass of the solid before heating and mass driven off, from container and the first and last weighing. */
export function relateHeating(bench: Bench, part: PartOf<'heating'>): void {
  const place = heated(part.id)
  const label = bench.label(part.of)
  bench.callPlace(place, `the ${label} heated`)
  const name = part.title ?? part.id
  const reading = (what: What, says: string, at: Path, entry: Entry | undefined): Key => {
    const key = bench.network.define({ of: { what, place }, says, symbol: 'm', fullSymbol: says, unit: 'g' })
    bench.read(key, entry, path('parts', part.id, ...at), `${says}, in g (${name})`)
    return key
  }
  const [first, last] = [part.masses[0], part.masses.length > 1 ? part.masses.at(-1) : undefined]
  const container = reading('container', 'empty container', ['container'], part.container)
  const massAt = (mass: typeof first) => ['masses', ...(mass ? [mass.id, 'mass'] : [])]
  const before = reading('before heating', 'container + solid before heating', massAt(first), first?.mass)
  const after = reading('after heating', 'container + solid after the last heating', massAt(last), last?.mass)
  const lost = lostBy(part)
  bench.network.sum({
    gives: bench.totalMass(place),
    plus: [before],
    minus: [container],
    oneWay: true,
    formulas: { [bench.totalMass(place)]: 'm(solid) = (container + solid) − container' },
  })
  const driven = bench.mass(lost, place)
  bench.network.sum({
    gives: driven,
    plus: [before],
    minus: [after],
    oneWay: true,
    formulas: { [driven]: `m(${lost.text}) = mass before − mass after` },
  })
  const left = bench.network.define({
    of: { what: 'residue', place },
    says: `mass of what was left of ${label}`,
    symbol: 'm',
    fullSymbol: 'm(residue)',
    unit: 'g',
  })
  bench.network.sum({
    gives: left,
    plus: [after],
    minus: [container],
    oneWay: true,
    formulas: { [left]: 'm(residue) = (container + residue) − container' },
  })
  const solute = bench.solute(part.of)
  // What is left of a hydrate is its salt, where water is what it lost.
  if (solute && hasSomeWater(solute) && sameSpecies(lost, WATER))
    bench.network.product({ gives: bench.mass(waterOf(solute).salt, place), over: [left], silent: true })
  relateReaction(bench, part, place)
}
