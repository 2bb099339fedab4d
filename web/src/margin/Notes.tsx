import { type MergeNote, readPath } from '@hop-lark/core/record'
import { useNavigate, useParams } from 'react-router'
import { stageOf } from '../app/goTo.ts'
import { derive, useTask } from '../notebook/derived.ts'
import { useDraftPlaces } from '../notebook/drafts.ts'
import { useNotebook } from '../notebook/store.ts'
import { Button } from '../ui/Button.tsx'

const shown = (value: unknown) => (typeof value === 'string' ? value : JSON.stringify(value))

/** What this window and another changed differently: said once, until it has been read. */
export function Notes() {
  const { notes, dropNotes } = useNotebook()
  return (
    <>
      <Typed />
      {notes.length > 0 && <Changed notes={notes} onSeen={dropNotes} />}
    </>
  )
}

/** What is typed on another page of the task and not entered: it counts nowhere yet. On this page it is seen where it is. */
function Typed() {
  const task = useTask()
  const { stages } = derive(task)
  const navigate = useNavigate()
  const { stageId } = useParams()
  const stageFor = (place: string) => {
    const [at = ''] = place.replace('/', '.').split(' ')
    const id = place.includes('/') ? place.split('/')[0] : stageOf(readPath(at), stages)
    return stages.find((stage) => stage.id === id || stage.parts.includes(id ?? ''))
  }
  const typed = useDraftPlaces(task.id).flatMap(({ place, text }) => {
    const stage = stageFor(place)
    return stage && stage.id !== stageId ? [{ place, text, stage }] : []
  })
  if (typed.length === 0) return null
  return (
    <section aria-label="Typed, not entered" className="border-l-3 border-lark pl-3">
      <h2 className="eyebrow text-lark">Typed, not entered</h2>
      <ul className="text-sm">
        {typed.map(({ place, text, stage }) => (
          <li key={place} className="truncate">
            <span className="font-semibold">{text}</span> in{' '}
            <button
              type="button"
              className="underline underline-offset-2 hover:text-hop"
              onClick={() => void navigate(`/task/${task.id}/${stage.id}`)}
            >
              {stage.title}
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}

function Changed({ notes, onSeen }: { readonly notes: readonly MergeNote[]; readonly onSeen: () => void }) {
  return (
    <section aria-label="Changed elsewhere" className="border-l-3 border-iodine pl-3">
      <h2 className="eyebrow text-iodine">Changed in two windows</h2>
      <ul className="text-sm">
        {notes.map(({ at, kept, other }) => (
          <li key={`${at}${shown(other)}`}>
            {at}: kept “{shown(kept)}”; the other window had “{shown(other)}”.
          </li>
        ))}
      </ul>
      <Button look="quiet" onClick={onSeen}>
        Seen
      </Button>
    </section>
  )
}
