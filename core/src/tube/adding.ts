import type { SeenColour } from '../palette/index.ts'
import { ChemistryError } from '../problem/index.ts'
import { volumeOf } from './amounts.ts'
import { colourOf } from './colours.ts'
import { type Contents, EMPTY, pour, settle } from './contents.ts'
import { dissolution, precipitation } from './equations.ts'
import { type Fact, look } from './facts.ts'
import { float } from './organic.ts'
import { testPaper } from './papers.ts'
import { describe, gasWhereItFalls, type Played, play, type Stepped, shown } from './playing.ts'
import { portionsOf, sharesOf } from './portions.ts'
import type { Reagent } from './reagent.ts'
import { REAGENTS, reagentNamed } from './reagents.ts'
import type { TubeStep } from './step.ts'
import { type Tube, tubeOf } from './tubeState.ts'
import { hidesNothing } from './wettedSolids.ts'

function reagentOf(name: string | undefined): Reagent {
  const reagent = name === undefined ? undefined : reagentNamed(name)
  if (reagent) return reagent
  throw new ChemistryError(
    'tube.unknownReagent',
    `There is no '${name ?? ''}' on the bench. There is ${Object.keys(REAGENTS).join(', ')}.`,
    { reagent: name ?? '' },
  )
}

/** Whether a step puts in something of which the bench has no bottle, or does not know what it does: from there on, what the tube holds cannot be told. */
export function bringsUnknown({ do: act, reagent, with: others = [] }: TubeStep): boolean {
  if ((act !== 'add' && act !== 'dissolve') || reagent === undefined) return false
  return [reagent, ...others.map((one) => one.reagent)].some((name) => {
    const bottle = reagentNamed(name)
    return bottle === undefined || bottle.special === 'unforetold'
  })
}

/** Adds a reagent to a tube, or the sample to the reagent. */
export function add(tube: Tube, step: TubeStep): Stepped {
  const reagent = reagentOf(step.reagent)
  if (reagent.paper) return testPaper(tube, reagent.paper)
  if (reagent.special === 'floats') return floated(tube, step)
  if (reagent.special === 'starch') return addForward({ ...tube, contents: { ...tube.contents, starch: true } }, reagent, step)
  return isReversed(tube, step) ? addReversed(tube, reagent, step) : addForward(tube, reagent, step)
}

/** Which way round makes a difference only where the sample is a liquid: a dry solid meets the reagent all at once. */
function isReversed(tube: Tube, { order }: TubeStep): boolean {
  return /sample.*(into|to).*reagent/i.test(order ?? '') && (tube.sample ?? tube.contents).volume > 0
}

/** Whether a portion left everything as it was. */
const unchanged = (tube: Tube, { view, gases, equations }: Played) =>
  view.solids.length === 0 && view.solution === tube.view.solution && gases.length === 0 && equations.length === 0

/** A hydrocarbon on top: nothing happens in the water until it is shaken. */
function floated(tube: Tube, { amount }: TubeStep): Stepped {
  const contents = float(tube.contents, volumeOf(amount, tube.contents.volume || 1))
  return { tube: { ...tube, contents }, shown: describe([{ kind: 'noChange' }], tube.view, []) }
}

/**
 * Looks whether anything happens at all: after the first portions, half of them and all. Most reagents do nothing to most
 * ions, and then there is no need to run in every portion.
 */
function nothingHappens(
  tube: Tube,
  reagent: Reagent,
  portions: readonly ((contents: Contents) => Contents)[],
): Played | undefined {
  if (portions.length < PROBED || tube.view.solids.length > 0) return undefined
  let contents = tube.contents
  let last: Played | undefined
  const stops = [1, 2, Math.ceil(portions.length / 2), portions.length]
  for (const [index, stop] of stops.entries()) {
    const poured = portions.slice(stops[index - 1] ?? 0, stop).reduce((now, put) => put(now), contents)
    if (gasWhereItFalls(contents, reagent, poured.volume - contents.volume).off.length > 0) return undefined
    last = play(poured, { passed: gasIn(reagent) })
    if (!unchanged(tube, last)) return undefined
    contents = last.contents
  }
  return last
}

/** Fewest portions for which looking first is worth while. */
const PROBED = 5

function addForward(tube: Tube, reagent: Reagent, { reagent: name, amount }: TubeStep): Stepped {
  const portions = portionsOf(tube.contents, reagent, amount)
  const idle = nothingHappens(tube, reagent, portions)
  const played: Played[] = idle ? [idle] : runIn(tube, reagent, portions)
  const found = shown(tube, played, { excess: amount === 'excess' })
  const seen = [...lostColour(tube, reagent, found.tube), ...(name === 'H2SO4(conc)' ? ringOf(tube) : [])]
  return seen.length > 0 ? shown(tube, played, { excess: amount === 'excess', seen }) : found
}

/** The gas that is passed in, of a bottle of gas. */
const gasIn = ({ state, putIn }: Reagent) => (state === 'g' ? Object.keys(putIn)[0] : undefined)

