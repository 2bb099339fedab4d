import type { ShelfPage as Page, ShelfLine } from '@hop-lark/contract'
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest'
import { ApiError, api } from '../notebook/api.ts'
import { choose, withoutLayout } from '../testing/openTask.tsx'
import { otherAddresses } from './otherAddresses.ts'
import { ShelfPage } from './ShelfPage.tsx'

beforeAll(() => {
  withoutLayout()
  Element.prototype.scrollIntoView = () => {}
})

// What comes after the page is there before a test waits for it.
beforeAll(() => import('./ShelfLedger.tsx'))
beforeEach(() => {
  vi.spyOn(api, 'health').mockResolvedValue({ status: 'ok', database: 'ok', names: [] })
})
afterEach(() => {
  cleanup()
  vi.restoreAllMocks()
})

const LINE: ShelfLine = {
  id: 'a',
  title: 'Iron in lawn sand',
  version: 3,
  created: '2026-05-12T09:00:00.000Z',
  updated: '2026-05-12T10:00:00.000Z',
  archived: null,
  summary: {
    progress: 'begun',
    stages: [
      { title: 'Weigh F1', state: 'done', figure: '4.74 g' },
      { title: 'Titrate', state: 'partly', figure: '' },
    ],
    answers: [{ says: 'Iron in F1', value: '2.29e-4', unit: 'mol' }],
  },
}
const pageOf = (...tasks: ShelfLine[]): Page => ({ tasks, total: tasks.length, page: 1, size: 30 })

function open(list: typeof api.list) {
  const spy = vi.spyOn(api, 'list').mockImplementation(list)
  render(
    <MemoryRouter>
      <ShelfPage />
    </MemoryRouter>,
  )
  return spy
}

describe('the shelf', () => {
  it('shows each task with how far it is and its answers', async () => {
    open(async () => pageOf(LINE))
    const link = await screen.findByRole('link', { name: 'Iron in lawn sand' })
    expect(link.getAttribute('href')).toBe('/task/a')
    expect(screen.getByText('1 of 2 stages done; Titrate is begun.')).toBeTruthy()
    expect(screen.getByText(/2\.29/).closest('li')?.textContent).toMatch(/Iron in F1.*10−4.mol/)
  })

  it('teaches when it is empty, and says so when nothing is found', async () => {
    open(async () => pageOf())
    expect(await screen.findByText('The shelf is empty.')).toBeTruthy()
    fireEvent.change(screen.getByLabelText('Search by title'), { target: { value: 'gold' } })
    expect(await screen.findByText('No task has “gold” in its title.')).toBeTruthy()
  })

  it('says what is wrong when the server is away, and tries again', async () => {
    let away = true
    open(async () => {
      if (away) throw new ApiError(503, 'database.away', 'The database cannot be reached.', '')
      return pageOf(LINE)
    })
    expect((await screen.findByRole('alert')).textContent).toContain('The database cannot be reached.')
    away = false
    fireEvent.click(screen.getByRole('button', { name: 'Try again' }))
    expect(await screen.findByRole('link', { name: 'Iron in lawn sand' })).toBeTruthy()
  })

  it('turns pages', async () => {
    const list = open(async ({ page }) => ({ ...pageOf(LINE), total: 61, page }))
    fireEvent.click(await screen.findByRole('button', { name: 'Next page' }))
    await waitFor(() => expect(list).toHaveBeenLastCalledWith(expect.objectContaining({ page: 2 })))
    expect(await screen.findByText('page 2 of 3')).toBeTruthy()
  })

  it('is ordered by the head that is pressed, the other way when it is pressed again', async () => {
    const list = open(async () => pageOf(LINE))
    const changed = await screen.findByRole('columnheader', { name: 'Changed' })
    expect(changed.getAttribute('aria-sort')).toBe('descending')
    fireEvent.click(screen.getByRole('button', { name: 'Task' }))
    await waitFor(() => expect(list).toHaveBeenLastCalledWith(expect.objectContaining({ sort: 'title', order: 'asc' })))
    fireEvent.click(screen.getByRole('button', { name: 'Task' }))
    await waitFor(() => expect(list).toHaveBeenLastCalledWith(expect.objectContaining({ sort: 'title', order: 'desc' })))
    expect(screen.getByRole('columnheader', { name: 'Task' }).getAttribute('aria-sort')).toBe('descending')
  })

  it('shows only what is as far as asked, and says so when there is none', async () => {
    const list = open(async ({ progress }) => (progress === 'done' ? pageOf() : pageOf(LINE)))
    await screen.findByRole('link', { name: 'Iron in lawn sand' })
    choose('How far', 'done')
    expect(await screen.findByText(/No task here is done/)).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Show all' }))
    await waitFor(() => expect(list).toHaveBeenLastCalledWith(expect.objectContaining({ progress: 'any' })))
    expect(await screen.findByRole('link', { name: 'Iron in lawn sand' })).toBeTruthy()
  })

  it('puts tasks together by month, or by how far they are', async () => {
    const empty = { title: 'Titrate', state: 'empty', figure: '' }
    const fresh = { ...LINE, id: 'b', title: 'Vinegar', updated: '2026-06-02T10:00:00.000Z' }
    open(async () => pageOf({ ...fresh, summary: { progress: 'new', stages: [empty], answers: [] } }, LINE))
    await screen.findByRole('link', { name: 'Vinegar' })
    const groups = () => screen.queryAllByRole('rowheader').map(({ textContent }) => textContent)
    expect(groups()).toEqual([])
    choose('Put together', 'by month')
    expect(groups()).toEqual(['June 2026', 'May 2026'])
    choose('Put together', 'by how far')
    expect(groups()).toEqual(['not begun', 'begun'])
  })

  it('asks for a title before it makes a task, and makes it from the chosen sheet', async () => {
    open(async () => pageOf())
    const create = vi.spyOn(api, 'create').mockImplementation(async (document) => ({
      id: 'new',
      version: 0,
      document: document as never,
      created: '',
      updated: '',
      archived: null,
    }))
    fireEvent.click((await screen.findAllByRole('button', { name: /New task/ }))[0] as HTMLElement)
    fireEvent.click(await screen.findByRole('button', { name: 'Open the task' }))
    expect((await screen.findByRole('alert')).textContent).toContain('Give it a title')
    expect(create).not.toHaveBeenCalled()
    fireEvent.change(screen.getByLabelText('Title'), { target: { value: 'Monday' } })
    fireEvent.change(screen.getByLabelText('Minutes'), { target: { value: '75' } })
    fireEvent.click(screen.getByRole('radio', { name: /Direct titration/ }))
    fireEvent.click(screen.getByRole('button', { name: 'Open the task' }))
    await waitFor(() => expect(create).toHaveBeenCalledOnce())
    expect(create.mock.calls[0]?.[0]).toMatchObject({ title: 'Monday', minutes: 75, parts: [{ kind: 'titration' }] })
  })
})

describe('other addresses of the server', () => {
  const names = ['127.0.0.1:4710', 'localhost:4710', '0.0.0.0:4710', 'bench.school:4710', 'bench.school']

  it('are those that this browser could open', () => {
    expect(otherAddresses(names, 'http://localhost:4710/')).toEqual([
      'http://127.0.0.1:4710',
      'http://bench.school:4710',
      'http://bench.school',
    ])
    expect(otherAddresses(names, 'https://bench.school/task/x')).toEqual(['https://bench.school:4710'])
    expect(otherAddresses(['127.0.0.1:4710'], 'http://127.0.0.1:4710/')).toEqual([])
  })
})
