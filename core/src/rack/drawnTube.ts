import { gasReading } from '../gas/index.ts'
import { type ObservedFact, type ReadStep, readObservation, readTubes } from '../observe/index.ts'
import { type PartOf, tubeLine } from '../record/index.ts'
import { reagentNamed, volumeOf } from '../tube/index.ts'

type Tube = PartOf<'rack'>['samples'][number]['tubes'][number]
type Step = Tube['steps'][number]

/** A tube as it now looks, from what was recorded: never from what the model thinks. */
export interface DrawnTube {
  /** cm³ of liquid. */
  readonly volume: number
  /** Name of the liquid's colour. */
  readonly liquid: string
  readonly solid?: { readonly colour: string; readonly much: boolean; readonly settled: boolean }
  /** Colour of a liquid that floats on it. */
  readonly layer?: string
  readonly bubbles: boolean
  /** Litmus or another paper at the mouth: what it was, what it turned. */
  readonly paper?: { readonly from: string; readonly to: string }
  /** A splint or a flame, by its outcome. */
  readonly flame?: string
}

const PORTION = 1
/** A colour nobody has named yet. */
const UNSAID = 'off-white'

/** A spatula of a powder or a piece of metal takes no room worth drawing. */
const isSolid = (reagent: string, amount: string | undefined) =>
  amount === 'solid' || amount === 'piece' || /measures$/.test(amount ?? '') || reagentNamed(reagent)?.state === 's'

function volumeAfter(volume: number, step: Step): number {
  const { do: act, reagent, amount } = step
  if (act === 'dissolve') return volume + 4
  if (act !== 'add' || reagent === undefined || /litmus|indicator|\((s|g)\)$/.test(reagent)) return volume
  const before = (step.with ?? []).reduce((sum, one) => sum + volumeOf(one.amount, sum), volume)
  return isSolid(reagent, amount) ? before : before + volumeOf(amount, before)
}

function withFact(tube: DrawnTube, fact: ObservedFact): DrawnTube {
  const without = ({ solid: _, ...rest }: DrawnTube): DrawnTube => rest
  switch (fact.kind) {
    case 'precipitate':
      return {
        ...tube,
        // What coloured the liquid is in the precipitate of the same colour now.
        liquid: fact.colour === tube.liquid && !fact.slight ? 'colourless' : tube.liquid,
        solid: { colour: fact.colour ?? UNSAID, much: !fact.slight, settled: false },
      }
    case 'precipitateTurns':
    case 'solidTurns':
      return { ...tube, solid: { colour: fact.to, much: true, settled: true } }
    case 'solid':
      return { ...tube, solid: { colour: fact.colour, much: true, settled: true } }
    case 'dissolves': {
      if (fact.how === 'partly') return tube.solid ? { ...tube, solid: { ...tube.solid, much: false } } : tube
      return { ...without(tube), liquid: fact.giving ?? tube.liquid }
    }
    case 'insoluble':
      return tube.solid ? { ...tube, solid: { ...tube.solid, settled: true } } : tube
    case 'solution':
      return { ...tube, liquid: fact.to }
    case 'decolourised':
      return { ...tube, liquid: 'colourless' }
    case 'layer':
      return { ...tube, layer: fact.colour ?? tube.layer ?? 'colourless' }
    case 'effervescence':
      return { ...tube, bubbles: true }
    case 'gas': {
      const { paper, flame } = gasReading(fact.test)
      if (paper) return { ...tube, paper: { from: paper[0], to: paper[1] } }
      return flame ? { ...tube, flame: fact.test } : { ...tube, bubbles: true }
    }
    case 'flame':
      return { ...tube, flame: fact.colour }
    default:
      return tube
  }
}

function withStep(before: DrawnTube, step: Step, { observation }: ReadStep): DrawnTube {
  // Bubbles, papers and flames last as long as their step.
  const { paper: _paper, flame: _flame, ...kept } = before
  const filtered = step.do === 'filter' ? (({ solid: _, ...rest }) => rest)(kept) : kept
  const floats = step.do === 'add' && reagentNamed(step.reagent ?? '')?.special === 'floats'
  const now: DrawnTube = {
    ...filtered,
    bubbles: false,
    volume: volumeAfter(before.volume, step),
    ...(floats ? { layer: before.layer ?? 'colourless' } : {}),
  }
  return observation.facts.reduce((tube, { fact }) => withFact(tube, fact), now)
}

/**
 * A tube as its recorded steps have left it.
 *
 * @param tubes - all tubes of the rack by name, for those that were begun from another
 * @param appearance - how the sample looked, in the student's words
 * @param dry - whether the sample is a solid that no water was put to
 */
export function drawTube(
  tube: Tube,
  tubes: ReadonlyMap<string, Tube>,
  { appearance = '', dry = false }: { readonly appearance?: string; readonly dry?: boolean } = {},
): DrawnTube {
  const line = tubeLine(tube, tubes)
  const [first = tube] = line
  const isDry = dry && first.cm3 === undefined
  const fresh: DrawnTube = {
    volume: isDry ? 0 : Number(first.cm3 ?? PORTION),
    liquid: 'colourless',
    bubbles: false,
  }
  const looks = readObservation(appearance, LOOK).facts.reduce((now, { fact }) => withFact(now, fact), fresh)
  const read = readTubes(line, isDry).tubes
  return line.reduce(
    (drawn, next, place) =>
      next.steps.reduce(
        (now, step, index) => withStep(now, step, read[place]?.[index] as ReadStep),
        place === 0 ? drawn : goneOn(drawn, next),
      ),
    withoutSolidIfDissolved(looks, isDry),
  )
}

/** How a sample looks before anything is done. */
const LOOK = { do: 'look' }

/** Crystals that were dissolved are no longer in the tube; their colour is the liquid's. */
function withoutSolidIfDissolved(tube: DrawnTube, dry: boolean): DrawnTube {
  if (dry || tube.solid === undefined || tube.volume === 0) return tube
  const { solid, ...rest } = tube
  return { ...rest, liquid: tube.liquid === 'colourless' && solid.colour !== 'white' ? solid.colour : tube.liquid }
}

function goneOn(parent: DrawnTube, tube: Tube): DrawnTube {
  const { paper: _paper, flame: _flame, ...rest } = parent
  if (tube.take === 'residue') return { ...rest, bubbles: false, volume: 1, liquid: 'colourless' }
  if (tube.take !== 'filtrate') return { ...rest, bubbles: false }
  const { solid: _, ...filtrate } = rest
  return { ...filtrate, bubbles: false }
}
