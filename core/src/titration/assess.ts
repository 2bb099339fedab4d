import { Exact } from '../number/index.ts'
import type { PartOf, Run } from '../record/index.ts'
import { type Candidate, chooseTitres } from './concordance.ts'
import { rememberPerPart } from './perPart.ts'
import type { TitrationSetting } from './setting.ts'
import { type Titre, titreOf } from './titre.ts'

/** One run with its titre and its part in the mean. */
export interface AssessedRun {
  readonly index: number
  readonly run: Run
  readonly titre: Titre | undefined
  /** What is compared with the other runs, cm³: the titre, or for runs with their own weighed solid the titre for an equal mass. */
  readonly compared: Exact | undefined
  readonly inMean: boolean
  /** Whether the student chose that, against or without the rule. */
  readonly chosenByHand: boolean
}

/** What the runs of a titration come to. */
export interface Assessment {
  readonly runs: readonly AssessedRun[]
  /** Indexes of the runs in the mean. */
  readonly used: readonly number[]
  /** Whether as many titres agree as the task wants. */
  readonly concordant: boolean
  /** Runs that agree as well as those in the mean, and lead to another one. */
  readonly rival?: readonly number[]
  /** Unrounded mean of the used titres, cm³; undefined while nothing is used, or where each run has its own mass. */
  readonly meanAsRead: Exact | undefined
  /** It less the blank. */
  readonly mean: Exact | undefined
  /** Unrounded mean of the blank titres, cm³. */
  readonly blank: Exact | undefined
  /** Runs have a weighed solid each, so that results are averaged, not titres. */
  readonly massPerRun: boolean
  /** Titres were compared as for equal masses. Not so where part of something put in is titrated back: those do not go with the mass. */
  readonly scaled: boolean
}

function meanOf(volumes: readonly Exact[]): Exact | undefined {
  if (volumes.length === 0) return undefined
  return volumes.reduce((total, volume) => total.add(volume), new Exact(0)).div(volumes.length)
}

/** Titres scaled to the first run's mass, so that runs with different masses can be compared in cm³. */
function comparable(
  runs: readonly Run[],
  titres: readonly (Titre | undefined)[],
  setting: TitrationSetting,
): (Exact | undefined)[] {
  const masses = runs.map((run) => (run.weighing === undefined ? undefined : setting.massOfRun?.(run)))
  const reference = masses.find((mass) => mass?.gt(0))
  return runs.map((run, index) => {
    const [volume, mass] = [titres[index]?.volume, masses[index]]
    if (volume === undefined || run.weighing === undefined) return volume
    return mass?.gt(0) && reference ? volume.mul(reference).div(mass) : undefined
  })
}

/** One weighed portion cannot be titrated twice, so a lone run on it has nothing to agree with. */
function oneRunIsAll(part: PartOf<'titration'>): boolean {
  const ownPortion = part.flask.some((content) => 'weighing' in content)
  return ownPortion && part.runs.filter((run) => run.kind === 'accurate').length === 1
}

/**
 * Works out titres, which of them agree, and their mean; the same object again for the same part and conventions.
 *
 * `use` on a run overrules the rule: `yes` takes it in, `no` leaves it out. Blank titres are averaged and taken off the mean.
 */
export const assessTitration = rememberPerPart(assess)

function assess(part: PartOf<'titration'>, setting: TitrationSetting): Assessment {
  const { runs } = part
  const titres = runs.map((run) => titreOf(run, setting.conventions.burette))
  const massPerRun = runs.some((run) => run.weighing !== undefined)
  const titratedBack = part.reactions.some(({ role }) => role === 'before')
  const scaled = massPerRun && !titratedBack
  const compared = scaled ? comparable(runs, titres, setting) : titres.map((titre) => titre?.volume)
  const candidates: Candidate[] = runs.flatMap((run, index) => {
    const volume = compared[index]
    return run.kind === 'accurate' && run.use !== 'no' && volume ? [{ run: index, volume }] : []
  })
  const { concordance } = setting.conventions
  // Where titres cannot be compared, every run counts and the results are averaged.
  const all = { runs: candidates.map(({ run }) => run), concordant: candidates.length >= concordance.runs }
  const agreement =
    massPerRun && !scaled ? all : chooseTitres(candidates, oneRunIsAll(part) ? { ...concordance, runs: 1 } : concordance)
  const agreeing = new Set(agreement.runs)
  const used = runs.flatMap((run, index) => {
    const byHand = run.use === 'yes' && run.kind !== 'blank' && titres[index] !== undefined
    return byHand || agreeing.has(index) ? [index] : []
  })
  const blank = meanOf(runs.flatMap((run, index) => (run.kind === 'blank' && titres[index] ? [titres[index].volume] : [])))
  const isUsed = new Set(used)
  const mean = massPerRun ? undefined : meanOf(used.flatMap((index) => titres[index]?.volume ?? []))
  return {
    runs: runs.map((run, index) => ({
      index,
      run,
      titre: titres[index],
      compared: compared[index],
      inMean: isUsed.has(index),
      chosenByHand: run.use !== undefined,
    })),
    used,
    concordant: agreement.concordant,
    ...('rival' in agreement && agreement.rival ? { rival: agreement.rival } : {}),
    meanAsRead: mean,
    mean: mean && blank ? mean.sub(blank) : mean,
    blank,
    massPerRun,
    scaled,
  }
}
