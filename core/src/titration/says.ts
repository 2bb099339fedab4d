import { asSentence, problemsIn, type Wording } from '../problem/index.ts'

interface ReadingFacts extends Record<string, string | number> {
  /** The reading in words: `run 1: initial reading`. */
  readonly called: string
  readonly text: string
}

interface RunFacts extends Record<string, string | number> {
  /** `run 1`, `the rough run`. */
  readonly run: string
}

const reading = <More>(wording: Wording<ReadingFacts & More>) => wording
const run = <More>(wording: Wording<RunFacts & More>) => wording

const TAKEN = { yes: 'taken into', no: 'left out of' } as const

/** What looks wrong in a titration, in words. */
export const titrationProblem = problemsIn({
  'reading.pastCapacity': reading<{ capacity: string; unit: string }>({
    level: 'error',
    says: ({ called, text, capacity, unit }) => asSentence(`${called} ${text} is past the last mark, ${capacity} ${unit}.`),
    mend: () => 'Read again, or refill the burette before it runs below the scale.',
  }),
  'reading.negative': reading<unknown>({
    level: 'error',
    says: ({ called, text }) => asSentence(`${called} ${text} is above the 0 mark.`),
    mend: () => 'Run some out until the level is on the scale, then read again.',
  }),
  'reading.offStep': reading<{ step: string; unit: string; nearest: string }>({
    level: 'query',
    says: ({ called, text, step }) => asSentence(`${called} ${text} is not on a ${step} step of the scale.`),
    mend: ({ step, unit, nearest }) => `This burette is read to ${step} ${unit}. Nearest is ${nearest}; read again if you can.`,
  }),
  'reading.places': reading<{ places: number; nearest: string }>({
    level: 'advice',
    says: ({ called, text, places }) =>
      asSentence(`${called} ${text} should have ${places} decimal places, like every burette reading.`),
    mend: ({ nearest }) => `Write ${nearest}.`,
  }),
  'run.initialMissing': run<unknown>({
    level: 'query',
    says: (facts) => asSentence(`${facts.run} has a final reading but no initial one.`),
    mend: () => 'Enter where the burette stood at the start.',
  }),
  'run.finalAboveInitial': run<{ initial: string; final: string }>({
    level: 'error',
    says: (facts) =>
      asSentence(`${facts.run}: final reading ${facts.final} is above the initial ${facts.initial}: burettes count downwards.`),
    mend: () => 'Swapped? Exchange the two, or strike the one that was misread.',
  }),
  'run.nothingDelivered': run<unknown>({
    level: 'query',
    says: (facts) => asSentence(`${facts.run}: initial and final reading are the same.`),
    mend: () => 'Nothing was run in, or one of them was copied.',
  }),
  'run.notCarriedOn': run<{ initial: string; last: string; unit: string }>({
    level: 'query',
    says: (facts) => asSentence(`${facts.run} starts at ${facts.initial}, but the burette last stood at ${facts.last}.`),
    mend: ({ last, unit }) => `Was it refilled? Note the refill; otherwise the start is ${last}. (${unit})`,
  }),
  'run.outOfProportion': run<{ titre: string; size: 'small' | 'large' }>({
    level: 'query',
    says: (facts) =>
      asSentence(
        `${facts.run}: titre ${facts.titre} is ${facts.size === 'small' ? 'less than half' : 'more than twice'} the others.`,
      ),
    mend: () => 'Misread by 10, a portion left out, or another solution? Look at both readings again.',
  }),
  'run.roughDidNotOvershoot': run<{ titre: string; unit: string }>({
    level: 'query',
    says: (facts) =>
      `The ${facts.run} titre ${facts.titre} ${facts.unit} is below every accurate one: a rough run usually overshoots.`,
    mend: () => 'Was the end-point really reached? The mean does not use it either way.',
  }),
  'titration.noneAgree': {
    level: 'query',
    says: ({ every, wanted, within, unit }) =>
      every === 'yes'
        ? `The accurate titres do not all agree within ${within} ${unit}.`
        : `No ${wanted === 2 ? 'two' : wanted} titres agree within ${within} ${unit}.`,
    mend: ({ furthest, titre }) =>
      `${furthest === '' ? 'Do another run: it will show which of the two to trust.' : `Repeat; ${furthest} (${titre}) is furthest from the rest.`} Do not average titres that disagree.`,
  } satisfies Wording<{
    /** Whether every accurate run has to agree. */
    every: 'yes' | 'no'
    wanted: number
    within: string
    unit: string
    /** The run furthest from the rest, where there are more than two. */
    furthest: string
    titre: string
  }>,
  'titration.tied': {
    level: 'query',
    says: ({ taken, other, within, unit }) =>
      asSentence(`${taken} agree within ${within} ${unit}, and so do ${other}: the mean takes ${taken}.`),
    mend: () => 'Do another run, or leave one out and say why.',
  } satisfies Wording<{ taken: string; other: string; within: string; unit: string }>,
  'run.roughIsAccurate': run<{ titre: string; unit: string }>({
    level: 'query',
    says: (facts) => `The ${facts.run} titre ${facts.titre} ${facts.unit} is that of the accurate ones.`,
    mend: () => 'Was it really run in fast? If it was done with care, mark it as accurate.',
  }),
  'run.disagrees': run<{ apart: string; unit: string }>({
    level: 'advice',
    says: (facts) => asSentence(`${facts.run} is ${facts.apart} ${facts.unit} from the others and is left out.`),
    mend: () => 'An overshot end-point, a misread scale or a bubble leaving the jet would do that.',
  }),
  'run.choiceNeedsReason': run<{ use: 'yes' | 'no' }>({
    level: 'query',
    says: (facts) => asSentence(`${facts.run} was ${TAKEN[facts.use]} the mean by choice, without a reason.`),
    mend: () => 'Write why, or let the rule choose.',
  }),
  'run.chosen': run<{ use: 'yes' | 'no'; why: string; kind: string }>({
    level: 'advice',
    says: (facts) => {
      const rough = facts.use === 'yes' && facts.kind === 'rough' ? ' A rough titre usually has no place there.' : ''
      return asSentence(`${facts.run} is ${TAKEN[facts.use]} the mean by choice: ${facts.why}.${rough}`)
    },
    mend: () => 'The report will say so.',
  }),
})
