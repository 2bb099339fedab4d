import { freshRunId, type PartOf, path, type Run } from '@hop-lark/core/record'
import { focusAt } from '../../app/goTo.ts'
import { derive } from '../../notebook/derived.ts'
import { useNotebook } from '../../notebook/store.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'

/** What the student does to runs as a whole. */
export interface Runs {
  /** Adds a run and puts the cursor into its initial reading. */
  readonly add: (kind: Run['kind']) => void
  readonly change: (index: number, says: string, act: (run: Run) => void) => void
  readonly remove: (index: number) => void
  /** After a final reading: on to the next run, which is made if one is needed. */
  readonly afterFinal: (index: number) => void
}

/** Marks the button that adds a run. */
export const NEW_RUN = 'data-new-run'

const afterDrawing = (act: () => void) => requestAnimationFrame(() => requestAnimationFrame(act))

export function useRuns(part: PartOf<'titration'>): Runs {
  const withPart = usePartChange(part)
  const cellOf = (run: string) => path('parts', part.id, 'runs', run, 'initial')
  const add = (kind: Run['kind']) => {
    let id = ''
    withPart('add a run', (found) => {
      id = freshRunId(kind, found.runs)
      found.runs.push({ id, kind })
    })
    afterDrawing(() => focusAt(cellOf(id)))
  }
  return {
    add,
    change: (index, says, act) =>
      withPart(says, (found) => {
        const run = found.runs[index]
        if (run) act(run)
      }),
    remove: (index) =>
      withPart('take out a run', (found) => {
        found.runs.splice(index, 1)
      }),
    afterFinal: (index) => {
      // The page may not have been drawn since the reading was written, so the store is asked.
      const { task } = useNotebook.getState()
      const now = task?.parts.find(({ id }) => id === part.id)
      if (!task || now?.kind !== 'titration') return
      const open = now.runs.find((run, at) => at > index && run.final === undefined)
      if (open) afterDrawing(() => focusAt(cellOf(open.id)))
      else if (!derive(task).assessmentOf(now).concordant) add('accurate')
      // Enough agree: another run is offered, and what is typed next does not run into the old one.
      else afterDrawing(() => document.querySelector<HTMLElement>(`[${NEW_RUN}]`)?.focus())
    },
  }
}
