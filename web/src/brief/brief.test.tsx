import { type Conventions, DEFAULT_CONVENTIONS, readTask } from '@hop-lark/core/record'
import { cleanup, fireEvent, screen, within } from '@testing-library/react'
import { afterEach, beforeAll, describe, expect, it } from 'vitest'
import { changed, choose, LAWN_SAND, nowOpen, openTask, textNow } from '../testing/openTask.tsx'
import { BriefPage } from './BriefPage.tsx'
import { PRESETS } from './presets.ts'

beforeAll(() => {
  Element.prototype.scrollIntoView = () => {}
})
afterEach(cleanup)

const open = (task = LAWN_SAND) => openTask(task, <BriefPage />, 'brief')

function commit(field: HTMLElement, text: string): void {
  fireEvent.change(field, { target: { value: text } })
  fireEvent.blur(field)
}

describe('the brief', () => {
  it('keeps the task sheet and the title when they are left', () => {
    open(changed(LAWN_SAND, (task) => void delete task.brief))
    commit(screen.getByRole('textbox', { name: 'Task sheet' }), 'Find the iron.')
    commit(screen.getByRole('textbox', { name: 'Title' }), 'Iron')
    commit(screen.getByRole('textbox', { name: 'Minutes allowed' }), '75')
    expect(nowOpen()).toMatchObject({ title: 'Iron', minutes: 75, brief: { text: 'Find the iron.' } })
    fireEvent.click(screen.getByRole('button', { name: 'Change the sheet' }))
    commit(screen.getByRole('textbox', { name: 'Task sheet' }), ' ')
    expect(nowOpen().brief).toBeUndefined()
  })

  it('shows what a material is, and says where its formula goes wrong', () => {
    open()
    const material = within(screen.getByRole('region', { name: 'Material F2' }))
    expect(material.getByText(/potassium manganate\(VII\)/)).toBeTruthy()
    expect(material.getByText(/stains skin/)).toBeTruthy()
    commit(material.getByLabelText('Formula of what is in it'), 'KMnQ4')
    expect(material.getByText(/'Q' at character 4 is not an element/)).toBeTruthy()
    expect(textNow('materials.F2.solute')).toBe('KMnQ4')
  })

  it('takes a strength as it is written or spoken of, and says what is wrong with anything else', async () => {
    open()
    const material = within(screen.getByRole('region', { name: 'Material F2' }))
    commit(material.getByLabelText('Strength'), '0,0200')
    expect(nowOpen().materials[1]?.strength).toEqual({ value: '0.0200', unit: 'mol/dm3' })
    commit(material.getByLabelText('Strength'), 'M/50')
    expect(nowOpen().materials[1]?.strength).toEqual({ value: '0.0200', unit: 'mol/dm3' })
    commit(material.getByLabelText('Strength'), '5 % w/v')
    expect(nowOpen().materials[1]?.strength).toEqual({ value: '50', unit: 'g/dm3' })
    commit(material.getByLabelText('Strength'), 'rather strong')
    expect(await material.findByText(/A number like 0\.0200/)).toBeTruthy()
    expect(nowOpen().materials[1]?.strength?.value).toBe('50')
  })

  it('takes the whole label of a bottle where its formula is asked', () => {
    open()
    const material = within(screen.getByRole('region', { name: 'Material F2' }))
    commit(material.getByLabelText('Formula of what is in it'), '0.0500 mol/dm3 sodium thiosulfate')
    expect(nowOpen().materials[1]).toMatchObject({ solute: 'Na2S2O3', strength: { value: '0.0500', unit: 'mol/dm3' } })
    expect(material.getByLabelText<HTMLInputElement>('Formula of what is in it').value).toBe('Na2S2O3')
    expect(material.getByLabelText<HTMLInputElement>('Strength').value).toBe('0.0500')
  })

  it('takes what else is dissolved in a solution, piece by piece', async () => {
    open()
    const material = within(screen.getByRole('region', { name: 'Material F2' }))
    commit(material.getByLabelText('Also dissolved in it'), '0.100 mol/dm3 NaCl; M/20 CaCl2')
    expect(nowOpen().materials[1]?.background).toEqual([
      { solute: 'NaCl', strength: { value: '0.100', unit: 'mol/dm3' } },
      { solute: 'CaCl2', strength: { value: '0.0500', unit: 'mol/dm3' } },
    ])
    commit(material.getByLabelText('Also dissolved in it'), 'some salt')
    expect(await material.findByText(/Strength, then formula/)).toBeTruthy()
    expect(nowOpen().materials[1]?.background).toHaveLength(2)
    commit(material.getByLabelText('Also dissolved in it'), '')
    expect(nowOpen().materials[1]?.background).toBeUndefined()
  })

  it('adds materials by the next free label, and takes out only those that are not used', () => {
    open()
    fireEvent.click(screen.getByRole('button', { name: 'Solution' }))
    expect(nowOpen().materials.at(-1)).toEqual({ id: 'F5', label: 'F5', form: 'solution' })
    expect(screen.queryByRole('button', { name: 'Take out F4' })).toBeNull()
    fireEvent.click(screen.getByRole('button', { name: 'Take out F5' }))
    expect(nowOpen().materials).toHaveLength(4)
  })
})

