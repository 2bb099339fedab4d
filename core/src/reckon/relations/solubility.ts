import { Exact } from '../../number/index.ts'
import { findMaterial, type Question } from '../../record/index.ts'
import { dissociate, type Formula, saltIons, sameSpecies, speciesKey } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import { inMaterial } from '../place.ts'
import type { Key } from '../quantity.ts'
import { readFormula } from '../species.ts'
import { unitKept } from './inUnit.ts'
import { type GivenValue, giveQuantity } from './statedQuantity.ts'
import type { Target } from './target.ts'

type SolubilityFind = Extract<Question['find'], { quantity: 'solubility' | 'solubilityProduct' }>

/** An ion of the salt that was in the solution before. */
export interface CommonIon {
  readonly ion: Formula
  readonly concentration: GivenValue
}

const SATURATED = 'the solution was saturated, with solid left over'

/** The common ion a question states, or else the one among the salts that were dissolved in the material before. */
export function commonIonOf(bench: Bench, salt: Formula, find: SolubilityFind): CommonIon | undefined {
  if (find.added) {
    const ion = readFormula(find.added.species)
    return ion && { ion, concentration: find.added.concentration }
  }
  const ions = saltIons(salt) ?? []
  const { background = [] } = findMaterial(bench.task, find.in) ?? {}
  for (const { solute, strength } of background) {
    const formula = readFormula(solute)
    const shared = formula && dissociate(formula)?.find(({ ion }) => ions.some((other) => sameSpecies(other.ion, ion)))
    if (!shared || strength.unit !== 'mol/dm3') continue
    const value = new Exact(strength.value).mul(shared.count)
    return { ion: shared.ion, concentration: { value: shared.count === 1 ? strength.value : value.toFixed(), unit: 'mol/dm3' } }
  }
  return undefined
}

/** How much of an ion a dissolved salt brought, and with what was added of it before, how much there is of it in all. */
function relateIon(
  bench: Bench,
  { salt, solubility, find }: { readonly salt: Formula; readonly solubility: Key; readonly find: SolubilityFind },
  { ion, count }: { readonly ion: Formula; readonly count: number },
): Key {
  const { network } = bench
  const place = inMaterial(find.in)
  const total = bench.concentration(ion, find.in)
  const dissolved = network.define({
    of: { what: 'dissolved', species: speciesKey(ion), place },
    says: `${ion.text} from dissolved ${salt.text}`,
    symbol: 'c',
    fullSymbol: `c(${ion.text} dissolved)`,
    unit: 'mol/dm3',
  })
  network.product({
    gives: dissolved,
    over: [solubility],
    factor: { over: count, under: 1 },
    silent: count === 1,
    factorFirst: true,
    assumes: SATURATED,
  })
  const common = commonIonOf(bench, salt, find)
  if (!common || !sameSpecies(ion, common.ion)) {
    network.product({ gives: total, over: [dissolved], silent: true })
    return total
  }
  const added = giveQuantity(bench, { what: 'common ion', place }, 'common ion added', common.concentration, 'mol/dm3')
  network.sum({ gives: total, plus: [dissolved, added] })
  return total
}

/** s from the concentration of an ion of the saturated solution, less what was added of it; Ksp from all its ions. */
export function relateSolubility(bench: Bench, salt: Formula, find: SolubilityFind): Target {
  const ions = saltIons(salt)
  const { network } = bench
  const place = inMaterial(find.in)
  const solubility = network.define({
    of: { what: 'solubility', species: speciesKey(salt), place },
    says: `solubility of ${salt.text}`,
    symbol: 's',
    fullSymbol: 's',
    unit: 'mol/dm3',
  })
  // What does not fall into ions is dissolved as it is.
  if (!ions) {
    if (find.quantity === 'solubilityProduct')
      return { missing: `a salt instead of '${find.of}', which does not dissolve into ions` }
    network.product({
      gives: solubility,
      over: [bench.concentration(salt, find.in)],
      silent: true,
      oneWay: true,
      assumes: SATURATED,
    })
    return { key: solubility }
  }
  const concentrations = ions.map((ion) => ({ total: relateIon(bench, { salt, solubility, find }, ion), count: ion.count }))
  if (find.quantity === 'solubility') return { key: solubility }
  const product = network.define({
    of: { what: 'solubility product', species: speciesKey(salt), place },
    says: `solubility product of ${salt.text}`,
    symbol: 'Ksp',
    fullSymbol: 'Ksp',
    // (mol/dm³)^n, with n ions to a formula unit.
    ...unitKept(`(mol/dm3)^${ions.reduce((total, { count }) => total + count, 0)}`),
  })
  network.product({
    gives: product,
    over: concentrations.flatMap(({ total, count }) => Array.from({ length: count }, () => total)),
    oneWay: true,
    formulas: { [product]: `Ksp = ${ions.map(({ ion, count }) => `[${ion.text}]${count > 1 ? `^${count}` : ''}`).join('')}` },
  })
  return { key: product }
}
