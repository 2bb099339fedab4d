import { type Manner, mannerOf } from '@hop-lark/core/writeup'
import { Printer } from 'lucide-react'
import { useHotkeys } from 'react-hotkeys-hook'
import { Sheet } from '../app/Sheet.tsx'
import type { Now } from '../margin/Margin.tsx'
import { useTask } from '../notebook/derived.ts'
import { Button } from '../ui/Button.tsx'
import { Segments } from '../ui/Segments.tsx'
import { FilesMenu } from './FilesMenu.tsx'
import { FinishedButton } from './FinishedButton.tsx'
import { ReportSheet } from './ReportSheet.tsx'
import { usePrintTitle } from './usePrintTitle.ts'
import { useReport } from './useReport.ts'
import { useWriteup } from './useWriteup.ts'
import { WordingKey } from './WordingKey.tsx'

const MANNERS = [
  { value: 'exam', says: 'answer sheet' },
  { value: 'notebook', says: 'notebook' },
] as const satisfies readonly { readonly value: Manner; readonly says: string }[]

/** The report as it would be handed in: written from the record, in the student's own words where they want. */
export function WriteUpPage() {
  const task = useTask()
  const { change } = useWriteup()
  const manner = mannerOf(task)
  const { report, looking, failed } = useReport(task, manner)
  usePrintTitle(task.title)
  const print = () => window.print()
  useHotkeys('alt+p', print, { enableOnFormTags: true, preventDefault: true })
  return (
    <Sheet
      title="Write up"
      actions={
        <div className="flex flex-wrap gap-2 print:hidden">
          <Segments
            label="Manner"
            value={manner}
            choices={MANNERS}
            onChange={(value) =>
              change('the manner of the report', (writeup) => {
                writeup.manner = value
              })
            }
          />
          <FilesMenu />
          <Button look="main" icon={<Printer size={16} />} hotkey="Alt P" onClick={print}>
            Print
          </Button>
        </div>
      }
      now={nowAtTheReport(report !== undefined, looking)}
      board={<WordingKey />}
    >
      {failed !== undefined && (
        <p role="alert" className="text-litmus">
          The report could not be written: {failed}
        </p>
      )}
      {report ? <ReportSheet report={report} /> : failed === undefined && <p className="text-ink-soft">Writing up …</p>}
      {report && <FinishedButton />}
    </Sheet>
  )
}

function nowAtTheReport(written: boolean, looking: boolean): Now {
  if (!written || looking) return { title: 'Writing up …', says: looking && written ? 'Still looking at the tubes.' : undefined }
  return {
    title: 'Read it from top to bottom.',
    says: 'Choose a sentence to take it over or to put it into your own words. Numbers are changed where they were read.',
  }
}
