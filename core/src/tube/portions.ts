import { isFewDrops, measuresOf, volumeOf } from './amounts.ts'
import { addDry, addSubstance, type Contents, EMPTY, pour, withInert } from './contents.ts'
import { mayFizz } from './gases.ts'
import type { Reagent } from './reagent.ts'
import { DROPS, RUN_IN, SPATULA } from './thresholds.ts'

function addAll(contents: Contents, { putIn }: Reagent, amount: number): Contents {
  return Object.entries(putIn).reduce((sum, [substance, count]) => addSubstance(sum, substance, count * amount), contents)
}

/** A gas is passed through until the solution holds no more; it holds about so much, mol/dm³. */
const GAS_SATURATED = 0.1
const PORTIONS_OF_GAS = 5

/** Portions in which a solid that may fizz meets the liquid. */
const PORTIONS_OF_SOLID = 10

const amountsOf = (reagent: Reagent) => addAll(EMPTY, reagent, 1).amounts

/** What is added drop by drop: a few drops, and what was not said. */
const isFew = (amount: string | undefined) => amount === undefined || isFewDrops(amount)

/** The shares in which a volume is run in, so that what comes and goes is seen. */
export function sharesOf(amount: string | undefined, volume: number): readonly number[] {
  if (amount === 'excess') return RUN_IN
  const count = amount === 'equal' ? 4 : isFew(amount) ? DROPS : Math.min(20, Math.max(1, Math.round(volume / 0.25)))
  return Array.from({ length: count }, () => 1 / count)
}

/** As much as a dry solid is what a portion mostly is, cm³. */
const BESIDE_DRY = 1

/** The portions in which something is added. */
export function portionsOf(
  contents: Contents,
  reagent: Reagent,
  amount: string | undefined,
): readonly ((contents: Contents) => Contents)[] {
  if (reagent.element !== undefined) {
    const { element } = reagent
    return [(now) => withInert(now, { [element]: SPATULA })]
  }
  if (reagent.state === 's') {
    const spatula = Object.fromEntries(
      Object.entries(reagent.putIn).map(([formula, count]) => [formula, count * SPATULA * measuresOf(amount)]),
    )
    if (!mayFizz({ ...EMPTY, amounts: amountsOf(reagent) })) return [(now) => addDry(now, spatula)]
    // A carbonate fizzes where it lies in acid, though all of it together would use the acid up.
    const share = Object.fromEntries(Object.entries(spatula).map(([formula, amount]) => [formula, amount / PORTIONS_OF_SOLID]))
    return Array.from({ length: PORTIONS_OF_SOLID }, () => (now: Contents) => addDry(now, share))
  }
  if (reagent.state === 'g') {
    const bubble = (now: Contents) => addAll(now, reagent, (GAS_SATURATED * now.volume) / 1000 / PORTIONS_OF_GAS)
    return Array.from({ length: amount === 'excess' ? 3 * PORTIONS_OF_GAS : PORTIONS_OF_GAS }, () => bubble)
  }
  const volume = volumeOf(amount, contents.volume || BESIDE_DRY)
  return sharesOf(amount, volume).map((share) => (now: Contents) => pour(now, reagent.putIn, volume * share))
}
