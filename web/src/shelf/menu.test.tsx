import type { ShelfLine } from '@hop-lark/contract'
import { type Task, writeTask } from '@hop-lark/core/record'
import { writeArchive } from '@hop-lark/files'
import { cleanup, configure, fireEvent, render, screen, waitFor } from '@testing-library/react'
import { MemoryRouter, Route, Routes } from 'react-router'
import { Toaster } from 'sonner'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ApiError, api } from '../notebook/api.ts'
import { LAWN_SAND, typeInto, VINEGAR } from '../testing/openTask.tsx'
import { ShelfPage } from './ShelfPage.tsx'

// What takes a file in is fetched when it is first used: patience, as the time is not what is tested.
configure({ asyncUtilTimeout: 20_000 })

beforeEach(() => {
  vi.spyOn(api, 'health').mockResolvedValue({ status: 'ok', database: 'ok', names: [] })
})
afterEach(() => {
  cleanup()
  vi.restoreAllMocks()
})

const AT = '2026-05-12T10:00:00.000Z'
const line = (more: Partial<ShelfLine> = {}): ShelfLine => ({
  id: 'a',
  title: 'Hardness of the well',
  version: 3,
  created: AT,
  updated: AT,
  archived: null,
  summary: { progress: 'new', stages: [], answers: [] },
  ...more,
})

function open(...tasks: ShelfLine[]) {
  const list = vi.spyOn(api, 'list').mockImplementation(async () => ({ tasks, total: tasks.length, page: 1, size: 30 }))
  render(
    <MemoryRouter>
      <Toaster />
      <Routes>
        <Route path="/" element={<ShelfPage />} />
        <Route path="/task/:id/brief" element={<p>the brief of it</p>} />
      </Routes>
    </MemoryRouter>,
  )
  return list
}

/** The ledger's code comes after the page. */
const CODE_FETCHED = { timeout: 10_000 }

async function take(item: string): Promise<void> {
  const more = await screen.findByRole('button', { name: /^More for/ }, CODE_FETCHED)
  // Before its code is there the button only remembers that it was asked for.
  if (more.getAttribute('aria-haspopup') === 'menu') fireEvent.keyDown(more, { key: 'Enter' })
  else fireEvent.click(more)
  fireEvent.click(await screen.findByRole('menuitem', { name: item }))
}

describe('what can be done with a task on the shelf', () => {
  it('is duplicated and archived; the shelf is read anew after it', async () => {
    const duplicate = vi.spyOn(api, 'duplicate').mockResolvedValue({} as never)
    const archive = vi.spyOn(api, 'archive').mockResolvedValue({} as never)
    const list = open(line())
    await take('Duplicate')
    await screen.findByText('A copy is on the shelf.')
    expect(duplicate).toHaveBeenCalledWith('a')
    const asked = list.mock.calls.length
    await take('Archive')
    await screen.findByText('Archived. Nothing in it is lost.')
    expect(archive).toHaveBeenCalledWith('a')
    await waitFor(() => expect(list.mock.calls.length).toBeGreaterThan(asked))
  })

  it('is put back, or deleted only by typing its title', async () => {
    const restore = vi.spyOn(api, 'restore').mockResolvedValue({} as never)
    const destroy = vi.spyOn(api, 'destroy').mockResolvedValue(undefined as never)
    open(line({ archived: AT }))
    await take('Put back on the shelf')
    await screen.findByText('Back on the shelf.')
    expect(restore).toHaveBeenCalledWith('a')
    await take('Delete for good …')
    const button = screen.getByRole('button', { name: 'Delete for good' })
    const field = 'Type the title, Hardness of the well, to delete it'
    typeInto(field, 'Hardness')
    expect(button).toHaveProperty('disabled', true)
    typeInto(field, 'Hardness of the well')
    fireEvent.click(button)
    await waitFor(() => expect(destroy).toHaveBeenCalledWith('a', 'Hardness of the well'))
  })

  it('says what is wrong when the server refuses', async () => {
    vi.spyOn(api, 'duplicate').mockRejectedValue(new ApiError(503, 'server.away', 'The database is away.', 'Try again soon.'))
    open(line())
    await take('Duplicate')
    expect(await screen.findByText('The database is away. Try again soon.')).toBeTruthy()
  })

  it('the archive is another shelf, and the way back', async () => {
    const list = open(line())
    fireEvent.click(await screen.findByRole('button', { name: 'Archived' }))
    await waitFor(() => expect(list).toHaveBeenLastCalledWith(expect.objectContaining({ archived: 'true', page: 1 })))
    fireEvent.click(screen.getByRole('button', { name: 'Back to the shelf' }))
    await waitFor(() => expect(list).toHaveBeenLastCalledWith(expect.objectContaining({ archived: 'false', page: 1 })))
  })

  it('what is on the shelf never stands under the heading of the archive', async () => {
    const list = open(line())
    await screen.findByRole('button', { name: /^More for/ }, CODE_FETCHED)
    let answer = () => {}
    list.mockImplementation(
      () =>
        new Promise((resolve) => {
          answer = () => resolve({ tasks: [line({ title: 'Put away', archived: AT })], total: 1, page: 1, size: 30 })
        }),
    )
    fireEvent.click(screen.getByRole('button', { name: 'Archived' }))
    expect(screen.getByRole('heading', { name: 'Archived tasks' })).toBeTruthy()
    expect(screen.queryByRole('button', { name: /^More for/ })).toBeNull()
    await waitFor(() => expect(list).toHaveBeenLastCalledWith(expect.objectContaining({ archived: 'true' })))
    answer()
    expect(await screen.findByRole('button', { name: 'More for Put away' })).toBeTruthy()
  })
})

