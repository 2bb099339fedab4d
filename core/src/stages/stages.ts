import { readChromatogram } from '../chromatogram/index.ts'
import { readSeries } from '../curve/index.ts'
import { assessHeating } from '../heating/index.ts'
import { raised, symbolOf, unitSymbol } from '../number/index.ts'
import type { Answer, Reckoning } from '../reckon/index.ts'
import {
  buretteOf,
  byKind,
  findPart,
  isStartingText,
  materialLabel,
  type Part,
  type PartOf,
  partTitle,
  type Task,
  wordsFor,
} from '../record/index.ts'
import { massOfWeighing, titreOf, weighedMass } from '../titration/index.ts'

export type StageState = 'empty' | 'partly' | 'done'

/** One stage of a task, in the order it is done: the brief, each part, the working, the report. */
export interface Stage {
  /** `brief`, `work-out`, `write-up`, or the id of the (first) part. */
  readonly id: string
  readonly kind: 'brief' | 'work-out' | 'write-up' | Part['kind']
  readonly title: string
  readonly state: StageState
  /** Its one most important number, with unit; empty while there is none. */
  readonly figure: string
  /** The parts it holds: several weighings of one material in a row make one stage. */
  readonly parts: readonly string[]
}

type Group = readonly [Part, ...Part[]]

/** Weighings of the same material that follow one another are done in one go. */
function groupParts(parts: readonly Part[]): readonly Group[] {
  const groups: [Part, ...Part[]][] = []
  for (const part of parts) {
    const last = groups.at(-1)
    const before = last?.[0]
    if (last && part.kind === 'weighing' && before?.kind === 'weighing' && before.of === part.of) last.push(part)
    else groups.push([part])
  }
  return groups
}

interface Found {
  readonly state: StageState
  readonly figure: string
}

function weighingStage(weighings: readonly PartOf<'weighing'>[]): Found {
  const done = weighings.flatMap((weighing) => weighedMass(weighing) ?? [])
  const begun = weighings.some(({ withSample, withResidue, container, mass }) => withSample ?? withResidue ?? container ?? mass)
  const figure =
    weighings.length === 1 ? (done[0] ? `${done[0].text} g` : '') : done.length > 0 ? `${done.length} of ${weighings.length}` : ''
  return { state: done.length === weighings.length ? 'done' : begun ? 'partly' : 'empty', figure }
}

/** What is followed by a run of readings is done when the lines of that run cross. */
function crossingStage(task: Task, series: string): Found {
  const run = findPart(task, 'series', series)
  const crossing = run && readSeries(run).twoLines?.crossing.x
  return crossing === undefined
    ? { state: 'empty', figure: '' }
    : { state: 'done', figure: `${crossing.toFixed(1)} ${symbolOf(task.conventions.volumeUnit)}` }
}

function titrationStage(task: Task, part: PartOf<'titration'>, reckoning: Reckoning): Found {
  if (part.crossingOf !== undefined) return crossingStage(task, part.crossingOf)
  const unit = symbolOf(task.conventions.volumeUnit)
  const result = reckoning.titrations.find((one) => one.part === part.id)
  const titres = part.runs.flatMap((run) => titreOf(run, task.conventions.burette) ?? [])
  const begun = part.runs.some(({ initial, final }) => initial ?? final)
  const agreed = reckoning.assessments.get(part.id)?.massPerRun ? `${result?.used.length ?? 0} agree` : ''
  const figure =
    agreed && result?.concordant
      ? agreed
      : result?.mean
        ? `${result.mean} ${unit}`
        : titres.length > 0
          ? `${titres.at(-1)?.text} ${unit}`
          : ''
  return { state: result?.concordant ? 'done' : begun ? 'partly' : 'empty', figure }
}

const partStage = byKind<Found, [more: readonly Part[], task: Task, reckoning: Reckoning]>({
  weighing: (part, more) => weighingStage([part, ...more.filter((other) => other.kind === 'weighing')]),
  solution: (part, _, task) => solutionStage(task, part),
  titration: (part, _, task, reckoning) => titrationStage(task, part, reckoning),
  heating: (part) => heatingStage(part),
  series: (part) => seriesStage(part),
  rack: (part) => rackStage(part),
  chromatogram: (part) => chromatogramStage(part),
  note: ({ text }) => ({ state: text.trim() ? 'done' : 'empty', figure: '' }),
})

/** Whether a reading has been taken with a material: then it has been made. */
function isInUse(task: Task, material: string): boolean {
  return task.parts.some((part) => {
    if (part.kind === 'titration')
      return (
        part.runs.some(({ initial, final }) => initial ?? final) &&
        (buretteOf(part) === material || part.flask.some((content) => 'material' in content && content.material === material))
      )
    if (part.kind === 'solution') return isMadeOf(part, material) && isInUse(task, part.gives)
    const begun = (part.kind === 'series' && part.points.length > 0) || (part.kind === 'rack' && part.samples.length > 0)
    return begun && JSON.stringify(part).includes(JSON.stringify(material))
  })
}

const isMadeOf = (part: PartOf<'solution'>, material: string) =>
  part.gives !== material && part.from.some((source) => 'material' in source && source.material === material)

