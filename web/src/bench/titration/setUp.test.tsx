import type { PartOf, Task } from '@hop-lark/core/record'
import { cleanup, fireEvent, screen, within } from '@testing-library/react'
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest'
import { useTask } from '../../notebook/derived.ts'
import { useNotebook } from '../../notebook/store.ts'
import { changed, choose, LAWN_SAND, nowOpen, openTask, typeInto, VINEGAR, withoutLayout } from '../../testing/openTask.tsx'
import { SetUpDialog } from './SetUpDialog.tsx'

beforeAll(() => {
  withoutLayout()
  Element.prototype.scrollIntoView = () => {}
})
afterEach(cleanup)

type Titration = PartOf<'titration'>
const titration = (task: Task, id: string): Titration => {
  const found = task.parts.find((part): part is Titration => part.id === id && part.kind === 'titration')
  if (!found) throw new Error(`no titration ${id}`)
  return found
}

function SetUp({ id, onOpenChange }: { readonly id: string; readonly onOpenChange: (open: boolean) => void }) {
  return <SetUpDialog part={titration(useTask(), id)} open onOpenChange={onOpenChange} />
}

function open(task: Task, id = 't1') {
  const onOpenChange = vi.fn()
  openTask(task, <SetUp id={id} onOpenChange={onOpenChange} />, id)
  return onOpenChange
}
const now = () => titration(nowOpen(), 't1')
const volume = (text: string) => {
  const [field] = screen.getAllByLabelText('Volume')
  fireEvent.change(field as HTMLElement, { target: { value: text } })
  fireEvent.keyDown(field as HTMLElement, { key: 'Enter' })
}
const section = (name: string) => within(screen.getByRole('region', { name }))

describe('setting up a titration', () => {
  it('puts another solution into the burette, or a new one', () => {
    open(LAWN_SAND)
    choose('In the burette', 'dilute sulfuric acid')
    expect(now().burette).toBe('F3')
    fireEvent.click(section('Burette').getByRole('button', { name: 'New solution' }))
    expect(nowOpen().materials.at(-1)).toMatchObject({ id: now().burette, form: 'solution' })
  })

  it('measures what goes into the flask', () => {
    open(LAWN_SAND)
    volume('20,0')
    fireEvent.keyDown(screen.getAllByRole('combobox', { name: 'Measured' })[0] as HTMLElement, { key: 'Enter' })
    fireEvent.keyDown(screen.getByRole('option', { name: 'by burette' }), { key: 'Enter' })
    expect(now().flask[0]).toMatchObject({ volume: '20.0', by: 'burette' })
    volume('a cupful')
    expect(now().flask[0]).toMatchObject({ volume: '20.0' })
    volume('')
    expect(now().flask[0]).not.toHaveProperty('volume')
  })

  it('a volume that was refused goes with its row, and does not stand in the next', async () => {
    open(LAWN_SAND)
    volume('a cupful')
    expect(await screen.findByText('digits and a point only')).toBeTruthy()
    fireEvent.click(screen.getAllByRole('button', { name: /^Take out of the flask: / })[0] as HTMLElement)
    expect(now().flask).toHaveLength(1)
    expect(screen.getAllByLabelText('Volume').map((field) => (field as HTMLInputElement).value)).toEqual(['10'])
    expect(screen.queryByText('digits and a point only')).toBeNull()
  })

  it('adds a portion, a weighed solid or a new material, and takes one out', () => {
    open(LAWN_SAND)
    const had = now().flask.length
    fireEvent.click(screen.getByRole('button', { name: 'Add a portion' }))
    fireEvent.click(screen.getByRole('button', { name: 'Add a weighed solid' }))
    fireEvent.click(screen.getByRole('button', { name: 'New material' }))
    expect(now().flask.slice(had)).toEqual([
      { material: expect.not.stringMatching(now().burette ?? ''), by: 'pipette' },
      { weighing: 'w1' },
      { material: nowOpen().materials.at(-1)?.id, by: 'cylinder' },
    ])
    const kept = now().flask.slice(1)
    fireEvent.click(screen.getAllByRole('button', { name: /^Take out of the flask: / })[0] as HTMLElement)
    expect(now().flask).toEqual(kept)
    useNotebook.getState().undo()
    expect(now().flask).toHaveLength(had + 3)
  })

  it('chooses among the weighings where a solid is in the flask', () => {
    open(
      changed(VINEGAR, (draft) => {
        for (const part of draft.parts) if (part.id === 't1' && part.kind === 'titration') part.flask = [{ weighing: 'w1' }]
      }),
    )
    choose('Weighed solid', /Weigh for run 2/)
    expect(now().flask).toEqual([{ weighing: 'w2' }])
  })

  it('balances an equation by one key, and says where one is wrong', () => {
    open(LAWN_SAND)
    const reactions = section('Reactions')
    typeInto('Equation', 'MnO4- + H+ + Fe2+ -> Mn2+ + Fe3+ + H2O')
    fireEvent.click(reactions.getByRole('button', { name: /[Bb]alance/ }))
    expect(now().reactions[0]?.equation.replace(/ /g, '')).toBe('MnO4-+8H++5Fe2+->Mn2++5Fe3++4H2O')
    typeInto('Equation', 'MnO4- + Xq -> Mn2+')
    expect(reactions.getByText(/Xq/, { selector: 'p' })).toBeTruthy()
  })

  it('adds an equation that comes before the titration, changes its role, and takes it out', () => {
    open(LAWN_SAND)
    fireEvent.click(screen.getByRole('button', { name: 'Add an equation' }))
    expect(now().reactions[1]).toEqual({ equation: '', role: 'before' })
    fireEvent.click(screen.getAllByRole('button', { name: 'Take the equation out' })[1] as HTMLElement)
    expect(now().reactions).toHaveLength(1)
    choose('Role', 'before the titration')
    expect(now().reactions[0]?.role).toBe('before')
  })

  it('takes an indicator that suits what reacts, or one that is typed', () => {
    open(VINEGAR, 't2')
    const indicator = () => titration(nowOpen(), 't2').indicator
    fireEvent.click(section('End-point').getByRole('button', { name: 'phenolphthalein' }))
    expect(indicator()).toBe('phenolphthalein')
    typeInto('Indicator, or the sign of the end', 'thymol blue, to the first blue')
    expect(indicator()).toBe('thymol blue, to the first blue')
    typeInto('Indicator, or the sign of the end', '')
    expect(indicator()).toBeUndefined()
  })

  it('names the stage, and goes to the bench', () => {
    const onOpenChange = open(LAWN_SAND)
    typeInto('Title of this stage', 'Iron in the sand')
    expect(now().title).toBe('Iron in the sand')
    typeInto('Title of this stage', '')
    expect(now()).not.toHaveProperty('title')
    fireEvent.click(screen.getByRole('button', { name: 'Done' }))
    expect(onOpenChange).toHaveBeenCalledWith(false)
  })
})

