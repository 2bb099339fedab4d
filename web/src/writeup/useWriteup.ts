import type { Task } from '@hop-lark/core/record'
import type { Sentence } from '@hop-lark/core/writeup'
import { writeAt } from '../notebook/paths.ts'
import { useNotebook } from '../notebook/store.ts'

type Writeup = NonNullable<Task['writeup']>
/** What is written up, as it can be changed. */
type Draft = { -readonly [Key in keyof Writeup]: Writeup[Key] }

interface Changes {
  /** Changes how the task is written up; `says` names it for undo. */
  readonly change: (says: string, act: (writeup: Draft) => void) => void
  /** Keeps sentences as they are given; what was proposed for them is kept beside. */
  readonly keep: (says: string, sentences: readonly Kept[]) => void
  /** Puts back what is written of itself. */
  readonly putBack: (id: string) => void
}

interface Kept {
  readonly sentence: Pick<Sentence, 'id' | 'made' | 'into'>
  readonly text: string
}

/** Keeps sentences among those of the report. */
function keepIn(task: Task, sentences: readonly Kept[]): void {
  const kept = sentences.map(({ sentence: { id, made }, text }) => ({ id, text, ...(made === '' ? {} : { made }) }))
  const ids = new Set(kept.map(({ id }) => id))
  task.writeup ??= {}
  task.writeup.sentences = [...(task.writeup.sentences ?? []).filter(({ id }) => !ids.has(id)), ...kept]
}

/** Changes to the report of the open task. */
export function useWriteup(): Changes {
  const edit = useNotebook((state) => state.edit)
  const change: Changes['change'] = (says, act) =>
    edit(says, (task) => {
      task.writeup ??= {}
      act(task.writeup)
    })
  return {
    change,
    keep: (says, sentences) =>
      edit(says, (task) => {
        // What has a place of its own in the record is written there, and nowhere else.
        for (const { sentence, text } of sentences)
          if (sentence.into) writeAt(task, sentence.into, text, new Date().toISOString())
        const others = sentences.filter(({ sentence }) => !sentence.into)
        if (others.length > 0) keepIn(task, others)
      }),
    putBack: (gone) =>
      change('put back a sentence', (writeup) => {
        writeup.sentences = (writeup.sentences ?? []).filter(({ id }) => id !== gone)
      }),
  }
}
