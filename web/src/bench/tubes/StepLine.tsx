import type { Offer } from '@hop-lark/core/identify'
import { sayAll } from '@hop-lark/core/observe'
import { type Action, type Stop, sayAction } from '@hop-lark/core/rack'
import { type Path, writePath } from '@hop-lark/core/record'
import type { KeyboardEvent, ReactNode } from 'react'
import { Key } from '../../keys/KeyHint.tsx'
import { TYPED_ONLY } from '../../ui/typedOnly.ts'
import { DidText } from './DidText.tsx'
import { Offers } from './Offers.tsx'
import { piecesOf } from './SawText.tsx'
import type { StepLineState } from './useStepLine.ts'

/** What can hurt in the act that is typed, and how much of it would be an excess. */
export interface Safety {
  /** Why it is not kept without asking. */
  readonly stops: readonly Stop[]
  /** cm³ from which on it is an excess here. */
  readonly excess: number | undefined
  readonly dropsPerCm3: number
}

interface StepLineProps {
  readonly line: StepLineState
  readonly safety: Safety
  readonly tubeId: string
  readonly at: Path
  readonly offers: readonly Offer[]
  readonly onKeep: (action: Action, saw: string) => void
  /** What Enter does in an empty line, once something was done in this tube. */
  readonly onFresh: (() => void) | undefined
}

/** The next step of a tube: what was done, Enter, what was seen, Enter. */
export function StepLine({ line, safety, tubeId, at, offers, onKeep, onFresh }: StepLineProps) {
  const { did, saw, action, problem, advice, completions, together, others, didField, sawField } = line
  const [other] = others
  const keep = () => {
    if (!action) {
      didField.current?.focus()
      return
    }
    onKeep(action, saw.trim())
    line.next()
  }
  // What can hurt is never kept by Enter alone.
  const keepIfSafe = () => {
    if (safety.stops.length === 0) keep()
  }
  const onDidKey = (event: KeyboardEvent) => {
    const [first] = completions
    if (event.key === 'Tab' && !event.shiftKey && first !== undefined) {
      event.preventDefault()
      line.complete(first)
    } else if (event.key === 'Enter') {
      event.preventDefault()
      if (event.shiftKey && together !== undefined) line.setDid(together)
      if (action) sawField.current?.focus()
      else if (did.trim() === '') onFresh?.()
    }
  }
  const onSawKey = (event: KeyboardEvent) => {
    const offer = /^[1-9]$/.test(event.key) && saw === '' ? offers[Number(event.key) - 1] : undefined
    if (event.key === 'Enter') {
      event.preventDefault()
      if (event.altKey) keep()
      else keepIfSafe()
    } else if (event.altKey && event.code === 'KeyO' && other) {
      event.preventDefault()
      line.mend(other.text)
    } else if (event.key === 'Tab' && !event.shiftKey && advice?.instead !== undefined) {
      event.preventDefault()
      line.takeAdvice()
    } else if (event.key === '-' && saw === '') {
      event.preventDefault()
      line.setSaw('no visible change')
    } else if (offer) {
      event.preventDefault()
      line.take(offer)
    }
  }
  return (
    // The line stays in sight however long the record grows.
    <div className="bg-sheet py-2 min-[900px]:sticky min-[900px]:-bottom-8 min-[900px]:z-10">
      <div
        className={`grid rounded-xl border-2 bg-sheet min-[600px]:grid-cols-[minmax(9rem,14rem)_minmax(0,1fr)] ${problem ? 'border-iodine' : 'border-hop'} ${safety.stops.length > 0 ? 'border-litmus' : ''}`}
      >
        <input
          ref={didField}
          data-at={line.isPlanned ? undefined : writePath(at)}
          aria-label={`${tubeId}: what you do`}
          aria-describedby="step-line-says"
          {...(did === '' ? {} : TYPED_ONLY)}
          value={did}
          placeholder="did: 3 drops NaOH"
          autoComplete="off"
          spellCheck={false}
          onChange={(event) => line.setDid(event.target.value)}
          onKeyDown={onDidKey}
          className="min-h-12 min-w-0 rounded-t-xl bg-transparent px-3 font-semibold outline-none placeholder:font-normal placeholder:text-ink-soft min-[600px]:rounded-l-xl min-[600px]:rounded-tr-none"
        />
        <MarkedInput
          line={line}
          tubeId={tubeId}
          // The cursor comes to what has to be typed next.
          at={line.isPlanned ? writePath(at) : undefined}
          onKeyDown={onSawKey}
          className="border-rule max-[599px]:border-t min-[600px]:border-l"
        />
      </div>
      <div id="step-line-says" aria-live="polite" className="mt-1.5 min-h-7 text-[0.95rem]">
        {safety.stops.length > 0 && <Stops stops={safety.stops} onKeep={keep} />}
        <Says line={line} safety={safety} mayBeFresh={onFresh !== undefined} />
      </div>
      {action && saw === '' && <Offers offers={offers} onTake={line.take} onNothing={() => line.setSaw('no visible change')} />}
    </div>
  )
}

