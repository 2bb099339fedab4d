import { type PartOf, readTask, type Task } from '@hop-lark/core/record'
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react'
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest'
import jars from '../../../../demo/four-jars.hoplark.json'
import { useTask } from '../../notebook/derived.ts'
import { useDrafts } from '../../notebook/drafts.ts'
import { changed, choose, nowOpen, openTask, typeInto, withoutLayout } from '../../testing/openTask.tsx'
import { chemistryWork } from './chemistryWork.ts'
import { usePlace } from './place.ts'
import { TubesPage } from './TubesPage.tsx'

// There is no worker here: the same work is done on the page.
vi.mock('./chemistry.ts', async () => {
  const { chemistryWork } = await import('./chemistryWork.ts')
  return { chemistry: () => chemistryWork }
})

beforeAll(() => {
  withoutLayout()
  Element.prototype.scrollIntoView = () => {}
})
beforeEach(() => {
  usePlace.setState({ shown: {} })
  useDrafts.setState({ texts: {} })
})
afterEach(cleanup)

/** The model works on the page here, on a machine that may be busy. */
const PATIENT = { timeout: 20_000 }
const JARS = readTask(jars)
const rackOf = (task: Task) => task.parts.find((part): part is PartOf<'rack'> => part.kind === 'rack') as PartOf<'rack'>
const rack = () => rackOf(nowOpen())
const sampleNow = (material: string) => rack().samples.find((one) => one.material === material)

function Tubes() {
  return <TubesPage part={rackOf(useTask())} />
}
const open = (task: Task = JARS) => openTask(task, <Tubes />, 'r1')
const click = (name: string | RegExp) => fireEvent.click(screen.getAllByRole('button', { name })[0] as HTMLElement)
const line = () => screen.getByLabelText(/: what you do$/) as HTMLInputElement

describe('samples', () => {
  it('are named and described where they stand', () => {
    open()
    click('Jar H')
    typeInto('Name of the sample', 'Jar H, old')
    typeInto('How Jar H, old looks', 'white crystals')
    expect(nowOpen().materials.find(({ id }) => id === 'H')).toMatchObject({ label: 'Jar H, old', note: 'white crystals' })
    typeInto('How Jar H, old looks', '')
    expect(nowOpen().materials.find(({ id }) => id === 'H')).not.toHaveProperty('note')
    typeInto('Name of the sample', '')
    expect(nowOpen().materials.find(({ id }) => id === 'H')?.label).toBe('H')
  })

  it('come new, as a solution or a solid, by the next free letter', () => {
    open()
    const had = rack().samples.length
    click('New sample, a solid')
    const added = rack().samples.at(-1)
    expect(rack().samples).toHaveLength(had + 1)
    expect(nowOpen().materials.find(({ id }) => id === added?.material)).toMatchObject({ form: 'solid' })
    expect(screen.getByText(/^No tube of /)).toBeTruthy()
    click('Dry portion')
    expect(sampleNow(added?.material ?? '')?.tubes[0]).not.toHaveProperty('cm3')
    expect(screen.getByText('a spatula tip, dry')).toBeTruthy()
  })
})

describe('what should have been seen', () => {
  it('stands beside what was, with the equation, for the ions that are named', async () => {
    open()
    click('Jar G')
    click(/^Tube G2/)
    click('What should be seen')
    choose('Cation', 'copper(II)')
    const table = await screen.findByTestId('expected', {}, PATIENT)
    // Svehla's edition of Vogel's textbook, from memory: a deep blue solution in excess ammonia.
    await waitFor(() => expect(table.textContent).toContain('deep blue solution'), PATIENT)
    expect(
      within(table)
        .getAllByRole('columnheader')
        .map((head) => head.textContent),
    ).toEqual(['Did', 'Should show', 'You saw'])
  })

  it('is not told of ions that cannot stand in a solution together', async () => {
    open(
      changed(JARS, (draft) => {
        const jar = draft.materials.find(({ id }) => id === 'G')
        if (jar) jar.form = 'solution'
      }),
    )
    click('Jar G')
    click('What should be seen')
    choose('Cation', 'silver')
    choose('Anion', 'chloride')
    expect(await screen.findByText(/cannot stand together/, {}, PATIENT)).toBeTruthy()
  })

  it('tells of a step that is only planned, too', async () => {
    open()
    click('Jar G')
    click(/^Tube G1/)
    click('What should be seen')
    fireEvent.change(line(), { target: { value: 'filter' } })
    choose('Cation', 'nickel(II)')
    const table = await screen.findByTestId('expected', {}, PATIENT)
    await waitFor(() => expect(table.textContent).toContain('not done yet'), PATIENT)
  })
})

describe('with a slip', () => {
  const askOf = (tube: RegExp) => {
    open()
    click('Jar G')
    click(tube)
    click('What should be seen')
    choose('Cation', 'copper(II)')
  }

  it('says so where no slip would show', async () => {
    const work = vi.spyOn(chemistryWork, 'whatIf').mockResolvedValue([])
    askOf(/^Tube G2/)
    expect(await screen.findByText('No slip of the bench would show in this tube.', {}, PATIENT)).toBeTruthy()
    work.mockRestore()
  })

  it('does not take work that failed for a tube without slips', async () => {
    const work = vi.spyOn(chemistryWork, 'whatIf').mockRejectedValue(new Error('The worker stopped.'))
    askOf(/^Tube G2/)
    expect(await screen.findByText(/could not be worked out: The worker stopped\./, {}, PATIENT)).toBeTruthy()
    expect(screen.queryByText('No slip of the bench would show in this tube.')).toBeNull()
    work.mockRestore()
  })
})

