import { type PartOf, readTask } from '@hop-lark/core/record'
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react'
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest'
import jars from '../../../../demo/four-jars.hoplark.json'
import { useTask } from '../../notebook/derived.ts'
import { useDrafts } from '../../notebook/drafts.ts'
import { changed, nowOpen, openTask, withoutLayout } from '../../testing/openTask.tsx'
import { usePlace } from './place.ts'
import { TubesPage } from './TubesPage.tsx'

// There is no worker here: the same work is done on the page.
vi.mock('./chemistry.ts', async () => {
  const { chemistryWork } = await import('./chemistryWork.ts')
  return { chemistry: () => chemistryWork }
})

beforeAll(withoutLayout)
beforeEach(() => {
  usePlace.setState({ shown: {} })
  useDrafts.setState({ texts: {} })
})
afterEach(cleanup)

const JARS = readTask(jars)
const ONE_JAR = changed(JARS, (task) => {
  const rack = task.parts[0] as PartOf<'rack'>
  rack.samples = [{ material: 'H', tubes: [] }]
  task.questions = []
})

function Tubes() {
  const part = useTask().parts.find((one): one is PartOf<'rack'> => one.kind === 'rack')
  return part ? <TubesPage part={part} /> : null
}

const rack = () => nowOpen().parts[0] as PartOf<'rack'>
const steps = (id: string) => rack().samples.flatMap(({ tubes }) => tubes.filter((tube) => tube.id === id))[0]?.steps ?? []
const did = () => screen.getByLabelText(/: what you do$/)
const saw = () => screen.getByLabelText(/: what you see$/)
const type = (field: HTMLElement, value: string) => fireEvent.change(field, { target: { value } })
const press = (field: HTMLElement, key: string) => fireEvent.keyDown(field, { key })
/** A step as it is typed at the bench. */
function keep(what: string, seen: string) {
  type(did(), what)
  press(did(), 'Enter')
  type(saw(), seen)
  press(saw(), 'Enter')
}
const freshPortion = () => fireEvent.click(screen.getAllByRole('button', { name: /^Fresh portion/ })[0] as HTMLElement)

