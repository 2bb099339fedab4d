import { readPath, readTask, type Task, valueAt } from '@hop-lark/core/record'
import { fireEvent, render, screen } from '@testing-library/react'
import type { ReactNode } from 'react'
import { MemoryRouter, Route, Routes } from 'react-router'
import vinegar from '../../../demo/acid-in-orchard-vinegar.hoplark.json'
import lawnSand from '../../../demo/iron-in-lawn-sand.hoplark.json'
import { NOTHING_DONE } from '../notebook/history.ts'
import { textAt } from '../notebook/paths.ts'
import { useNotebook } from '../notebook/store.ts'
import { usePractice } from '../working/practising.ts'

export const LAWN_SAND: Task = readTask(lawnSand)
export const VINEGAR: Task = readTask(vinegar)

/** Lays a task open in the notebook, without a server behind it, and draws something on it. */
export function openTask(task: Task, element: ReactNode, stage = 't1') {
  useNotebook.setState({
    opening: { kind: 'open' },
    task,
    history: NOTHING_DONE,
    notes: [],
    save: { kind: 'saved', at: undefined },
  })
  usePractice.setState({ trying: {} })
  return render(
    <MemoryRouter initialEntries={[`/task/${task.id}/${stage}`]}>
      <Routes>
        <Route path="/task/:taskId/:stageId" element={element} />
      </Routes>
    </MemoryRouter>,
  )
}

/** The task as it now stands in the notebook. */
export function nowOpen(): Task {
  const { task } = useNotebook.getState()
  if (!task) throw new Error('No task is open.')
  return task
}

export const textNow = (path: string) => textAt(nowOpen(), readPath(path))
export const valueNow = (path: string) => valueAt(nowOpen(), readPath(path))

/** A task with something of it changed. */
export function changed(task: Task, change: (draft: Task) => void): Task {
  const draft = structuredClone(task)
  change(draft)
  return readTask(draft)
}

/** The browser of the tests does no layout, so nothing ever changes its size. */
export function withoutLayout(): void {
  globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  }
}

/** Types into the field of a name and presses Enter. */
export function typeInto(label: string, text: string): void {
  const field = screen.getByLabelText(label)
  fireEvent.change(field, { target: { value: text } })
  fireEvent.keyDown(field, { key: 'Enter' })
}

/** Takes a choice from the list of a name, by keys. */
export function choose(label: string, option: string | RegExp): void {
  fireEvent.keyDown(screen.getByRole('combobox', { name: label }), { key: 'Enter' })
  fireEvent.keyDown(screen.getByRole('option', { name: option }), { key: 'Enter' })
}
