import { readTask } from '../read.ts'
import type { Task } from '../types.ts'

const MANGANATE = { id: 'M', label: 'M', form: 'solution', solute: 'KMnO4', strength: { value: '0.0200', unit: 'mol/dm3' } }

/** A run whose readings are those of its place, so that a record is the same every time. */
function runAt(index: number) {
  const initial = ((index * 17) % 31) / 20
  const kind = index === 0 ? 'rough' : 'accurate'
  return { kind, initial: initial.toFixed(2), final: (initial + 22.8 + ((index * 7) % 9) / 20).toFixed(2) }
}

/** Titrations of iron(II) by manganate(VII), each of a solution of its own, of so many runs. */
export function titrations(count: number, runs: number): Task {
  return readTask({
    format: 'hop-lark/task',
    version: 1,
    id: `titrations-${count}-${runs}`,
    title: `${count} titrations of ${runs} runs`,
    materials: [
      MANGANATE,
      ...Array.from({ length: count }, (_, index) => ({ id: `F${index}`, label: `F${index}`, form: 'solution' })),
    ],
    parts: Array.from({ length: count }, (_, index) => ({
      id: `t${index}`,
      kind: 'titration',
      burette: 'M',
      flask: [{ material: `F${index}`, volume: '25.0', by: 'pipette' }],
      reactions: [{ equation: 'MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O', role: 'titration' }],
      runs: Array.from({ length: runs }, (_run, place) => runAt(place)),
    })),
    questions: [{ id: 'q1', find: { quantity: 'concentration', of: 'Fe2+', in: 'F0' } }],
  })
}

/** A standardisation of so many runs, each with a weighed solid of its own. */
export function weighedRuns(runs: number): Task {
  return readTask({
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
        id: 't0',
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
}
