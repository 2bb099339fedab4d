import { gasReading } from '../gas/index.ts'
import { type ObservedFact, readObservation } from '../observe/index.ts'
import { type PartOf, tubeLine } from '../record/index.ts'
import { reagentNamed } from '../tube/index.ts'

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
const ADDED: Readonly<Record<string, number>> = { drops: 0.15, excess: 4, solid: 0, piece: 0 }
/** A colour nobody has named yet. */
const UNSAID = 'off-white'

function volumeAfter(volume: number, { do: act, reagent, amount }: Step): number {
  if (act === 'dissolve') return volume + 4
  if (act !== 'add' || reagent === undefined || /litmus|indicator|\((s|g)\)$/.test(reagent)) return volume
  if (amount === 'equal') return volume * 2
  const written = /^(\d+(?:\.\d+)?)\s*cm3$/.exec(amount ?? '')?.[1]
  return volume + (written === undefined ? (ADDED[amount ?? 'drops'] ?? 0.15) : Number(written))
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

function withStep(before: DrawnTube, step: Step): DrawnTube {
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
  return readObservation(step.saw ?? '').facts.reduce((tube, { fact }) => withFact(tube, fact), now)
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
  const [first = tube, ...more] = tubeLine(tube, tubes)
  const isDry = dry && first.cm3 === undefined
  const fresh: DrawnTube = {
    volume: isDry ? 0 : Number(first.cm3 ?? PORTION),
    liquid: 'colourless',
    bubbles: false,
  }
  const looks = readObservation(appearance).facts.reduce((now, { fact }) => withFact(now, fact), fresh)
  const filled = first.steps.reduce(withStep, withoutSolidIfDissolved(looks, isDry))
  return more.reduce((drawn, next) => next.steps.reduce(withStep, goneOn(drawn, next)), filled)
}

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
