import { reagentNamed } from '../tube/index.ts'

/** Something held at the mouth of a tube, dipped or touched with a drop, by which colours and clouds are read. */
export type HeldTest =
  | 'red litmus'
  | 'blue litmus'
  | 'universal indicator'
  | 'limewater'
  | 'glowing splint'
  | 'lighted splint'
  | 'manganate paper'
  | 'dichromate paper'
  | 'lead paper'
  | 'cobalt paper'
  | 'anhydrous copper sulfate'
  | 'rod'

/** Where an observation stands: what was done, what is held there, and what is in the tube. */
export interface StepContext {
  readonly do: string
  readonly reagent?: string | undefined
  readonly amount?: string | undefined
  /** Held or dipped in this step, or still held from the one before. */
  readonly test?: HeldTest | undefined
  /** Whether a precipitate is in the tube. */
  readonly precipitate?: boolean | undefined
  /** Whether the tube holds a dry solid. */
  readonly dry?: boolean | undefined
}

const HELD: readonly (readonly [pattern: RegExp, test: HeldTest])[] = [
  [/red litmus/i, 'red litmus'],
  [/blue litmus/i, 'blue litmus'],
  [/lime ?water/i, 'limewater'],
  [/glowing/i, 'glowing splint'],
  [/splint/i, 'lighted splint'],
  [/rod/i, 'rod'],
  [/manganate|KMnO4/i, 'manganate paper'],
  [/dichromate|K2Cr2O7/i, 'dichromate paper'],
  [/lead|Pb\(/i, 'lead paper'],
  [/cobalt|CoCl2/i, 'cobalt paper'],
  [/anhydrous/i, 'anhydrous copper sulfate'],
  [/universal|pH paper/i, 'universal indicator'],
]

/** What was done, as far as it bears on how an observation is read. */
interface Step {
  readonly do: string
  readonly reagent?: string | undefined
  readonly amount?: string | undefined
}

/** The test that an act holds at the mouth of the tube or dips; what is put into the tube is none. */
export function heldIn({ do: act, reagent }: Step): HeldTest | undefined {
  if (reagent === undefined) return undefined
  const isDipped = act === 'add' && reagentNamed(reagent)?.paper !== undefined
  if (act === 'add' && !isDipped) return undefined
  return HELD.find(([pattern]) => pattern.test(reagent))?.[1]
}

/** Acts in which the gas of the step before still comes off, so that its paper is still held. */
const GOES_ON: readonly string[] = ['warm', 'heat', 'boil', 'shake', 'stand', 'gas']

/**
 * The context of a step.
 *
 * @param before - the steps before it in its tube
 */
export function contextOf(
  step: Step,
  state: { readonly precipitate?: boolean; readonly dry?: boolean; readonly before?: readonly Step[] } = {},
): StepContext {
  const last = state.before?.at(-1)
  const goesOn = step.reagent === undefined && GOES_ON.includes(step.do) && last && last.do !== 'add'
  const test = heldIn(step) ?? (goesOn ? heldIn(last) : undefined)
  return {
    do: step.do,
    reagent: step.reagent,
    amount: step.amount,
    precipitate: state.precipitate ?? false,
    dry: state.dry ?? false,
    ...(test ? { test } : {}),
  }
}
