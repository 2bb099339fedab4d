import { type Part, partTitle } from '@hop-lark/core/record'
import { Link, useParams } from 'react-router'
import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { Button } from '../ui/Button.tsx'
import { TakeOutButton } from '../ui/IconButton.tsx'
import { Grip, useOrdered } from '../ui/order/Grip.tsx'
import { Order } from '../ui/order/Order.tsx'
import { moveItem } from '../ui/order/orderKeys.ts'
import { ADDABLE, newPart } from './newPart.ts'

/** The stages in the order they are done: add, move, take out. */
export function StagesSection() {
  const task = useTask()
  const edit = useNotebook((state) => state.edit)
  const move = (from: number, to: number) => edit('move a stage', (draft) => moveItem(draft.parts, from, to))
  const add = (kind: Part['kind'], says: string) =>
    edit(`add a stage: ${says}`, (draft) => {
      const part = newPart(draft, kind)
      if (part) draft.parts.push(part)
    })
  const nameOf = (id: string) => {
    const part = task.parts.find((one) => one.id === id)
    return part ? partTitle(task, part) : id
  }
  return (
    <section aria-label="Stages of the task" className="mt-8">
      <div className="border-b-[1.5px] border-ink pb-3">
        <h2 className="mb-2 text-xl font-bold">Stages</h2>
        <div className="flex flex-wrap gap-2">
          {ADDABLE.map(({ kind, says }) => (
            <Button key={kind} onClick={() => add(kind, says)}>
              + {says}
            </Button>
          ))}
        </div>
      </div>
      {task.parts.length === 0 && <p className="py-4 text-ink-soft">No stages yet. Add them in the order you will do them.</p>}
      <Order ids={task.parts.map(({ id }) => id)} along="column" nameOf={nameOf} onMove={move}>
        <ol>
          {task.parts.map((part, index) => (
            <StageLine key={part.id} part={part} name={nameOf(part.id)} onStep={(by) => move(index, index + by)} />
          ))}
        </ol>
      </Order>
    </section>
  )
}

interface StageLineProps {
  readonly part: Part
  readonly name: string
  readonly onStep: (by: 1 | -1) => void
}

function StageLine({ part, name, onStep }: StageLineProps) {
  const { taskId } = useParams()
  const edit = useNotebook((state) => state.edit)
  const { place, grip } = useOrdered(part.id)
  return (
    <li
      {...place}
      className="flex items-center gap-2 border-b border-hair bg-sheet py-1.5 data-[lifted]:relative data-[lifted]:z-10"
    >
      <Grip says={`Move ${name}`} grip={grip} onStep={onStep} />
      <Link to={`/task/${taskId}/${part.id}`} className="finger flex flex-1 items-center font-semibold hover:text-hop">
        {name}
      </Link>
      <TakeOutButton
        says={`Take out ${name}`}
        onClick={() =>
          edit(`take out ${name}`, (draft) => {
            draft.parts = draft.parts.filter(({ id }) => id !== part.id)
          })
        }
      />
    </li>
  )
}
