import type { SampleVerdict } from '@hop-lark/core/identify'
import { materialLabel, type PartOf, path, writePath } from '@hop-lark/core/record'
import { memo, useEffect, useRef, useState } from 'react'
import { useTask } from '../../notebook/derived.ts'
import { useDraft } from '../../notebook/drafts.ts'
import { refusalOf } from '../../notebook/store.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { TYPED_ONLY } from '../../ui/typedOnly.ts'
import { Compared } from './Compared.tsx'
import type { Sample } from './rackEdits.ts'

interface ConclusionFieldProps {
  readonly part: PartOf<'rack'>
  readonly sample: Sample
  readonly identification: SampleVerdict | undefined
  readonly onShow: (step: string) => void
}

/** What the student concludes; once written, it is laid beside what the record shows. */
export const ConclusionField = memo(function ConclusionField({ part, sample, identification, onShow }: ConclusionFieldProps) {
  const task = useTask()
  const change = usePartChange(part)
  const at = path('parts', part.id, 'samples', sample.material, 'conclusion')
  const [draft, setDraft] = useDraft(at)
  const [refusal, setRefusal] = useState<string>()
  const written = sample.conclusion ?? ''
  const keep = useRef(() => {})
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
    </div>
  )
})
