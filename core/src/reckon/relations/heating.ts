import { entryText, type PartOf } from '../../record/index.ts'
import { parseFormula } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import type { Key } from '../network.ts'
import { readFormula } from '../species.ts'

const WATER = parseFormula('H2O')

/** Mass of the solid before heating and mass driven off, from container and the first and last weighing. */
export function relateHeating(bench: Bench, part: PartOf<'heating'>): void {
  const place = `h:${part.id}`
  const label = bench.label(part.of)
  bench.callPlace(place, `the ${label} heated`)
  const name = part.title ?? part.id
  const reading = (field: string, says: string, at: string, entry: string | undefined): Key => {
    const key = bench.network.define({ key: `${field}@${place}`, says, symbol: 'm', fullSymbol: says, unit: 'g' })
    bench.read(key, entry, `parts.${part.id}.${at}`, `${says}, in g (${name})`)
    return key
  }
  const text = (entry: (typeof part.masses)[number] | undefined) => (entry === undefined ? undefined : entryText(entry))
  const last = Math.max(1, part.masses.length - 1)
  const container = reading('container', 'empty container', 'container', text(part.container))
  const before = reading('before', 'container + solid before heating', 'masses.0', text(part.masses[0]))
  const after = reading(
    'after',
    'container + solid after the last heating',
    `masses.${last}`,
    part.masses.length > 1 ? text(part.masses.at(-1)) : undefined,
  )
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
    key: `residue@${place}`,
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
