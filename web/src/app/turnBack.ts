import type { Path } from '@hop-lark/core/record'
import type { NavigateFunction } from 'react-router'
import { toast } from 'sonner'
import { derive } from '../notebook/derived.ts'
import type { Step } from '../notebook/history.ts'
import { changedPlaces } from '../notebook/sift.ts'
import { useNotebook } from '../notebook/store.ts'
import { stageOf } from './goTo.ts'

/** Whether the cursor stands in something typed, which the browser then takes back letter by letter. */
export function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLTextAreaElement || (target instanceof HTMLInputElement && target.type === 'text'))) return false
  if (target.dataset.draft !== undefined) return true
  // A cell that shows what the record has holds nothing typed; of another field only its text tells.
  return target.dataset.at === undefined && (target.value !== '' || target.closest('[role=dialog]') !== null)
}

/** Where a step changed the task first. */
function placeOf({ before, after }: Step): Path {
  const [place = []] = changedPlaces(before, after)
  return place
}

/** Takes the last change back, or does it again, and says which; where that was on another page, it leads there. */
export function turnBack(which: 'undo' | 'redo', navigate: NavigateFunction): void {
  const { task, ...notebook } = useNotebook.getState()
  if (!task) return
  const step = notebook[which]()
  if (!step) {
    toast(which === 'undo' ? 'Nothing to take back: nothing was changed since the task was opened.' : 'Nothing to do again.')
    return
  }
  const { stages } = derive(task)
  const stage = stages.find(({ id }) => id === stageOf(placeOf(step), stages))
  const done = which === 'undo' ? 'Taken back' : 'Done again'
  const there = `/task/${task.id}/${stage?.id}`
  if (!stage || window.location.pathname === there) toast(`${done}: ${step.says}.`)
  else
    toast(`${done} on another page, ${stage.title}: ${step.says}.`, {
      action: { label: 'Look', onClick: () => void navigate(there) },
    })
}