function runIn(tube: Tube, reagent: Reagent, portions: readonly ((contents: Contents) => Contents)[]): Played[] {
  const played: Played[] = []
  let contents: Contents = { ...tube.contents }
  for (const put of portions) {
    const volume = put(contents).volume - contents.volume
    const local = gasWhereItFalls(contents, reagent, volume)
    const whole = play(put(local.contents), { passed: gasIn(reagent) })
    const next = { ...whole, gases: [...local.off, ...whole.gases] }
    played.push(next)
    contents = next.contents
  }
  return played
}

/** The colour of a reagent that is gone though there is enough of it to be seen: it was used up. */
function lostColour(before: Tube, reagent: Reagent, after: Tube): readonly Fact[] {
  if (reagent.state !== 'aq') return []
  const put = after.contents.volume - before.contents.volume
  const alone = pour({ ...EMPTY, volume: before.contents.volume }, reagent.putIn, put)
  const colour = colourOf(settle(alone))
  const oxidising = Object.keys(reagent.putIn).some((substance) => /MnO4|Cr2O7|CrO4|^Br2$|^I2$|^Cu/.test(substance))
  const clear = after.view.solids.every(({ formula }) => hidesNothing(formula))
  const lost = oxidising && colour !== 'colourless' && after.view.solution !== colour && clear
  return lost ? [{ kind: 'decolourised', colour }] : []
}

/** Concentrated sulfuric acid run down the wall under iron(II) and nitrate: a brown ring where they meet. */
function ringOf({ contents: { amounts } }: Tube): readonly Fact[] {
  const nitrogen = (amounts.NO3 ?? 0) + (amounts.NO2 ?? 0)
  return (amounts.Fe2 ?? 0) > 1e-6 && nitrogen > 1e-6 ? [{ kind: 'ring', colour: 'brown' }] : []
}

/** Shares of the sample in the drop and around it, from its rim to its heart. */
const MIXING_LINE = [0.05, 0.15, 0.3, 0.5, 0.7, 0.85, 0.95]
/** Reagent in the tube that the sample is dropped into, cm³. */
const REAGENT_FIRST = 2

function mixed(sample: Contents, share: number, into: Contents, volume: number): Contents {
  const scaled = (contents: Contents, cm3: number): Contents => ({
    ...EMPTY,
    volume: cm3,
    amounts: Object.fromEntries(
      Object.entries(contents.amounts).map(([name, amount]) => [name, (amount * cm3) / contents.volume]),
    ),
  })
  const [one, other] = [scaled(sample, share * volume), scaled(into, (1 - share) * volume)]
  return together(one, other)
}

function together(one: Contents, other: Contents): Contents {
  const amounts = { ...one.amounts }
  for (const [name, amount] of Object.entries(other.amounts) as [keyof Contents['amounts'], number][])
    amounts[name] = (amounts[name] ?? 0) + amount
  return { ...one, volume: one.volume + other.volume, amounts, inert: other.inert, hot: other.hot }
}

/** The solid where a drop of the sample falls into much reagent, though the tube as a whole clears it. */
function passingSolid(sample: Contents, into: Contents): { readonly name: string; readonly colour: SeenColour } | undefined {
  for (const share of MIXING_LINE) {
    const local = mixed(sample, share, into, 1)
    const [solid] = look(local, settle(local)).solids
    if (solid) return solid
  }
  return undefined
}

/** The sample dropped into the reagent: what falls at first meets much of it. */
function addReversed(tube: Tube, reagent: Reagent, { amount }: TubeStep): Stepped {
  const sample = tube.sample ?? tube.contents
  const before: Tube = tube.sample ? tube : { ...tubeOf(pour({ ...EMPTY }, reagent.putIn, REAGENT_FIRST)), sample }
  const volume = volumeOf(amount, REAGENT_FIRST)
  const drop = (share: number): Contents => ({
    ...sample,
    volume: volume * share,
    amounts: Object.fromEntries(
      Object.entries(sample.amounts).map(([name, some]) => [name, (some * volume * share) / sample.volume]),
    ),
  })
  const passing = before.view.solids.length === 0 ? passingSolid(sample, before.contents) : undefined
  const played: Played[] = []
  let contents = before.contents
  for (const share of sharesOf(amount, volume)) {
    const next = play(together(drop(share), contents))
    played.push(next)
    contents = next.contents
  }
  const found = shown(before, played, { excess: amount === 'excess' })
  const gone = found.tube.view.solids.length === 0 && !found.shown.facts.some(({ kind }) => kind === 'transient')
  if (!passing || !gone) return found
  const again = shown(before, played, { seen: [{ kind: 'transient', colour: passing.colour }] })
  const equations = [precipitation(passing.name), dissolution(passing.name, again.tube.view.equilibrium)].flatMap(
    (equation) => equation ?? [],
  )
  const { view, above } = again.tube
  const all = () => [...new Set([...equations, ...again.shown.equations])]
  return { ...again, shown: describe(again.shown.facts, view, above, all) }
}
