import { readdirSync, readFileSync } from 'node:fs'
import { checkTask } from '@hop-lark/core/check'
import { reckonTask } from '@hop-lark/core/reckon'
import { readTask } from '@hop-lark/core/record'
import { stagesOf } from '@hop-lark/core/stages'
import { figure, timeOf } from './figure.mjs'

/** Forty runs in ten parts: two standardised solutions, two flasks, four titrations of ten runs, and six questions. */
function largeTask() {
  const runs = (titre) =>
    Array.from({ length: 10 }, (_, run) => ({
      kind: run === 0 ? 'rough' : 'accurate',
      initial: '0.00',
      final: (titre + 0.05 * (run % 4)).toFixed(2),
    }))
  const titration = (id, burette, flask, equation, titre) => ({
    id,
    kind: 'titration',
    burette,
    flask: [{ material: flask, volume: '25.0', by: 'pipette' }],
    reactions: [{ equation, role: 'titration' }],
    runs: runs(titre),
  })
  const iron = 'MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O'
  return readTask({
    format: 'hop-lark/task',
    version: 1,
    id: 'bench',
    title: 'Forty runs in ten parts',
    materials: [
      { id: 'A', label: 'A', form: 'solid' },
      { id: 'B', label: 'B', form: 'solid', solute: 'Na2CO3' },
      { id: 'FA', label: 'FA', form: 'solution' },
      { id: 'FB', label: 'FB', form: 'solution' },
      { id: 'M', label: 'M', form: 'solution', solute: 'KMnO4', strength: { value: '0.0200', unit: 'mol/dm3' } },
      { id: 'H', label: 'H', form: 'solution', solute: 'HCl' },
      { id: 'N', label: 'N', form: 'solution', solute: 'NaOH' },
      { id: 'D', label: 'D', form: 'solution', solute: 'HCl' },
    ],
    parts: [
      { id: 'w1', kind: 'weighing', of: 'A', withSample: '31.46', withResidue: '26.72' },
      { id: 's1', kind: 'solution', from: [{ weighing: 'w1' }], flask: '250.0', gives: 'FA' },
      titration('t1', 'M', 'FA', iron, 20.65),
      { id: 'w2', kind: 'weighing', of: 'B', withSample: '12.65', withResidue: '11.32' },
      { id: 's2', kind: 'solution', from: [{ weighing: 'w2' }], flask: '250.0', gives: 'FB' },
      titration('t2', 'H', 'FB', '2H+ + CO3^2- -> H2O + CO2', 24.1),
      { id: 's3', kind: 'solution', from: [{ material: 'H', volume: '25.0' }], flask: '250.0', gives: 'D' },
      titration('t3', 'N', 'H', 'H+ + OH- -> H2O', 21.1),
      titration('t4', 'N', 'D', 'H+ + OH- -> H2O', 2.3),
      { id: 'n', kind: 'note', text: 'none' },
    ],
    questions: [
      { id: 'q1', find: { quantity: 'massPercent', of: 'Fe', in: 'A' } },
      { id: 'q2', find: { quantity: 'concentration', of: 'HCl', in: 'H' } },
      { id: 'q3', find: { quantity: 'concentration', of: 'NaOH', in: 'N' } },
      { id: 'q4', find: { quantity: 'massConcentration', of: 'NaOH', in: 'N' } },
      { id: 'q5', find: { quantity: 'amount', of: 'Fe2+', in: 'FA' } },
      { id: 'q6', find: { quantity: 'concentration', of: 'HCl', in: 'D' } },
    ],
  })
}

const DEMO = new URL('../demo/', import.meta.url)

/** A reading that changes in a task of forty runs: all that follows from it; and the demo task that takes longest. */
export function benchCore() {
  const task = largeTask()
  if (reckonTask(task).answers.some(({ value }) => value === null)) throw new Error('The task of the bench is not worked out.')
  // A keystroke changes one reading of one run; the rest of the task is shared with what it was, as in the page.
  let turn = 0
  const keystroke = () => {
    const final = (20.6 + (turn++ % 10) / 20).toFixed(2)
    const parts = task.parts.map((part) =>
      part.id === 't1' ? { ...part, runs: part.runs.map((run, index) => (index === 3 ? { ...run, final } : run)) } : part,
    )
    return { ...task, parts }
  }
  const all = () => {
    const changed = keystroke()
    const reckoning = reckonTask(changed)
    checkTask(changed, reckoning)
    stagesOf(changed, reckoning)
  }
  for (let round = 0; round < 300; round++) all()
  const demos = readdirSync(DEMO).map((file) => {
    const demo = readTask(JSON.parse(readFileSync(new URL(file, DEMO), 'utf8')))
    return { file: file.replace('.hoplark.json', ''), time: timeOf(() => reckonTask({ ...demo }), 60) }
  })
  const longest = demos.reduce((most, one) => (one.time > most.time ? one : most))
  return [
    figure(
      'titres, means and six answers with working',
      timeOf(() => reckonTask(keystroke()), 400),
      'ms',
    ),
    figure('and problems and stages, all that a page derives', timeOf(all, 400), 'ms'),
    figure('the demo task that takes longest, worked out whole', longest.time, 'ms', longest.file),
  ]
}
