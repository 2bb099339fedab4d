import { type IonVerdict, ionName, isWorthSaying, type SampleVerdict, speaksOfIons } from '@hop-lark/core/identify'
import type { Guard } from '@hop-lark/core/rack'
import type { PartOf } from '@hop-lark/core/record'
import { memo, useState } from 'react'
import { useTask } from '../../notebook/derived.ts'
import { Formula } from '../../ui/Chem.tsx'
import { isCalledLiquid } from './calledLiquid.ts'
import { IonBars } from './IonBars.tsx'
import { inOrder } from './ionOrder.ts'
import { RuledOut } from './RuledOut.tsx'
import type { Sample } from './rackEdits.ts'
import { Steps } from './Steps.tsx'
import { useChanged } from './useChanged.ts'
import type { Identified } from './useIdentification.ts'
import { WholeSalt } from './WholeSalt.tsx'
import { WholeSample } from './WholeSample.tsx'

interface VerdictBoardProps {
  readonly part: PartOf<'rack'>
  readonly sample: Sample
  readonly identified: Identified
  readonly guards: readonly Guard[]
  readonly onShow: (step: string) => void
  /** Nothing is told before the student has concluded. */
  readonly shut: boolean
}

/** Steps shown beside an ion, at most: the most telling. */
const MOST_STEPS = 3
/** Less likely ions are shown on asking. */
const MOST_POSSIBLE = 6

/** What to think of before the act, and what the record says so far. */
export function VerdictBoard({ part, sample, identified, guards, onShow, shut }: VerdictBoardProps) {
  const identification = identified.found.get(sample.material)
  return (
    <>
      {guards.length > 0 && (
        <section aria-label="Before you do it" className="flex flex-col gap-2" aria-live="polite">
          {guards.map(({ code, says }) => (
            <div key={code} className="border-l-3 border-iodine pl-3">
              <h2 className="eyebrow text-iodine">Before you do it</h2>
              <p className="text-[0.95rem]">{says}</p>
            </div>
          ))}
        </section>
      )}
      <section aria-label="Verdict" className="flex flex-col gap-4">
        <Working identified={identified} />
        {shut ? (
          <p className="text-[0.95rem] text-ink-soft">The board opens when your conclusion is written.</p>
        ) : identification ? (
          <Board part={part} sample={sample} identification={identification} onShow={onShow} />
        ) : null}
      </section>
    </>
  )
}

function Working({ identified: { progress, failed } }: { readonly identified: Identified }) {
  if (failed !== undefined) return <p className="text-[0.95rem] text-litmus">The board could not be worked out: {failed}</p>
  return (
    <div
      role="progressbar"
      aria-label="Working out the verdict"
      aria-valuenow={Math.round((progress ?? 1) * 100)}
      className={`-mb-3 h-0.5 rounded bg-hop transition-opacity ${progress === undefined ? 'opacity-0' : ''}`}
      style={{ width: `${Math.round((progress ?? 1) * 100)}%` }}
    />
  )
}

interface BoardProps {
  readonly part: PartOf<'rack'>
  readonly sample: Sample
  readonly identification: SampleVerdict
  readonly onShow: (step: string) => void
}

