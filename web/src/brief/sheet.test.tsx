import { newTask, type Task } from '@hop-lark/core/record'
import { cleanup, fireEvent, screen, within } from '@testing-library/react'
import { afterEach, beforeAll, describe, expect, it } from 'vitest'
import { nowOpen, openTask } from '../testing/openTask.tsx'
import { BriefPage } from './BriefPage.tsx'

beforeAll(() => {
  Element.prototype.scrollIntoView = () => {}
})
afterEach(cleanup)

const SHEET = `V1 is orchard vinegar. V2 is 0.100 mol dm-3 sodium hydroxide.
1. Fill the burette.
2. Pipette 25.0 cm3 of V1 into a conical flask and add two drops of phenolphthalein. Titrate until it stays pink.
3. Repeat until two titres agree within 0.20 cm3.
Calculate the concentration of ethanoic acid in V1.
Explain why the flask may be wet.`

const withSheet = (text = SHEET): Task => ({ ...newTask('Vinegar', 'empty', () => 0.5), brief: { text } })
const open = (task = withSheet()) => openTask(task, <BriefPage />, 'brief')
const key = (name: string) => fireEvent.keyDown(document.body, { key: name, code: `Digit${name}` })
const rowOf = (words: RegExp) => {
  const row = screen.getAllByRole('listitem').find((one) => words.test(one.textContent ?? ''))
  if (!row) throw new Error(`No step says ${words}.`)
  return within(row)
}

describe('a task sheet', () => {
  it('is read when it is pasted, and what is missing is asked first', () => {
    open(newTask('Vinegar', 'empty', () => 0.5))
    const field = screen.getByRole('textbox', { name: 'Task sheet' })
    fireEvent.change(field, { target: { value: SHEET } })
    fireEvent.keyDown(field, { key: 'Enter', ctrlKey: true })
    expect(nowOpen().brief?.text).toBe(SHEET)
    expect(screen.getByText('One thing to settle.')).toBeTruthy()
    expect(screen.getAllByText('Which solution is in the burette?')).toHaveLength(2)
  })

  it('is mended by one key', () => {
    open()
    key('1')
    expect(nowOpen().brief?.mends).toEqual([{ gap: 't1.burette', value: 'V2' }])
    expect(screen.queryByText('Which solution is in the burette?')).toBeNull()
  })

  it('becomes materials, stages and questions when it is accepted', () => {
    open()
    key('1')
    fireEvent.click(screen.getByRole('button', { name: 'Accept all' }))
    const { materials, parts, questions, conventions } = nowOpen()
    expect(materials.map(({ id }) => id)).toEqual(['V1', 'V2'])
    expect(parts).toMatchObject([
      { id: 't1', burette: 'V2', flask: [{ material: 'V1', volume: '25.0' }], indicator: 'phenolphthalein' },
    ])
    expect(questions.map(({ find }) => find.quantity)).toEqual(['concentration', 'words'])
    expect(conventions.concordance.within).toBe('0.20')
    expect(screen.queryByRole('button', { name: 'Accept all' })).toBeNull()
  })

  it('is accepted step by step', () => {
    open()
    fireEvent.click(rowOf(/^1V1 is orchard vinegar/).getByRole('button', { name: 'Accept step 1' }))
    expect(nowOpen().materials.map(({ id }) => id)).toEqual(['V1'])
    expect(nowOpen().parts).toEqual([])
  })

  it('is changed in place, before and after it was accepted', () => {
    open()
    key('1')
    fireEvent.click(screen.getByRole('button', { name: 'Accept all' }))
    const step = rowOf(/Titrate until it stays pink/)
    fireEvent.click(step.getByRole('button', { expanded: false }))
    const volume = step.getByLabelText('V1 in the flask')
    fireEvent.change(volume, { target: { value: '10.0' } })
    fireEvent.blur(volume)
    expect(nowOpen().parts).toMatchObject([{ flask: [{ material: 'V1', volume: '10.0' }] }])
  })

  it('shows what it was read as, and marks what it was not', () => {
    open(withSheet(`${SHEET}\nStrain 3 cm3 of slurry through the blue cloth and add it to the heap.`))
    const sheet = screen.getByTestId('sheet-text')
    expect(sheet.textContent).toContain('0.100 mol dm-3 sodium hydroxide')
    expect(
      within(sheet)
        .getAllByTitle('what V2 is')
        .map((one) => one.textContent),
    ).toContain('0.100 mol dm-3')
    expect(
      within(sheet)
        .getAllByTitle('not read')
        .map((one) => one.textContent)
        .join(''),
    ).toContain('through the blue cloth')
  })

  it('has lists that are ticked, and stay so', () => {
    open()
    fireEvent.click(screen.getByRole('checkbox', { name: 'eye protection on' }))
    fireEvent.click(screen.getByRole('checkbox', { name: /bench wiped/ }))
    expect(nowOpen().brief?.done).toEqual(['ready: eye protection on', 'clear: bench wiped, hands washed'])
    fireEvent.click(screen.getByRole('checkbox', { name: 'eye protection on' }))
    expect(nowOpen().brief?.done).toEqual(['clear: bench wiped, hands washed'])
  })
})
