import { type PartOf, readTask, type Task } from '@hop-lark/core/record'
import { cleanup, fireEvent, screen, within } from '@testing-library/react'
import { afterEach, beforeAll, describe, expect, it } from 'vitest'
import inks from '../../../demo/dyes-of-lichen-inks.hoplark.json'
import soda from '../../../demo/water-in-washing-soda.hoplark.json'
import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { changed, choose, LAWN_SAND, nowOpen, openTask, typeInto, VINEGAR, withoutLayout } from '../testing/openTask.tsx'
import { ChromatogramPage } from './chromatogram/ChromatogramPage.tsx'
import { HeatPage } from './heat/HeatPage.tsx'
import { MakeUpPage } from './makeup/MakeUpPage.tsx'

beforeAll(() => {
  withoutLayout()
  Element.prototype.scrollIntoView = () => {}
})
afterEach(cleanup)

const INKS = readTask(inks)
const SODA = readTask(soda)

type Kind = 'chromatogram' | 'heating' | 'solution'

/** The first part of a kind in a task. */
function partOf<Of extends Kind>(task: Task, kind: Of): PartOf<Of> {
  const found = task.parts.find((part): part is PartOf<Of> => part.kind === kind)
  if (!found) throw new Error(`no ${kind}`)
  return found
}

const Chromatogram = () => <ChromatogramPage part={partOf(useTask(), 'chromatogram')} />
const Heat = () => <HeatPage part={partOf(useTask(), 'heating')} />
const MakeUp = () => <MakeUpPage part={partOf(useTask(), 'solution')} />

const click = (name: string | RegExp) => fireEvent.click(screen.getAllByRole('button', { name })[0] as HTMLElement)
const undo = () => useNotebook.getState().undo()

describe('a chromatogram', () => {
  const open = () => openTask(INKS, <Chromatogram />, 'c1')
  const spots = () => partOf(nowOpen(), 'chromatogram').spots

  it('takes another name for a spot, and keeps the old one where nothing is written', () => {
    open()
    typeInto('Sample of spot 1', 'orchil, old')
    expect(spots()[0]?.label).toBe('orchil, old')
    typeInto('Sample of spot 1', ' ')
    expect(spots()[0]?.label).toBe('orchil, old')
  })

  it('takes the colour of a spot, or none', () => {
    open()
    choose('Colour of spot 1', 'red')
    expect(spots()[0]?.colour).toBe('red')
    fireEvent.keyDown(screen.getByRole('combobox', { name: 'Colour of spot 1' }), { key: 'Enter' })
    fireEvent.keyDown(screen.getAllByRole('option')[0] as HTMLElement, { key: 'Enter' })
    expect(spots()[0]).not.toHaveProperty('colour')
  })

  it('a reference that is one no longer matches nothing', () => {
    open()
    expect(screen.getByTestId('lanes').textContent).toContain('ink A contains orchil')
    fireEvent.click(screen.getByLabelText('Spot 1 is a reference'))
    expect(spots()[0]).not.toHaveProperty('known')
    expect(screen.getByTestId('lanes').textContent).not.toContain('ink A contains orchil')
  })

  it('a spot that is taken out comes back by undo', () => {
    open()
    const had = spots()
    click('Take out spot 2')
    expect(spots()).toEqual(had.filter((_, index) => index !== 1))
    undo()
    expect(spots()).toEqual(had)
  })

  it('another spot of a reference is a reference, too', () => {
    open()
    typeInto('next sample; a star after its name makes it a reference', 'crottle')
    typeInto('next distance', '6.3')
    expect(spots().at(-1)).toMatchObject({ label: 'crottle', known: true })
  })

  it('in millimetres, distances are in millimetres', () => {
    open()
    click('mm')
    expect(partOf(nowOpen(), 'chromatogram').unit).toBe('mm')
    expect(screen.getByRole('columnheader', { name: 'Spot / mm' })).toBeTruthy()
  })
})

describe('heating', () => {
  const open = (task: Task = SODA) => openTask(task, <Heat />, 'h1')
  const part = () => partOf(nowOpen(), 'heating')

  it('says what is driven off, and where its formula goes wrong', () => {
    open()
    typeInto('Driven off', 'CO2')
    expect(part().lost).toBe('CO2')
    typeInto('Driven off', 'Qq2')
    expect(screen.getByText(/Qq/, { selector: 'p' })).toBeTruthy()
    typeInto('Driven off', '')
    expect(part()).not.toHaveProperty('lost')
  })

  it('takes another limit of constant mass; nonsense leaves the usual one', () => {
    open()
    typeInto('Constant within', '0.005')
    expect(part().within).toBe('0.005')
    // 19.50 and 19.49 g are no longer constant within it.
    expect(screen.getByLabelText('Now').textContent).toMatch(/[Hh]eat/)
    typeInto('Constant within', 'hardly anything')
    expect(part()).not.toHaveProperty('within')
  })

  it('a weighing that is taken out comes back by undo', () => {
    open()
    const had = part().masses
    fireEvent.click(screen.getAllByRole('button', { name: /^Take out/ }).at(-1) as HTMLElement)
    expect(part().masses).toEqual(had.slice(0, -1))
    undo()
    expect(part().masses).toEqual(had)
  })
})

describe('making up', () => {
  const open = (task: Task) => openTask(task, <MakeUp />, 's1')
  const part = () => partOf(nowOpen(), 'solution')

  it('a portion of a solution is measured, chosen and taken out', () => {
    open(VINEGAR)
    expect(part().from).toEqual([expect.objectContaining({ material: 'V' })])
    choose('Solution', 'N')
    expect(part().from).toEqual([expect.objectContaining({ material: 'N' })])
    click('Add a portion of a solution')
    expect(part().from[1]).toMatchObject({ volume: '25.0' })
    fireEvent.click(screen.getAllByRole('button', { name: /^Take out: / })[1] as HTMLElement)
    expect(part().from).toHaveLength(1)
  })

  it('what was weighed is added by its weighing', () => {
    open(LAWN_SAND)
    click('Add what was weighed')
    expect(part().from).toEqual([{ weighing: 'w1' }, { weighing: 'w1' }])
  })

  it('with nothing in it says what to put in', () => {
    open(
      changed(LAWN_SAND, (draft) => {
        partOf(draft, 'solution').from = []
      }),
    )
    expect(screen.getByText(/Nothing yet. Add what was weighed/)).toBeTruthy()
  })

  it('gives another solution, and an empty volume is no flask', () => {
    open(LAWN_SAND)
    choose('The solution made', 'F2')
    expect(part().gives).toBe('F2')
    typeInto('Other volume', '200')
    typeInto('Other volume', '')
    expect(part()).not.toHaveProperty('flask')
  })
})

describe('every page', () => {
  it.each([
    ['chromatogram', INKS, <Chromatogram key="c" />],
    ['heating', SODA, <Heat key="h" />],
    ['make up', LAWN_SAND, <MakeUp key="m" />],
  ] as const)('%s: has one heading, a next action and a caution that defers to the laboratory', (_, task, page) => {
    openTask(task, page, 'x')
    expect(screen.getAllByRole('heading', { level: 1 })).toHaveLength(1)
    expect(screen.getByLabelText('Now').textContent?.length).toBeGreaterThan(10)
    expect(within(screen.getByLabelText('Care')).getByText(/laboratory.s rules and your supervisor/)).toBeTruthy()
  })
})
