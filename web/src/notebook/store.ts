import { type MergeNote, type Path, type Task, writePath } from '@hop-lark/core/record'
import { produce } from 'immer'
import { create } from 'zustand'
import { ApiError, api } from './api.ts'
import { deviceStore } from './deviceStore.ts'
import { type History, NOTHING_DONE, redo, remember, undo } from './history.ts'
import { Outbox, type SaveState } from './Outbox.ts'
import { textAt, writeAt } from './paths.ts'

/** How far opening has come. */
type Opening =
  | { readonly kind: 'closed' }
  | { readonly kind: 'loading' }
  | { readonly kind: 'open' }
  | { readonly kind: 'failed'; readonly error: ApiError }

interface Notebook {
  readonly opening: Opening
  readonly task: Task | undefined
  readonly save: SaveState
  readonly history: History
  /** What both this page and another changed, for the student to know. */
  readonly notes: readonly MergeNote[]
  readonly open: (taskId: string) => Promise<void>
  readonly close: () => void
  /** Does something to the task; `says` names it for undo. */
  readonly edit: (says: string, change: (draft: Task) => void) => void
  /** Writes a reading or text where a path leads; an empty text takes it out. */
  readonly write: (at: Path, text: string) => void
  readonly undo: () => void
  readonly redo: () => void
  readonly dropNotes: () => void
}

/** Keys must be unique, not secret; `randomUUID` is missing on plain http away from loopback. */
function newKey(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) => byte.toString(16).padStart(2, '0')).join('')
}

const PAGE = newKey()
let outbox: Outbox | undefined
const channel = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('hop-lark')

const asApiError = (error: unknown): ApiError =>
  error instanceof ApiError ? error : new ApiError(0, 'page.fault', 'The task could not be opened.', 'Load the page again.')

/** The open task: what is on the page, how it is saved, and how to take things back. */
export const useNotebook = create<Notebook>((set, get) => {
  const adopt = (task: Task): void => {
    set({ task })
    outbox?.change(task)
  }
  return {
    opening: { kind: 'closed' },
    task: undefined,
    save: { kind: 'saved', at: undefined },
    history: NOTHING_DONE,
    notes: [],
    open: async (taskId) => {
      get().close()
      const mine = new Outbox({
        taskId,
        page: PAGE,
        api,
        device: deviceStore(),
        newKey,
        onTask: (task, notes) => {
          if (outbox === mine) set((state) => ({ task, notes: [...state.notes, ...notes] }))
        },
        onSave: (save) => {
          if (outbox === mine) set({ save })
        },
        onAcknowledged: () => channel?.postMessage(taskId),
      })
      outbox = mine
      set({
        opening: { kind: 'loading' },
        task: undefined,
        history: NOTHING_DONE,
        notes: [],
        save: { kind: 'saved', at: undefined },
      })
      try {
        const task = await mine.open()
        if (outbox === mine) set({ opening: { kind: 'open' }, task })
      } catch (error) {
        if (outbox === mine) set({ opening: { kind: 'failed', error: asApiError(error) } })
      }
    },
    close: () => {
      void outbox?.close()
      outbox = undefined
      set({ opening: { kind: 'closed' }, task: undefined, history: NOTHING_DONE })
    },
    edit: (says, change) => {
      const before = get().task
      if (!before) return
      const after = produce(before, change)
      if (after === before) return
      set((state) => ({ history: remember(state.history, { before, after, says }) }))
      adopt(after)
    },
    write: (at, text) => {
      const { task } = get()
      // A cell that is left after Enter would write the same text again.
      if (!task || textAt(task, at) === text) return
      get().edit(text === '' ? `take out ${writePath(at)}` : `write ${text}`, (draft) =>
        writeAt(draft, at, text, new Date().toISOString()),
      )
    },
    undo: () => {
      const { task, history } = get()
      const undone = task && undo(history, task)
      if (!undone) return
      set({ history: undone.history })
      adopt(undone.task)
    },
    redo: () => {
      const { task, history } = get()
      const redone = task && redo(history, task)
      if (!redone) return
      set({ history: redone.history })
      adopt(redone.task)
    },
    dropNotes: () => set({ notes: [] }),
  }
})

const look = () => void outbox?.refresh()
channel?.addEventListener('message', (message) => {
  if (message.data === useNotebook.getState().task?.id) look()
})
if (typeof document !== 'undefined') {
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') look()
  })
}
