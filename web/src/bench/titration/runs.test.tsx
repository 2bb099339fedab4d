import { type PartOf, readTask, type Task } from '@hop-lark/core/record'
import { cleanup, fireEvent, screen, within } from '@testing-library/react'
import { afterEach, beforeAll, describe, expect, it } from 'vitest'
import shell from '../../../../demo/chalk-in-oyster-shell.hoplark.json'
import { useTask } from '../../notebook/derived.ts'
import { changed, choose, LAWN_SAND, nowOpen, openTask, typeInto, VINEGAR, withoutLayout } from '../../testing/openTask.tsx'
import { TitratePage } from './TitratePage.tsx'

beforeAll(() => {
  withoutLayout()
  Element.prototype.scrollIntoView = () => {}
})
afterEach(cleanup)

type Titration = PartOf<'titration'>
const titrations = (task: Task) => task.parts.filter((part): part is Titration => part.kind === 'titration')

function Titrations({ id }: { readonly id: string }) {
  const part = titrations(useTask()).find((one) => one.id === id)
  return part ? <TitratePage part={part} /> : null
}
const open = (task: Task, id = 't1') => openTask(task, <Titrations id={id} />, id)
const runs = (id = 't1') => titrations(nowOpen()).find((part) => part.id === id)?.runs ?? []
const menu = (name: RegExp) => fireEvent.click(screen.getByRole('button', { name }))

describe('what stands behind the name of a run', () => {
  it('its kind', () => {
    open(LAWN_SAND)
    menu(/^run 1: kind/)
    choose('Kind of run', 'rough')
    expect(runs()[1]?.kind).toBe('rough')
  })

  it('whether the burette was refilled before it', () => {
    open(LAWN_SAND)
    menu(/^run 2: kind/)
    const had = runs()[2]?.refilled ?? false
    fireEvent.click(screen.getByLabelText('Burette refilled before it'))
    expect(runs()[2]?.refilled ?? false).toBe(!had)
    fireEvent.click(screen.getByLabelText('Burette refilled before it'))
    expect(runs()[2]?.refilled ?? false).toBe(had)
  })

  it('whether it enters the mean, with the reason the report gives', () => {
    open(LAWN_SAND)
    expect(screen.getByTestId('mean').textContent).toContain('20.68')
    menu(/^run 2: kind/)
    choose('In the mean', 'take it in')
    typeInto('Why (the report says so)', 'the drop on the tip was counted')
    expect(runs()[2]).toMatchObject({ use: 'yes', why: 'the drop on the tip was counted' })
    // (20.65 + 21.15 + 20.70) / 3 = 20.833
    expect(screen.getByTestId('mean').textContent).toContain('20.83')
    typeInto('Why (the report says so)', '')
    expect(runs()[2]).not.toHaveProperty('why')
    choose('In the mean', 'as the rule has it')
    expect(runs()[2]).not.toHaveProperty('use')
  })

  it('its weighed solid, where every run has its own', () => {
    open(VINEGAR)
    menu(/^run 1: kind/)
    choose('Weighed solid', /Weigh for run 2/)
    expect(runs()[0]?.weighing).toBe('w2')
  })

  it('takes the run out', () => {
    open(LAWN_SAND)
    const had = runs()
    menu(/^run 4: kind/)
    fireEvent.click(screen.getByRole('button', { name: 'Take this run out' }))
    expect(runs()).toEqual(had.slice(0, -1))
  })
})

