import { readTask } from '@hop-lark/core/record'
import { cleanup, fireEvent, screen, within } from '@testing-library/react'
import { afterEach, beforeAll, expect, it, vi } from 'vitest'
import soda from '../../../demo/water-in-washing-soda.hoplark.json'
import { changed, LAWN_SAND, nowOpen, openTask, typeInto, withoutLayout } from '../testing/openTask.tsx'
import { WorkOutPage } from './WorkOutPage.tsx'

beforeAll(withoutLayout)
// There is no worker here: the same work is done on the page.
vi.mock('./sureWorker.ts', async () => {
  const { sureWork } = await import('./sureWork.ts')
  return { sureWorker: () => sureWork }
})
afterEach(cleanup)

const unasked = (task: typeof LAWN_SAND) =>
  changed(task, (draft) => {
    draft.questions = []
  })
const list = () => within(screen.getByRole('region', { name: 'What the record can answer' })).getAllByRole('button')

it('asks what the record can answer by one key, and keeps the places of the others', () => {
  openTask(unasked(LAWN_SAND), <WorkOutPage />, 'work-out')
  const says = list().map(({ textContent }) => textContent)
  expect(says.at(-1)).toContain('Percentage by mass of Fe in F1')
  fireEvent.keyDown(list()[0] as HTMLElement, { key: String(says.length) })
  expect(nowOpen().questions.map(({ find }) => find)).toEqual([{ quantity: 'massPercent', of: 'Fe', in: 'F1' }])
  expect(list()).toHaveLength(says.length)
  expect(list().at(-1)?.getAttribute('aria-disabled')).toBe('true')
  // What was asked is not asked twice, nor by a digit that goes to a stage.
  fireEvent.click(list().at(-1) as HTMLElement)
  fireEvent.keyDown(list()[0] as HTMLElement, { key: String(says.length) })
  fireEvent.keyDown(list()[0] as HTMLElement, { key: '1', altKey: true })
  expect(nowOpen().questions).toHaveLength(1)
})

it('asks which salt before it asks for its water', () => {
  const task = changed(unasked(readTask(soda)), (draft) => {
    for (const material of draft.materials) if (material.id === 'W') delete material.solute
  })
  openTask(task, <WorkOutPage />, 'work-out')
  fireEvent.click(list().find(({ textContent }) => textContent?.includes('Water of crystallisation')) as HTMLElement)
  expect(nowOpen().questions).toEqual([])
  typeInto('Of (element, ion or formula)', 'Na2CO3')
  fireEvent.click(screen.getByRole('button', { name: 'Add the question' }))
  return vi.waitFor(() =>
    expect(nowOpen().questions.map(({ find }) => find)).toEqual([{ quantity: 'hydration', of: 'Na2CO3', in: 'W' }]),
  )
})
