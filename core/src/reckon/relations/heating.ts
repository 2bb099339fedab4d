import { type Entry, type PartOf, type Path, path } from '../../record/index.ts'
import { parseFormula } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import { heated } from '../place.ts'
import type { Key, What } from '../quantity.ts'
import { readFormula } from '../species.ts'

const WATER = parseFormula('H2O')

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
  const lost = readFormula(part.lost ?? '') ?? WATER
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
}