vi.mock('../files/filesWorker.ts', async () => {
  const { filesWork } = await import('../files/filesWork.ts')
  return { filesWorker: () => filesWork }
})

describe('a task from a file', () => {
  const give = (bytes: string | Uint8Array, name = 'well.hoplark.json') =>
    fireEvent.change(screen.getByLabelText('Task file'), {
      target: { files: [new File([typeof bytes === 'string' ? bytes : new Uint8Array(bytes)], name)] },
    })
  const kept = (document: Task, id = document.id) => ({ id, document }) as never
  const twoTasks = (): Uint8Array =>
    writeArchive(
      [LAWN_SAND, VINEGAR].map((task) => ({ task, report: '<p>', photographs: new Map() })),
      'class',
      new Date(AT),
    )

  it('is put on the shelf and opened, and can be taken back', async () => {
    const create = vi.spyOn(api, 'create').mockResolvedValue(kept(LAWN_SAND, 'new'))
    const archive = vi.spyOn(api, 'archive').mockResolvedValue(kept(LAWN_SAND))
    open()
    give(writeTask(LAWN_SAND))
    expect(await screen.findByText('the brief of it')).toBeTruthy()
    expect(create).toHaveBeenCalledWith(LAWN_SAND)
    fireEvent.click(await screen.findByRole('button', { name: 'Undo' }))
    await waitFor(() => expect(archive).toHaveBeenCalledWith('new'))
  })

  it('that is no JSON is told so, by its name', async () => {
    open()
    give('Hardness: 266')
    expect(
      await screen.findByText(/^well\.hoplark\.json: This is not JSON: .* Choose a file that ends in \.hoplark\.json/),
    ).toBeTruthy()
  })

  it('that is no task is told where it is wrong, and nothing is asked of the server', async () => {
    const create = vi.spyOn(api, 'create')
    open()
    give(writeTask(LAWN_SAND).replace('"21.30"', '"about 21"'))
    expect(await screen.findByText(/parts\.t1\.runs\.rough1\.final/)).toBeTruthy()
    expect(create).not.toHaveBeenCalled()
  })

  it('comes out of an archive with all the others', async () => {
    const create = vi.spyOn(api, 'create').mockImplementation(async (document) => kept(document as Task))
    open()
    give(twoTasks(), 'class.eln')
    expect(await screen.findByText('2 tasks were imported.')).toBeTruthy()
    expect(create.mock.calls.map(([document]) => (document as Task).title)).toEqual([LAWN_SAND.title, VINEGAR.title])
  })

  it('leaves nothing behind where the second of two is not taken', async () => {
    vi.spyOn(api, 'create')
      .mockResolvedValueOnce(kept(LAWN_SAND, 'first'))
      .mockRejectedValueOnce(new ApiError(503, 'database.away', 'The database does not answer.', 'Try again.'))
    const archive = vi.spyOn(api, 'archive').mockResolvedValue(kept(LAWN_SAND))
    const destroy = vi.spyOn(api, 'destroy').mockResolvedValue(undefined)
    open()
    give(twoTasks(), 'class.eln')
    expect(await screen.findByText('The database does not answer. Try again. Nothing was imported.')).toBeTruthy()
    expect(archive).toHaveBeenCalledWith('first')
    expect(destroy).toHaveBeenCalledWith('first', LAWN_SAND.title)
  })
})
