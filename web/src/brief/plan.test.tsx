import { newTask } from '@hop-lark/core/record'
import { cleanup, fireEvent, screen, within } from '@testing-library/react'
import { afterEach, beforeAll, describe, expect, it } from 'vitest'
import { nowOpen, openTask } from '../testing/openTask.tsx'
import { BriefPage } from './BriefPage.tsx'

beforeAll(() => {
  Element.prototype.scrollIntoView = () => {}
})
afterEach(cleanup)

async function openPlanner() {
  openTask(
    newTask('New task', 'empty', () => 0.5),
    <BriefPage />,
    'brief',
  )
  fireEvent.click(screen.getByRole('button', { name: 'Plan an investigation' }))
  return within(await screen.findByRole('dialog', { name: 'Plan an investigation' }))
}

describe('the planner', () => {
  it('says why so much, and how sure it will be', async () => {
    const dialog = await openPlanner()
    expect(dialog.getByRole('region', { name: 'Why so much' }).textContent).toContain('80 cm³ of gas')
    expect(dialog.getByRole('region', { name: 'Errors that this plan will have' }).textContent).toContain(
      'balance read to 0.01 g',
    )
  })

  it('says what to change where there is no plan', async () => {
    const dialog = await openPlanner()
    fireEvent.change(dialog.getByRole('textbox', { name: /Strength of the acid/ }), { target: { value: '0.2' } })
    expect((await dialog.findByRole('alert')).textContent).toMatch(/Take acid of at least/)
    fireEvent.change(dialog.getByRole('textbox', { name: /Strength of the acid/ }), { target: { value: 'strong' } })
    expect((await dialog.findByText(/a number from 0.1 to 4/)).textContent).toBeTruthy()
    expect(dialog.queryByRole('button', { name: 'Take this plan' })).toBeNull()
  })

  it('becomes the sheet of the task, and its title, ready to be accepted', async () => {
    const dialog = await openPlanner()
    fireEvent.click(dialog.getByRole('button', { name: 'Take this plan' }))
    expect(nowOpen().title).toBe('The rate of marble and hydrochloric acid')
    expect(nowOpen().brief?.text).toContain('Read the volume of gas every 15 seconds')
    fireEvent.click(screen.getByRole('button', { name: 'Accept all' }))
    expect(nowOpen().parts.filter(({ kind }) => kind === 'series')).toHaveLength(4)
  })
})
