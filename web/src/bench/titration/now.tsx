import { symbolOf } from '@hop-lark/core/number'
import type { Conventions, PartOf } from '@hop-lark/core/record'
import { careOf } from '@hop-lark/core/substance'
import { type Assessment, agreementSentence, type NextRun, runName } from '@hop-lark/core/titration'
import type { Now } from '../../margin/Margin.tsx'

interface NowOf {
  readonly part: PartOf<'titration'>
  readonly next: NextRun
  readonly assessment: Assessment
  readonly conventions: Conventions
  readonly solute: string | undefined
  /** What to stop at, in words, while it can be told. */
  readonly stopAt: string | undefined
}

const Reading = ({ text }: { readonly text: string }) => <span className="num font-semibold">{text}</span>

/** The next action at the burette, in words. */
export function nowAtTheBurette(given: NowOf): Now {
  const { solute } = given
  const caution = careOf(solute)
  return {
    ...action(given),
    caution: (
      <>
        {caution ? `${caution} ` : 'Eye protection. '}
        Fill the burette below eye level through a funnel, and use a filler on the pipette, never the mouth. Follow your
        laboratory’s rules and your supervisor.
      </>
    ),
  }
}

function action({ part, next, assessment, conventions, stopAt }: NowOf): Now {
  const unit = symbolOf(conventions.volumeUnit)
  const mayStop = 'mayStop' in next && next.mayStop ? { or: 'Or stop here: enough titres agree.' } : {}
  switch (next.kind) {
    case 'rough':
      return next.initial === undefined
        ? {
            title: 'Fill the burette and read it.',
            says: `Enter the initial reading. Then run the rough titration in quickly; overshooting is fine. 0 is written ${conventions.burette.step === '0.1' ? '0.0' : '0.00'}.`,
          }
        : {
            title: `Run in quickly to ${stopAt ?? 'the change of colour'}.`,
            says: 'A rough run tells where the end is. Read the level and enter it as the final reading.',
          }
    case 'run':
      return {
        title: (
          <>
            Run quickly to <Reading text={next.quickTo} />, then drop by drop.
          </>
        ),
        says: (
          <>
            The end-point should come near <Reading text={next.endNear} />. There is enough in the burette: the last mark is{' '}
            <Reading text={conventions.burette.capacity} />.{next.started ? '' : ` ${why(assessment, conventions)}`}
          </>
        ),
        ...mayStop,
      }
    case 'refill':
      return {
        title: 'Refill the burette first.',
        says: (
          <>
            {next.run === undefined ? 'The next run' : sentenceStart(runName(part.runs, next.run))} would end at{' '}
            <Reading text={next.endWouldBe} />, below the last mark, <Reading text={next.lastMark} />. A run takes about{' '}
            <Reading text={next.titre} /> {unit}. Read it anew after filling.
          </>
        ),
        ...mayStop,
      }
    case 'readAgain':
      return {
        title: (
          <>
            Read the burette again: <Reading text={next.reading} /> is not on it.
          </>
        ),
        says: (
          <>
            {sentenceStart(runName(part.runs, next.run))} has a reading outside 0 to <Reading text={next.lastMark} /> {unit}.
            Nothing is reckoned from it until it is mended.
          </>
        ),
      }
    case 'upsideDown':
      return {
        title: (
          <>
            Look at {runName(part.runs, next.run)} again: it ends at <Reading text={next.final} />, above{' '}
            <Reading text={next.initial} />.
          </>
        ),
        says: 'Burettes count downwards. Nothing is reckoned from this run until it is mended.',
      }
    case 'stop':
      return {
        title: 'You may stop.',
        says: `${agreementSentence(assessment, conventions).says} No more runs are needed. Wash the burette out with water.`,
      }
  }
}

const sentenceStart = (name: string) => name.charAt(0).toUpperCase() + name.slice(1)

function why(assessment: Assessment, conventions: Conventions): string {
  const done = assessment.runs.some(({ run, titre }) => run.kind === 'accurate' && titre)
  return done ? agreementSentence(assessment, conventions).says : ''
}