const Board = memo(function Board({ part, sample, identification, onShow }: BoardProps) {
  const [all, setAll] = useState(false)
  const task = useTask()
  const { ions } = identification
  const changed = useChanged(sample.material, ions)
  const of = (verdict: IonVerdict['verdict']) => ions.filter((one) => one.verdict === verdict)
  const [present, possible, absent] = [inOrder(of('present')), of('possible'), inOrder(of('absent'))]
  // What is seldom handed out is not worth naming where nothing speaks for it.
  const untested = inOrder(of('untested').filter(({ rare }) => !rare))
  const recorded = sample.tubes.some(({ steps }) => steps.some(({ saw }) => saw))
  if (!recorded) return <p className="text-[0.95rem] text-ink-soft">Nothing seen yet, so nothing is known of this sample.</p>
  // Of what is no solution, ions are not spoken of.
  if (identification.liquid && !speaksOfIons(identification.liquid.aqueous))
    return <Liquid part={part} identification={identification} onShow={onShow} />
  // That no test bears on this ion and that is no news of an organic liquid.
  if (!identification.liquid && isCalledLiquid(task, sample.material))
    return <p className="text-[0.95rem] text-ink-soft">Nothing that was seen tells of this liquid yet.</p>
  // The likeliest are named, and stand where each ion always stands.
  const shown = inOrder(all ? possible : possible.slice(0, MOST_POSSIBLE))
  return (
    <>
      <p aria-live="polite" className="sr-only">
        {sayVerdict(present, possible.length)}
      </p>
      {present.length > 0 && <IonBars rack={part} title="Present" ions={present} changed={changed} onShow={onShow} />}
      <WholeSalt part={part} sample={sample} identification={identification} />
      <WholeSample whole={identification.whole} />
      <Liquid part={part} identification={identification} onShow={onShow} />
      <NoSalt identification={identification} />
      {identification.doubtful.length > 0 && (
        <div className="border-l-3 border-iodine pl-3 text-[0.95rem]">
          <h2 className="eyebrow text-iodine">Worth repeating</h2>
          <Steps rack={part} steps={identification.doubtful} onShow={onShow} />{' '}
          {identification.doubtful.length > 1 ? 'do' : 'does'} not fit the rest. A fresh portion, and look again.
        </div>
      )}
      {shown.length > 0 && <IonBars rack={part} title="Still possible" ions={shown} changed={changed} onShow={onShow} />}
      {possible.length > MOST_POSSIBLE && (
        <button type="button" className="-mt-3 text-left text-sm underline underline-offset-2" onClick={() => setAll(!all)}>
          {all ? 'fewer' : `and ${possible.length - MOST_POSSIBLE} more`}
        </button>
      )}
      <RuledOut ions={absent} changed={changed} onShow={onShow} />
      {untested.length > 0 && (
        <p className="text-sm text-ink-soft">
          No test bears on{' '}
          {untested.map(({ ion }, index) => (
            <span key={ion}>
              {index > 0 && ', '}
              <Formula text={ion} />
            </span>
          ))}
          : nothing can be said of them.
        </p>
      )}
    </>
  )
})

/** What is said of the board when a step changes it: what is present, and how much is open. */
function sayVerdict(present: readonly IonVerdict[], possible: number): string {
  const there =
    present.length === 0 ? 'Nothing is present for certain' : `Present: ${present.map(({ ion }) => ionName(ion)).join(', ')}`
  return `${there}; ${possible === 0 ? 'nothing else is open' : `${possible} still possible`}.`
}

/** That the sample may be water, or hold what is not on the list of ions. */
function NoSalt({ identification: { nothing, other } }: { readonly identification: SampleVerdict }) {
  return (
    <>
      {isWorthSaying(nothing) && (
        <p className="text-[0.95rem]">
          Nothing of the list of ions has shown: it may be <strong className="font-semibold">water</strong>, or too weak for these
          tests.
        </p>
      )}
      {isWorthSaying(other) && (
        <div className="border-l-3 border-iodine pl-3 text-[0.95rem]">
          <h2 className="eyebrow text-iodine">Fits no ion of the list</h2>
          No set of ions explains the record well. Repeat the tests above, or think of something that is not on the list.
        </div>
      )}
    </>
  )
}

/** Kinds of liquid less likely than this are not named. */
const WORTH_NAMING = 0.02
const MOST_KINDS = 4

interface LiquidProps {
  readonly part: PartOf<'rack'>
  readonly identification: SampleVerdict
  readonly onShow: (step: string) => void
}

/** What kind of liquid it is, where it is called one or may well be organic. */
function Liquid({ part, identification: { liquid }, onShow }: LiquidProps) {
  if (!liquid) return null
  const named = liquid.kinds.filter(({ probability }) => probability > WORTH_NAMING).slice(0, MOST_KINDS)
  return (
    <section aria-label="As a liquid">
      <h2 className="eyebrow mb-1">As a liquid</h2>
      <p className="text-lg font-semibold">{liquid.sure ? liquid.says : `Not settled: ${liquid.says}`}</p>
      <ul className="mt-1 flex flex-col gap-1">
        {named.map(({ kind, probability, for: speaks, against }) => (
          <li key={kind} className="text-[0.95rem]">
            {kind} <span className="tabular-nums">{probability.toFixed(2)}</span>
            {speaks.length > 0 && (
              <>
                , by <Steps rack={part} steps={speaks.slice(0, MOST_STEPS)} onShow={onShow} />
              </>
            )}
            {against.length > 0 && (
              <>
                , against it <Steps rack={part} steps={against.slice(0, MOST_STEPS)} onShow={onShow} />
              </>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
