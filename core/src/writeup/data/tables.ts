import { readChromatogram } from '../../chromatogram/index.ts'
import { sayAction } from '../../rack/index.ts'
import { questionTitle, reckonTask } from '../../reckon/index.ts'
import {
  byKind,
  type Entry,
  entryText,
  materialLabel,
  type PartOf,
  partTitle,
  path,
  stepName,
  type Task,
  wordsFor,
} from '../../record/index.ts'
import { assessTitration, massesFrom, runName, weighedMass } from '../../titration/index.ts'
import { sureAnswers } from '../../uncertainty/index.ts'
import { type DataTable, momentColumn, numberColumn, textColumn } from './dataTable.ts'

const written = (entry: Entry | undefined) => (entry === undefined ? '' : entryText(entry))
const momentOf = (entry: Entry | undefined) => (typeof entry === 'object' ? (entry.at ?? '') : '')
const said = (text: string | undefined) => text ?? ''
const yesOrNo = (is: boolean) => String(is)

/** Volumes in a file for programs, in the unit of the task without raised signs. */
const unitOf = ({ conventions }: Task) => conventions.volumeUnit

function runsOf(part: PartOf<'titration'>, task: Task): readonly DataTable[] {
  if (part.runs.length === 0) return []
  const unit = unitOf(task)
  const { runs } = assessTitration(part, { conventions: task.conventions, massOfRun: massesFrom(task) })
  return [
    {
      name: `${part.id}-runs`,
      title: partTitle(task, part),
      columns: [
        textColumn('run'),
        textColumn('kind'),
        numberColumn('initial', 'initial reading', unit),
        numberColumn('final', 'final reading', unit),
        numberColumn('titre', 'titre', unit),
        { name: 'in_mean', title: 'taken into the mean', type: 'boolean' },
        textColumn('weighing'),
        { name: 'refilled', title: 'refilled', type: 'boolean' },
        textColumn('use', 'taken in or left out by hand'),
        textColumn('why'),
        momentColumn('read_at'),
      ],
      rows: part.runs.map((run, index) => [
        runName(part.runs, index),
        run.kind,
        written(run.initial),
        written(run.final),
        said(runs[index]?.titre?.text),
        yesOrNo(runs[index]?.inMean ?? false),
        said(run.weighing),
        run.refilled === undefined ? '' : yesOrNo(run.refilled),
        said(run.use),
        said(run.why),
        momentOf(run.final ?? run.initial),
      ]),
      key: ['run'],
      at: path('parts', part.id),
    },
  ]
}

function pointsOf(part: PartOf<'series'>, task: Task): readonly DataTable[] {
  const points: DataTable = {
    name: `${part.id}-points`,
    title: partTitle(task, part),
    columns: [
      textColumn('point'),
      numberColumn('x', part.x.name, part.x.unit),
      numberColumn('y', part.y.name, part.y.unit),
      momentColumn('read_at'),
    ],
    rows: part.points.map(({ x, y }, index) => [String(index + 1), written(x), written(y), momentOf(y)]),
    key: ['point'],
    at: path('parts', part.id),
  }
  const unknowns: DataTable = {
    name: `${part.id}-unknowns`,
    title: `${partTitle(task, part)}: unknowns`,
    columns: [textColumn('sample'), textColumn('reading'), numberColumn('y', part.y.name, part.y.unit)],
    rows: (part.unknowns ?? []).flatMap(({ label, readings }) =>
      readings.map(({ y }, index) => [label, String(index + 1), written(y)]),
    ),
    key: ['sample', 'reading'],
    at: path('parts', part.id),
  }
  return [points, unknowns].filter(({ rows }) => rows.length > 0)
}

function massesOf(part: PartOf<'heating'>, task: Task): readonly DataTable[] {
  if (part.masses.length === 0) return []
  return [
    {
      name: `${part.id}-masses`,
      title: partTitle(task, part),
      columns: [textColumn('weighing'), numberColumn('mass', 'container and solid', 'g'), momentColumn('read_at')],
      rows: part.masses.map(({ mass }, index) => [String(index), written(mass), momentOf(mass)]),
      key: ['weighing'],
      at: path('parts', part.id),
    },
  ]
}

