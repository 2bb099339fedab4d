import { reviseSheet } from '@hop-lark/core/brief'
import { FileText } from 'lucide-react'
import { type MouseEvent, useRef, useState } from 'react'
import { usePageAction } from '../keys/pageActions.ts'
import { useTask } from '../notebook/derived.ts'
import { useDraft } from '../notebook/drafts.ts'
import { refusalOf } from '../notebook/store.ts'
import { Button } from '../ui/Button.tsx'
import { TYPED_ONLY } from '../ui/typedOnly.ts'
import { PlanButton } from './PlanButton.tsx'
import { SheetFileButton } from './SheetFileButton.tsx'
import { replaceTask } from './useReading.ts'

interface PasteSheetProps {
  /** Called when the sheet is kept and stands to be read. */
  readonly onKept?: () => void
}

/** A button that is pressed leaves the cursor in the field: left half typed, the field is set otherwise, and the button would move away. */
const stay = (event: MouseEvent) => event.preventDefault()

/** The task sheet as pasted or typed; kept when the field is left, and read then. */
export function PasteSheet({ onKept }: PasteSheetProps) {
  const text = useTask().brief?.text ?? ''
  const [draft, setDraft] = useDraft(['brief', 'text'])
  const [refusal, setRefusal] = useState<string>()
  const place = useRef<HTMLDivElement>(null)
  const keep = (typed = draft) => {
    if (typed === undefined) return onKept?.()
    const refused =
      typed === text
        ? undefined
        : refusalOf(() => replaceTask('write the brief', (task) => reviseSheet(task, { text: typed.trim() === '' ? '' : typed })))
    setRefusal(refused)
    if (refused !== undefined) return undefined
    setDraft(undefined)
    if (typed.trim() !== '') onKept?.()
    return undefined
  }
  usePageAction({
    says: 'Paste or type the task sheet',
    words: 'write sheet text',
    act: () => place.current?.querySelector('textarea')?.focus(),
  })
  return (
    <div ref={place}>
      <textarea
        aria-label="Task sheet"
        value={draft ?? text}
        placeholder="Paste or type the task sheet here: what is on the bench, what is to be done, what is asked."
        onChange={(event) => setDraft(event.target.value)}
        // What is typed is kept when the field and its buttons are left.
        onBlur={(event) => {
          if (!place.current?.contains(event.relatedTarget)) keep()
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) keep()
        }}
        data-at="brief.text"
        aria-invalid={refusal !== undefined}
        {...(draft === undefined ? {} : TYPED_ONLY)}
        className="field-sizing-content max-h-[60vh] min-h-44 w-full rounded-xl border border-rule bg-sheet p-4 leading-relaxed placeholder:text-ink-soft"
      />
      {refusal && (
        <p role="alert" className="mt-1 text-sm text-litmus">
          {refusal}
        </p>
      )}
      <div className="mt-3 flex flex-wrap gap-2">
        <Button
          look="main"
          hotkey="Ctrl ⏎"
          icon={<FileText size={17} aria-hidden="true" />}
          disabled={(draft ?? text).trim() === ''}
          onMouseDown={stay}
          onClick={() => keep()}
        >
          Read the sheet
        </Button>
        <SheetFileButton onText={(read) => keep(read)} />
        {(draft ?? text).trim() === '' && <PlanButton />}
      </div>
    </div>
  )
}
