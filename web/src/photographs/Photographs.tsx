import { isWithin, type Photograph, path, readPath, writePath } from '@hop-lark/core/record'
import { placeName } from '@hop-lark/core/stages'
import { Camera } from 'lucide-react'
import { useState } from 'react'
import { BringInButton } from '../intake/BringInButton.tsx'
import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { FileButton } from '../ui/FileButton.tsx'
import { TakeOutButton } from '../ui/IconButton.tsx'
import { Select } from '../ui/Select.tsx'
import { TextField } from '../ui/TextField.tsx'
import { attach } from './attach.ts'
import { PhotographFigure } from './PhotographFigure.tsx'
import { placesIn } from './places.ts'

/** The photographs of some parts: to attach one, to say what it shows, to take it out. */
export function Photographs({ parts: ids }: { readonly parts: readonly string[] }) {
  const task = useTask()
  const [wrong, setWrong] = useState<string>()
  const [busy, setBusy] = useState(false)
  const parts = task.parts.filter(({ id }) => ids.includes(id))
  const [first] = parts
  if (!first) return null
  const mine = (task.photographs ?? []).filter(({ of }) => ids.some((id) => isWithin(readPath(of), path('parts', id))))
  const take = async (files: readonly File[]) => {
    setBusy(true)
    setWrong(undefined)
    const faults: string[] = []
    for (const file of files) faults.push(...[(await attach(file, writePath(path('parts', first.id)))) ?? []].flat())
    setWrong(faults.length > 0 ? faults.join(' ') : undefined)
    setBusy(false)
  }
  return (
    <section aria-label="Photographs" className="mt-8 print:hidden">
      <div className="flex flex-wrap gap-3">
        <FileButton
          label="Pictures"
          accept="image/*"
          multiple
          icon={<Camera size={17} aria-hidden="true" />}
          disabled={busy}
          onFiles={(files) => void take(files)}
        >
          {busy ? 'Making it smaller …' : 'Attach a photograph'}
        </FileButton>
        <BringInButton parts={ids} />
      </div>
      {wrong && (
        <p role="alert" className="mt-2 text-litmus">
          {wrong}
        </p>
      )}
      {mine.length > 0 && (
        <ul className="mt-3 grid gap-5 min-[700px]:grid-cols-2">
          {mine.map((photograph) => (
            <AttachedPhotograph key={photograph.id} photograph={photograph} places={placesIn(parts)} />
          ))}
        </ul>
      )}
    </section>
  )
}

interface AttachedProps {
  readonly photograph: Photograph
  readonly places: readonly string[]
}

function AttachedPhotograph({ photograph, places }: AttachedProps) {
  const task = useTask()
  const edit = useNotebook((state) => state.edit)
  const { id, of, says } = photograph
  const change = (what: string, act: (draft: Photograph) => void) =>
    edit(what, (draft) => {
      const found = draft.photographs?.find((one) => one.id === id)
      if (found) act(found)
    })
  const choices = [...new Set([of, ...places])].map((value) => ({ value, says: placeName(task, readPath(value)) }))
  return (
    <li>
      <PhotographFigure photograph={photograph} caption={[placeName(task, readPath(of)), says].filter(Boolean).join(': ')} />
      <div className="flex flex-wrap items-end gap-2">
        <TextField
          label="What it shows"
          at={path('photographs', id, 'says')}
          value={says ?? ''}
          onCommit={(text) =>
            change('say what a photograph shows', (draft) => {
              if (text === '') delete draft.says
              else draft.says = text
            })
          }
        />
        <Select
          label="Where"
          value={of}
          choices={choices}
          onChange={(value) =>
            change('say where a photograph belongs', (draft) => {
              draft.of = value
            })
          }
        />
        <TakeOutButton
          says="Take the photograph out"
          onClick={() =>
            edit('take a photograph out', (draft) => {
              draft.photographs = draft.photographs?.filter((one) => one.id !== id)
            })
          }
        />
      </div>
    </li>
  )
}
