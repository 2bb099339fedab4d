import type { Part, Task } from '../../record/index.ts'

/** g of the first weighing of a task; each further one is a twentieth of it heavier. */
const FIRST_MASS = 1.4
/** cm³ of the first titre of a task; those of further titrations are 2.50 more each. */
const FIRST_TITRE = 24.3
/** g in the crucible before heating, and what is driven off. */
const HEATED = 3
const DRIVEN_OFF = 0.88
const CONTAINER = 20

/** Masses and titres that the student finds, for whoever works the answers out by hand. */
export const massOf = (n: number): number => FIRST_MASS * (1 + n / 20)
export const titreOf = (n: number): number => FIRST_TITRE + 2.5 * n
export const HEATING = { solid: HEATED, lost: DRIVEN_OFF }

/** Records made-up readings in every part of a task that can take them, as a student would who never slips. */
export function recordReadings(task: Task): Task {
  const placeOf = (part: Part) => task.parts.filter(({ kind }) => kind === part.kind).indexOf(part)
  return { ...task, parts: task.parts.map((part) => recorded(part, placeOf(part))) }
}

/** Where two lines of temperature cross, cm³, and how they run. */
export const CROSSING = 20
/** How far the temperature has risen at the moment of mixing, and how fast it falls from there, for each minute. */
export const RISE = 9
/** What a gas comes to, cm³, and the time in which most of it has come, s. */
export const GAS = { all: 60, time: 80 }

/** What is read at a place of a run: a gas that comes ever more slowly, or a temperature that rises and falls again. */
function readAt({ x, y, mixedAt }: Extract<Part, { kind: 'series' }>, at: number): number {
  if (y.name !== 'temperature') return GAS.all * (1 - Math.exp(-at / GAS.time))
  if (x.name === 'time') return at < Number(mixedAt ?? 0) ? 20 : 20 + RISE - 0.1 * (at - Number(mixedAt ?? 0))
  return 20 + 0.4 * Math.min(at, CROSSING) - 0.2 * Math.max(0, at - CROSSING)
}

function recorded(part: Part, n: number): Part {
  switch (part.kind) {
    case 'weighing':
      return { ...part, withSample: (CONTAINER + massOf(n)).toFixed(3), withResidue: CONTAINER.toFixed(3) }
    case 'titration': {
      // Where every run has a solid of its own, more of it takes more.
      const share = (index: number) => (part.runs[index]?.weighing === undefined ? 1 : massOf(index) / FIRST_MASS)
      return {
        ...part,
        runs: part.runs.map((run, index) => ({
          ...run,
          initial: '0.00',
          final: (titreOf(n) * share(index) + (run.kind === 'rough' ? 0.4 : 0)).toFixed(2),
        })),
      }
    }
    case 'heating':
      return {
        ...part,
        container: CONTAINER.toFixed(2),
        masses: [CONTAINER + HEATED, CONTAINER + HEATED - DRIVEN_OFF, CONTAINER + HEATED - DRIVEN_OFF].map((mass, index) => ({
          id: `mass${index + 1}`,
          mass: mass.toFixed(2),
        })),
      }
    case 'series':
      return {
        ...part,
        points: (part.planned ?? []).map((x, index) => ({ id: `p${index + 1}`, x, y: readAt(part, Number(x)).toFixed(2) })),
      }
    default:
      return part
  }
}
