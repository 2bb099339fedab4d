import type { SampleVerdict } from '@hop-lark/core/identify'
import { materialLabel, type PartOf, path, writePath } from '@hop-lark/core/record'
import { memo, useEffect, useRef, useState } from 'react'
import { focusAt } from '../../app/goTo.ts'
import { useKeyAction } from '../../keys/useKeyAction.ts'
import { useTask } from '../../notebook/derived.ts'
import { useDraft } from '../../notebook/drafts.ts'
import { refusalOf } from '../../notebook/store.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { Button } from '../../ui/Button.tsx'
import { goOnward } from '../../ui/nextAsked.ts'
import { TYPED_ONLY } from '../../ui/typedOnly.ts'
import { Compared } from './Compared.tsx'
import type { Sample } from './rackEdits.ts'

interface ConclusionFieldProps {
  readonly part: PartOf<'rack'>
  readonly sample: Sample
  readonly identification: SampleVerdict | undefined
  readonly onShow: (step: string) => void
  /** Another sample that has no conclusion yet, and how to go on with it. */
  readonly next: Sample | undefined
  readonly onNext: (sample: Sample) => void
}

/** What the student concludes; once written, it is laid beside what the record shows. */
export const ConclusionField = memo(function ConclusionField({
  part,
  sample,
  identification,
  onShow,
  next,
  onNext,
}: ConclusionFieldProps) {
  const task = useTask()
  const change = usePartChange(part)
  const at = path('parts', part.id, 'samples', sample.material, 'conclusion')
  const [draft, setDraft] = useDraft(at)
  const [refusal, setRefusal] = useState<string>()
  const written = sample.conclusion ?? ''
  const keep = useRef(() => {})
  const onward = useRef<HTMLButtonElement>(null)
  keep.current = () => {
    if (draft === undefined) return
    const text = draft.trim()
    const conclude = () =>
      change('conclude', (found) => {
        const here = found.samples.find(({ material }) => material === sample.material)
        if (!here) return
        if (text === '') delete here.conclusion
        else here.conclusion = text
      })
    const refused = text === written ? undefined : refusalOf(conclude)
    setRefusal(refused)
    if (refused === undefined) setDraft(undefined)
  }
  useEffect(() => () => keep.current(), [])
  useKeyAction('conclude', { says: 'Write your conclusion', words: 'identity ions' }, () => focusAt(at))
  return (
    <div className="mt-5">
      <label className="font-semibold">
        Your conclusion on {materialLabel(task, sample.material)}
        <textarea
          rows={2}
          data-at={writePath(at)}
          aria-invalid={refusal !== undefined}
          {...(draft === undefined ? {} : TYPED_ONLY)}
          value={draft ?? written}
          placeholder="contains …, because …"
          onChange={(event) => setDraft(event.target.value)}
          onBlur={() => keep.current()}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && !event.shiftKey) {
              event.preventDefault()
              keep.current()
              // The next sample if there is one; else what leads on. What was concluded stays in sight beside the record.
              if (next) requestAnimationFrame(() => onward.current?.focus())
              else goOnward(at)
            }
          }}
          className="mt-1 block w-full rounded-lg border border-rule bg-sheet px-3 py-2 font-normal placeholder:text-ink-soft"
        />
      </label>
      {refusal && (
        <p role="alert" className="mt-1 text-sm text-litmus">
          {refusal}
        </p>
      )}
      {written !== '' && identification && (
        <Compared part={part} conclusion={written} identification={identification} onShow={onShow} />
      )}
      {written !== '' && next && (
        <Button ref={onward} className="mt-3" onClick={() => onNext(next)}>
          Go on with {materialLabel(task, next.material)}
        </Button>
      )}
    </div>
  )
})
