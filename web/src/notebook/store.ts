import {
  changeFault,
  type FileFault,
  type MergeNote,
  type Path,
  readPath,
  type Task,
  valueAt,
  writePath,
} from '@hop-lark/core/record'
import { produce } from 'immer'
import { create } from 'zustand'
import { ApiError } from './api.ts'
import { type History, NOTHING_DONE, redo, remember, type Step, undo } from './history.ts'
import type { Outbox } from './Outbox.ts'
import { outboxOf } from './outboxes.ts'
import type { News, SaveState } from './outboxOptions.ts'
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
  /** What was set aside, whether the task is archived, what is wrong with the device. */
  readonly news: News
  readonly history: History
  /** What both this page and another changed, for the student to know. */
  readonly notes: readonly MergeNote[]
  readonly open: (taskId: string) => Promise<void>
  readonly close: () => void
  /** Does something to the task; `says` names it for undo. */
  readonly edit: (says: string, change: (draft: Task) => void) => void
  /** Writes a reading or text where a path leads; an empty text takes it out. */
  readonly write: (at: Path, text: string) => void
  /** Takes the last step back; answers which that was. */
  readonly undo: () => Step | undefined
  readonly redo: () => Step | undefined
  readonly dropNotes: () => void
}

let outbox: Outbox | undefined

const asApiError = (error: unknown): ApiError =>
  error instanceof ApiError ? error : new ApiError(0, 'page.fault', 'The task could not be opened.', 'Load the page again.')

const NOTHING_TO_SAVE: Notebook['save'] = { kind: 'saved', at: undefined }
const NO_NEWS: News = { aside: [], archived: false, deviceFault: undefined }

/** A cell that is left after Enter would write the same text again. */
function writeReading({ task, edit }: Notebook, at: Path, text: string): void {
  if (!task || textAt(task, at) === text) return
  const says = text === '' ? `take out ${writePath(at)}` : `write ${text}`
  edit(says, (draft) => writeAt(draft, at, text, new Date().toISOString()))
}

type Set = (change: Partial<Notebook> | ((state: Notebook) => Partial<Notebook>)) => void

/** Opens a task; what becomes of it is shown as long as it is the one that is open. */
async function openTask(taskId: string, set: Set, get: () => Notebook): Promise<void> {
  get().close()
  const mine = outboxOf(taskId)
  outbox = mine
  set({ opening: { kind: 'loading' }, notes: [], save: NOTHING_TO_SAVE, news: NO_NEWS })
  try {
    const task = await mine.open()
    if (outbox !== mine) return
    set({ opening: { kind: 'open' }, task })
    mine.attach({
      onTask: (now, notes) => set((state) => ({ task: now, notes: [...state.notes, ...notes] })),
      onSave: (save) => set({ save }),
      onNews: (news) => set({ news }),
    })
  } catch (error) {
    if (outbox === mine) set({ opening: { kind: 'failed', error: asApiError(error) } })
  }
}

/** The field that is being kept just now, which shows by itself what is refused. */
let asking: { refusal: string | undefined } | undefined

/** Does what a field asks; why the record will not have it, if so: the field then shows that and keeps what was typed. */
export function refusalOf(act: () => void): string | undefined {
  asking = { refusal: undefined }
  try {
    act()
    return asking.refusal
  } finally {
    asking = undefined
  }
}

/** Tells the field that is being kept why it is not; for what is refused before it comes to a change. */
export function tellField(refusal: string): void {
  if (asking) asking.refusal = refusal
}

/** A change that would leave no task file: told to the field it comes from, or set aside. */
function refuse(fault: FileFault, after: Task): void {
  if (asking) tellField(fault.says)
  else
    void outbox?.setAside({
      at: fault.at,
      value: valueAt(after, readPath(fault.at)),
      reason: fault.says,
      mend: 'Mend it and enter it again.',
    })
}

/** The open task: what is on the page, how it is saved, and how to take things back. */
export const useNotebook = create<Notebook>((set, get) => {
  const adopt = (task: Task): void => {
    set({ task })
    outbox?.change(task)
  }
  const turnBack = (turn: typeof undo): Step | undefined => {
    const { task, history } = get()
    const turned = task && turn(history, task)
    if (!turned) return undefined
    set({ history: turned.history })
    adopt(turned.task)
    return turned.step
  }
  return {
    opening: { kind: 'closed' },
    task: undefined,
    save: NOTHING_TO_SAVE,
    news: NO_NEWS,
    history: NOTHING_DONE,
    notes: [],
    open: (taskId) => openTask(taskId, set, get),
    close: () => {
      outbox?.rest()
      outbox = undefined
      set({ opening: { kind: 'closed' }, task: undefined, history: NOTHING_DONE })
    },
    edit: (says, change) => {
      const before = get().task
      if (!before) return
      const after = produce(before, change)
      if (after === before) return
      const fault = changeFault(before, after)
      if (fault) {
        refuse(fault, after)
        return
      }
      set((state) => ({ history: remember(state.history, { before, after, says }) }))
      adopt(after)
    },
    write: (at, text) => writeReading(get(), at, text),
    undo: () => turnBack(undo),
    redo: () => turnBack(redo),
    dropNotes: () => set({ notes: [] }),
  }
})
