import type { RunStep, SheetReading } from '@hop-lark/core/brief'
import { Pencil } from 'lucide-react'
import { useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { usePageAction } from '../keys/pageActions.ts'
import { useTask } from '../notebook/derived.ts'
import { useDraft } from '../notebook/drafts.ts'
import { Button } from '../ui/Button.tsx'
import { SINGLE_KEY } from '../ui/singleKey.ts'
import { PasteSheet } from './PasteSheet.tsx'
import { RunSheet } from './RunSheet.tsx'
import { SheetText } from './SheetText.tsx'
import { mend } from './useReading.ts'

/** The task sheet and, beside it, the run sheet that was made of it. */
export function SheetDesk({ reading }: { readonly reading: SheetReading }) {
  const text = useTask().brief?.text ?? ''
  // What is half typed is shown again, whatever happened in between.
  const [draft] = useDraft(['brief', 'text'])
  const [writing, setWriting] = useState(draft !== undefined)
  const [lit, setLit] = useState<RunStep>()
  const [first] = reading.gaps
  useHotkeys(
    '1, 2, 3, 4, 5, 6, 7, 8, 9',
    (event) => {
      const chosen = first?.candidates[Number(event.key) - 1]
      if (first && chosen) mend(`answer: ${first.says}`, { gap: first.id, value: chosen.value })
    },
    SINGLE_KEY,
    [first],
  )
  usePageAction({ says: 'Paste or type the task sheet', words: 'change write text', act: () => setWriting(true) }, !writing)
  return (
    <section aria-label="Task sheet" className="grid gap-x-8 gap-y-6 min-[700px]:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)]">
      <div className="min-w-0">
        {writing ? (
          <PasteSheet onKept={() => setWriting(false)} />
        ) : (
          <>
            <SheetText text={text} reading={reading} lit={lit} />
            <Button className="mt-3" icon={<Pencil size={15} aria-hidden="true" />} onClick={() => setWriting(true)}>
              Change the sheet
            </Button>
          </>
        )}
      </div>
      <div className="min-w-0">
        <RunSheet reading={reading} onLook={setLit} />
      </div>
    </section>
  )
}