describe('reagents on the bench', () => {
  it('are known by any of their names; one that is not stays as it was written', () => {
    open()
    typeInto('Reagents on the bench', 'sodium hydroxide; dil nitric acid, AgNO3, alizarin, NaOH')
    expect(rack().allowed).toEqual(['NaOH(aq)', 'HNO3(aq)', 'AgNO3(aq)', 'alizarin'])
    expect(screen.getByText(/Not known here: alizarin/)).toBeTruthy()
    typeInto('Reagents on the bench', '')
    expect(rack()).not.toHaveProperty('allowed')
  })
})

describe('ions that the notes cover', () => {
  it('are named or written as formulae; what names none stays as it was written', () => {
    open()
    typeInto('Ions that the notes cover', 'ammonium, Fe2+, moonstone')
    expect(rack().listed).toEqual(['NH4+', 'Fe2+', 'moonstone'])
    expect(screen.getByText(/No ion that is known here: moonstone/)).toBeTruthy()
    click('a first course')
    expect(rack().listed).toContain('SO4^2-')
    expect(rack().listed).not.toContain('Ni2+')
    typeInto('Ions that the notes cover', '')
    expect(rack()).not.toHaveProperty('listed')
  })
})

describe('quick records', () => {
  it('put an act into the line, ready for what is seen', () => {
    open()
    click(/^Tube G1/)
    click('warm, damp red litmus')
    expect(line().value).toBe('warm, damp red litmus')
    expect(document.activeElement).toBe(screen.getByLabelText(/: what you see$/))
  })

  it('offer the tests of gases and the papers', () => {
    open()
    click(/^Tube G1/)
    fireEvent.keyDown(screen.getByRole('button', { name: 'Gas test' }), { key: 'Enter' })
    fireEvent.click(screen.getByRole('menuitem', { name: /glowing splint/ }))
    expect(line().value).toMatch(/^gas: .*glowing splint/)
    fireEvent.keyDown(screen.getByRole('button', { name: 'Paper' }), { key: 'Enter' })
    fireEvent.click(screen.getByRole('menuitem', { name: 'universal indicator paper' }))
    expect(line().value).toBe('universal indicator paper')
  })
})

describe('the grid', () => {
  it('leads from a test to its tube', () => {
    open()
    click(/^Grid/)
    const grid = screen.getByTestId('grid')
    fireEvent.click(within(grid).getAllByRole('button')[0] as HTMLElement)
    expect(screen.queryByTestId('grid')).toBeNull()
    expect(line()).toBeTruthy()
  })

  it('says what will fill it where nothing is recorded', () => {
    open(changed(JARS, (draft) => void rackOf(draft).samples.splice(0, 9, { material: 'H', tubes: [] })))
    click(/^Grid/)
    expect(screen.getByText(/grid fills with the first step/)).toBeTruthy()
  })
})

describe('a conclusion', () => {
  it('is kept by Enter or when it is left, and taken out when it is emptied', () => {
    open()
    click('Jar H')
    const field = screen.getByLabelText(/^Your conclusion on/)
    fireEvent.change(field, { target: { value: 'an ammonium salt' } })
    fireEvent.keyDown(field, { key: 'Enter' })
    expect(sampleNow('H')?.conclusion).toBe('an ammonium salt')
    fireEvent.change(field, { target: { value: ' ' } })
    fireEvent.blur(field)
    expect(sampleNow('H')).not.toHaveProperty('conclusion')
  })

  it('without an ion in it is told so', async () => {
    open(
      changed(JARS, (draft) => {
        rackOf(draft).samples = [{ material: 'H', tubes: [], conclusion: 'nothing can be said yet' }]
        draft.questions = []
      }),
    )
    expect((await screen.findByTestId('compared', {}, PATIENT)).textContent).toMatch(/No ion is named/)
  })
})

describe('what the board says of a step', () => {
  it('the evidence of an ion leads to its step', async () => {
    open()
    click('Jar H')
    click(/^Tube H3/)
    const board = screen.getByRole('region', { name: 'Verdict' })
    fireEvent.click((await within(board).findAllByRole('button', { name: 'H1.3' }, PATIENT))[0] as HTMLElement)
    expect(screen.getByRole('button', { name: /^Tube H1/ }).getAttribute('aria-pressed')).toBe('true')
  })

  it('yellow in a flame asks for blue glass', () => {
    open(
      changed(JARS, (draft) => {
        rackOf(draft).samples = [
          { material: 'H', tubes: [{ id: 'H1', steps: [{ id: 's1', do: 'flame', saw: 'yellow flame' }] }] },
        ]
        draft.questions = []
      }),
    )
    expect(screen.getByLabelText('Now').textContent).toContain('Look again through blue glass')
  })

  it('a step without an observation asks for it', () => {
    open(
      changed(JARS, (draft) => {
        rackOf(draft).samples = [{ material: 'H', tubes: [{ id: 'H1', steps: [{ id: 's1', do: 'warm' }] }] }]
        draft.questions = []
      }),
    )
    expect(screen.getByLabelText('Now').textContent).toContain('Write down what you see in H1.')
    click('not written down yet')
    expect(screen.getByLabelText('Step 1: what you saw')).toBeTruthy()
  })

  it('a step that is taken out comes back by undo', () => {
    open()
    click(/^Tube G1/)
    const had = sampleNow('G')?.tubes[0]?.steps
    click('Take out step 1')
    expect(sampleNow('G')?.tubes[0]?.steps).toEqual(had?.slice(1))
  })
})