describe('the stages', () => {
  it('are added, and each is a part a task can have', () => {
    open()
    for (const kind of ['Weigh', 'Make up', 'Titrate', 'Heat', 'Measure'])
      fireEvent.click(screen.getByRole('button', { name: `+ ${kind}` }))
    expect(nowOpen().parts.map(({ id }) => id)).toEqual(['w1', 's1', 't1', 'w2', 's2', 't2', 'h1', 'm1'])
    expect(readTask(JSON.parse(JSON.stringify(nowOpen())))).toEqual(nowOpen())
  })

  it('change places', () => {
    open()
    fireEvent.keyDown(screen.getByRole('button', { name: 'Move Make up F4' }), { key: 'ArrowUp', altKey: true })
    expect(nowOpen().parts.map(({ id }) => id)).toEqual(['s1', 'w1', 't1'])
    fireEvent.click(screen.getByRole('button', { name: 'Take out Weigh F1' }))
    expect(nowOpen().parts.map(({ id }) => id)).toEqual(['s1', 't1'])
  })
})

describe('the conventions', () => {
  it('are taken from a preset, and the preset that fits is marked', () => {
    open()
    expect(screen.getByRole('button', { name: /^Half divisions, two within 0.10/ }).getAttribute('aria-pressed')).toBe('true')
    fireEvent.click(screen.getByRole('button', { name: /^Careful/ }))
    expect(nowOpen().conventions).toMatchObject({
      figures: 4,
      atomicMasses: 'standard',
      burette: { step: '0.01', class: 'A' },
      concordance: { within: '0.05', runs: 3 },
    })
    expect(screen.getByRole('button', { name: /^Half divisions, two within 0.10/ }).getAttribute('aria-pressed')).toBe('false')
  })

  it('can be changed one by one; nonsense is not taken', () => {
    open()
    commit(screen.getByLabelText('Widest spread'), '0,20')
    expect(nowOpen().conventions.concordance.within).toBe('0.20')
    commit(screen.getByLabelText('Widest spread'), 'wide')
    expect(nowOpen().conventions.concordance.within).toBe('0.20')
  })

  it.each<[string, string, (conventions: Conventions) => unknown, unknown]>([
    ['Read to', 'to 0.01', ({ burette }) => burette.step, '0.01'],
    ['Class', 'class A', ({ burette }) => burette.class, 'A'],
    ['Limit', 'less than', ({ concordance }) => concordance.strict, true],
    ['How many', 'three must agree', ({ concordance }) => concordance.runs, 3],
    ['Rule of the mean', 'the closest pair', ({ concordance }) => concordance.rule, 'closest-pair'],
    ['Figures', '4 figures', ({ figures }) => figures, 4],
    ['Carry', 'carry the rounded value', ({ carry }) => carry, 'rounded'],
    ['Working', 'one chain, units cancelling', ({ working }) => working, 'chain'],
    ['Atomic masses', 'standard: Fe 55.845', ({ atomicMasses }) => atomicMasses, 'standard'],
    ['Volume unit', 'mL and L', ({ volumeUnit }) => volumeUnit, 'mL'],
  ])('%s: %s', (label, option, of, value) => {
    open()
    expect(of(nowOpen().conventions)).not.toBe(value)
    choose(label, option)
    expect(of(nowOpen().conventions)).toBe(value)
  })

  it('a burette of another size', () => {
    open()
    commit(screen.getByLabelText('Capacity'), '25')
    expect(nowOpen().conventions.burette.capacity).toBe('25')
    commit(screen.getByLabelText('Capacity'), '0')
    expect(nowOpen().conventions.burette.capacity).toBe('25')
  })

  it.each(PRESETS.map((preset) => [preset.name, preset] as const))(
    'of the preset %s are conventions a task can have',
    (_, { conventions }) => {
      const task = changed(LAWN_SAND, (draft) => {
        draft.conventions = { ...conventions, volumeUnit: 'mL' }
      })
      expect(task.conventions).toEqual({ ...conventions, volumeUnit: 'mL' })
    },
  )

  it('begin with the usual ones', () => {
    const { volumeUnit: _, ...usual } = DEFAULT_CONVENTIONS
    expect(PRESETS[0]?.conventions).toEqual(usual)
  })
})
