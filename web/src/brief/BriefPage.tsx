import { useState } from 'react'
import { Sheet } from '../app/Sheet.tsx'
import { useTask } from '../notebook/derived.ts'
import { useDraft } from '../notebook/drafts.ts'
import { refusalOf, useNotebook } from '../notebook/store.ts'
import { AddMaterial } from '../ui/AddMaterial.tsx'
import { MaterialCard } from '../ui/MaterialCard.tsx'
import { TextField } from '../ui/TextField.tsx'
import { TYPED_ONLY } from '../ui/typedOnly.ts'
import { ConventionsSection } from './ConventionsSection.tsx'
import { StagesSection } from './StagesSection.tsx'

/** The task sheet, what stands on the bench, the stages, and the school's ways of doing things. */
export function BriefPage() {
  const task = useTask()
  const edit = useNotebook((state) => state.edit)
  const setMinutes = (text: string) =>
    edit('set the time', (draft) => {
      const minutes = Number(text)
      if (Number.isFinite(minutes) && minutes > 0) draft.minutes = minutes
      else delete draft.minutes
    })
  return (
    <Sheet
      title="Brief"
      says="What the task asks, what is on the bench, and how your school does it."
      now={{
        title: task.materials.length === 0 ? 'List what is on the bench.' : 'Ready? Go to the first stage.',
        says: 'Alt 2 goes to the second stage. Materials can also be entered where they are first needed.',
        caution: 'Eye protection on before anything is opened. Follow your laboratory’s rules and your supervisor.',
      }}
    >
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
      <TaskText />
      <section aria-label="Materials" className="mt-8">
        <div className="flex items-center justify-between gap-3 border-b-[1.5px] border-ink pb-2">
          <h2 className="text-xl font-bold">On the bench</h2>
          <div className="flex gap-2">
            <AddMaterial form="solid" says="Solid" />
            <AddMaterial form="solution" says="Solution" />
          </div>
        </div>
        {task.materials.length === 0 && (
          <p className="py-4 text-ink-soft">No materials yet. Add each bottle by its label: F1, F2, …</p>
        )}
        {task.materials.map((material) => (
          <MaterialCard key={material.id} material={material} removable={!isUsed(task, material.id)} />
        ))}
      </section>
      <StagesSection />
      <ConventionsSection />
    </Sheet>
  )
}

function isUsed(task: ReturnType<typeof useTask>, id: string): boolean {
  return JSON.stringify([task.parts, task.questions]).includes(`"${id}"`)
}

/** The task sheet as pasted or typed; kept when the field is left. */
function TaskText() {
  const text = useTask().brief?.text ?? ''
  const edit = useNotebook((state) => state.edit)
  const [draft, setDraft] = useDraft(['brief', 'text'])
  const [refusal, setRefusal] = useState<string>()
  const keep = () => {
    if (draft === undefined) return
    const refused =
      draft === text
        ? undefined
        : refusalOf(() =>
            edit('write the brief', (task) => {
              if (draft.trim() === '') delete task.brief
              else task.brief = { text: draft }
            }),
          )
    setRefusal(refused)
    if (refused === undefined) setDraft(undefined)
  }
  return (
    <section aria-label="Task sheet">
      <h2 className="mb-2 text-xl font-bold">Task sheet</h2>
      <textarea
        aria-label="Task sheet"
        value={draft ?? text}
        placeholder="Paste or type the task sheet here."
        onChange={(event) => setDraft(event.target.value)}
        onBlur={keep}
        data-at="brief.text"
        aria-invalid={refusal !== undefined}
        {...(draft === undefined ? {} : TYPED_ONLY)}
        className="field-sizing-content max-h-[28rem] min-h-28 w-full rounded-xl border border-rule bg-sheet p-4 leading-relaxed placeholder:text-ink-soft"
      />
      {refusal && (
        <p role="alert" className="mt-1 text-sm text-litmus">
          {refusal}
        </p>
      )}
    </section>
  )
}
