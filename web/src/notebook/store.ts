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

const NOTHING_TO_SAVE: Notebook['save'] = { kind: 'saved', at: undefined }

/** What saves a task, and tells the page what became of it as long as it is the one that is open. */
function outboxFor(taskId: string, tell: (change: (state: Notebook) => Partial<Notebook>) => void): Outbox {
  return new Outbox({
    taskId,
    page: PAGE,
    api,
    device: deviceStore(),
    newKey,
    onTask: (task, notes) => tell((state) => ({ task, notes: [...state.notes, ...notes] })),
    onSave: (save) => tell(() => ({ save })),
    onAcknowledged: () => channel?.postMessage(taskId),
  })
}

/** A cell that is left after Enter would write the same text again. */
function writeReading({ task, edit }: Notebook, at: Path, text: string): void {
  if (!task || textAt(task, at) === text) return
  const says = text === '' ? `take out ${writePath(at)}` : `write ${text}`
  edit(says, (draft) => writeAt(draft, at, text, new Date().toISOString()))
}

/** The open task: what is on the page, how it is saved, and how to take things back. */
export const useNotebook = create<Notebook>((set, get) => {
  const adopt = (task: Task): void => {
    set({ task })
    outbox?.change(task)
  }
  const turnBack = (turn: typeof undo): void => {
    const { task, history } = get()
    const turned = task && turn(history, task)
    if (!turned) return
    set({ history: turned.history })
    adopt(turned.task)
  }
  return {
    opening: { kind: 'closed' },
    task: undefined,
    save: NOTHING_TO_SAVE,
    history: NOTHING_DONE,
    notes: [],
    open: (taskId) => {
      get().close()
      const mine: Outbox = outboxFor(taskId, (change) => outbox === mine && set(change))
      outbox = mine
      set({ opening: { kind: 'loading' }, task: undefined, history: NOTHING_DONE, notes: [], save: NOTHING_TO_SAVE })
      return mine.open().then(
        (task) => void (outbox === mine && set({ opening: { kind: 'open' }, task })),
        (error: unknown) => void (outbox === mine && set({ opening: { kind: 'failed', error: asApiError(error) } })),
      )
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
    write: (at, text) => writeReading(get(), at, text),
    undo: () => turnBack(undo),
    redo: () => turnBack(redo),
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
