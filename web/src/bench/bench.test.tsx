import { type PartOf, readTask, type Task } from '@hop-lark/core/record'
import { cleanup, fireEvent, screen, within } from '@testing-library/react'
import { afterEach, beforeAll, describe, expect, it } from 'vitest'
import soda from '../../../demo/water-in-washing-soda.hoplark.json'
import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { changed, LAWN_SAND, nowOpen, openTask, textNow, VINEGAR, valueNow } from '../testing/openTask.tsx'
import { HeatPage } from './heat/HeatPage.tsx'
import { MakeUpPage } from './makeup/MakeUpPage.tsx'
import { methodOf } from './weigh/method.ts'
import { WeighPage } from './weigh/WeighPage.tsx'

beforeAll(() => {
  Element.prototype.scrollIntoView = () => {}
  globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  }
})
afterEach(cleanup)

const SODA = readTask(soda)
const now = () => screen.getByLabelText('Now').textContent

function fill(label: string, text: string): void {
  const field = screen.getByLabelText(label)
  fireEvent.change(field, { target: { value: text } })
  fireEvent.keyDown(field, { key: 'Enter' })
}

function Weigh() {
  return <WeighPage weighings={useTask().parts.filter((part) => part.kind === 'weighing')} />
}

function MakeUp() {
  const part = useTask().parts.find((one): one is PartOf<'solution'> => one.kind === 'solution')
  return part ? <MakeUpPage part={part} /> : null
}

function Heat() {
  const part = useTask().parts.find((one): one is PartOf<'heating'> => one.kind === 'heating')
  return part ? <HeatPage part={part} /> : null
}

describe('the page of weighings', () => {
  const open = (task: Task) => openTask(task, <Weigh />, 'w1')
  const fresh = (fields: Partial<PartOf<'weighing'>> = {}) =>
    changed(LAWN_SAND, (draft) => {
      draft.parts = draft.parts.map((part) =>
        part.kind === 'weighing' ? { id: part.id, kind: 'weighing', of: 'F1', ...fields } : part,
      )
    })

  it('leads from one mass to the next and works the difference', () => {
    open(fresh())
    expect(now()).toContain('Weigh: Container + F1.')
    fill('Container + F1, g', '31.46')
    expect(now()).toContain('Weigh: Container + residue.')
    fill('Container + residue, g', '26.72')
    expect(screen.getByTestId('mass-w1').textContent).toMatch(/4\.74.g/)
    expect(now()).toContain('4.74 g of F1 taken')
    expect(screen.getByRole('img', { name: 'Balance showing 26.72 g' })).toBeTruthy()
  })

  it('says that a residue cannot be heavier, and swaps the two by one key', () => {
    open(fresh({ withSample: '26.72', withResidue: '31.46' }))
    const check = within(screen.getByLabelText('Check'))
    expect(check.getByText(/no sample would have been taken/)).toBeTruthy()
    expect(now()).toContain('Put the masses right first.')
    expect(screen.getByTestId('mass-w1').textContent).toBe('–')
    fireEvent.click(check.getByRole('button', { name: 'Swap them' }))
    expect([textNow('parts.w1.withSample'), textNow('parts.w1.withResidue')]).toEqual(['31.46', '26.72'])
  })

  it('adds another portion of the same material', () => {
    open(VINEGAR)
    fireEvent.click(screen.getByRole('button', { name: 'Another portion' }))
    const weighings = nowOpen().parts.filter((part) => part.kind === 'weighing')
    expect(weighings.map(({ id, of }) => `${id} ${of}`)).toEqual(['w1 P', 'w2 P', 'w3 P', 'w4 P'])
  })

  it('knows how a mass was found from the readings that are there', () => {
    expect(methodOf({ id: 'w', kind: 'weighing', of: 'F', withSample: '1', withResidue: '1' })).toBe('difference')
    expect(methodOf({ id: 'w', kind: 'weighing', of: 'F', container: '1' })).toBe('container')
    expect(methodOf({ id: 'w', kind: 'weighing', of: 'F', mass: '1' })).toBe('tared')
    expect(methodOf({ id: 'w', kind: 'weighing', of: 'F' })).toBe('difference')
  })
})

