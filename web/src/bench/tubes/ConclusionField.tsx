import { ionName, type SampleVerdict } from '@hop-lark/core/identify'
import { compareConclusion } from '@hop-lark/core/rack'
import { materialLabel, type PartOf, path, writePath } from '@hop-lark/core/record'
import { memo, useEffect, useRef, useState } from 'react'
import { useTask } from '../../notebook/derived.ts'
import { useDraft } from '../../notebook/drafts.ts'
import { refusalOf } from '../../notebook/store.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { TYPED_ONLY } from '../../ui/typedOnly.ts'
import type { Sample } from './rackEdits.ts'

interface ConclusionFieldProps {
  readonly part: PartOf<'rack'>
  readonly sample: Sample
  readonly identification: SampleVerdict | undefined
}

/** What the student concludes; once written, it is laid beside what the record shows. */
export const ConclusionField = memo(function ConclusionField({ part, sample, identification }: ConclusionFieldProps) {
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
      {written !== '' && identification && <Compared conclusion={written} identification={identification} />}
    </div>
  )
})

const listed = (ions: readonly string[]) => ions.map(ionName).join(', ')

function Compared({ conclusion, identification }: { readonly conclusion: string; readonly identification: SampleVerdict }) {
  const { agreed, notShown, missed } = compareConclusion(conclusion, identification)
  return (
    <ul className="mt-1.5 text-[0.95rem]" data-testid="compared" aria-live="polite">
      {agreed.length > 0 && <li className="text-hop">The record shows {listed(agreed)} too.</li>}
      {notShown.length > 0 && (
        <li className="text-iodine">The record does not yet show {listed(notShown)}: which test says so?</li>
      )}
      {missed.length > 0 && <li className="text-iodine">The record also shows {listed(missed)}.</li>}
      {agreed.length + notShown.length + missed.length === 0 && (
        <li className="text-ink-soft">No ion is named in it, and the record shows none yet.</li>
      )}
    </ul>
  )
}
