import { unitSymbol } from '@hop-lark/core/number'
import type { Judgement, Step } from '@hop-lark/core/reckon'
import type { Question } from '@hop-lark/core/record'
import { Check, CircleAlert, X } from 'lucide-react'
import { useDraft } from '../notebook/drafts.ts'
import { useNotebook } from '../notebook/store.ts'
import { TYPED_ONLY } from '../ui/typedOnly.ts'

interface OwnLineProps {
  readonly step: Step
  readonly question: Question
  readonly judgement: Judgement | undefined
  /** Whether it is the first line that is not right. */
  readonly first: boolean
}

/** What the student works out for a line, and how it compares. */
export function OwnLine({ step, question, judgement, first }: OwnLineProps) {
  const kept = question.own?.find(({ id }) => id === step.line)?.value ?? ''
  const [draft, setDraft] = useDraft(`questions.${question.id} ${step.line}`)
  const edit = useNotebook((state) => state.edit)
  const keep = () => {
    if (draft === undefined) return
    const value = draft.trim()
    setDraft(undefined)
    if (value === kept) return
    edit('work a line out', (task) => {
      const found = task.questions.find(({ id }) => id === question.id)
      if (!found) return
      const others = (found.own ?? []).filter(({ id }) => id !== step.line)
      found.own = value === '' ? others : [...others, { id: step.line, value }]
    })
  }
  return (
    <div className="mt-1.5 flex flex-wrap items-center gap-x-3 gap-y-1">
      <label className="flex items-center gap-2">
        <span className="text-sm text-ink-soft">yours</span>
        <input
          aria-label={`Yours: ${step.says}`}
          value={draft ?? kept}
          onChange={(event) => setDraft(event.target.value)}
          onBlur={keep}
          {...(draft === undefined ? {} : TYPED_ONLY)}
          onKeyDown={(event) => event.key === 'Enter' && keep()}
          className="num min-h-10 w-40 rounded-md border border-ink-soft bg-sheet px-2 text-[1.15rem]"
        />
        <span className="num">{unitSymbol(step.unit)}</span>
      </label>
      {judgement && <Verdict judgement={judgement} first={first} />}
    </div>
  )
}

function Verdict({ judgement, first }: { readonly judgement: Judgement; readonly first: boolean }) {
  const { verdict, says, fault } = judgement
  const [Icon, colour] =
    verdict === 'right'
      ? ([Check, 'text-hop'] as const)
      : verdict === 'wrong'
        ? ([X, 'text-litmus'] as const)
        : ([CircleAlert, 'text-iodine'] as const)
  return (
    <p role="status" className={`flex items-center gap-1.5 text-[0.95rem] ${colour}`}>
      <Icon size={17} aria-hidden="true" />
      <span>
        {first && verdict !== 'unreadable' && (
          <strong className="font-semibold">First to go wrong{fault ? ` (${fault})` : ''}: </strong>
        )}
        {says}
      </span>
    </p>
  )
}
