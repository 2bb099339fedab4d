import { checkTask } from '@hop-lark/core/check'
import { reckonTask } from '@hop-lark/core/reckon'
import { mergeTasks, readTask } from '@hop-lark/core/record'
import { effectsOf } from '@hop-lark/core/slips'
import { stagesOf } from '@hop-lark/core/stages'
import { sureAnswers } from '@hop-lark/core/uncertainty'
import { figure } from './figure.mjs'

const run = (_, index) => {
  const initial = ((index * 17) % 31) / 20
  return {
    kind: index === 0 ? 'rough' : 'accurate',
    initial: initial.toFixed(2),
    final: (initial + 20.6 + ((index * 7) % 9) / 20).toFixed(2),
  }
}

/** One titration of so many runs. */
export const longRecord = (runs) => ({
  format: 'hop-lark/task',
  version: 1,
  id: `runs-${runs}`,
  title: `${runs} runs`,
  materials: [
    { id: 'F', label: 'F', form: 'solution' },
    { id: 'M', label: 'M', form: 'solution', solute: 'KMnO4', strength: { value: '0.0200', unit: 'mol/dm3' } },
  ],
  parts: [
    {
      id: 't1',
      kind: 'titration',
      burette: 'M',
      flask: [{ material: 'F', volume: '25.0', by: 'pipette' }],
      reactions: [{ equation: 'MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O', role: 'titration' }],
      runs: Array.from({ length: runs }, run),
    },
  ],
  questions: [{ id: 'q1', find: { quantity: 'concentration', of: 'Fe2+', in: 'F' } }],
})

/** As many runs, each with a weighed solid of its own. */
const weighedRecord = (runs) => ({
  format: 'hop-lark/task',
  version: 1,
  id: `weighed-${runs}`,
  title: `${runs} weighed runs`,
  materials: [
    { id: 'P', label: 'P', form: 'solid', solute: 'KHC8H4O4' },
    { id: 'N', label: 'N', form: 'solution', solute: 'NaOH' },
  ],
  parts: [
    ...Array.from({ length: runs }, (_, index) => ({
      id: `w${index}`,
      kind: 'weighing',
      of: 'P',
      withSample: (20 + ((index * 3) % 7) / 100).toFixed(2),
      withResidue: '19.50',
    })),
    {
      id: 't1',
      kind: 'titration',
      burette: 'N',
      flask: [],
      reactions: [{ equation: 'KHC8H4O4 + NaOH -> KNaC8H4O4 + H2O', role: 'titration' }],
      runs: Array.from({ length: runs }, (_, index) => ({
        kind: 'accurate',
        initial: '0.00',
        final: (25 + ((index * 3) % 7) / 2).toFixed(2),
        weighing: `w${index}`,
      })),
    },
  ],
  questions: [{ id: 'q1', find: { quantity: 'concentration', of: 'NaOH', in: 'N' } }],
})

function once(act) {
  const begin = performance.now()
  act()
  return performance.now() - begin
}

function workOn(name, document) {
  const task = readTask(document)
  const found = {}
  found.reckon = once(() => {
    found.reckoning = reckonTask(task)
  })
  const { reckoning } = found
  return [
    figure(`${name}: reckon`, found.reckon, 'ms'),
    figure(
      `${name}: check`,
      once(() => checkTask(task, reckoning)),
      'ms',
    ),
    figure(
      `${name}: stages`,
      once(() => stagesOf(task, reckoning)),
      'ms',
    ),
    figure(
      `${name}: slips`,
      once(() => effectsOf(task, 'q1')),
      'ms',
    ),
    figure(
      `${name}: how sure`,
      once(() => sureAnswers(task, reckoning.answers)),
      'ms',
    ),
  ]
}

/** What is worked out of records that grow, each once, as when a task is opened. */
export function benchGrowth() {
  workOn('warming up', longRecord(300))
  workOn('warming up', weighedRecord(60))
  const runs = [1000, 2000, 10_000].flatMap((size) => workOn(`${size} runs`, longRecord(size)))
  const weighed = [200, 400, 2000].flatMap((size) => workOn(`${size} weighed runs`, weighedRecord(size)))
  const base = readTask(longRecord(10_000))
  const changed = (at) => {
    const [part] = base.parts
    const more = part.runs.map((one, index) => (index === at ? { ...one, final: '40.00' } : one))
    return {
      ...base,
      parts: [{ ...part, runs: [...more, { id: 'another', kind: 'accurate', initial: '0.00', final: '20.70' }] }],
    }
  }
  return [
    ...runs,
    ...weighed,
    figure(
      '10000 runs: merging two versions',
      once(() => mergeTasks(base, changed(0), changed(9000))),
      'ms',
    ),
  ]
}
