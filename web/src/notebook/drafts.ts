import { type Path, writePath } from '@hop-lark/core/record'
import { useCallback, useState } from 'react'
import { create } from 'zustand'
import { useNotebook } from './store.ts'

/** What is typed and not entered, by task and place. */
type Drafts = Readonly<Record<string, string>>

const PREFIX = 'hop-lark-draft/'

/**
 * Where drafts outlive the window. Written at once, letter by letter: a database would still be writing when a window is
 * shut. A browser may refuse it all, which is told elsewhere: then drafts live as long as the window.
 */
function onDevice<Answer>(ask: (storage: Storage) => Answer): Answer | undefined {
  try {
    return ask(localStorage)
  } catch {
    return undefined
  }
}

function readAll(): Drafts {
  const names = onDevice((storage) => Object.keys(storage).filter((name) => name.startsWith(PREFIX))) ?? []
  return Object.fromEntries(names.map((name) => [name.slice(PREFIX.length), onDevice((storage) => storage.getItem(name)) ?? '']))
}

interface DraftStore {
  readonly texts: Drafts
  /** Keeps a draft as typed; `undefined` when it is entered or given up. */
  readonly type: (key: string, text: string | undefined) => void
}

const without = (texts: Drafts, key: string): Drafts => {
  const { [key]: _, ...rest } = texts
  return rest
}

/** What is typed and not entered yet: it outlives the page, a reload and the window. */
export const useDrafts = create<DraftStore>((set) => ({
  texts: readAll(),
  type: (key, text) => {
    set(({ texts }) => ({ texts: text === undefined ? without(texts, key) : { ...texts, [key]: text } }))
    onDevice((storage) => (text === undefined ? storage.removeItem(PREFIX + key) : storage.setItem(PREFIX + key, text)))
  },
}))

if (typeof window !== 'undefined') {
  // What another window has entered, or given up, is no draft here any more either.
  window.addEventListener('storage', ({ key, newValue }) => {
    if (key?.startsWith(PREFIX) && newValue === null)
      useDrafts.setState(({ texts }) => ({ texts: without(texts, key.slice(PREFIX.length)) }))
  })
}

/** Names a place of a task among all drafts. */
const draftKey = (taskId: string, place: string): string => `${taskId}/${place}`

/** Gives up what is typed below a place of a task: what it was of is gone. */
export function dropDrafts(taskId: string, place: string): void {
  const { texts, type } = useDrafts.getState()
  for (const key of Object.keys(texts)) if (key.startsWith(draftKey(taskId, `${place}.`))) type(key, undefined)
}

/** What is typed at a place of the open task and not entered, and how it is kept. Without a place it lives as long as the field. */
export function useDraft(at: Path | string | undefined): readonly [string | undefined, (text: string | undefined) => void] {
  const taskId = useNotebook((state) => state.task?.id)
  const place = at === undefined || typeof at === 'string' ? at : writePath(at)
  const key = taskId === undefined || place === undefined ? undefined : draftKey(taskId, place)
  const kept = useDrafts(({ texts }) => (key === undefined ? undefined : texts[key]))
  const [own, setOwn] = useState<string>()
  const type = useCallback(
    (text: string | undefined) => (key === undefined ? setOwn(text) : useDrafts.getState().type(key, text)),
    [key],
  )
  return [key === undefined ? own : kept, type]
}

/** Places of a task at which something is typed and not entered. */
export function useDraftPlaces(taskId: string): readonly { readonly place: string; readonly text: string }[] {
  const texts = useDrafts((state) => state.texts)
  const prefix = draftKey(taskId, '')
  return Object.entries(texts).flatMap(([key, text]) =>
    key.startsWith(prefix) ? [{ place: key.slice(prefix.length), text }] : [],
  )
}
