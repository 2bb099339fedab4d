import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { api } from '../notebook/api.ts'
import { NewTaskForm } from './NewTaskForm.tsx'

const create = vi.spyOn(api, 'create')

beforeEach(() =>
  create.mockReset().mockImplementation(async (document) => ({
    id: 'new',
    version: 0,
    document: document as never,
    created: '',
    updated: '',
    archived: null,
  })),
)
afterEach(cleanup)

function open(title = '', entered = false) {
  render(
    <MemoryRouter>
      <NewTaskForm title={title} entered={entered} />
    </MemoryRouter>,
  )
  return screen.getByLabelText('Title')
}
const made = async () => {
  await waitFor(() => expect(create).toHaveBeenCalledOnce())
  return create.mock.calls[0]?.[0] as { title: string; parts: { kind: string }[] }
}
const begins = () => screen.getByText(/^Begins as/).textContent

it('begins with the sheet that the title names', async () => {
  fireEvent.change(open(), { target: { value: 'Heating blue salt' } })
  expect(begins()).toContain('Heating to constant mass')
  fireEvent.click(screen.getByRole('button', { name: 'Open the task' }))
  expect((await made()).parts).toMatchObject([{ kind: 'heating' }])
})

it('keeps a sheet that was chosen by hand, whatever the title says', () => {
  const title = open()
  fireEvent.keyDown(title, { key: 'ArrowDown' })
  fireEvent.keyDown(title, { key: 'ArrowDown' })
  fireEvent.change(title, { target: { value: 'Heating blue salt' } })
  expect(begins()).toContain('Direct titration')
  fireEvent.keyDown(title, { key: 'ArrowUp' })
  expect(begins()).toContain('Weigh, make up, titrate')
  expect(screen.getByRole('radio', { name: /Weigh, make up/ }).getAttribute('aria-checked')).toBe('true')
})

it('opens a task whose title was entered before the dialog was there', async () => {
  open('Two unknowns', true)
  expect(await made()).toMatchObject({ title: 'Two unknowns', parts: [{ kind: 'rack' }] })
})