/** A field whose understood words are underlined while they are typed. */
function MarkedInput({
  line,
  tubeId,
  at,
  onKeyDown,
  className,
}: {
  readonly line: StepLineState
  readonly tubeId: string
  readonly at: string | undefined
  readonly onKeyDown: (event: KeyboardEvent) => void
  readonly className: string
}) {
  const { saw, observation, sawField, advice, rest, action } = line
  const underline = { understood: 'shadow-[0_2px_0_var(--hop)]', doubtful: 'shadow-[0_2px_0_var(--iodine)]', plain: '' }
  return (
    <div className={`relative min-w-0 ${className}`}>
      <div aria-hidden="true" className="pointer-events-none absolute inset-0 flex items-center overflow-hidden px-3">
        <span className="whitespace-pre text-transparent" data-testid="marks">
          {piecesOf(saw, observation).map(({ text, kind }, index) => (
            <span key={`${index}${text}`} className={underline[kind]} data-kind={kind}>
              {text}
            </span>
          ))}
        </span>
      </div>
      <input
        ref={sawField}
        data-at={at}
        aria-label={`${tubeId}: what you see`}
        aria-describedby="step-line-says"
        aria-invalid={advice !== undefined}
        {...(saw === '' ? {} : TYPED_ONLY)}
        value={saw}
        placeholder={rest === '' || !action ? 'saw: dirty green ppt' : `saw after ${sayAction(action)}`}
        autoComplete="off"
        spellCheck={false}
        onChange={(event) => line.setSaw(event.target.value)}
        onKeyDown={onKeyDown}
        onScroll={({ currentTarget }) => {
          const marks = currentTarget.parentElement?.firstElementChild
          if (marks) marks.scrollLeft = currentTarget.scrollLeft
        }}
        className="relative min-h-12 w-full min-w-0 bg-transparent px-3 outline-none placeholder:text-ink-soft"
      />
    </div>
  )
}

/** What the line is understood as, and how to put it better or mend it. */
interface SaysProps {
  readonly line: StepLineState
  readonly safety: Safety
  readonly mayBeFresh: boolean
}

function Says({ line, safety, mayBeFresh }: SaysProps) {
  const { action, problem, advice, completions, saw } = line
  if (completions.length > 0 && saw === '') return <Completions completions={completions} onComplete={line.complete} />
  if (!action && problem) return <span className="text-iodine">{problem}</span>
  if (!action && saw === '')
    return (
      <span className="text-ink-soft">
        What you do, Enter, what you see, Enter.{mayBeFresh && ' Enter in the empty line: a fresh portion.'}
      </span>
    )
  return (
    <div className="flex flex-col gap-1">
      {action && <DoneAs line={line} action={action} safety={safety} />}
      {problem && <span className="text-iodine">{problem}</span>}
      {saw !== '' && <SeenAs line={line} />}
      {advice && (
        <span className="text-iodine">
          {advice.says}
          {advice.instead !== undefined && (
            <button type="button" onClick={line.takeAdvice} className="ml-2 font-semibold text-ink hover:text-hop">
              {advice.instead} <Key name="Tab" />
            </button>
          )}
        </span>
      )}
    </div>
  )
}

