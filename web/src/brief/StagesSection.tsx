import { freshId, type Part, partTitle, type Task } from '@hop-lark/core/record'
import { ArrowDown, ArrowUp } from 'lucide-react'
import { Link, useParams } from 'react-router'
import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { Button } from '../ui/Button.tsx'
import { IconButton, TakeOutButton } from '../ui/IconButton.tsx'

type Addable = 'weighing' | 'solution' | 'titration' | 'series' | 'heating' | 'rack' | 'chromatogram'

const ADDABLE: readonly (readonly [Addable, string])[] = [
  ['weighing', 'Weigh'],
  ['solution', 'Make up'],
  ['titration', 'Titrate'],
  ['heating', 'Heat'],
  ['series', 'Measure'],
  ['rack', 'Test tubes'],
  ['chromatogram', 'Chromatogram'],
]

function firstOf(task: Task, form: 'solid' | 'solution'): string {
  return task.materials.find((material) => material.form === form)?.id ?? task.materials[0]?.id ?? 'F1'
}

function newPart(task: Task, kind: Addable): Part {
  const ids = task.parts.map(({ id }) => id)
  const solution = firstOf(task, 'solution')
  switch (kind) {
    case 'weighing':
      return { id: freshId('w', ids), kind, of: firstOf(task, 'solid') }
    case 'solution':
      return { id: freshId('s', ids), kind, from: [], flask: '250.0', gives: solution }
    case 'heating':
      return { id: freshId('h', ids), kind, of: firstOf(task, 'solid'), masses: [], lost: 'H2O' }
    case 'series':
      return {
        id: freshId('m', ids),
        kind,
        x: { name: 'volume added', unit: 'cm3' },
        y: { name: 'temperature', unit: '°C', step: '0.5' },
        points: [],
        reading: 'two-lines',
      }
    case 'rack':
      return {
        id: freshId('r', ids),
        kind,
        title: 'Tubes',
        samples: task.materials.slice(0, 1).map(({ id }) => ({ material: id, tubes: [] })),
      }
    case 'chromatogram':
      return { id: freshId('c', ids), kind, spots: [] }
    case 'titration':
      return {
        id: freshId('t', ids),
        kind,
        burette: solution,
        flask: [],
        reactions: [],
        runs: [
          { id: 'rough1', kind: 'rough' },
          { id: 'run1', kind: 'accurate' },
        ],
      }
  }
}

/** The stages in the order they are done: add, move, take out. */
export function StagesSection() {
  const task = useTask()
  const { taskId } = useParams()
  const edit = useNotebook((state) => state.edit)
  const move = (index: number, by: 1 | -1) =>
    edit('move a stage', (draft) => {
      const [part] = draft.parts.splice(index, 1)
      if (part) draft.parts.splice(index + by, 0, part)
    })
  return (
    <section aria-label="Stages of the task" className="mt-8">
      <div className="flex items-center justify-between gap-3 border-b-[1.5px] border-ink pb-2">
        <h2 className="text-xl font-bold">Stages</h2>
        <div className="flex flex-wrap gap-2">
          {ADDABLE.map(([kind, says]) => (
            <Button
              key={kind}
              onClick={() =>
                edit(`add a stage: ${says}`, (draft) => {
                  draft.parts.push(newPart(draft, kind))
                })
              }
            >
              + {says}
            </Button>
          ))}
        </div>
      </div>
      {task.parts.length === 0 && <p className="py-4 text-ink-soft">No stages yet. Add them in the order you will do them.</p>}
      <ol>
        {task.parts.map((part, index) => (
          <li key={part.id} className="flex items-center gap-2 border-b border-hair py-1.5">
            <Link to={`/task/${taskId}/${part.id}`} className="flex-1 font-semibold hover:text-hop">
              {partTitle(task, part)}
            </Link>
            <IconButton says={`Move ${partTitle(task, part)} up`} disabled={index === 0} onClick={() => move(index, -1)}>
              <ArrowUp size={16} />
            </IconButton>
            <IconButton
              says={`Move ${partTitle(task, part)} down`}
              disabled={index === task.parts.length - 1}
              onClick={() => move(index, 1)}
            >
              <ArrowDown size={16} />
            </IconButton>
            <TakeOutButton
              says={`Take out ${partTitle(task, part)}`}
              onClick={() =>
                edit(`take out ${partTitle(task, part)}`, (draft) => {
                  draft.parts.splice(index, 1)
                })
              }
            />
          </li>
        ))}
      </ol>
    </section>
  )
}
