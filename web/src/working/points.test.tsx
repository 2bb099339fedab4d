import { cleanup, configure, fireEvent, screen, waitFor } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useDrafts } from '../notebook/drafts.ts'
import { changed, LAWN_SAND, nowOpen, openTask, withoutLayout } from '../testing/openTask.tsx'
import { WordsAnswer } from './WordsAnswer.tsx'

// Parts of the page are fetched when they are needed, which takes its time on a busy machine.
configure({ asyncUtilTimeout: 20_000 })

vi.mock('./sureWorker.ts', async () => {
  const { sureWork } = await import('./sureWork.ts')
  return { sureWorker: () => sureWork }
})

beforeEach(withoutLayout)
afterEach(() => {
  cleanup()
  useDrafts.setState({ texts: {} })
})

function open(text: string, answer?: string) {
  const task = changed(LAWN_SAND, (draft) => {
    const question = draft.questions[2]
    if (!question) return
    question.text = text
    if (answer === undefined) delete question.answer
    else question.answer = answer
  })
  const question = task.questions[2]
  if (!question) throw new Error('The demo task has three questions.')
  openTask(task, <WordsAnswer question={question} />, 'work-out')
}

describe('a question in words', () => {
  it('says how many separate points it wants, and what the record would say, only when asked', async () => {
    open('Why is no indicator needed?')
    expect(await screen.findByText(/It wants 3 separate points/)).toBeTruthy()
    expect(screen.queryByText(/its own indicator/)).toBeNull()
    fireEvent.click(screen.getByRole('button', { name: 'What the record says' }))
    expect(screen.getByText(/Manganate\(VII\) is its own indicator/)).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Use it' }))
    await waitFor(() => expect(nowOpen().questions[2]?.answer).toMatch(/its own indicator/))
  })

  it('tells while one writes which points are there, and never that anything is wrong', async () => {
    open('Why is no indicator needed?', 'It is purple.')
    expect(await screen.findByText('1 of 3 separate points found.')).toBeTruthy()
    expect(screen.getByText(/^Not found, though other words may say it:/)).toBeTruthy()
    fireEvent.change(screen.getByLabelText('Your answer'), {
      target: { value: 'It is purple and turns colourless; one drop more stays.' },
    })
    expect(await screen.findByText('3 of 3 separate points found.')).toBeTruthy()
  })

  it('says in how many ways it can be answered', async () => {
    open('Suggest two improvements.')
    expect(await screen.findByText(/there are \d+ ways to answer/)).toBeTruthy()
  })

  it('that nobody understands is left alone', async () => {
    open('Who bought the sand?')
    await new Promise((resume) => setTimeout(resume, 50))
    expect(screen.queryByRole('region', { name: 'Points of the answer' })).toBeNull()
  })
})