/** A sheet says how a solution is to be made; it is made when what goes in is weighed and a reading is taken with it. */
function solutionStage(task: Task, part: PartOf<'solution'>): Found {
  const { flask, from, gives } = part
  if (flask === undefined) return { state: 'empty', figure: '' }
  const weighed = from.flatMap((source) => ('weighing' in source ? [massOfWeighing(task, source.weighing) !== undefined] : []))
  const begun = weighed.some(Boolean)
  const done = isInUse(task, gives) && weighed.every(Boolean)
  return { state: done ? 'done' : begun ? 'partly' : 'empty', figure: `${flask} ${symbolOf(task.conventions.volumeUnit)}` }
}

function heatingStage(part: PartOf<'heating'>): Found {
  const { steps, constant, lost } = assessHeating(part)
  if (constant && lost) return { state: 'done', figure: `${lost.text} g lost` }
  return filled(steps.length, 'weighing')
}

/** A series is done when what it is read for can be read: a line, two that cross, a curve. */
function seriesStage(part: PartOf<'series'>): Found {
  const { line, twoLines, mixing, smooth } = readSeries(part)
  const found = filled(part.points.length, 'point')
  return (line ?? twoLines ?? mixing ?? smooth) ? { ...found, state: 'done' } : found
}

/** A rack is done when every sample has its conclusion. */
function rackStage({ samples }: PartOf<'rack'>): Found {
  const concluded = samples.filter(({ conclusion }) => conclusion).length
  if (concluded === 0) return filled(samples.flatMap(({ tubes }) => tubes).length, 'tube')
  return { state: concluded === samples.length ? 'done' : 'partly', figure: `${concluded} of ${samples.length} concluded` }
}

/** A chromatogram is done when every spot has its Rf. */
function chromatogramStage(part: PartOf<'chromatogram'>): Found {
  const { spots } = readChromatogram(part)
  const found = filled(spots.length, 'spot')
  return spots.length > 0 && spots.every(({ rf }) => rf !== undefined) ? { ...found, state: 'done' } : found
}

const counted = (count: number, of: string) => `${count} ${count === 1 ? of : `${of}s`}`

function filled(count: number, of: string): Found {
  return { state: count > 0 ? 'partly' : 'empty', figure: count > 0 ? counted(count, of) : '' }
}

function written(answer: Answer): string {
  const value = answer.value?.replace(/e(-?\d+)$/, (_, exponent: string) => ` × 10${raised(exponent)}`).replace(/^-/, '−')
  return `${value} ${unitSymbol(answer.unit)}`.trim()
}

function workOutStage(task: Task, { answers }: Reckoning): Found {
  const had = answers.filter(({ value }) => value !== null)
  const last = had.at(-1)
  const inWords = task.questions.filter((question) => wordsFor(task, question) !== undefined).length
  const all = had.length + inWords
  return {
    state: all === 0 ? 'empty' : all >= answers.length ? 'done' : 'partly',
    figure: last ? written(last) : '',
  }
}

/** A report is written of itself; it is begun when words of one's own are in it, and done when the student says so. */
function writeUpStage({ writeup }: Task): Found {
  const own = writeup?.sentences?.length ?? 0
  if (writeup?.finished !== undefined) return { state: 'done', figure: 'finished' }
  return { state: own > 0 ? 'partly' : 'empty', figure: own > 0 ? counted(own, 'sentence') : '' }
}

function titleOf(task: Task, [part, ...more]: Group): string {
  return part.kind === 'weighing' && more.length > 0 ? `Weigh ${materialLabel(task, part.of)}` : partTitle(task, part)
}

/** Whether more is known of what is on the bench than the labels that a starting sheet brings. */
function isDescribed({ brief, materials }: Task): boolean {
  const hasSheet = brief?.text !== undefined && !isStartingText(brief.text)
  if (hasSheet || materials.every(({ solute }) => solute !== undefined)) return true
  return materials.some(({ strength, note, bottle }) => strength ?? note ?? bottle)
}

/** The stages of a task with how far each is and its most important number. */
export function stagesOf(task: Task, reckoning: Reckoning): readonly Stage[] {
  const known = task.materials.filter(({ label }) => label.trim() !== '')
  const parts = groupParts(task.parts).map(
    (group): Stage => ({
      id: group[0].id,
      kind: group[0].kind,
      title: titleOf(task, group),
      parts: group.map(({ id }) => id),
      ...partStage(group[0], group.slice(1), task, reckoning),
    }),
  )
  return [
    {
      id: 'brief',
      kind: 'brief',
      title: 'Brief',
      state: known.length > 0 && isDescribed(task) ? 'done' : known.length > 0 || task.brief?.text ? 'partly' : 'empty',
      figure: known.length > 0 ? counted(known.length, 'material') : '',
      parts: [],
    },
    ...parts,
    { id: 'work-out', kind: 'work-out', title: 'Work out', parts: [], ...workOutStage(task, reckoning) },
    { id: 'write-up', kind: 'write-up', title: 'Write up', parts: [], ...writeUpStage(task) },
  ]
}
