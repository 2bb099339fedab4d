import type { Offer } from '@hop-lark/core/identify'
import type { Action } from '@hop-lark/core/rack'
import { type Path, writePath } from '@hop-lark/core/record'
import type { KeyboardEvent } from 'react'
import { Key } from '../../ui/Button.tsx'
import { TYPED_ONLY } from '../../ui/typedOnly.ts'
import { DidText } from './DidText.tsx'
import { Offers } from './Offers.tsx'
import { piecesOf } from './SawText.tsx'
import type { StepLineState } from './useStepLine.ts'

interface StepLineProps {
  readonly line: StepLineState
  readonly tubeId: string
  readonly at: Path
  readonly offers: readonly Offer[]
  readonly onKeep: (action: Action, saw: string) => void
}

/** The next step of a tube: what was done, Enter, what was seen, Enter. */
export function StepLine({ line, tubeId, at, offers, onKeep }: StepLineProps) {
  const { did, saw, action, problem, advice, completions, didField, sawField } = line
  const keep = () => {
    if (!action) {
      didField.current?.focus()
      return
    }
    onKeep(action, saw.trim())
    line.next()
  }
  const onDidKey = (event: KeyboardEvent) => {
    const [first] = completions
    if (event.key === 'Tab' && !event.shiftKey && first !== undefined) {
      event.preventDefault()
      line.complete(first)
    } else if (event.key === 'Enter') {
      event.preventDefault()
      if (action) sawField.current?.focus()
    }
  }
  const onSawKey = (event: KeyboardEvent) => {
    const offer = /^[1-9]$/.test(event.key) && saw === '' ? offers[Number(event.key) - 1] : undefined
    if (event.key === 'Enter') {
      event.preventDefault()
      keep()
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
        className={`grid rounded-xl border-2 bg-sheet min-[600px]:grid-cols-[minmax(9rem,14rem)_minmax(0,1fr)] ${problem ? 'border-iodine' : 'border-hop'}`}
      >
        <input
          ref={didField}
          data-at={writePath(at)}
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
          onKeyDown={onSawKey}
          className="border-rule max-[599px]:border-t min-[600px]:border-l"
        />
      </div>
      <div id="step-line-says" aria-live="polite" className="mt-1.5 min-h-7 text-[0.95rem]">
        <Says line={line} onComplete={line.complete} />
      </div>
      {action && saw === '' && <Offers offers={offers} onTake={line.take} onNothing={() => line.setSaw('no visible change')} />}
    </div>
  )
}

/** A field whose understood words are underlined while they are typed. */
function MarkedInput({
  line,
  tubeId,
  onKeyDown,
  className,
}: {
  readonly line: StepLineState
  readonly tubeId: string
  readonly onKeyDown: (event: KeyboardEvent) => void
  readonly className: string
}) {
  const { saw, sawField, advice } = line
  const underline = { understood: 'shadow-[0_2px_0_var(--hop)]', doubtful: 'shadow-[0_2px_0_var(--iodine)]', plain: '' }
  return (
    <div className={`relative min-w-0 ${className}`}>
      <div aria-hidden="true" className="pointer-events-none absolute inset-0 flex items-center overflow-hidden px-3">
        <span className="whitespace-pre text-transparent" data-testid="marks">
          {piecesOf(saw).map(({ text, kind }, index) => (
            <span key={`${index}${text}`} className={underline[kind]} data-kind={kind}>
              {text}
            </span>
          ))}
        </span>
      </div>
      <input
        ref={sawField}
        aria-label={`${tubeId}: what you see`}
        aria-describedby="step-line-says"
        aria-invalid={advice !== undefined}
        {...(saw === '' ? {} : TYPED_ONLY)}
        value={saw}
        placeholder="saw: dirty green ppt"
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

/** What the line is understood as, or how to put it better. */
function Says({ line, onComplete }: { readonly line: StepLineState; readonly onComplete: (text: string) => void }) {
  const { action, problem, advice, completions, saw, rest } = line
  if (advice)
    return (
      <span className="text-iodine">
        {advice.says}
        {advice.instead !== undefined && (
          <button type="button" onClick={line.takeAdvice} className="ml-2 font-semibold text-ink hover:text-hop">
            {advice.instead} <Key name="Tab" />
          </button>
        )}
      </span>
    )
  if (completions.length > 0 && saw === '')
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
  if (problem) return <span className="text-iodine">{problem}</span>
  if (!action) return <span className="text-ink-soft">What you do, Enter, what you see, Enter.</span>
  const doubtful = piecesOf(saw).filter(({ kind }) => kind === 'doubtful')
  if (doubtful.length > 0)
    return (
      <span className="text-iodine">
        Not understood: {doubtful.map(({ text }) => `“${text.trim()}”`).join(', ')}. It is kept as you wrote it, but tells the
        board nothing.
      </span>
    )
  return (
    <span className="text-ink-soft">
      {rest === '' ? 'read as ' : 'first '}
      <strong className="font-semibold text-ink">
        <DidText action={action} />
      </strong>
      {rest !== '' && `, and what you see of it; then ${rest}`}
    </span>
  )
}
