import { newTask, type Task } from '@hop-lark/core/record'
import { cleanup, fireEvent, screen, within } from '@testing-library/react'
import { afterEach, beforeAll, describe, expect, it } from 'vitest'
import { nowOpen, openTask } from '../testing/openTask.tsx'
import { BriefPage } from './BriefPage.tsx'

beforeAll(() => {
  Element.prototype.scrollIntoView = () => {}
})
afterEach(cleanup)

const TEXT = `K1 is kelp ash. K2 is 0.100 mol dm-3 hydrochloric acid.
1. Weigh about 1.4 g of K1 into a beaker. Stir it with 100 cm3 of water. Let it settle for 6 minutes.
2. Rinse and fill the burette with K2.
3. Wash the solution into a 250 cm3 volumetric flask and make up to the mark. This is K3.
4. Pipette 25.0 cm3 of K3 into a conical flask, add methyl orange and titrate with K2.
5. Repeat until two titres agree.
Calculate the percentage by mass of sodium carbonate in K1.`

const kelp = (minutes: number): Task => ({ ...newTask('Kelp', 'empty', () => 0.5), minutes, brief: { text: TEXT } })
const open = (minutes = 60) => openTask(kelp(minutes), <BriefPage />, 'brief')
const table = () => within(screen.getByRole('region', { name: 'Timetable' }))

describe('the timetable', () => {
  it('uses the wait, and says what is to spare', () => {
    open()
    expect(table().getByRole('heading').textContent).toMatch(/^\d+ minutes, if the waits are used$/)
    expect(table().getByText(/min to spare of 60/)).toBeTruthy()
    const [settles] = table().getAllByRole('img', { name: /Let it settle.*waiting/ })
    const [fills] = table().getAllByRole('img', { name: /Rinse and fill/ })
    const minutes = (bar: HTMLElement | undefined) =>
      (/from minute (\d+) to (\d+)/.exec(bar?.getAttribute('aria-label') ?? '') ?? []).slice(1).map(Number)
    const [[from = 0, to = 0], [begins = 0]] = [minutes(settles), minutes(fills)]
    expect(begins).toBeLessThan(to)
    expect(from).toBeLessThan(to)
  })

  it('says what to do without where time is short', () => {
    open(20)
    expect(table().getByText(/min more than the 20 allowed. First do without step \d+, “Repeat until/)).toBeTruthy()
  })

  it('is made for two pairs of hands', () => {
    open()
    fireEvent.click(table().getByText('two pairs'))
    expect(nowOpen().brief?.hands).toBe(2)
  })

  it('follows the student: a step that is started counts down, and its times are kept', () => {
    open()
    const step = within(screen.getAllByRole('listitem').find((one) => /Let it settle/.test(one.textContent ?? '')) as HTMLElement)
    fireEvent.click(step.getByRole('button', { expanded: false }))
    fireEvent.click(step.getByRole('button', { name: 'Start' }))
    const [times] = nowOpen().brief?.steps ?? []
    expect(times).toEqual({ id: 'let-it-settle-for-6-minutes', started: expect.stringMatching(/^\d{4}-/) })
    expect(step.getByRole('timer').textContent).toMatch(/^[67]:\d\d$/)
    expect(table().getByRole('img', { name: 'now' })).toBeTruthy()
    fireEvent.click(step.getByRole('button', { name: 'Done' }))
    expect(nowOpen().brief?.steps?.[0]).toHaveProperty('ended')
    expect(step.getByText(/^took 0:0/)).toBeTruthy()
  })

  const row = (words: RegExp) => {
    const found = within(screen.getAllByRole('listitem').find((one) => words.test(one.textContent ?? '')) as HTMLElement)
    fireEvent.click(found.getByRole('button', { expanded: false }))
    return found
  }
  const type = (field: HTMLElement, text: string) => {
    fireEvent.change(field, { target: { value: text } })
    fireEvent.blur(field)
  }

  it('says in words what to do while waiting', () => {
    open()
    expect(screen.getByRole('list', { name: 'What to do while waiting' }).textContent).toMatch(
      /While step \d+ waits 6 min: do steps? \d/,
    )
  })

  it('takes the student’s own minutes, and forgets them again', () => {
    open()
    const step = row(/^\d+Let it settle/)
    type(step.getByRole('textbox', { name: /Then waiting/ }), '12')
    expect(nowOpen().brief?.steps).toEqual([{ id: 'let-it-settle-for-6-minutes', wait: 12 }])
    expect(step.getByText('+ 12 wait')).toBeTruthy()
    type(step.getByRole('textbox', { name: /Then waiting/ }), '')
    expect(nowOpen().brief?.steps).toEqual([{ id: 'let-it-settle-for-6-minutes' }])
  })

  it('does without a step, and with it again', () => {
    open()
    const bars = () => table().queryAllByRole('img', { name: /Rinse and fill/ }).length
    const step = row(/^\d+Rinse and fill/)
    fireEvent.click(step.getByRole('button', { name: 'Do without' }))
    expect(bars()).toBe(0)
    fireEvent.click(step.getByRole('button', { name: 'Done without' }))
    expect(bars()).toBe(1)
  })

  it('keeps when hands are free again', () => {
    open()
    const step = row(/^\d+Let it settle/)
    fireEvent.click(step.getByRole('button', { name: 'Start' }))
    fireEvent.click(step.getByRole('button', { name: 'Hands free' }))
    expect(nowOpen().brief?.steps?.[0]).toHaveProperty('free')
    expect(step.queryByRole('button', { name: 'Hands free' })).toBeNull()
  })

  it('counts a queue at the balance', () => {
    open()
    const ends = () => Number(/^(\d+)/.exec(table().getByRole('heading').textContent ?? '')?.[1])
    const before = ends()
    type(table().getByRole('textbox', { name: /Queue at the balance/ }), '5')
    expect(nowOpen().brief?.queue).toBe(5)
    expect(ends()).toBe(before + 5)
  })

  it('is what the margin says next, once the sheet is accepted', () => {
    open()
    fireEvent.click(screen.getByRole('button', { name: 'Accept all' }))
    const now = within(screen.getByLabelText('Now'))
    expect(now.getByText(/Next, step/)).toBeTruthy()
    fireEvent.click(now.getByRole('button', { name: 'Start' }))
    expect(now.getByText(/Under way, step/)).toBeTruthy()
  })
})