describe('the page of a solution made up', () => {
  it('draws the flask to its mark, and takes another flask', () => {
    openTask(LAWN_SAND, <MakeUp />, 's1')
    expect(screen.getByRole('img', { name: 'Volumetric flask of 250.0 cm³, F4 to the mark' })).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: '100.0' }))
    expect(textNow('parts.s1.flask')).toBe('100.0')
    fill('Other volume', '200,5')
    expect(textNow('parts.s1.flask')).toBe('200.5')
  })

  it('does not take what is no volume', () => {
    openTask(LAWN_SAND, <MakeUp />, 's1')
    fill('Other volume', 'a litre')
    expect(textNow('parts.s1.flask')).toBe('250.0')
    expect(screen.getByText('digits and a point only')).toBeTruthy()
  })

  it('takes what was weighed out of the flask, and undo puts it back', () => {
    openTask(LAWN_SAND, <MakeUp />, 's1')
    fireEvent.click(screen.getByRole('button', { name: /^Take out: / }))
    expect(screen.getByText(/Nothing yet/)).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Add what was weighed' }))
    expect(valueNow('parts.s1.from.0')).toEqual({ weighing: 'w1' })
    useNotebook.getState().undo()
    useNotebook.getState().undo()
    expect(nowOpen().parts).toEqual(LAWN_SAND.parts)
  })

  it('speaks of a portion where a solution is diluted', () => {
    openTask(VINEGAR, <MakeUp />, 's1')
    expect(screen.getByText('A measured portion, made up to the mark with water.')).toBeTruthy()
    fill('Volume put in, cm³', '20.0')
    expect(valueNow('parts.s1.from.0.volume')).toMatchObject({ value: '20.0', was: [{ value: '25.0' }] })
  })
})

describe('the page of a heating', () => {
  it('builds nothing on a mass below that of the container', () => {
    openTask(
      changed(SODA, (draft) => {
        for (const part of draft.parts)
          if (part.kind === 'heating')
            part.masses = part.masses.slice(0, 2).map((one, index) => ({ ...one, mass: index === 0 ? '18.00' : '19.10' }))
      }),
      <Heat />,
      'h1',
    )
    expect(now()).toContain('Put the masses right first.')
    expect(screen.getByTestId('constant').textContent).toBe('By these masses nothing was driven off: look at them again.')
  })

  it('says when constant mass has been reached', () => {
    openTask(SODA, <Heat />, 'h1')
    expect(screen.getByTestId('constant').textContent).toBe('Two masses agree within 0.01 g: constant mass. Driven off: 1.81 g')
    expect(screen.getByRole('img', { name: 'Masses on heating: 21.30, 19.71, 19.50, 19.49 g, constant' })).toBeTruthy()
    expect(now()).toContain('Stop heating.')
  })

  it('asks for another heating while the masses go down, and about one that goes up', () => {
    const cut = changed(SODA, (draft) => {
      for (const part of draft.parts)
        if (part.kind === 'heating')
          part.masses = ['21.30', '19.71', '19.90'].map((mass, index) => ({ id: `m${index + 1}`, mass }))
    })
    openTask(cut, <Heat />, 'h1')
    expect(now()).toContain('Heat again.')
    expect(screen.getByLabelText('Check').textContent).toMatch(/The mass went up by 0\.19 g on heating/)
    fill('next mass, g', '19.48')
    expect(valueNow('parts.h1.masses.m4.mass')).toMatchObject({ value: '19.48' })
  })

  it('does not take what is no mass', () => {
    openTask(SODA, <Heat />, 'h1')
    fill('next mass, g', 'hot')
    expect(valueNow('parts.h1.masses.m5.mass')).toBeUndefined()
    expect(screen.getByLabelText('next mass, g').getAttribute('aria-invalid')).toBe('true')
  })
})
