import { acceptSheet, isAccepted, makesAll, type SheetReading } from '@hop-lark/core/brief'
import type { Task } from '@hop-lark/core/record'
import { Sheet } from '../app/Sheet.tsx'
import type { Now } from '../margin/Margin.tsx'
import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { Button } from '../ui/Button.tsx'
import { TextField } from '../ui/TextField.tsx'
import { ConventionsSection } from './ConventionsSection.tsx'
import { GapCard } from './GapCard.tsx'
import { MaterialsSection } from './MaterialsSection.tsx'
import { NextStep } from './NextStep.tsx'
import { PasteSheet } from './PasteSheet.tsx'
import { SheetDesk } from './SheetDesk.tsx'
import { StagesSection } from './StagesSection.tsx'
import { TickList } from './TickList.tsx'
import { TimetableSection } from './TimetableSection.tsx'
import { replaceTask, useReading } from './useReading.ts'

/** The task sheet and the run sheet made of it, what stands on the bench, the stages, and the school's ways of doing things. */
export function BriefPage() {
  const task = useTask()
  const reading = useReading()
  const open = reading ? openSteps(task, reading) : 0
  return (
    <Sheet
      title="Brief"
      says="What the task asks, what is on the bench, and how your school does it."
      actions={reading && open > 0 && <AcceptAll reading={reading} />}
      now={nowOf(task, reading, open)}
      board={reading && <TickList name="ready" title="Have ready" lines={reading.ready} />}
    >
      <HeadFields />
      {reading ? (
        <SheetDesk reading={reading} />
      ) : (
        <section aria-label="Task sheet">
          <h2 className="mb-2 text-xl font-bold">Task sheet</h2>
          <PasteSheet />
        </section>
      )}
      {reading && <TimetableSection reading={reading} />}
      <MaterialsSection />
      <StagesSection />
      {reading && (
        <div className="mt-8">
          <TickList name="clear" title="Clearing up" lines={reading.clearUp} />
        </div>
      )}
      <ConventionsSection />
    </Sheet>
  )
}

const openSteps = (task: Task, { steps }: SheetReading) => steps.filter((step) => isAccepted(task, step) === false).length

function AcceptAll({ reading }: { readonly reading: SheetReading }) {
  return (
    <Button look="main" onClick={() => replaceTask('accept the sheet', (task) => acceptSheet(task, reading, makesAll(reading)))}>
      Accept all
    </Button>
  )
}

const CAUTION = 'Eye protection on before anything is opened. Follow your laboratory’s rules and your supervisor.'

function nowOf(task: Task, reading: SheetReading | undefined, open: number): Now {
  const asked = reading?.gaps.length ?? 0
  if (reading && asked > 0)
    return {
      title: asked === 1 ? 'One thing to settle.' : `${asked} things to settle.`,
      says: reading.gaps[0] && <GapCard key={reading.gaps[0].id} gap={reading.gaps[0]} current />,
      or: 'What is settled is used for the rest of the sheet.',
      caution: CAUTION,
    }
  if (reading && open > 0)
    return {
      title: 'Look through the steps, then accept.',
      says: 'Accept all, or step by step with the mark beside each. Anything can be changed in place, now or later.',
      caution: CAUTION,
    }
  if (reading?.steps.some(({ minutes }) => minutes.hands > 0))
    return {
      title: 'By the timetable',
      says: <NextStep reading={reading} />,
      or: 'Readings go to the stages.',
      caution: CAUTION,
    }
  return {
    title: task.materials.length === 0 ? 'Paste the task sheet, or list what is on the bench.' : 'Ready? Go to the first stage.',
    says: 'Materials can also be entered where they are first needed.',
    caution: CAUTION,
  }
}

/** The title of the task and the time it is given. */
function HeadFields() {
  const task = useTask()
  const edit = useNotebook((state) => state.edit)
  const setMinutes = (text: string) =>
    edit('set the time', (draft) => {
      const minutes = Number(text)
      if (Number.isFinite(minutes) && minutes > 0) draft.minutes = minutes
      else delete draft.minutes
    })
  return (
    <div className="mb-6 flex flex-wrap gap-3">
      <TextField
        label="Title"
        at={['title']}
        value={task.title}
        className="min-w-64 flex-1"
        onCommit={(title) =>
          edit('rename the task', (draft) => {
            draft.title = title
          })
        }
      />
      <TextField
        label="Minutes allowed"
        at={['minutes']}
        value={task.minutes === undefined ? '' : String(task.minutes)}
        inputMode="decimal"
        mono
        className="w-36"
        onCommit={setMinutes}
      />
    </div>
  )
}
