import { newTask } from '@hop-lark/core/record'
import { cleanup, configure, fireEvent, screen, waitFor, within } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useDrafts } from '../notebook/drafts.ts'
import { useNotebook } from '../notebook/store.ts'
import { changed, LAWN_SAND, nowOpen, openTask, withoutLayout } from '../testing/openTask.tsx'
import { WriteUpPage } from './WriteUpPage.tsx'

// Parts of the page are fetched when they are needed, which takes its time on a busy machine.
configure({ asyncUtilTimeout: 20_000 })

vi.mock('./writeupWorker.ts', async () => {
  const { writeupWork } = await import('./writeupWork.ts')
  return { writeupWorker: () => writeupWork }
})

beforeEach(withoutLayout)
afterEach(() => {
  cleanup()
  useDrafts.setState({ texts: {} })
  vi.restoreAllMocks()
})

const open = (task = LAWN_SAND) => openTask(task, <WriteUpPage />, 'write-up')
const AIM = /^To find the amount of iron/
const sentence = (says: RegExp) =>
  waitFor(() => {
    const found = screen.getAllByRole('button').find((one) => one.dataset.state !== undefined && says.test(one.textContent ?? ''))
    if (!found) throw new Error(`No sentence says ${says}.`)
    return found
  })
const kept = () => nowOpen().writeup?.sentences ?? []

describe('the report on its page', () => {
  it('stands there with its tables, working and answers', async () => {
    open()
    const report = await screen.findByRole('article', { name: 'Report' })
    expect(within(report).getByRole('heading', { name: 'Method' })).toBeTruthy()
    expect(within(report).getByRole('table', { name: 'Titrate' }).textContent).toContain('21.0821.80')
    expect(within(report).getByText('12.2 ± 0.1 %', { normalizer: (text) => text.replace(/\s/g, ' ') })).toBeTruthy()
  })

  it('is another one as an answer sheet, and the task remembers which', async () => {
    open()
    await screen.findByRole('heading', { name: 'Method' })
    fireEvent.click(screen.getByRole('button', { name: 'answer sheet' }))
    await waitFor(() => expect(screen.queryByRole('heading', { name: 'Method' })).toBeNull())
    expect(nowOpen().writeup?.manner).toBe('exam')
  })

  it('says what an examiner would mark down, and leads there', async () => {
    open(
      changed(LAWN_SAND, (task) => {
        for (const part of task.parts) if (part.kind === 'titration') part.runs = part.runs.slice(0, 2)
      }),
    )
    expect(await screen.findByText('Three things an examiner would mark down.')).toBeTruthy()
    const card = screen.getByRole('region', { name: 'As an examiner reads it' })
    expect(within(card).getByText('There is one accurate titre, and nothing that agrees with it.')).toBeTruthy()
  })
})

describe('before anything is recorded', () => {
  it('nothing is said to be right', async () => {
    open(newTask('Not begun', 'direct', () => 0.5))
    expect(await screen.findByText('Nothing is recorded yet.')).toBeTruthy()
    expect(screen.queryByText(/examiner would mark down/)).toBeNull()
    expect(screen.queryByRole('region', { name: 'Right as it is' })).toBeNull()
  })
})