/** Why an act is not kept without asking, and what is done instead. */
function Stops({ stops, onKeep }: { readonly stops: readonly Stop[]; readonly onKeep: () => void }) {
  return (
    <section role="alert" aria-label="Stop" className="mb-2 rounded-lg border-l-4 border-litmus bg-sheet px-3 py-2">
      {stops.map(({ code, says, instead }) => (
        <p key={code} className="mb-1">
          <strong className="font-bold text-litmus">Stop. </strong>
          {says} <strong className="font-semibold">{instead}</strong>
        </p>
      ))}
      <p className="flex flex-wrap items-baseline gap-x-3 text-sm text-ink-soft">
        It is not kept yet. Follow your laboratory’s rules and your supervisor.
        <button
          type="button"
          onClick={onKeep}
          className="in-text font-semibold text-ink underline underline-offset-2 hover:text-litmus"
        >
          it was done with leave: keep it <Key name="Alt Enter" />
        </button>
      </p>
    </section>
  )
}

function Completions({
  completions,
  onComplete,
}: {
  readonly completions: readonly string[]
  readonly onComplete: (text: string) => void
}) {
  return (
    <span className="flex flex-wrap items-center gap-x-3">
      {completions.map((text, index) => (
        <button
          key={text}
          type="button"
          onClick={() => onComplete(text)}
          className={`min-h-7 hover:text-hop ${index === 0 ? 'font-semibold' : 'text-ink-soft'}`}
        >
          {text} {index === 0 && <Key name="Tab" />}
        </button>
      ))}
    </span>
  )
}

const PLACES = { fresh: 'in a fresh portion', filtrate: 'in the filtrate', residue: 'with the residue' } as const

/** The act as it will be kept, and what comes after it. */
function DoneAs({ line, action, safety }: { readonly line: StepLineState; readonly action: Action; readonly safety: Safety }) {
  const { rest, place, together } = line
  return (
    <Row>
      <span>
        {rest === '' ? 'done: ' : 'done first: '}
        <strong className="font-semibold text-ink">
          <DidText action={action} />
          {place && `, ${PLACES[place]}`}
        </strong>
        {rest !== '' && `; then ${rest}, with an observation of its own`}
      </span>
      {safety.excess !== undefined && (
        <span>
          excess here from about {safety.excess.toFixed(1)} cm³ ({Math.ceil(safety.excess * safety.dropsPerCm3)} drops)
        </span>
      )}
      {together !== undefined && (
        <button
          type="button"
          onClick={() => {
            line.setDid(together)
            line.sawField.current?.focus()
          }}
          className="font-semibold text-ink hover:text-hop"
        >
          one observation of both <Key name="Shift Enter" />
        </button>
      )}
    </Row>
  )
}

const Row = ({ children }: { readonly children: ReactNode }) => (
  <div className="flex flex-wrap items-baseline gap-x-3 text-ink-soft">{children}</div>
)

/** What was seen as it will be kept, and how else it may have been meant. */
function SeenAs({ line }: { readonly line: StepLineState }) {
  const { observation, others } = line
  const understood = sayAll(observation.facts.map(({ fact }) => fact))
  const doubtful = observation.facts.some((one) => one.doubtful)
  const strange = observation.notUnderstood.map(({ text }) => `“${text.trim()}”`).join(', ')
  if (understood === '')
    return (
      <span className="text-iodine">Nothing of this is understood. It is kept as you wrote it, but tells the board nothing.</span>
    )
  return (
    <Row>
      <span>
        seen: <strong className={`font-semibold ${doubtful ? 'text-iodine' : 'text-ink'}`}>{understood}</strong>
        {doubtful && '?'}
      </span>
      {strange !== '' && <span className="text-iodine">Not understood: {strange}.</span>}
      {others.map(({ says, text }, index) => (
        <button
          key={says}
          type="button"
          onClick={() => line.mend(text)}
          className="in-text underline decoration-rule underline-offset-2 hover:text-hop"
        >
          or {says} {index === 0 && <Key name="Alt O" />}
        </button>
      ))}
    </Row>
  )
}
