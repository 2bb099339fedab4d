import 'fake-indexeddb/auto'
import { readPath } from '@hop-lark/core/record'
import { cleanup, configure, fireEvent, screen, waitFor } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ApiError, api } from '../notebook/api.ts'
import { useNotebook } from '../notebook/store.ts'
import { changed, choose, LAWN_SAND, nowOpen, openTask, VINEGAR, withoutLayout } from '../testing/openTask.tsx'
import { attach } from './attach.ts'
import { Photographs } from './Photographs.tsx'
import { keepPicture, pictureOf, sendPicture, sendWaiting } from './pictures.ts'
import { placesIn } from './places.ts'
import { PictureError } from './shrink.ts'

// Parts of the page are fetched when they are needed, which takes its time on a busy machine.
configure({ asyncUtilTimeout: 20_000 })

const shrunk = vi.hoisted(() => ({ with: async (): Promise<unknown> => undefined }))
vi.mock('./shrink.ts', async (original) => ({ ...(await original<object>()), shrink: () => shrunk.with() }))

const AWAY = new ApiError(0, 'server.away', 'The server does not answer.', 'Wait.')
const picture = (text: string) => new Blob([text], { type: 'image/jpeg' })
let names = 0
const fresh = () => `task-${names++}`

beforeEach(() => {
  withoutLayout()
  URL.createObjectURL = () => 'blob:picture'
  URL.revokeObjectURL = () => undefined
})
afterEach(() => {
  cleanup()
  vi.restoreAllMocks()
})

describe('a picture on its way to the server', () => {
  it('is kept on the device first, and gone from there when the server has it', async () => {
    const sent = vi.spyOn(api, 'keepPicture').mockResolvedValue(undefined)
    const fetched = vi.spyOn(api, 'picture').mockResolvedValue(picture('of the server'))
    const task = fresh()
    await keepPicture(task, 'aa', picture('of the device'))
    await waitFor(() => expect(sent).toHaveBeenCalledWith(task, 'aa', expect.any(Blob)))
    await waitFor(async () => expect(await (await pictureOf(task, 'aa')).text()).toBe('of the server'))
    expect(fetched).toHaveBeenCalled()
  })

  it('waits while the server is away, is shown meanwhile, and goes with the next attempt', async () => {
    const sent = vi.spyOn(api, 'keepPicture').mockRejectedValue(AWAY)
    const task = fresh()
    await keepPicture(task, 'bb', picture('waiting'))
    await sendPicture(task, 'bb')
    expect(await (await pictureOf(task, 'bb')).text()).toBe('waiting')
    sent.mockResolvedValue(undefined)
    await sendWaiting()
    expect(sent).toHaveBeenLastCalledWith(task, 'bb', expect.any(Blob))
    vi.spyOn(api, 'picture').mockRejectedValue(AWAY)
    await expect(pictureOf(task, 'bb')).rejects.toBe(AWAY)
  })

  it('stays on the device where the server will never have it', async () => {
    vi.spyOn(api, 'keepPicture').mockRejectedValue(new ApiError(422, 'photograph.type', 'No picture.', 'Attach another.'))
    const task = fresh()
    await keepPicture(task, 'cc', picture('kept'))
    await sendPicture(task, 'cc')
    expect(await (await pictureOf(task, 'cc')).text()).toBe('kept')
  })
})

describe('attaching', () => {
  beforeEach(() => {
    vi.spyOn(api, 'keepPicture').mockResolvedValue(undefined)
    shrunk.with = async () => ({ blob: picture('small'), width: 40, height: 30 })
  })
  const file = new File(['x'], 'scale.jpg')

  it('names the picture in the record by what it is, once for a place', async () => {
    openTask(LAWN_SAND, <p />)
    expect(await attach(file, 'parts.t1')).toBeUndefined()
    expect(await attach(file, 'parts.t1')).toBeUndefined()
    expect(await attach(file, 'parts.w1')).toBeUndefined()
    const attached = nowOpen().photographs ?? []
    expect(attached.map(({ of }) => of)).toEqual(['parts.t1', 'parts.w1'])
    expect(attached[0]).toMatchObject({
      type: 'image/jpeg',
      width: 40,
      height: 30,
      bytes: 5,
      sha256: expect.stringMatching(/^[0-9a-f]{64}$/),
    })
    expect(attached[0]?.id).toBe(`photo-${attached[0]?.sha256.slice(0, 16)}`)
    expect(attached[1]?.id).toBe(`${attached[0]?.id}-1`)
  })

  it('never goes to another task that was opened meanwhile', async () => {
    openTask(LAWN_SAND, <p />)
    shrunk.with = async () => {
      useNotebook.setState({ task: VINEGAR })
      return { blob: picture('late'), width: 1, height: 1 }
    }
    expect(await attach(file, 'parts.t1')).toBe('scale.jpg was not attached: its task was closed before it was ready.')
    expect(nowOpen().photographs).toBeUndefined()
  })

  it('says why a file is no picture', async () => {
    openTask(LAWN_SAND, <p />)
    shrunk.with = async () => {
      throw new PictureError('scale.jpg is no picture.')
    }
    expect(await attach(file, 'parts.t1')).toBe('scale.jpg is no picture.')
  })
})

describe('the photographs of a page', () => {
  const withOne = changed(LAWN_SAND, (task) => {
    task.photographs = [
      { id: 'photo-1', of: 'parts.t1', type: 'image/jpeg', sha256: 'a'.repeat(64), bytes: 5, width: 40, height: 30 },
      { id: 'photo-2', of: 'parts.w1', type: 'image/jpeg', sha256: 'b'.repeat(64), bytes: 5, width: 40, height: 30 },
    ]
  })
  beforeEach(() => {
    vi.spyOn(api, 'picture').mockResolvedValue(picture('there'))
  })

  it('are those of its parts; each says what it shows and where', async () => {
    openTask(withOne, <Photographs parts={['t1']} />)
    expect(await screen.findAllByRole('img')).toHaveLength(1)
    const field = screen.getByLabelText('What it shows')
    fireEvent.change(field, { target: { value: 'the end-point' } })
    fireEvent.keyDown(field, { key: 'Enter' })
    choose('Where', 'Titrate, run 2, final reading')
    expect(nowOpen().photographs?.[0]).toMatchObject({ says: 'the end-point', of: 'parts.t1.runs.run2.final' })
    expect(await screen.findByRole('img', { name: 'Titrate, run 2, final reading: the end-point' })).toBeTruthy()
  })

  it('are taken out, and come back by undo', async () => {
    openTask(withOne, <Photographs parts={['t1']} />)
    fireEvent.click(await screen.findByRole('button', { name: 'Take the photograph out' }))
    expect(nowOpen().photographs).toHaveLength(1)
    useNotebook.getState().undo()
    expect(nowOpen().photographs).toHaveLength(2)
  })

  it('that are not on this device yet say so', async () => {
    vi.spyOn(api, 'picture').mockRejectedValue(AWAY)
    openTask(withOne, <Photographs parts={['t1']} />)
    expect(await screen.findByText(/is not on this device yet/)).toBeTruthy()
  })
})

it('a photograph can be of a part, a reading, a run', () => {
  const places = placesIn(LAWN_SAND.parts.filter(({ id }) => id === 'w1' || id === 't1'))
  expect(places).toEqual(
    expect.arrayContaining(['parts.w1', 'parts.w1.withSample', 'parts.t1.runs.run1', 'parts.t1.runs.run1.final']),
  )
  expect(places).not.toContain('parts.t1.runs.run4.final')
  expect(places.every((place) => readPath(place).length > 1)).toBe(true)
})
