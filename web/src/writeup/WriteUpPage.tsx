import { type Look, type Manner, mannerOf } from '@hop-lark/core/writeup'
import { Printer } from 'lucide-react'
import { Sheet } from '../app/Sheet.tsx'
import { useKeyAction } from '../keys/useKeyAction.ts'
import type { Now } from '../margin/Margin.tsx'
import { useTask } from '../notebook/derived.ts'
import { Button } from '../ui/Button.tsx'
import { Segments } from '../ui/Segments.tsx'
import { FilesMenu } from './FilesMenu.tsx'
import { FinishedButton } from './FinishedButton.tsx'
import { LookCard } from './LookCard.tsx'
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
  const { writtenUp, looking, failed } = useReport(task, manner)
  const report = writtenUp?.report
  usePrintTitle(task.title)
  const print = () => window.print()
  useKeyAction('print', { says: 'Print the report', words: 'paper pdf' }, print)
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
          <Button look="main" icon={<Printer size={16} />} action="print" onClick={print}>
            Print
          </Button>
        </div>
      }
      now={nowAtTheReport(writtenUp?.look, looking)}
      board={
        <>
          {writtenUp && <LookCard look={writtenUp.look} />}
          <WordingKey />
        </>
      }
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

const SPELT = ['Nothing', 'One thing', 'Two things', 'Three things', 'Four things', 'Five things']

function nowAtTheReport(look: Look | undefined, looking: boolean): Now {
  if (!look) return { title: 'Writing up …' }
  const count = look.remarks.length
  if (!look.begun && count === 0)
    return {
      title: 'Nothing is recorded yet.',
      says: 'Write down at its stage what is read and seen; the report follows, and is looked at as an examiner would.',
    }
  return {
    title: `${SPELT[count] ?? `${count} things`} an examiner would mark down.`,
    says: looking
      ? 'Still looking at the tubes.'
      : 'Choose a sentence to take it over or to put it into your own words. Numbers are changed where they were read.',
  }
}
