import { bringsUnknown, type Fact, sayFact } from '../../tube/index.ts'
import { contentsBefore, playedStep } from '../foretell.ts'
import type { Hypothesis } from '../hypothesis.ts'
import { identifying, type SampleVerdict } from '../identify.ts'
import { CANDIDATES } from '../ions.ts'
import { type Rack, type RackKnown, type RecordedTube, recordsOf } from '../record.ts'
import { TUBE_SLIPS, type TubeSlip } from './tubeSlips.ts'

/** What a slip would have shown in a tube, and what the record would then have said. */
export interface TubeWhatIf {
  readonly code: string
  readonly says: string
  readonly mend: string
  /** Steps that show something else with it. */
  readonly steps: readonly { readonly place: number; readonly right: string; readonly slipped: string }[]
  /** Ions that the record would wrongly show, and those that it would speak for much less. */
  readonly gained: readonly string[]
  readonly lost: readonly string[]
}

/** What is written at each step; undefined where it was left out. */
type Written = readonly (string | undefined)[]

const NOTHING = 'no visible change'
const words = (facts: readonly Fact[]) =>
  facts
    .filter(({ kind }) => kind !== 'noChange')
    .map(sayFact)
    .join('; ') || NOTHING

const isCleared = (fact: Fact) => fact.kind === 'dissolves' && fact.how === 'completely'

/** Facts as they are seen with what a slip hides. */
function hidden(facts: readonly Fact[], act: string, hides: TubeSlip['hides']): readonly Fact[] {
  if (hides === 'gas on paper') return facts.filter(({ kind }) => kind !== 'gas' && kind !== 'gasTest')
  if (hides === 'what dissolves at once')
    return facts.flatMap((fact): readonly Fact[] => {
      if (fact.kind !== 'dissolves' || fact.how === 'partly')
        return fact.kind === 'precipitate' && facts.some(isCleared) ? [] : [fact]
      return fact.giving === 'colourless' ? [] : [{ kind: 'solution', from: 'colourless', to: fact.giving }]
    })
  return hides === 'flames but sodium' && act === 'flame' ? [{ kind: 'flame', colour: 'yellow' }] : facts
}

/** What the steps of a tube show, done with a slip or with none. */
function written(hypothesis: Hypothesis, tube: RecordedTube, slip?: TubeSlip): Written | undefined {
  const done = slip ? slip.alters(tube.did) : tube.did.map((step) => [step])
  let now = contentsBefore(hypothesis, tube)
  if (!done || !now) return undefined
  const seen: (string | undefined)[] = []
  for (const acts of done) {
    let facts: readonly Fact[] | undefined
    for (const act of acts) {
      const next: ReturnType<typeof playedStep> = now && playedStep(now, act)
      if (!next) return undefined
      now = next.tube
      facts = hidden(next.shown.facts, act.do, slip?.hides)
    }
    seen.push(facts && words(facts))
  }
  return seen
}

/** The samples with what is written in one tube in place of what was. */
function rewritten(samples: Rack['samples'], tubeId: string, saw: Written): Rack['samples'] {
  return samples.map((sample) => ({
    ...sample,
    tubes: sample.tubes.map((tube) =>
      tube.id === tubeId
        ? {
            ...tube,
            steps: tube.steps.map(({ saw: _, ...step }, index) => ({ ...step, ...(saw[index] ? { saw: saw[index] } : {}) })),
          }
        : tube,
    ),
  }))
}

function* verdictOn(samples: Rack['samples'], known: RackKnown, only: string): Generator<void, SampleVerdict | undefined> {
  const running = identifying(samples, { ...known, only })
  for (;;) {
    const step = running.next()
    if (step.done) return step.value[0]
    // The advice is not asked for.
    if (step.value.verdict) return step.value.verdict
    yield
  }
}

/** An ion that is likelier than not is what one would write down. */
const LIKELY = 0.5
/** An ion of which something was to be said, and of which so much less is. */
const WORTH = 0.1
const MUCH_LESS = 0.5

/** What a record would wrongly say: ions it would show, and those it would speak for much less. */
function falselySaid(
  ions: readonly string[],
  right: SampleVerdict | undefined,
  slipped: SampleVerdict | undefined,
): Pick<TubeWhatIf, 'gained' | 'lost'> {
  const before = new Map(right?.ions.map(({ ion, probability }) => [ion, probability]))
  const then = new Map(slipped?.ions.map(({ ion, probability }) => [ion, probability]))
  const [was, is] = [(ion: string) => before.get(ion) ?? 0, (ion: string) => then.get(ion) ?? 0]
  return {
    gained: [...then.keys()].filter((ion) => !ions.includes(ion) && is(ion) > LIKELY && was(ion) < is(ion) * MUCH_LESS),
    lost: ions.filter((ion) => was(ion) > WORTH && is(ion) < was(ion) * MUCH_LESS),
  }
}

/**
 * What each slip of the bench would have shown in a tube, if the sample holds these ions, and what the record of the
 * sample would then have said: the tube is played both ways, and both records are judged. Slips that change nothing seen
 * are left out. Yields between pieces of work.
 *
 * @param ions - formulae of ions of the table
 * @returns undefined where they cannot stand together as a sample, or the tube is not there
 */
export function* whatIfIn(
  samples: Rack['samples'],
  tubeId: string,
  ions: readonly string[],
  known: RackKnown = {},
): Generator<void, readonly TubeWhatIf[] | undefined> {
  const home = samples.find(({ tubes }) => tubes.some(({ id }) => id === tubeId))
  const tube = recordsOf(samples, known)
    .flatMap(({ tubes }) => tubes)
    .find(({ id }) => id === tubeId)
  const hypothesis = { ions: CANDIDATES.filter(({ ion }) => ions.includes(ion)) }
  const right = tube && written(hypothesis, tube)
  if (!home || !tube || !right) return undefined
  if ([...tube.before, ...tube.did].some(bringsUnknown)) return []
  const found: TubeWhatIf[] = []
  for (const slip of TUBE_SLIPS) {
    const slipped = written(hypothesis, tube, slip)
    yield
    const steps = right.flatMap((saw, place) => {
      const other = slipped?.[place]
      return saw !== undefined && other !== undefined && other !== saw ? [{ place, right: saw, slipped: other }] : []
    })
    if (!slipped || steps.length === 0) continue
    const as = yield* verdictOn(rewritten(samples, tubeId, right), known, home.material)
    const instead = yield* verdictOn(rewritten(samples, tubeId, slipped), known, home.material)
    found.push({
      code: slip.code,
      says: slip.says,
      mend: slip.mend,
      steps,
      ...falselySaid(ions, as, instead),
    })
  }
  return found
}
