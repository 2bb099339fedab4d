import type { Equilibrium } from '../aqueous/index.ts'
import type { GasTestName } from '../gas/index.ts'
import type { SeenColour } from '../palette/index.ts'
import { colourOf } from './colours.ts'
import type { Contents } from './contents.ts'
import type { GasOff } from './gases.ts'
import { type SeenSolid, solidsIn } from './solids.ts'
import { DISSOLVED_BELOW, INSOLUBLE_ABOVE, SOLID_PLAIN, SOLID_SEEN } from './thresholds.ts'
import { DEPOSITS, hidesNothing, LIES_AS_IT_CAME } from './wettedSolids.ts'

/** One thing that is seen, smelt or tested. */
export type Fact =
  | { readonly kind: 'precipitate'; readonly colour: SeenColour; readonly solid: string; readonly slight: boolean }
  /** A precipitate that was there and is another now. */
  | { readonly kind: 'precipitateTurns'; readonly from: SeenColour; readonly to: SeenColour; readonly solid: string }
  | { readonly kind: 'dissolves'; readonly how: 'completely' | 'partly'; readonly giving: SeenColour }
  | { readonly kind: 'insoluble' }
  /** A precipitate where the drop falls, gone when the tube is shaken. */
  | { readonly kind: 'transient'; readonly colour: SeenColour }
  | { readonly kind: 'solution'; readonly from: SeenColour; readonly to: SeenColour }
  /** A colour of the solution that came and faded. */
  | { readonly kind: 'passing'; readonly colour: SeenColour }
  /** The colour of what was added is gone: it was used up. */
  | { readonly kind: 'decolourised'; readonly colour: SeenColour }
  | { readonly kind: 'gas'; readonly gas: string; readonly bubbles: boolean }
  | { readonly kind: 'gasTest'; readonly test: GasTestName; readonly gas: string; readonly result: string }
  | { readonly kind: 'flame'; readonly colour: SeenColour; readonly throughBlueGlass?: SeenColour }
  | { readonly kind: 'paper'; readonly paper: string; readonly turns: string }
  /** Where a heavy liquid lies under another. */
  | { readonly kind: 'ring'; readonly colour: SeenColour }
  /** A liquid that floats on the rest. */
  | { readonly kind: 'layer'; readonly colour: SeenColour }
  | { readonly kind: 'solidTurns'; readonly from: SeenColour; readonly to: SeenColour; readonly hot: boolean }
  | { readonly kind: 'sublimes'; readonly colour: SeenColour }
  | { readonly kind: 'melts' }
  | { readonly kind: 'heard'; readonly sound: string }
  /** How a tube looks before anything is done. */
  | { readonly kind: 'looks'; readonly solution: SeenColour | undefined; readonly solid: SeenColour | undefined }
  | { readonly kind: 'noChange' }
  /** No rule of the model says what happens here. */
  | { readonly kind: 'notKnown' }

/** What a tube looks like at one moment. */
export interface View {
  readonly equilibrium: Equilibrium
  readonly solution: SeenColour
  /** Solids that can be seen, the most first. */
  readonly solids: readonly SeenSolid[]
}

/** Iodine that starch shows, mol/dm³ (common practice: far less than the eye sees of its own colour). */
const STARCH_SHOWS = 2e-5

export function look(contents: Contents, equilibrium: Equilibrium): View {
  const solids = solidsIn(contents, equilibrium).filter(({ density }) => density >= SOLID_SEEN)
  // Hot, the blue of iodine in starch is gone.
  const blackened = contents.starch && !contents.hot && (1000 * (contents.amounts.I2 ?? 0)) / contents.volume > STARCH_SHOWS
  return { equilibrium, solution: blackened ? 'blue-black' : colourOf(equilibrium), solids }
}

const PALE = new Set(['white', 'off-white', 'cream', 'pale yellow', 'pale pink'])

/** Colour of solids together: a coloured one covers a white one unless there is hardly any of it. */
function colourOfSolids(solids: readonly SeenSolid[]): SeenColour | undefined {
  const [most] = solids
  if (!most) return undefined
  // What was put out of solution coats the metal, however little it is.
  const coat = LIES_AS_IT_CAME.has(most.formula) ? solids.find((one) => one !== most && DEPOSITS.has(one.formula)) : undefined
  if (coat) return coat.colour
  const covering = solids.find(({ colour, density }) => !PALE.has(colour) && density > most.density / 20)
  return (covering ?? most).colour
}

/** A tube as it stands. */
export function looksLike({ equilibrium, solution, solids }: View): readonly Fact[] {
  const dry = equilibrium.ionicStrength < 1e-6 && solids.length > 0
  return [{ kind: 'looks', solution: dry ? undefined : solution, solid: colourOfSolids(solids) }]
}

