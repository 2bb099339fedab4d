import { Exact, formatFigures, isDecimalText, unitSymbol } from '@hop-lark/core/number'
import type { Answer } from '@hop-lark/core/reckon'
import type { Question } from '@hop-lark/core/record'
import { effectsOf, explainAnswer, type SlipEffect, sizesThatExplain } from '@hop-lark/core/slips'
import { useMemo, useState } from 'react'
import { useTask } from '../notebook/derived.ts'
import { Disclosure } from '../ui/Disclosure.tsx'
import { Num } from '../ui/Num.tsx'
import { Segments } from '../ui/Segments.tsx'
import { TextField } from '../ui/TextField.tsx'

/** Slips that could have happened on the way to an answer: which way each pushes it, how far, and why. */
export function WhatIf({ answer, question }: { readonly answer: Answer; readonly question: Question }) {
  return <Disclosure title="What if …">{() => <SlipList answer={answer} question={question} />}</Disclosure>
}

const VIEWS = [
  { value: 'all', says: 'All' },
  { value: 'up', says: 'Why too high?' },
  { value: 'down', says: 'Why too low?' },
] as const

type View = (typeof VIEWS)[number]['value']

function SlipList({ answer, question }: { readonly answer: Answer; readonly question: Question }) {
  const task = useTask()
  const [sizes, setSizes] = useState<Readonly<Record<string, string>>>({})
  const [view, setView] = useState<View>('all')
  const [accepted, setAccepted] = useState('')
  const effects = useMemo(() => effectsOf(task, question.id, sizes), [task, question.id, sizes])
  const ratio = isDecimalText(accepted) && Number(accepted) !== 0 ? (answer.unrounded ?? 0) / Number(accepted) : undefined
  const needed = useMemo(
    () => (ratio === undefined ? undefined : sizesThatExplain(task, question.id, ratio)),
    [task, question.id, ratio],
  )
  const shown = useMemo(
    () => (view === 'all' ? effects : explainAnswer(task, question.id, view)),
    [view, effects, task, question.id],
  )
  const figures = question.figures ?? task.conventions.figures
  const places = (slip: SlipEffect) => effects.filter(({ possible }) => possible.slip === slip.possible.slip).length
  if (effects.length === 0) return <p className="py-2 text-ink-soft">No slip of the list touches this answer.</p>
  return (
    <div className="max-w-3xl">
      <div className="mb-2 flex flex-wrap items-end gap-3 pt-1">
        <Segments label="Which slips" value={view} choices={VIEWS} onChange={setView} />
        {view !== 'all' && (
          <TextField
            label={`Accepted value${answer.unit ? `, ${unitSymbol(answer.unit)}` : ''}`}
            value={accepted}
            mono
            inputMode="decimal"
            placeholder="if you know it"
            className="w-40"
            onCommit={(text) => setAccepted(text.trim().replace(',', '.'))}
          />
        )}
      </div>
      {shown.length === 0 && <p className="py-2 text-ink-soft">No slip of the list pushes this answer that way.</p>}
      <ul aria-label="What if">
        {shown.map((slip) => (
          <SlipLine
            key={slip.id}
            slip={slip}
            answer={answer}
            figures={figures}
            where={places(slip) > 1 ? slip.possible.where : undefined}
            {...(view !== 'all' && needed ? { needed: needed.get(slip.id) ?? 'none' } : {})}
            onSize={(size) => setSizes({ ...sizes, [slip.id]: size })}
          />
        ))}
      </ul>
    </div>
  )
}

interface SlipLineProps {
  readonly slip: SlipEffect
  readonly answer: Answer
  readonly figures: number
  readonly where: string | undefined
  /** The size it would have had to explain the accepted value; 'none' where no size of it would. */
  readonly needed?: string
  readonly onSize: (size: string) => void
}

function SlipLine({ slip, answer, figures, where, needed, onSize }: SlipLineProps) {
  const [told, setTold] = useState(false)
  const { slip: kind } = slip.possible
  return (
    <li className="border-b border-hair py-1.5">
      <div className="grid grid-cols-[minmax(0,1fr)_auto_9rem] items-center gap-3 max-[599px]:grid-cols-[minmax(0,1fr)_auto]">
        <button
          type="button"
          aria-expanded={told}
          onClick={() => setTold(!told)}
          className="rounded py-1 text-left hover:text-hop"
        >
          {kind.says}
          {where && <span className="text-ink-soft"> ({where})</span>}
        </button>
        {kind.size && needed === undefined ? (
          <SizeField label={`Size: ${kind.says}`} size={slip.size ?? kind.size.usual} unit={kind.size.unit} onSize={onSize} />
        ) : (
          <span />
        )}
        {needed === undefined ? (
          <EffectMark slip={slip} answer={answer} figures={figures} />
        ) : (
          <Needed size={needed} unit={kind.size?.unit} />
        )}
      </div>
      {told && <Reason slip={slip} />}
    </li>
  )
}

/** How large a slip must have been. */
function Needed({ size, unit }: { readonly size: string; readonly unit: string | undefined }) {
  return size === 'none' || unit === undefined ? (
    <span className="text-right text-ink-soft">no size of it</span>
  ) : (
    <span className="text-right whitespace-nowrap">
      would take <Num text={size} className="font-semibold" /> {unit}
    </span>
  )
}

/** The size of a slip; what is no number is not taken. */
function SizeField({
  label,
  size,
  unit,
  onSize,
}: {
  readonly label: string
  readonly size: string
  readonly unit: string
  readonly onSize: (size: string) => void
}) {
  const [draft, setDraft] = useState<string>()
  const keep = () => {
    const text = (draft ?? size).trim().replace(',', '.')
    if (isDecimalText(text) && !text.startsWith('-')) onSize(text)
    setDraft(undefined)
  }
  return (
    <span className="flex items-center gap-1.5 text-sm text-ink-soft">
      <input
        aria-label={label}
        inputMode="decimal"
        value={draft ?? size}
        onChange={(event) => setDraft(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => event.key === 'Enter' && keep()}
        className="num w-16 rounded border border-rule bg-sheet px-1 py-0.5 text-right text-ink"
      />
      <span className="w-7">{unit}</span>
    </span>
  )
}

function EffectMark({ slip, answer, figures }: Pick<SlipLineProps, 'slip' | 'answer' | 'figures'>) {
  const { effect } = slip
  if (effect.kind === 'none') return <span className="text-right text-ink-soft">= no effect</span>
  // The answer may be shown in another unit than it is worked out in, so it is moved in proportion.
  const moved = new Exact(answer.unrounded ?? effect.before).mul(effect.after).div(effect.before)
  const written = formatFigures(moved, figures)
  // A small push that rounds away is shown with one figure more, so that the arrow is seen to be true.
  const shown = written === answer.value ? formatFigures(moved, figures + 1) : written
  return (
    <span className="text-right whitespace-nowrap">
      <span className="font-bold" role="img" aria-label={effect.direction === 'up' ? 'higher' : 'lower'}>
        {effect.direction === 'up' ? '↑' : '↓'}
      </span>{' '}
      <Num text={shown} unit={answer.unit} className="font-semibold" />
    </span>
  )
}

/** Why, and what seems larger or smaller on the way. */
function Reason({ slip }: { readonly slip: SlipEffect }) {
  const { effect, possible } = slip
  return (
    <p className="max-w-2xl pb-2 pl-4 text-[0.95rem] text-ink-soft">
      {possible.slip.because}
      {effect.kind === 'moved' && <> So the {effect.chain.join(' → the ')}.</>}
    </p>
  )
}