function spotsOf(part: PartOf<'chromatogram'>, task: Task): readonly DataTable[] {
  if (part.spots.length === 0) return []
  const { spots } = readChromatogram(part)
  return [
    {
      name: `${part.id}-spots`,
      title: partTitle(task, part),
      columns: [
        textColumn('spot'),
        textColumn('label'),
        { name: 'reference', title: 'reference', type: 'boolean' },
        textColumn('colour'),
        numberColumn('distance', 'distance from the line', part.unit ?? 'cm'),
        numberColumn('front', 'distance of the front', part.unit ?? 'cm'),
        numberColumn('rf', 'Rf', ''),
      ],
      rows: part.spots.map(({ label, known, colour, distance }, index) => [
        String(index + 1),
        label,
        yesOrNo(known ?? false),
        said(colour),
        written(distance),
        written(part.front),
        said(spots[index]?.rf?.text),
      ]),
      key: ['spot'],
      at: path('parts', part.id),
    },
  ]
}

function stepsOf(part: PartOf<'rack'>, task: Task): readonly DataTable[] {
  const rows = part.samples.flatMap(({ material, tubes }) =>
    tubes.flatMap(({ id, steps }) =>
      steps.map((step, index) => [
        stepName(id, index),
        materialLabel(task, material),
        id,
        sayAction(step),
        said(step.saw),
        said(step.means),
      ]),
    ),
  )
  if (rows.length === 0) return []
  return [
    {
      name: `${part.id}-tests`,
      title: partTitle(task, part),
      columns: [
        textColumn('step'),
        textColumn('sample'),
        textColumn('tube'),
        textColumn('test'),
        textColumn('observation'),
        textColumn('inference'),
      ],
      rows,
      key: ['step'],
      at: path('parts', part.id),
    },
  ]
}

const NOTHING = () => []

const tablesOf = byKind<readonly DataTable[], [task: Task]>({
  weighing: NOTHING,
  solution: NOTHING,
  titration: runsOf,
  heating: massesOf,
  series: pointsOf,
  rack: stepsOf,
  chromatogram: spotsOf,
  note: NOTHING,
})

/** All weighings of a task in one table, since each is one row. */
function weighingsOf(task: Task): readonly DataTable[] {
  const weighings = task.parts.filter((part) => part.kind === 'weighing')
  if (weighings.length === 0) return []
  return [
    {
      name: 'weighings',
      title: 'Weighings',
      columns: [
        textColumn('weighing'),
        textColumn('of'),
        numberColumn('container', 'empty container', 'g'),
        numberColumn('with_sample', 'container and sample', 'g'),
        numberColumn('with_residue', 'container and residue', 'g'),
        numberColumn('tared', 'sample, tared', 'g'),
        numberColumn('taken', 'sample taken', 'g'),
        textColumn('lid'),
      ],
      rows: weighings.map((part) => [
        part.id,
        materialLabel(task, part.of),
        written(part.container),
        written(part.withSample),
        written(part.withResidue),
        written(part.mass),
        said(weighedMass(part)?.text),
        part.lid === undefined ? '' : String(part.lid),
      ]),
      key: ['weighing'],
      at: path('parts'),
    },
  ]
}

function answersOf(task: Task): readonly DataTable[] {
  if (task.questions.length === 0) return []
  const { answers } = reckonTask(task)
  const sure = sureAnswers(task, answers)
  return [
    {
      name: 'answers',
      title: 'Answers',
      columns: [
        textColumn('question'),
        textColumn('number'),
        textColumn('asks'),
        textColumn('value'),
        textColumn('plus_minus', 'plus or minus'),
        textColumn('unit'),
        textColumn('words'),
      ],
      rows: task.questions.map((question) => {
        const answer = answers.find((one) => one.question === question.id)
        const { number: _, ...unnumbered } = question
        const words = wordsFor(task, question)
        return [
          question.id,
          said(question.number),
          questionTitle(task, unnumbered),
          words === undefined ? said(answer?.value ?? undefined) : '',
          said(sure.get(question.id)?.plusMinus),
          said(answer?.unit),
          said(words),
        ]
      }),
      key: ['question'],
      at: path('questions'),
    },
  ]
}

/** Everything that was read, and what was answered, as tables of data: only those that have rows. */
export function dataTables(task: Task): readonly DataTable[] {
  return [...weighingsOf(task), ...task.parts.flatMap((part) => tablesOf(part, task)), ...answersOf(task)]
}
