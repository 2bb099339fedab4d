import { type Action, type Place, sayAction } from '@hop-lark/core/rack'
import { freshId, type PartOf } from '@hop-lark/core/record'

export type Rack = PartOf<'rack'>
export type Sample = Rack['samples'][number]
export type Tube = Sample['tubes'][number]
export type Step = Tube['steps'][number]

/** The tube of a name, with the sample it belongs to. */
export function findTube(rack: Rack, id: string | undefined): { readonly sample: Sample; readonly tube: Tube } | undefined {
  for (const sample of rack.samples) {
    const tube = sample.tubes.find((one) => one.id === id)
    if (tube) return { sample, tube }
  }
  return undefined
}

const allTubes = (rack: Rack) => rack.samples.flatMap(({ tubes }) => tubes.map(({ id }) => id))

/** What a sample's tubes are numbered under: `Jar H` gives H, `FA 4` gives 4-, so that its tubes are 4-1, 4-2. */
function stemOf(label: string): string {
  const last = /[A-Za-z0-9]+$/.exec(label.trim())?.[0] ?? 'P'
  if (/\d$/.test(last)) return `${last}-`
  return last.length <= 2 ? last.toUpperCase() : (label.trim()[0]?.toUpperCase() ?? 'P')
}

/** A name for a new sample: P, Q, R … as long as there are letters. */
export function nextSample(taken: readonly string[]): string {
  return [...'PQRSTUVWXYZ'].find((letter) => !taken.includes(letter)) ?? freshId('P', taken)
}

/** The name of a sample's next tube: H4, or H3a for one that goes on from H3. */
export function nextTubeId(rack: Rack, label: string, from?: string): string {
  const taken = new Set(allTubes(rack))
  if (from === undefined) return freshId(stemOf(label), taken)
  const letters = 'abcdefghijklmnopqrstuvwxyz'
  const stem = /\d$/.test(from) ? from : `${from}-`
  const letter = [...letters].find((one) => !taken.has(`${stem}${one}`))
  return letter === undefined ? freshId(`${from}-`, taken) : `${stem}${letter}`
}

const PORTION = '1'

/** Puts a fresh portion of a sample into the rack. */
export function addPortion(rack: Rack, material: string, id: string, dry: boolean): void {
  const sample = rack.samples.find((one) => one.material === material)
  sample?.tubes.push({ id, ...(dry ? {} : { cm3: PORTION }), steps: [] })
}

/** Puts a tube into the rack that goes on from another, as a portion of the same sample or of a new one. */
export function goOn(rack: Rack, from: string, id: string, take: Tube['take'], material?: string): void {
  const home = findTube(rack, from)
  if (!home) return
  const tube: Tube = { id, from, ...(take ? { take } : {}), steps: [] }
  const into = material ?? home.sample.material
  const sample = rack.samples.find((one) => one.material === into)
  if (sample) sample.tubes.push(tube)
  else rack.samples.push({ material: into, tubes: [tube] })
}

/** A tube of its own that an act wants. */
type Onward =
  | { readonly kind: 'fresh'; readonly id: string }
  | { readonly kind: 'onward'; readonly id: string; readonly take: Tube['take'] }

/**
 * The tube that an act is done in when it is not the one that stands there: a fresh portion where that one was used, the
 * filtrate or the residue where it was filtered; undefined where it is that very tube.
 */
export function onwardTube(rack: Rack, sample: Sample, tube: Tube, place: Place | undefined, label: string): Onward | undefined {
  const filtered = tube.steps.some(({ do: act }) => act === 'filter')
  const used = tube.steps.length > 0
  if (place === 'fresh') return used ? { kind: 'fresh', id: nextTubeId(rack, label) } : undefined
  // What goes on in a tube that was filtered is its filtrate.
  if (place !== 'residue' || !filtered || !sample.tubes.includes(tube)) return undefined
  return { kind: 'onward', id: nextTubeId(rack, label, tube.id), take: 'residue' }
}

/** The tube of a sample that is worked on first: the first in which something is still planned, else the last. */
export const openTube = ({ tubes }: Sample): Tube | undefined =>
  tubes.find(({ planned = [] }) => planned.length > 0) ?? tubes.at(-1)

/** The tube that comes after one whose plan is done: the next of its sample, then of the others, in which something is planned. */
export function nextPlanned(rack: Rack, tubeId: string): string | undefined {
  const sample = findTube(rack, tubeId)?.sample
  const tubes = [...(sample?.tubes ?? []), ...rack.samples.flatMap((one) => (one === sample ? [] : one.tubes))]
  const after = [...tubes.slice(tubes.findIndex(({ id }) => id === tubeId) + 1), ...tubes]
  return after.find(({ id, planned = [] }) => id !== tubeId && planned.length > 0)?.id
}

/** Takes an act off the plan of a tube once it is done. */
function offThePlan(tube: Tube, action: Action): void {
  const [next, ...later] = tube.planned ?? []
  if (!next || next.do !== action.do || next.reagent !== action.reagent) return
  if (later.length > 0) tube.planned = later
  else delete tube.planned
}

/** Keeps a step at the end of a tube. */
export function addStep(rack: Rack, tubeId: string, action: Action, saw: string): void {
  const tube = findTube(rack, tubeId)?.tube
  if (tube) offThePlan(tube, action)
  tube?.steps.push({
    id: freshId(
      's',
      tube.steps.map((step) => step.id),
    ),
    ...action,
    ...(saw === '' ? {} : { saw }),
  })
}

/** Corrects a step: what stood there is kept, struck through. */
export function correctStep(
  rack: Rack,
  tubeId: string,
  index: number,
  { action, saw, means }: { readonly action: Action; readonly saw: string; readonly means: string },
  at: string,
): void {
  const step = findTube(rack, tubeId)?.tube.steps[index]
  if (!step) return
  const [did, now] = [sayAction(step), sayAction(action)]
  const old = step.saw ?? ''
  const changed = { ...(did !== now ? { did } : {}), ...(old !== '' && old !== saw ? { saw: old } : {}) }
  for (const field of ['reagent', 'amount', 'order', 'with', 'how'] as const) delete step[field]
  Object.assign(step, action)
  if (saw === '') delete step.saw
  else step.saw = saw
  if (means === '') delete step.means
  else step.means = means
  if (Object.keys(changed).length > 0) step.was = [...(step.was ?? []), { ...changed, at }]
}

/** The samples of a rack with a tube as it would be. */
export const samplesWith = ({ samples }: Rack, tube: Tube): readonly Sample[] =>
  samples.map((sample) => ({ ...sample, tubes: sample.tubes.map((one) => (one.id === tube.id ? tube : one)) }))
