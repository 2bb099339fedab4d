import { ChemistryError } from '../problem/index.ts'
import { dryTube, freshTube, reagentNamed, type Tube } from '../tube/index.ts'
import { hydrateOf } from './hydrates.ts'
import { CANDIDATES, type Candidate, chargeOf, saltOf } from './ions.ts'
import { otherStrengths, variantsOf } from './strengths.ts'

/** How a sample came: dissolved, or as the solid from its jar. */
export type SampleForm = 'solution' | 'solid'

/** Ions that a sample is supposed to hold. */
export interface Hypothesis {
  readonly ions: readonly Candidate[]
  /** Dry salts have their water of crystallisation. */
  readonly hydrated?: true
  /** What it is as a whole: a metal or an oxide, of which acid makes the ion, or a bottle of the bench. */
  readonly whole?: string
  /** Acid before silver, barium or lead was enough to acidify, however little was written. */
  readonly acidified?: true
}

/** What a tube began with. */
export interface Portion {
  readonly cm3: number
  readonly form: SampleForm
}

/** Names a hypothesis, for what is remembered of it. How acid was added is seen from the steps. */
export const keyOf = ({ ions, hydrated, whole }: Hypothesis) =>
  whole ?? `${ions.map(({ ion, strength }) => `${ion} ${strength}`).join(' ')}${hydrated ? ' hydrated' : ''}`

/** Names the ions of a hypothesis, however strong. */
export const nameOfSet = (ions: readonly Candidate[]) => ions.map(({ ion }) => ion).join(' ')

/** What goes along with ions so that a solution of them can be: nitrate with cations, potassium with anions, whose flame hides no other. */
function solutionOf({ ions }: Hypothesis): Readonly<Record<string, number>> {
  const contains: Record<string, number> = Object.fromEntries(ions.map(({ ion, strength }) => [ion, strength]))
  const acid = Math.max(0, ...ions.map((one) => one.acid ?? 0))
  if (acid > 0) contains['H+'] = Math.max(contains['H+'] ?? 0, acid)
  const [cation, hydroxide] = ions
  // An alkali holds as much of its cation as of hydroxide: more of it would be another salt beside it.
  if (cation && hydroxide?.ion === 'OH-' && ions.length === 2)
    contains[cation.ion] = Math.min(cation.strength, hydroxide.strength / chargeOf(cation.ion))
  const charge = ions.reduce((sum, { ion, strength }) => sum + chargeOf(ion) * strength, 0)
  return charge < 0 ? { ...contains, 'K+': (contains['K+'] ?? 0) - charge } : contains
}

/** A spatula tip of each salt, mol. */
const SPATULA_TIP = 5e-4
/** How much larger a spatula tip is taken to be: as an ion that is not at its usual strength is stronger. */
function timesAsMuch(ions: readonly Candidate[]): number {
  for (const { ion, strength } of ions) {
    const usual = CANDIDATES.find((one) => one.ion === ion)?.strength ?? strength
    if (strength !== usual) return strength / usual
  }
  return 1
}

/** What stands in for the other half of a salt while an ion is looked at alone. */
const SPECTATORS = { cation: 'K+', anion: 'NO3-' } as const

/** Salts that ions may come as when the sample is dry: each with the next of the other sign. */
export function saltsOf({ ions }: Hypothesis): readonly string[] {
  const cations = ions.flatMap(({ ion, kind }) => (kind === 'cation' && ion !== 'H+' ? [ion] : []))
  const anions = ions.flatMap(({ ion, kind }) => (kind === 'anion' ? [ion] : []))
  const [some, others] = [cations.length > 0 ? cations : [SPECTATORS.cation], anions.length > 0 ? anions : [SPECTATORS.anion]]
  const count = Math.max(some.length, others.length)
  return Array.from({ length: count }, (_, index) =>
    saltOf(some[index % some.length] as string, others[index % others.length] as string),
  )
}

/** pH above which hydroxide is still itself. */
const ALKALINE = 9

/**
 * A fresh portion of a sample of a hypothesis.
 *
 * @returns undefined where the ions cannot stand together as a clear solution, or make no salt that is known
 */
export function freshPortion(hypothesis: Hypothesis, { cm3, form }: Portion): Tube | undefined {
  try {
    if (form === 'solid') {
      if (hypothesis.whole !== undefined) return dryTube({ [hypothesis.whole]: SPATULA_TIP })
      const salts = saltsOf(hypothesis).map((salt) => (hypothesis.hydrated ? hydrateOf(salt) : salt))
      const tip = SPATULA_TIP * timesAsMuch(hypothesis.ions)
      return dryTube(Object.fromEntries(salts.map((salt) => [salt, tip])))
    }
    const bottle = hypothesis.whole === undefined ? undefined : reagentNamed(hypothesis.whole)
    if (bottle) return freshTube(bottle.putIn, cm3)
    const tube = freshTube(solutionOf(hypothesis), cm3)
    // A salt that hydrolyses is kept clear by a little acid, in which hydroxide would be gone.
    const neutralised = hypothesis.ions.some(({ ion }) => ion === 'OH-') && tube.view.equilibrium.pH < ALKALINE
    return tube.view.solids.length > 0 || neutralised ? undefined : tube
  } catch (error) {
    if (error instanceof ChemistryError) return undefined
    throw error
  }
}

/** Whether two ions stand together in a clear solution at any strength: lead(II) and chloride do when they are weak. `standTogether` has it from the table. */
export const areCompatible = (one: Candidate, other: Candidate): boolean =>
  [...variantsOf([one, other]), ...otherStrengths([one, other])].some(
    (ions) => freshPortion({ ions }, { cm3: 1, form: 'solution' }) !== undefined,
  )