describe('the rack', () => {
  it('keeps a step a line: what was done as it was understood, what was seen as it was written', () => {
    openTask(ONE_JAR, <Tubes />, 'r1')
    freshPortion()
    keep('3 drops NaOH', 'white ppt')
    keep('xs', 'sol in xs giving colourless soln')
    expect(steps('H1')).toEqual([
      { id: 's1', do: 'add', reagent: 'NaOH(aq)', amount: '3 drops', saw: 'white ppt' },
      { id: 's2', do: 'add', reagent: 'NaOH(aq)', amount: 'excess', saw: 'sol in xs giving colourless soln' },
    ])
    expect(screen.getByRole('button', { name: /^Tube H1: colourless liquid/ })).toBeTruthy()
    expect((did() as HTMLInputElement).value).toBe('')
  })

  it('completes a reagent, takes better wording, and writes “no visible change” by one key', () => {
    openTask(ONE_JAR, <Tubes />, 'r1')
    freshPortion()
    type(did(), '3 drops silv')
    press(did(), 'Tab')
    expect((did() as HTMLInputElement).value).toBe('3 drops AgNO3(aq)')
    type(saw(), 'nothing happened')
    expect(screen.getByText(/says less than was seen/)).toBeTruthy()
    press(saw(), 'Tab')
    expect((saw() as HTMLInputElement).value).toBe('no visible change')
    type(saw(), '')
    press(saw(), '-')
    press(saw(), 'Enter')
    expect(steps('H1')[0]?.saw).toBe('no visible change')
  })

  it('says what it does not understand and keeps what was typed', () => {
    openTask(ONE_JAR, <Tubes />, 'r1')
    freshPortion()
    type(did(), '3 drops')
    press(did(), 'Enter')
    expect(screen.getByText(/Of which reagent/)).toBeTruthy()
    expect(steps('H1')).toEqual([])
    cleanup()
    openTask(nowOpen(), <Tubes />, 'r1')
    expect((did() as HTMLInputElement).value).toBe('3 drops')
  })

  it('keeps a reagent it has no bottle of as it was written, and says so before and after', () => {
    openTask(ONE_JAR, <Tubes />, 'r1')
    freshPortion()
    type(did(), '3 drops alizarin')
    expect(screen.getByText(/no bottle or act known here/)).toBeTruthy()
    keep('3 drops alizarin', 'bright pink ppt')
    expect(steps('H1')).toEqual([{ id: 's1', do: 'add', reagent: 'alizarin', amount: '3 drops', saw: 'bright pink ppt' }])
    expect(screen.getByText(/tells nothing of the sample/)).toBeTruthy()
  })

  it('takes several acts of one line one after another, each with what is seen of it', () => {
    openTask(ONE_JAR, <Tubes />, 'r1')
    freshPortion()
    type(did(), '3 drops NaOH then excess')
    expect(screen.getByText(/then excess, with an observation of its own/)).toBeTruthy()
    press(did(), 'Enter')
    expect(saw().getAttribute('placeholder')).toBe('saw after 3 drops NaOH(aq)')
    press(saw(), '-')
    press(saw(), 'Enter')
    expect((did() as HTMLInputElement).value).toBe('excess')
    expect(document.activeElement).toBe(saw())
    type(saw(), 'white ppt')
    press(saw(), 'Enter')
    expect(steps('H1')).toEqual([
      { id: 's1', do: 'add', reagent: 'NaOH(aq)', amount: '3 drops', saw: 'no visible change' },
      { id: 's2', do: 'add', reagent: 'NaOH(aq)', amount: 'excess', saw: 'white ppt' },
    ])
    expect((did() as HTMLInputElement).value).toBe('')
    expect(document.activeElement).toBe(did())
  })

  it('an acidified reagent is one act; two bottles are taken together by one key', () => {
    openTask(ONE_JAR, <Tubes />, 'r1')
    freshPortion()
    keep('acidified barium nitrate', 'white ppt')
    type(did(), 'HNO3 then 2 drops AgNO3')
    fireEvent.keyDown(did(), { key: 'Enter', shiftKey: true })
    expect((did() as HTMLInputElement).value).toBe('HNO3(aq) + 2 drops AgNO3(aq)')
    type(saw(), 'no ppt')
    press(saw(), 'Enter')
    expect(steps('H1')).toEqual([
      { id: 's1', do: 'add', reagent: 'Ba(NO3)2(aq)', with: [{ reagent: 'HNO3(aq)' }], saw: 'white ppt' },
      { id: 's2', do: 'add', reagent: 'AgNO3(aq)', amount: '2 drops', with: [{ reagent: 'HNO3(aq)' }], saw: 'no ppt' },
    ])
  })

  it('shows what an observation is read as, where it stands, and mends it by one key', () => {
    openTask(ONE_JAR, <Tubes />, 'r1')
    freshPortion()
    keep('3 drops NaOH', 'white ppt')
    type(did(), 'NaOH xs')
    type(saw(), 'brown')
    expect(screen.getByText('precipitate dissolved giving a brown solution')).toBeTruthy()
    fireEvent.keyDown(saw(), { key: 'o', code: 'KeyO', altKey: true })
    expect((saw() as HTMLInputElement).value).toBe('precipitate turned brown')
    type(saw(), 'gone funny')
    expect(screen.getByText(/Not understood: “funny”/)).toBeTruthy()
  })

  it('what can hurt is not kept by Enter: it says why, and is kept when it was done with leave', () => {
    openTask(ONE_JAR, <Tubes />, 'r1')
    freshPortion()
    keep('2 cm3 KMnO4', 'purple')
    type(did(), 'conc H2SO4')
    press(did(), 'Enter')
    type(saw(), 'green oil')
    expect(screen.getByRole('alert', { name: 'Stop' }).textContent).toMatch(/explodes.*dilute sulfuric acid/s)
    press(saw(), 'Enter')
    expect(steps('H1')).toHaveLength(1)
    expect((saw() as HTMLInputElement).value).toBe('green oil')
    fireEvent.keyDown(saw(), { key: 'Enter', altKey: true })
    expect(steps('H1')[1]).toMatchObject({ reagent: 'H2SO4(conc)', saw: 'green oil' })
  })

  it('says from how much on it is an excess here', () => {
    openTask(ONE_JAR, <Tubes />, 'r1')
    freshPortion()
    type(did(), 'ammonia')
    expect(screen.getByText(/excess here from about 0.4 cm³ \(8 drops\)/)).toBeTruthy()
    type(did(), '1 cm3 HNO3')
    expect(screen.queryByText(/excess here/)).toBeNull()
  })

  it('what is done to a fresh portion takes a tube of its own', () => {
    openTask(ONE_JAR, <Tubes />, 'r1')
    freshPortion()
    keep('to a fresh portion add 3 drops NaOH', 'white ppt')
    expect(steps('H1')).toHaveLength(1)
    type(did(), 'to a fresh portion add 3 drops NH3')
    expect(screen.getByText(/in a fresh portion/)).toBeTruthy()
    press(did(), 'Enter')
    type(saw(), 'white ppt')
    press(saw(), 'Enter')
    expect(steps('H1')).toHaveLength(1)
    expect(steps('H2')).toMatchObject([{ reagent: 'NH3(aq)', saw: 'white ppt' }])
  })

  it('offers the usual outcomes of a test; a digit takes one', async () => {
    openTask(ONE_JAR, <Tubes />, 'r1')
    freshPortion()
    type(did(), 'NaOH drops')
    const offers = await screen.findByRole('list', { name: 'Usual outcomes' })
    await waitFor(() => expect(within(offers).getAllByRole('button').length).toBeGreaterThan(3))
    const texts = within(offers)
      .getAllByRole('button')
      .map(({ textContent }) => textContent ?? '')
    const first = texts.find((text) => text.startsWith('1'))?.slice(1)
    expect(first).toBeTruthy()
    press(saw(), '1')
    expect((saw() as HTMLInputElement).value).toBe(first)
  })

  it('strikes a corrected observation through and keeps it; a meaning of one’s own stands', () => {
    openTask(JARS, <Tubes />, 'r1')
    fireEvent.click(screen.getByRole('button', { name: /^Tube G1/ }))
    fireEvent.click(screen.getByRole('button', { name: 'Correct step 1' }))
    const field = screen.getByLabelText('Step 1: what you saw')
    type(field, 'dirty green ppt')
    type(screen.getByLabelText('Step 1: what it means to you'), 'iron(II)?')
    press(field, 'Enter')
    expect(steps('G1')[0]).toMatchObject({
      saw: 'dirty green ppt',
      means: 'iron(II)?',
      was: [{ saw: 'green ppt', at: expect.any(String) }],
    })
    expect(screen.getByText('green ppt').tagName).toBe('S')
    expect(screen.getByText('(yours)')).toBeTruthy()
  })

  it('warns before the act, in the margin', () => {
    openTask(ONE_JAR, <Tubes />, 'r1')
    freshPortion()
    keep('drops HCl', 'no visible change')
    type(did(), 'drops silver nitrate')
    expect(screen.getByLabelText('Before you do it').textContent).toMatch(/chloride of its own/)
    type(did(), 'drops barium chloride')
    expect(screen.queryByLabelText('Before you do it')).toBeNull()
  })

  it('goes on from a tube as a new sample', async () => {
    openTask(JARS, <Tubes />, 'r1')
    fireEvent.click(screen.getByRole('button', { name: /^Tube G2/ }))
    fireEvent.keyDown(screen.getByRole('button', { name: /Go on from G2/ }), { key: 'Enter' })
    fireEvent.click(await screen.findByRole('menuitem', { name: /as a new sample/ }))
    expect(rack().samples.at(-1)).toMatchObject({ tubes: [{ id: 'G2a', from: 'G2', steps: [] }] })
    expect(nowOpen().materials.at(-1)).toMatchObject({ label: 'product of G2' })
  })

  it('the board names what is present with the steps it rests on; the grid leaves no cell empty', async () => {
    openTask(JARS, <Tubes />, 'r1')
    const verdict = screen.getByLabelText('Verdict')
    await waitFor(() => expect(verdict.textContent).toContain('nickel(II) chloride'), { timeout: 20_000 })
    expect(within(verdict).getAllByRole('button', { name: /^G\d\.\d$/ }).length).toBeGreaterThan(1)
    fireEvent.click(screen.getByRole('button', { name: /^Grid/ }))
    const cells = within(screen.getByTestId('grid')).getAllByRole('cell')
    expect(cells.length).toBeGreaterThan(20)
    for (const cell of cells) expect(cell.textContent).not.toBe('')
    expect(screen.getByText('not written down')).toBeTruthy()
  }, 30_000)

  it('a board for an examination is shut until a conclusion is written, then lays it beside the record', async () => {
    const shut = changed(JARS, (task) => {
      const part = task.parts[0] as PartOf<'rack'>
      part.board = 'after conclusion'
      for (const sample of part.samples) delete sample.conclusion
    })
    openTask(shut, <Tubes />, 'r1')
    expect(screen.getByLabelText('Verdict').textContent).toContain('opens when your conclusion is written')
    const field = screen.getByLabelText(/Your conclusion on Jar G/)
    type(field, 'nickel(II) bromide')
    press(field, 'Enter')
    await waitFor(() => expect(screen.getByTestId('compared').textContent).toContain('speaks against bromide'), {
      timeout: 20_000,
    })
    expect(screen.getByTestId('compared').textContent).toContain('also shows chloride')
  }, 30_000)

  it('the scheme is a path: what to do next in a group stands ready to be typed', () => {
    openTask(ONE_JAR, <Tubes />, 'r1')
    freshPortion()
    fireEvent.click(screen.getByRole('button', { name: 'Scheme of groups' }))
    fireEvent.click(within(screen.getByTestId('scheme')).getByRole('button', { name: /1 cm³ HCl/ }))
    expect((did() as HTMLInputElement).value).toBe('1 cm³ HCl(aq)')
    press(saw(), '-')
    press(saw(), 'Enter')
    expect(screen.getByTestId('scheme').textContent).toMatch(/Iabsent/)
  })
})
