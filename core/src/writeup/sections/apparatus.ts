import { decimalPlaces, symbolOf } from '../../number/index.ts'
import { byKind, type Entry, entryText, type Part, type PartOf, type Task } from '../../record/index.ts'
import type { Facts } from '../facts.ts'
import type { Proposed, Section } from '../report.ts'
import { TIED } from '../words.ts'

/** Decimals of the readings of a balance, which tell what it reads to. */
function balance(entries: readonly (Entry | undefined)[]): readonly string[] {
  const read = entries.flatMap((entry) => (entry === undefined ? [] : [decimalPlaces(entryText(entry))]))
  if (read.length === 0) return []
  const places = Math.max(...read)
  return [`balance reading to ${places === 0 ? '1' : `0.${'0'.repeat(places - 1)}1`}${TIED}g`]
}

const sized = (task: Task, size: string, what: string) => `${size}${TIED}${symbolOf(task.conventions.volumeUnit)} ${what}`

function ofWeighing({ container, withSample, withResidue, mass }: PartOf<'weighing'>): readonly string[] {
  const scale = balance([container, withSample, withResidue, mass])
  if (scale.length === 0) return []
  return [...scale, withSample === undefined ? 'weighing boat' : 'weighing bottle']
}

function ofSolution({ flask, from }: PartOf<'solution'>, task: Task): readonly string[] {
  if (flask === undefined) return []
  const portions = from.flatMap((source) => ('material' in source ? [sized(task, entryText(source.volume), 'pipette')] : []))
  return [...portions, sized(task, flask, 'volumetric flask'), 'beaker and glass rod', 'filter funnel']
}

function ofTitration(part: PartOf<'titration'>, task: Task): readonly string[] {
  if (part.crossingOf !== undefined) return []
  const { capacity, step, class: glass } = task.conventions.burette
  const unit = symbolOf(task.conventions.volumeUnit)
  const portions = part.flask.flatMap((content) => {
    if (!('material' in content) || content.volume === undefined) return []
    const size = entryText(content.volume)
    if (content.by === 'cylinder') return ['measuring cylinder']
    return content.by === 'burette' ? ['second burette'] : [sized(task, size, 'pipette and filler')]
  })
  return [
    `${sized(task, capacity, `burette`)}, class ${glass}, read to ${step}${TIED}${unit}`,
    ...portions,
    'conical flasks and white tile',
  ]
}

/** Instruments that a quantity is read with (common practice), by words in its name or its unit. */
const INSTRUMENTS: readonly (readonly [RegExp, (axis: PartOf<'series'>['x']) => string])[] = [
  [/°C|temperature/i, ({ step, unit }) => (step ? `thermometer read to ${step}${TIED}${unit}` : 'thermometer')],
  [/\bgas\b/i, () => 'gas syringe'],
  [/^(s|min)\b|\btime\b/i, () => 'stopwatch'],
  [/absorbance|colorimeter/i, () => 'colorimeter'],
  [/\bpH\b/, ({ step }) => (step ? `pH meter read to ${step}` : 'pH meter')],
  [/conductivity/i, () => 'conductivity meter'],
  [/\bvolume\b/i, () => 'burette'],
  [/\bmass\b/i, () => 'balance'],
]

function ofSeries({ x, y }: PartOf<'series'>): readonly string[] {
  const cup = /°C/.test(y.unit) && !/time|°C/.test(x.unit + x.name) ? ['insulated cup with lid'] : []
  const read = [x, y].flatMap((axis) => {
    const found = INSTRUMENTS.find(([pattern]) => pattern.test(`${axis.unit} ${axis.name}`))
    return found ? [found[1](axis)] : []
  })
  return [...read, ...cup]
}

/** What each act in tubes takes beside the tubes. */
const FOR_ACTS: Readonly<Partial<Record<string, string>>> = {
  warm: 'burner and tube holder',
  heat: 'burner and tube holder',
  boil: 'burner and tube holder',
  filter: 'filter funnel and paper',
  flame: 'burner and clean wire',
}

function ofRack({ samples }: PartOf<'rack'>): readonly string[] {
  const acts = samples.flatMap(({ tubes }) => tubes.flatMap(({ steps }) => steps.flatMap((step) => FOR_ACTS[step.do] ?? [])))
  return samples.some(({ tubes }) => tubes.length > 0) ? ['test tubes and rack', 'droppers', ...acts] : []
}

const apparatusOf = byKind<readonly string[], [task: Task]>({
  weighing: (part) => ofWeighing(part),
  solution: ofSolution,
  titration: ofTitration,
  heating: (part) => [
    ...balance([part.container, ...part.masses.map(({ mass }) => mass)]),
    'crucible, triangle, tripod and tongs',
    'burner',
  ],
  series: (part) => ofSeries(part),
  rack: (part) => ofRack(part),
  chromatogram: () => ['chromatography paper, pencil and ruler', 'beaker with lid'],
  note: () => [],
})

/** What was used, with its sizes: each piece once, in the order in which it is first needed. */
function apparatusUsed(task: Task, parts: readonly Part[] = task.parts): readonly string[] {
  return [...new Set(parts.flatMap((part) => apparatusOf(part, task)))]
}

export function apparatusSection({ task }: Facts): Section<Proposed> | undefined {
  const items = apparatusUsed(task)
  return items.length === 0 ? undefined : { id: 'apparatus', heading: 'Apparatus', blocks: [{ kind: 'list', items }] }
}