const densityOf = (solids: readonly SeenSolid[]) => solids.reduce((total, { density }) => total + density, 0)
/** mol of all that is solid, which adding liquid does not change. */
const amountOf = (solids: readonly SeenSolid[]) => solids.reduce((total, { amount }) => total + amount, 0)

/** A course of views during one step, from before it to after it. */
export interface Course {
  readonly before: View
  /** After each drop or portion. */
  readonly during: readonly View[]
  /** Most solid there has been since the tube was last clear, mol. */
  readonly peak: number
  readonly excess: boolean
  readonly gases: readonly GasOff[]
}

const colouredIn = ({ solids }: View) =>
  solids.reduce((total, { colour, amount }) => (PALE.has(colour) ? total : total + amount), 0)

/** Whether a coloured solid that stays hides a pale one that dissolves: nobody sees white go from under brown. */
function hidesWhatDissolves(before: View, after: View): boolean {
  const was = colouredIn(before)
  return was > 0 && colouredIn(after) > INSOLUBLE_ABOVE * was
}

function solidFactsOf({ before, during, peak, excess }: Course): readonly Fact[] {
  const after = during.at(-1) ?? before
  const [was, is] = [colourOfSolids(before.solids), colourOfSolids(after.solids)]
  const fullest = during.reduce((best, view) => (densityOf(view.solids) > densityOf(best.solids) ? view : best), after)
  const passing = colourOfSolids(fullest.solids)
  const left = peak > 0 ? amountOf(after.solids) / peak : 0
  const gone = after.solids.length === 0 || left < DISSOLVED_BELOW
  if (was === undefined) {
    if (is !== undefined && !gone)
      return [
        { kind: 'precipitate', colour: is, solid: after.solids[0]?.formula ?? '', slight: densityOf(after.solids) < SOLID_PLAIN },
      ]
    if (passing === undefined) return []
    if (!excess) return [{ kind: 'transient', colour: passing }]
    const formed = fullest.solids[0]?.formula ?? ''
    return [
      { kind: 'precipitate', colour: passing, solid: formed, slight: densityOf(fullest.solids) < SOLID_PLAIN },
      { kind: 'dissolves', how: 'completely', giving: after.solution },
    ]
  }
  if (gone) return [{ kind: 'dissolves', how: 'completely', giving: after.solution }]
  const turned: readonly Fact[] =
    is !== undefined && is !== was ? [{ kind: 'precipitateTurns', from: was, to: is, solid: after.solids[0]?.formula ?? '' }] : []
  if (left < INSOLUBLE_ABOVE && !hidesWhatDissolves(before, after))
    return [...turned, { kind: 'dissolves', how: 'partly', giving: after.solution }]
  return turned.length > 0 ? turned : excess ? [{ kind: 'insoluble' }] : []
}

/** Coloured gases and those that come fast enough make bubbles; less shows only in a test, mol. */
const BUBBLES_FROM = 5e-6

/** Gases that come off without bubbles: by warming, or as fumes. */
const QUIET = new Set(['NH3', 'HCl', 'I2', 'Br2'])

function gasFactsOf(gases: readonly GasOff[]): readonly Fact[] {
  return gases.map(({ gas, amount, quiet = 0 }) => ({
    kind: 'gas',
    gas,
    bubbles: !QUIET.has(gas) && amount - quiet > BUBBLES_FROM,
  }))
}

/** Colours so deep that they are seen over a precipitate that comes with them. */
const DEEP: ReadonlySet<SeenColour> = new Set(['brown', 'blood red', 'purple', 'blue-black'])

/** What is seen in one step. */
export function factsOf(course: Course): readonly Fact[] {
  const after = course.during.at(-1) ?? course.before
  const solids = solidFactsOf(course)
  const dissolved = solids.some(({ kind }) => kind === 'dissolves')
  const clear = course.before.solids.length === 0
  // A precipitate hides the solution it hangs in, and one that dissolves says what colour it gives.
  const hidden =
    densityOf(after.solids.filter(({ formula }) => !hidesNothing(formula))) > SOLID_PLAIN && !(clear && DEEP.has(after.solution))
  const turned: readonly Fact[] =
    !dissolved && !hidden && course.before.solution !== after.solution
      ? [{ kind: 'solution', from: course.before.solution, to: after.solution }]
      : []
  const facts = [...solids, ...turned, ...gasFactsOf(course.gases)]
  return facts.length > 0 ? facts : [{ kind: 'noChange' }]
}
