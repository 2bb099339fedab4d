import { BURETTES } from '../glassware/index.ts'
import type { Contribution } from '../propagate/index.ts'
import type { Conventions, PartOf } from '../record/index.ts'
import { type Assessment, runName } from '../titration/index.ts'
import type { Source } from './source.ts'

/** Steps a burette can be read to, from the coarsest, cm³. */
const STEPS = ['0.1', '0.05', '0.02', '0.01'] as const

/** Every titre is the difference of two readings. */
const READINGS_PER_TITRE = 2

const readingOf = (step: number, titres: number) => (step / 2 / Math.sqrt(3)) * Math.sqrt(READINGS_PER_TITRE / titres)

function deviationOf(values: readonly number[]): number {
  const mean = values.reduce((total, value) => total + value, 0) / values.length
  return Math.sqrt(values.reduce((total, value) => total + (value - mean) ** 2, 0) / (values.length - 1))
}

const blanksOf = ({ runs }: Assessment) => runs.flatMap(({ run, index }) => (run.kind === 'blank' ? [index] : []))

interface Titres {
  readonly part: PartOf<'titration'>
  readonly name: string
  readonly assessment: Assessment
  readonly conventions: Conventions
  /** The key of the titre in the network, and the run it is of where each run counts for itself; or that of the blank. */
  readonly key: string
  readonly run?: number
  readonly isBlank?: boolean
}

/**
 * What chance does to a mean titre: the reading of the scale, or the spread of the titres where that is larger. The
 * spread holds the reading too, so only the larger of the two is counted.
 */
export function titreSource({ part, name, assessment, conventions, key, run, isBlank = false }: Titres): Source {
  const counted = isBlank ? blanksOf(assessment) : run === undefined ? assessment.used : []
  const used = counted.flatMap((index) => assessment.runs[index]?.titre?.volume.toNumber() ?? [])
  const titres = Math.max(1, used.length)
  const step = Number(conventions.burette.step)
  const reading = readingOf(step, titres)
  const spread = used.length > 1 ? deviationOf(used) / Math.sqrt(used.length) : 0
  const which = isBlank ? `${name}, blank` : run === undefined ? name : `${name}, ${runName(part.runs, run)}`
  const contribution = (standard: number): Contribution => ({
    id: `titre ${key}`,
    says: which,
    kind: spread > reading ? 'repeat' : 'reading',
    spread: { shape: 'normal', standard },
    on: [key],
  })
  const division = BURETTES.find(({ capacity }) => Number(capacity) === Number(conventions.burette.capacity))?.division
  const common = {
    id: `titre ${key}`,
    limitSays: `two readings of the burette (${which})`,
    limits: [{ on: key, halfWidth: (READINGS_PER_TITRE * Number(division ?? conventions.burette.step)) / 2 }],
  }
  if (spread > reading)
    return {
      ...common,
      says: `spread of the ${used.length} titres (${which})`,
      kind: 'repeat',
      contributions: [contribution(spread)],
      better: {
        says: 'two more titres that agree as these do',
        contributions: [contribution(spread * Math.sqrt(titres / (titres + 2)))],
      },
    }
  const finer = STEPS[STEPS.indexOf(conventions.burette.step) + 1]
  return {
    ...common,
    says: `reading the burette to ${conventions.burette.step} cm³ (${which})`,
    kind: 'reading',
    contributions: [contribution(reading)],
    ...(finer
      ? {
          better: {
            says: `reading the burette to ${finer} cm³`,
            contributions: [contribution(readingOf(Number(finer), titres))],
          },
        }
      : {}),
  }
}

/** The scale of the burette itself: the same error in every titre it gives. */
export function buretteSource(keys: readonly string[], { burette }: Conventions): Source | undefined {
  const row = BURETTES.find(({ capacity }) => Number(capacity) === Number(burette.capacity))
  if (!row || keys.length === 0) return undefined
  const contribution = (halfWidth: string): Contribution => ({
    id: 'burette',
    says: 'burette',
    kind: 'tolerance',
    spread: { shape: 'triangular', halfWidth: Number(halfWidth) },
    on: keys,
  })
  return {
    id: 'burette',
    says: `${row.capacity} cm³ burette, class ${burette.class} (±${row.tolerance[burette.class]} cm³)`,
    kind: 'tolerance',
    contributions: [contribution(row.tolerance[burette.class])],
    // Schools count the two readings of a titre and leave the scale at that.
    limits: [],
    ...(burette.class === 'B' ? { better: { says: 'a class A burette', contributions: [contribution(row.tolerance.A)] } } : {}),
  }
}