describe('a sentence', () => {
  it('is put into one’s own words by keyboard, and stays so', async () => {
    open()
    fireEvent.keyDown(await sentence(AIM), { key: 'Enter' })
    const field = screen.getByLabelText<HTMLTextAreaElement>('Sentence')
    expect(document.activeElement).toBe(field)
    fireEvent.change(field, { target: { value: 'To find how much iron the sand holds.' } })
    fireEvent.keyDown(field, { key: 'Enter' })
    const mine = await sentence(/^To find how much iron/)
    expect(mine.dataset.state).toBe('own')
    await waitFor(() => expect(document.activeElement).toBe(mine))
    expect(kept()).toEqual([{ id: 'aim', text: 'To find how much iron the sand holds.', made: expect.stringMatching(AIM) }])
  })

  it('is left as it was by Escape', async () => {
    open()
    fireEvent.click(await sentence(AIM))
    const field = screen.getByLabelText('Sentence')
    fireEvent.change(field, { target: { value: 'x' } })
    fireEvent.keyDown(field, { key: 'Escape' })
    expect((await sentence(AIM)).dataset.state).toBe('made')
    expect(kept()).toEqual([])
  })

  it('is taken over as it is, alone or with all of its section', async () => {
    open()
    fireEvent.click(await sentence(AIM))
    fireEvent.click(screen.getByRole('button', { name: 'Take it over as it is' }))
    await waitFor(async () => expect((await sentence(AIM)).dataset.state).toBe('adopted'))
    const method = screen.getByRole('region', { name: 'Method' })
    fireEvent.click(within(method).getByRole('button', { name: 'Take all 4 over' }))
    await waitFor(() => expect(within(method).queryByRole('button', { name: /^Take/ })).toBeNull())
    expect(kept()).toHaveLength(5)
  })

  it('is left out, and put back', async () => {
    open()
    fireEvent.click(await sentence(AIM))
    fireEvent.click(screen.getByRole('button', { name: 'Leave it out' }))
    fireEvent.click(await sentence(/a sentence left out/))
    fireEvent.click(screen.getByRole('button', { name: 'Back to what was written for you' }))
    expect((await sentence(AIM)).dataset.state).toBe('made')
    expect(kept()).toEqual([])
  })

  it('is added to a section, and gone again when it is emptied', async () => {
    open()
    await screen.findByRole('heading', { name: 'Method' })
    const method = screen.getByRole('region', { name: 'Method' })
    fireEvent.click(within(method).getByRole('button', { name: 'Add a sentence' }))
    const field = screen.getByLabelText('Sentence')
    fireEvent.change(field, { target: { value: 'The first paper tore.' } })
    fireEvent.keyDown(field, { key: 'Enter' })
    fireEvent.click(await sentence(/^The first paper tore/))
    fireEvent.change(screen.getByLabelText('Sentence'), { target: { value: ' ' } })
    fireEvent.keyDown(screen.getByLabelText('Sentence'), { key: 'Enter' })
    await waitFor(() => expect(kept()).toEqual([]))
  })

  it('that is typed and not kept survives the page', async () => {
    const page = open()
    fireEvent.click(await sentence(AIM))
    fireEvent.change(screen.getByLabelText('Sentence'), { target: { value: 'Half a sent' } })
    page.unmount()
    expect(kept()).toMatchObject([{ id: 'aim', text: 'Half a sent' }])
  })

  it('says when the record would now say something else', async () => {
    open(
      changed(LAWN_SAND, (task) => {
        task.writeup = { sentences: [{ id: 'aim', text: 'Mine.', made: 'What it said before.' }] }
      }),
    )
    expect(await screen.findByText(/the record says now: To find the amount/)).toBeTruthy()
  })

  it('that answers a question goes where answers are kept', async () => {
    open(
      changed(LAWN_SAND, (task) => {
        for (const question of task.questions) delete question.answer
      }),
    )
    fireEvent.click(await sentence(/^Manganate\(VII\) is its own indicator/))
    fireEvent.click(screen.getByRole('button', { name: 'Take it over as it is' }))
    await waitFor(() => expect(nowOpen().questions[2]?.answer).toMatch(/^Manganate\(VII\) is its own indicator/))
    expect(kept()).toEqual([])
  })
})

it('is said to be finished, and taken back by undo', async () => {
  open()
  fireEvent.click(await screen.findByRole('button', { name: 'It is finished' }))
  expect(nowOpen().writeup?.finished).toMatch(/^\d{4}-/)
  useNotebook.getState().undo()
  expect(nowOpen().writeup?.finished).toBeUndefined()
})

it('a table is copied with its columns, an answer with its unit', async () => {
  open()
  const given = new Map<string, string>()
  document.execCommand = () => {
    const event = new Event('copy', { cancelable: true })
    Object.assign(event, { clipboardData: { setData: (type: string, text: string) => given.set(type, text) } })
    document.dispatchEvent(event)
    return true
  }
  fireEvent.click(await screen.findByRole('button', { name: 'Copy the table Titrate' }))
  expect(given.get('text/plain')).toContain('Titre / cm³\t21.30\t20.65')
  expect(given.get('text/html')).toContain('<table')
  fireEvent.click(screen.getAllByRole('button', { name: 'Copy the answer with its unit' }).at(-1) as HTMLElement)
  expect(given.get('text/plain')).toBe('12.2 ± 0.1\u00a0%')
})
