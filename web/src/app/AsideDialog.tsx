import { type Path, readPath, type Task, valueAt } from '@hop-lark/core/record'
import { useState } from 'react'
import { useParams } from 'react-router'
import { derive, useTask } from '../notebook/derived.ts'
import type { Aside } from '../notebook/deviceStore.ts'
import { downloadText } from '../notebook/download.ts'
import { outboxOf } from '../notebook/outboxes.ts'
import { putAtPlace } from '../notebook/sift.ts'
import { refusalOf, useNotebook } from '../notebook/store.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { stageOf } from './goTo.ts'

/** What could not be saved, to be mended and entered again, exported or dropped. */
export function AsideDialog({ open, onOpenChange }: { readonly open: boolean; readonly onOpenChange: (open: boolean) => void }) {
  const aside = useNotebook((state) => state.news.aside)
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title="Set aside"
      says="What was entered and cannot stand in the record as it is. Mend it and enter it again, save it as a file, or drop it."
      wide
    >
      <ul className="flex flex-col gap-5">
        {aside.map((one) => (
          <AsideEntry key={one.id} aside={one} />
        ))}
      </ul>
    </Dialog>
  )
}

/** The text of what was entered: of a reading its value, of anything else that is no text how a file has it. */
function textOf(value: unknown): string {
  if (typeof value === 'string') return value
  const reading = (value as { value?: unknown } | undefined)?.value
  return typeof reading === 'string' ? reading : JSON.stringify(value, null, 2)
}

/** What is to be entered after mending; undefined where the text is nothing that a file could have. */
function mended(value: unknown, text: string): unknown {
  if (typeof value === 'string') return text
  if (typeof (value as { value?: unknown } | undefined)?.value === 'string') return { ...(value as object), value: text.trim() }
  try {
    return JSON.parse(text)
  } catch {
    return undefined
  }
}

/** The stage, and what things and fields are called on the way; lists are not told, since their things have names of their own. */
function whereIs(task: Task, at: Path): string {
  if (at.length === 0) return 'The whole task'
  const { stages } = derive(task)
  const stage = stages.find(({ id }) => id === stageOf(at, stages))
  const names = at.filter((_, index) => !Array.isArray(valueAt(task, at.slice(0, index + 1))))
  return [stage?.title ?? 'Task', ...(at[0] === 'parts' ? names.slice(1) : names)].join(', ')
}

function AsideEntry({ aside }: { readonly aside: Aside }) {
  const task = useTask()
  const { taskId = '' } = useParams()
  const edit = useNotebook((state) => state.edit)
  const [text, setText] = useState(textOf(aside.value))
  const [refusal, setRefusal] = useState<string>()
  const drop = () => void outboxOf(taskId).dropAside(aside)
  const enter = () => {
    const value = mended(aside.value, text)
    const refused =
      value === undefined
        ? 'This is not what a task file could have: look at brackets and commas.'
        : refusalOf(() => edit('enter again what was set aside', (draft) => putAtPlace(draft, readPath(aside.at), value)))
    setRefusal(refused)
    if (refused === undefined) drop()
  }
  return (
    <li className="border-l-3 border-iodine pl-3">
      <p className="font-semibold">{whereIs(task, readPath(aside.at))}</p>
      <p className="text-sm text-litmus" role={refusal ? 'alert' : undefined}>
        {refusal ?? aside.reason.replace(`${aside.at} `, '')}
      </p>
      <textarea
        aria-label={`Set aside from ${aside.at}`}
        value={text}
        rows={Math.min(8, text.split('\n').length + 1)}
        onChange={(event) => setText(event.target.value)}
        className="my-2 block w-full rounded-lg border border-rule bg-sheet px-3 py-2 font-mono text-[0.95rem]"
      />
      <div className="flex flex-wrap gap-2">
        <Button look="main" disabled={aside.at === ''} onClick={enter}>
          Enter it again
        </Button>
        <Button onClick={() => downloadText('set-aside.json', `${JSON.stringify(aside, null, 2)}\n`)}>Save as a file</Button>
        <Button look="danger" onClick={drop}>
          Drop it
        </Button>
      </div>
    </li>
  )
}
