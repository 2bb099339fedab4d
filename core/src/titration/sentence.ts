import { formatPlaces, symbolOf } from '../number/index.ts'
import type { Conventions, Run } from '../record/index.ts'
import type { Assessment } from './assess.ts'
import { runName } from './runName.ts'

function listed(names: readonly string[]): string {
  return names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`
}

/** More than so many runs are counted, not named. */
const MOST_NAMED = 12

function namesOf(runs: readonly Run[], used: readonly number[]): string {
  if (used.length > MOST_NAMED) return `${used.length} of ${runs.length} runs`
  const names = used.map((index) => runName(runs, index))
  const numbered = names.every((name) => name.startsWith('run '))
  if (numbered && names.length > 1) return `Runs ${listed(names.map((name) => name.slice(4)))}`
  const sentence = listed(names)
  return sentence.charAt(0).toUpperCase() + sentence.slice(1)
}

/** What the runs come to, in parts so that a page can set the mean apart. */
export interface AgreementSentence {
  readonly says: string
  /** Mean to two decimals, in the task's volume unit. */
  readonly mean?: string
  /** The sum behind it, such as `(20.65 + 20.70) ÷ 2`. */
  readonly from?: string
}

/** The sentence a student would write under the run table. */
export function agreementSentence(assessment: Assessment, conventions: Conventions): AgreementSentence {
  const { runs, used, mean, blank, massPerRun, scaled } = assessment
  const unit = symbolOf(conventions.volumeUnit)
  const all = runs.map(({ run }) => run)
  const limit = `${conventions.concordance.strict ? 'to less than' : 'within'} ${conventions.concordance.within} ${unit}`
  const byHand = used.some((index) => runs[index]?.chosenByHand)
  if (used.length === 0) return { says: undecided(assessment) }
  const names = namesOf(all, used)
  if (massPerRun && !scaled && !byHand)
    return { says: `${names} each have a mass of their own. Each gives its own result, and the results are averaged.` }
  const agreed =
    used.length === 1 ? `${names} stands alone.` : `${names} agree ${limit}${scaled ? ' once scaled to one mass' : ''}.`
  const says = byHand
    ? `${names} taken by choice.`
    : assessment.concordant || used.length === 1
      ? agreed
      : `${names}: every accurate run is taken.`
  if (!mean) return { says: `${says} Each gives its own result, and the results are averaged.` }
  const sum = added(used.map((index) => runs[index]?.titre?.text ?? ''))
  const divided = used.length > 1 ? `(${sum}) ÷ ${used.length}` : sum
  return { says, mean: formatPlaces(mean, 2), from: blank ? `${divided} − ${formatPlaces(blank, 2)} for the blank` : divided }
}

/** The first and last of a long sum stand for the rest. */
function added(titres: readonly string[]): string {
  return titres.length > MOST_NAMED ? `${titres[0]} + ${titres[1]} + … + ${titres.at(-1)}` : titres.join(' + ')
}

function undecided({ runs }: Assessment): string {
  const accurate = runs.filter(({ run, titre }) => run.kind === 'accurate' && titre)
  if (accurate.length === 0) return 'No accurate titre yet.'
  if (accurate.length === 1) return `Nothing agrees with ${accurate[0]?.titre?.text} yet.`
  return 'No two titres agree yet.'
}
