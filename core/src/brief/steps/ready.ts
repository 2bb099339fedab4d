import type { Draft } from '../draft/Draft.ts'
import type { DraftAct, DraftTube } from '../draft/parts.ts'
import type { Read } from '../label/said.ts'
import { ofKind, type Vessel } from '../mention/mention.ts'

/** How a vessel is made ready (common practice). */
const VESSELS: Readonly<Partial<Record<Vessel, string>>> = {
  burette: 'burette, rinsed with water and then with its own solution',
  pipette: 'pipette with a filler, rinsed with water and then with its own solution',
  cylinder: 'measuring cylinder',
  'conical flask': 'conical flasks, rinsed with water',
  'volumetric flask': 'volumetric flask, rinsed with water; dropper for the last of it',
  beaker: 'beaker, clean and dry',
  crucible: 'crucible on a pipeclay triangle, tongs, heat-proof mat',
  tube: 'test-tubes in a rack, labelled, marked at 1 cm',
  cup: 'plastic cup in a beaker, so that it stands; thermometer',
  syringe: 'gas syringe, its plunger free, the bung tried for size',
  paper: 'paper or plate, pencil, ruler',
  'weighing bottle': 'weighing bottle, dry',
}

const WORDS: readonly (readonly [pattern: RegExp, ready: string])[] = [
  [/\bfilter/i, 'filter paper, folded, in a funnel'],
  [/\bheat|\bboil(?!ing[ -]tube)|\bwarm\b(?! (?:water|distilled|place))|\bflame\b|\bignite/i, 'burner, lit and tried'],
  [/\bstop[- ]?(?:watch|clock)|\btimer|\bevery\b.*\b(?:s|seconds|min\w*)\b/i, 'clock, set to nothing'],
  [/\bthermometer|\btemperature/i, 'thermometer, read to half a division'],
  [/\btitrat/i, 'white tile, wash bottle'],
  [/\bflame test/i, 'clean wire and hydrochloric acid'],
]

/** What an act in a tube needs to hand before it is begun. */
function readyForAct({ do: act, reagent = '' }: DraftAct): readonly string[] {
  if (/litmus/.test(reagent))
    return [`${/blue/.test(reagent) ? 'blue' : /red/.test(reagent) ? 'red' : 'red and blue'} litmus paper, already damp`]
  if (/limewater/.test(reagent)) return ['limewater in a clean tube, and a delivery tube or dropper']
  if (/splint/.test(reagent)) return [/glow/.test(reagent) ? 'splint, glowing' : 'splint and a flame']
  if (/paper/.test(reagent)) return [reagent]
  return act === 'heat' || act === 'warm' || act === 'boil' ? ['burner, lit and tried', 'test-tube holder'] : []
}

/** What has to be ready before a step is begun. */
export function readyFor(read: Read, tubes: readonly DraftTube[]): readonly string[] {
  const { text } = read.sentence
  const vessels = ofKind(read.mentions, 'vessel').flatMap(({ vessel }) => VESSELS[vessel] ?? [])
  const pipette = /\bpipett?e[sd]?\b/i.test(text) ? [VESSELS.pipette ?? ''] : []
  const words = WORDS.flatMap(([pattern, ready]) => (pattern.test(text) ? [ready] : []))
  const acts = tubes.flatMap(({ acts: all }) => all.flatMap(readyForAct))
  return [
    ...new Set([
      ...vessels,
      ...pipette,
      ...acts,
      ...(tubes.length > 0 ? words.filter((one) => !one.startsWith('burner')) : words),
    ]),
  ]
}

/** The get-ready list of a whole sheet: what its bottles, glass and tests want, each once. */
export function getReady(draft: Draft, ready: readonly string[]): readonly string[] {
  const racks = draft.of('rack')
  const tubes = racks.flatMap(({ samples }) => samples.flatMap((sample) => sample.tubes)).length
  const labels = [...draft.materials.values()].filter(({ label }) => label.length < 12).length
  return [
    'eye protection on',
    ...(labels > 0 ? [`a labelled beaker for each of the ${labels} bottles`] : []),
    ...(tubes > 0 ? [`${tubes} clean test-tubes, labelled and marked at 1 cm, and droppers`] : []),
    ...ready.filter((one) => !one.startsWith('test-tubes')),
  ].filter((one, index, all) => all.indexOf(one) === index)
}