describe('the equation that follows from the labels', () => {
  const bare = (solutes: Readonly<Record<string, string | undefined>>) =>
    changed(LAWN_SAND, (draft) => {
      for (const part of draft.parts) {
        if (part.kind !== 'titration') continue
        part.reactions = []
        part.flask = [{ material: 'F4', volume: '25.0', by: 'pipette' }]
      }
      for (const material of draft.materials) {
        const solute = solutes[material.id]
        if (solute === undefined) delete material.solute
        else material.solute = solute
      }
    })
  const usual = () => section('Usual equations').getAllByRole('button')

  it('is taken by one key, balanced, and stands no longer on offer', () => {
    open(bare({ F2: 'HCl', F4: 'Na2CO3' }))
    expect(usual()).toHaveLength(1)
    fireEvent.keyDown(usual()[0] as HTMLElement, { key: '1' })
    expect(now().reactions).toEqual([{ equation: 'Na2CO3 + 2HCl -> 2NaCl + H2O + CO2', role: 'titration' }])
    expect(screen.queryByRole('region', { name: 'Usual equations' })).toBeNull()
  })

  it('comes with what happens in the flask before, where that is usual', () => {
    open(bare({ F2: 'Na2S2O3', F4: 'CuSO4' }))
    fireEvent.click(usual()[0] as HTMLElement)
    expect(now().reactions.map(({ role }) => role)).toEqual(['before', 'titration'])
  })

  it('is one of those usual with the burette while nothing is known of the flask', () => {
    open(bare({ F2: 'KMnO4' }))
    expect(usual().length).toBeGreaterThan(2)
    fireEvent.keyDown(usual()[0] as HTMLElement, { key: '9' })
    expect(now().reactions).toEqual([])
  })

  it('is not made up for what does not react', () => {
    open(bare({ F2: 'NaOH', F4: 'NaCl' }))
    expect(screen.queryByRole('region', { name: 'Usual equations' })).toBeNull()
  })

  it('follows from a formula that is typed there', () => {
    open(bare({ F2: 'HCl' }))
    typeInto('Formula in F4, if known', 'NaOH')
    expect(usual()).toHaveLength(1)
  })
})
