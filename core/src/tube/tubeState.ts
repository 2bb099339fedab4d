import { Memory } from '../memory/index.ts'
import { addSubstance, type Contents, EMPTY, pour, settle } from './contents.ts'
import { look, type View } from './facts.ts'
import { type GasOff, mayFizz } from './gases.ts'

/** A tube in its present state. */
export interface Tube {
  readonly contents: Contents
  readonly view: View
  /** Most solid there has been since the tube was last clear, mol. */
  readonly peak: number
  /** Gases at its mouth, from the step before. */
  readonly above: readonly GasOff[]
  /** What stayed in the filter paper. */
  readonly residue?: Contents
  /** The sample, while it is being added to the reagent and not the other way round. */
  readonly sample?: Contents
}

export function tubeOf(contents: Contents): Tube {
  const found = settle(contents)
  // What is added first changes little, so its state is looked for from here.
  return { contents: { ...contents, near: found }, view: look(contents, found), peak: 0, above: [] }
}

/** Acid that is put into a sample so that it stands as a clear solution, at most, mol/dm³. */
const MOST_ACID = 1
const ACID_STEP = 0.02

/** Fresh portions that were made before; every test of a sample begins with one. */
const MOST_FRESH = 2000
const fresh = new Memory<string, Tube>(MOST_FRESH)

/** Acids that keep a salt clear: that of its own anion, or the dissolved salt would hold another. */
const OWN_ACIDS: Readonly<Record<string, readonly [acid: string, basicity: number]>> = {
  'Cl-': ['HCl', 1],
  'SO4^2-': ['H2SO4', 2],
  'Br-': ['HBr', 1],
  'NO3-': ['HNO3', 1],
  'CH3COO-': ['CH3COOH', 1],
}

/** The acid of the anion of which there is most; nitric acid where none of them is there. */
function acidOf(contains: Readonly<Record<string, number>>): readonly [acid: string, basicity: number] {
  const [most] = Object.keys(OWN_ACIDS).toSorted((a, b) => (contains[b] ?? 0) - (contains[a] ?? 0))
  return OWN_ACIDS[most !== undefined && (contains[most] ?? 0) > 0 ? most : 'NO3-'] ?? ['HNO3', 1]
}

/**
 * A fresh portion of a solution. Salts that hydrolyse (iron(III), bismuth) are kept clear by a little acid of their own
 * anion, as they are in the bottle.
 *
 * @param contains - concentration of each ion, mol/dm³
 * @param cm3 - volume of the portion
 * @throws ChemistryError for ions the model does not know
 */
export function freshTube(contains: Readonly<Record<string, number>>, cm3: number): Tube {
  const key = `${cm3} ${JSON.stringify(contains)}`
  return fresh.recall(key, () => makeFresh(contains, cm3))
}

/** pH from which on acid would not keep a salt clear, but make another of it. */
const ALKALINE = 9

function makeFresh(contains: Readonly<Record<string, number>>, cm3: number): Tube {
  const neat = pour({ ...EMPTY }, contains, cm3)
  const asItIs = tubeOf(neat)
  const [ownAcid, basicity] = acidOf(contains)
  const withAcid = (acid: number) => tubeOf(addSubstance(neat, ownAcid, (acid * cm3) / 1000 / basicity))
  // What much acid does not clear is no salt that hydrolyses; and acid would set gas free from some.
  if (
    asItIs.view.solids.length === 0 ||
    asItIs.view.equilibrium.pH > ALKALINE ||
    mayFizz(neat) ||
    withAcid(MOST_ACID).view.solids.length > 0
  )
    return asItIs
  // More acid clears more, so the least that does is found by halving.
  let [cloudy, clear] = [0, Math.round(MOST_ACID / ACID_STEP)]
  while (clear - cloudy > 1) {
    const middle = (cloudy + clear) >> 1
    if (withAcid(middle * ACID_STEP).view.solids.length === 0) clear = middle
    else cloudy = middle
  }
  return withAcid(clear * ACID_STEP)
}

/** What a jar is called by, and what is in it: copper carbonate is the basic one (common practice). */
const BASIC: Readonly<Record<string, (amount: number) => readonly [formula: string, amount: number]>> = {
  CuCO3: (amount) => ['Cu2(OH)2CO3', amount / 2],
}

/**
 * A dry solid in a tube.
 *
 * @param salts - mol of each, by formula
 */
export function dryTube(salts: Readonly<Record<string, number>>): Tube {
  const solids = Object.fromEntries(Object.entries(salts).map(([salt, amount]) => BASIC[salt]?.(amount) ?? [salt, amount]))
  const tube = tubeOf({ ...EMPTY, dry: solids })
  return { ...tube, peak: Object.values(solids).reduce((sum, amount) => sum + amount, 0) }
}