describe('the table of runs by the arrow keys', () => {
  const cell = (at: string) => document.querySelector<HTMLInputElement>(`[data-at="parts.t1.runs.${at}"]`) as HTMLInputElement

  it('goes up and down, and to the side from the end of the text', () => {
    open(LAWN_SAND)
    cell('run1.final').focus()
    fireEvent.keyDown(cell('run1.final'), { key: 'ArrowDown' })
    expect(document.activeElement).toBe(cell('run1.initial'))
    fireEvent.keyDown(cell('run1.initial'), { key: 'ArrowUp' })
    expect(document.activeElement).toBe(cell('run1.final'))
    cell('run1.final').setSelectionRange(0, 0)
    fireEvent.keyDown(cell('run1.final'), { key: 'ArrowRight' })
    expect(document.activeElement).toBe(cell('run1.final'))
    const { length } = cell('run1.final').value
    cell('run1.final').setSelectionRange(length, length)
    fireEvent.keyDown(cell('run1.final'), { key: 'ArrowRight' })
    expect(document.activeElement).toBe(cell('run2.final'))
    cell('run2.final').setSelectionRange(0, 0)
    fireEvent.keyDown(cell('run2.final'), { key: 'ArrowLeft' })
    expect(document.activeElement).toBe(cell('run1.final'))
    fireEvent.keyDown(cell('run1.final'), { key: 'a' })
    expect(document.activeElement).toBe(cell('run1.final'))
  })
})

describe('with half of the sample', () => {
  const foretold = () => screen.getByRole('button', { name: 'With half the sample?' }).parentElement?.textContent

  it('a direct titration takes half, twice or a tenth', () => {
    open(LAWN_SAND)
    fireEvent.click(screen.getByRole('button', { name: 'With half the sample?' }))
    // 20.675 cm³ in the mean: half of it is 10.3375.
    expect(foretold()).toMatch(/10\.34.cm³/)
    fireEvent.click(screen.getByRole('button', { name: 'twice' }))
    expect(foretold()).toMatch(/41\.35.cm³/)
    fireEvent.click(screen.getByRole('button', { name: 'a tenth' }))
    expect(foretold()).toMatch(/2\.07.cm³/)
  })

  /** The shell in the flask of every run, and two runs that agree. */
  const back = changed(readTask(shell), (draft) => {
    for (const part of titrations(draft)) {
      const [{ weighing, ...run } = { id: 'r1', kind: 'accurate' as const, weighing: undefined }] = part.runs
      part.flask.push({ weighing: weighing ?? '' })
      part.runs = [run, { ...structuredClone(run), id: 'again' }]
    }
  })

  it('a back titration takes more, since more is left over', () => {
    open(back)
    fireEvent.click(screen.getByRole('button', { name: 'With half the sample?' }))
    // 25.0 mmol put in, 0.500 × 11.40 = 5.70 left; half of the 19.30 used is 9.65, so 15.35 mmol is left: 30.70 cm³.
    expect(foretold()).toMatch(/30\.70.cm³/)
    expect(foretold()).toContain('what is titrated is what the sample leaves over')
  })

  it('with twice the sample nothing would be left over', () => {
    open(back)
    fireEvent.click(screen.getByRole('button', { name: 'With half the sample?' }))
    // Twice the sample would use 38.6 mmol, more than the 25.0 put in.
    fireEvent.click(screen.getByRole('button', { name: 'twice' }))
    expect(foretold()).toContain('Nothing would be left over to titrate.')
  })

  it('is not asked where every run has a weighing of its own: there is no one titre to foretell', () => {
    open(readTask(shell))
    expect(screen.queryByRole('button', { name: 'With half the sample?' })).toBeNull()
  })
})

describe('a run that does not agree', () => {
  it('is explained by slips that could set it apart, each with its size', () => {
    open(LAWN_SAND)
    const heading = screen.getByRole('button', { name: 'What could explain run 2?' })
    fireEvent.click(heading)
    const list = within(heading.parentElement as HTMLElement).getAllByRole('listitem')
    expect(list.length).toBeGreaterThan(0)
    // Run 2 took more than the others: an end overshot explains it.
    expect(list.map(({ textContent }) => textContent).join(' ')).toMatch(/past|overshot|drop/i)
  })

  it('is not asked about while all agree', () => {
    open(
      changed(LAWN_SAND, (draft) => {
        for (const part of titrations(draft)) part.runs = part.runs.filter((_, index) => index !== 2)
      }),
    )
    expect(screen.queryByRole('button', { name: /What could explain/ })).toBeNull()
  })
})
