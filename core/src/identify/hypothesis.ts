import { ChemistryError } from '../problem/index.ts'
import { dryTube, freshTube, type Tube } from '../tube/index.ts'
import { type Candidate, chargeOf, saltOf } from './ions.ts'

/** How a sample came: dissolved, or as the solid from its jar. */
export type SampleForm = 'solution' | 'solid'

/** Ions that a sample is supposed to hold. */
export interface Hypothesis {
  readonly ions: readonly Candidate[]
}

/** What a tube began with. */
export interface Portion {
  readonly cm3: number
  readonly form: SampleForm
}

/** Names a hypothesis, for what is remembered of it. */
export const keyOf = ({ ions }: Hypothesis) => ions.map(({ ion }) => ion).join(' ')

/** What goes along with ions so that a solution of them can be: nitrate with cations, potassium with anions, whose flame hides no other. */
function solutionOf({ ions }: Hypothesis): Readonly<Record<string, number>> {
  const contains: Record<string, number> = Object.fromEntries(ions.map(({ ion, strength }) => [ion, strength]))
  const charge = ions.reduce((sum, { ion, strength }) => sum + chargeOf(ion) * strength, 0)
  return charge < 0 ? { ...contains, 'K+': (contains['K+'] ?? 0) - charge } : contains
}

/** A spatula tip of each salt, mol. */
const SPATULA_TIP = 5e-4
/** What stands in for the other half of a salt while an ion is looked at alone. */
const SPECTATORS = { cation: 'K+', anion: 'NO3-' } as const

/** Salts that ions may come as when the sample is dry: each with the next of the other sign. */
function saltsOf({ ions }: Hypothesis): readonly string[] {
  const cations = ions.flatMap(({ ion, kind }) => (kind === 'cation' && ion !== 'H+' ? [ion] : []))
  const anions = ions.flatMap(({ ion, kind }) => (kind === 'anion' ? [ion] : []))
  const [some, others] = [cations.length > 0 ? cations : [SPECTATORS.cation], anions.length > 0 ? anions : [SPECTATORS.anion]]
  const count = Math.max(some.length, others.length)
  return Array.from({ length: count }, (_, index) =>
    saltOf(some[index % some.length] as string, others[index % others.length] as string),
  )
}

/**
 * A fresh portion of a sample of a hypothesis.
 *
 * @returns undefined where the ions cannot stand together as a clear solution, or make no salt that is known
 */
export function freshPortion(hypothesis: Hypothesis, { cm3, form }: Portion): Tube | undefined {
  try {
    if (form === 'solid') return dryTube(Object.fromEntries(saltsOf(hypothesis).map((salt) => [salt, SPATULA_TIP])))
    const tube = freshTube(solutionOf(hypothesis), cm3)
    return tube.view.solids.length > 0 ? undefined : tube
  } catch (error) {
    if (error instanceof ChemistryError) return undefined
    throw error
  }
}

/** pH above which hydroxide is still itself. */
const ALKALINE = 9

/** Whether two ions stand together in a clear solution, by playing them. `standTogether` has it from the table. */
export function areCompatible(one: Candidate, other: Candidate): boolean {
  const tube = freshPortion({ ions: [one, other] }, { cm3: 1, form: 'solution' })
  // A salt that hydrolyses is kept clear by a little acid, in which hydroxide would be gone.
  return tube !== undefined && (![one, other].some(({ ion }) => ion === 'OH-') || tube.view.equilibrium.pH > ALKALINE)
}
