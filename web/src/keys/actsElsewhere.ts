import type { Stage } from '@hop-lark/core/stages'
import type { NavigateFunction } from 'react-router'
import { usePageActions } from './pageActions.ts'

/** What can be done on the page of each kind of stage, by the words in which the page tells it. */
export const ACTS_OF_STAGE: Readonly<Partial<Record<Stage['kind'], readonly string[]>>> = {
  brief: ['Paste or type the task sheet'],
  weighing: ['Weigh another portion'],
  titration: ['New run', 'Set up the titration', 'Time how long the colour stays'],
  rack: ['New sample, a solution', 'New sample, a solid', 'Fresh portion', 'Write your conclusion', 'Grid of samples and tests'],
  'work-out': ['Add a question'],
  'write-up': ['Print the report'],
}

/** By then the page of another stage has been fetched and drawn, or will not be, ms. */
const LONGEST_WAIT = 5000

/** Does what a page can do as soon as that page says so. */
function whenThere(says: string): void {
  const find = () => Object.values(usePageActions.getState().actions).find((action) => action.says === says)
  const now = find()
  if (now) {
    now.act()
    return
  }
  const stop = usePageActions.subscribe(() => {
    const found = find()
    if (!found) return
    stop()
    // Where the page puts the cursor when it opens comes first.
    requestAnimationFrame(found.act)
  })
  setTimeout(stop, LONGEST_WAIT)
}

/** Goes to a page and does there what it can do. */
export function actThere(navigate: NavigateFunction, address: string, says: string): void {
  void navigate(address)
  whenThere(says)
}
