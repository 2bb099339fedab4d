import { byKind, type Part, type PartOf, type Task } from '../record/index.ts'
import type { IntakeField } from './field.ts'

const number = (key: string, says: string, unit: string, called: RegExp, needed = true): IntakeField => ({
  key,
  says,
  unit,
  kind: 'number',
  needed,
  called,
})
const text = (key: string, says: string, called: RegExp, needed = false): IntakeField => ({
  key,
  says,
  kind: 'text',
  needed,
  called,
})
const READ_AT: IntakeField = {
  key: 'at',
  says: 'when it was read',
  kind: 'moment',
  needed: false,
  called: /^(read at|at|time read|when)$/,
}

function runFields(_: PartOf<'titration'>, task: Task): readonly IntakeField[] {
  const unit = task.conventions.volumeUnit
  return [
    text('run', 'run', /^(run|no|number|titration|trial)\.?$/),
    { ...text('kind', 'rough, accurate or blank', /^kind$/), standsAlone: true },
    number('initial', 'initial reading', unit, /^(initial|start|first)( burette)?( reading| volume)?$/),
    number('final', 'final reading', unit, /^(final|end|second)( burette)?( reading| volume)?$/, false),
    text('weighing', 'weighing in the flask', /^weighing$/),
    text('refilled', 'burette filled again before', /^refilled$/),
    text('use', 'taken in or left out', /^(use|taken in or left out by hand)$/),
    text('why', 'why', /^(why|reason|remark|note)s?$/),
    READ_AT,
  ]
}

/** A heading that names the quantity of an axis, as it is called in the task. */
function axisCalled(name: string, letter: 'x' | 'y'): RegExp {
  const plain = name
    .trim()
    .toLowerCase()
    .replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
  return new RegExp(plain === '' ? `^${letter}$` : `^(${plain}|${letter})$`)
}

const seriesFields = ({ x, y }: PartOf<'series'>): readonly IntakeField[] => [
  number('x', x.name || 'x', x.unit, axisCalled(x.name, 'x')),
  number('y', y.name || 'y', y.unit, axisCalled(y.name, 'y')),
  READ_AT,
]

const MASSES: readonly IntakeField[] = [number('mass', 'container and solid', 'g', /\b(mass|weight|solid)\b/), READ_AT]

const spotFields = ({ unit = 'cm' }: PartOf<'chromatogram'>): readonly IntakeField[] => [
  text('label', 'sample', /^(label|sample|spot of|name|substance)$/, true),
  number('distance', 'distance from the line', unit, /^distance\b(?!.*front)/),
  text('known', 'reference', /^(reference|known|standard)$/),
  text('colour', 'colour', /^colou?r$/),
]

const NONE = () => []

const found = byKind<readonly IntakeField[], [task: Task]>({
  weighing: NONE,
  solution: NONE,
  titration: runFields,
  heating: () => MASSES,
  series: seriesFields,
  rack: NONE,
  chromatogram: spotFields,
  note: NONE,
})

/** What the columns of a table for a part can hold; none where a part takes no table. */
export const fieldsOf = (task: Task, part: Part): readonly IntakeField[] => found(part, task)
