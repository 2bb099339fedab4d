import { questionTitle } from '@hop-lark/core/reckon'
import { type Question, readTask, type Task } from '@hop-lark/core/record'
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react'
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest'
import roof from '../../../demo/copper-in-the-roof-water.hoplark.json'
import jars from '../../../demo/four-jars.hoplark.json'
import limewater from '../../../demo/limewater-in-three-waters.hoplark.json'
import { changed, choose, LAWN_SAND, nowOpen, openTask, typeInto, withoutLayout } from '../testing/openTask.tsx'
import { type Askable, type Asked, askedAfresh, placesFor } from './askable.ts'
import { askedOf, questionFrom } from './askedFind.ts'
import { QuestionDialog } from './QuestionDialog.tsx'

beforeAll(() => {
  withoutLayout()
  Element.prototype.scrollIntoView = () => {}
})
// There is no worker here: the same work is done on the page.
vi.mock('./sureWorker.ts', async () => {
  const { sureWork } = await import('./sureWork.ts')
  return { sureWorker: () => sureWork }
})

afterEach(cleanup)

const DEMO = import.meta.glob<object>('../../../demo/*.hoplark.json', { eager: true, import: 'default' })
const JARS = readTask(jars)
const ROOF = readTask(roof)

const asked = (quantity: Askable, more: Partial<Asked> = {}): Asked => ({ ...askedAfresh(quantity, ''), ...more })

const EVERY_KIND: readonly Question[] = [
  { id: 'a', find: { quantity: 'molarMass', of: 'F1' }, unit: 'g/mol' },
  { id: 'b', find: { quantity: 'percentError', answer: 'q2', accepted: '12.9' }, unit: '%' },
  { id: 'c', find: { quantity: 'perItem', of: 'Fe', in: 'F1', items: 5 }, unit: 'mg' },
  {
    id: 'd',
    find: {
      quantity: 'massToWeigh',
      of: 'KIO3',
      concentration: { value: '0.0500', unit: 'mol/dm3' },
      volume: { value: '250', unit: 'cm3' },
    },
    unit: 'g',
  },
  {
    id: 'e',
    find: {
      quantity: 'solubilityProduct',
      of: 'Ca(IO3)2',
      in: 'F2',
      added: { species: 'IO3-', concentration: { value: '0.0100', unit: 'mol/dm3' } },
    },
  },
  { id: 'f', find: { quantity: 'solubility', of: 'Ca(IO3)2', in: 'F2' }, unit: 'mol/dm3' },
  { id: 'g', find: { quantity: 'gradient', in: 'm1', at: '30' } },
  { id: 'h', find: { quantity: 'rise', in: 'm1' }, figures: 4 },
  { id: 'i', find: { quantity: 'massPercent', of: 'Fe2O3', in: 'F1', countedBy: 'Fe' }, unit: '%' },
  {
    id: 'j',
    find: {
      quantity: 'sum',
      sum: 'gravimetric',
      texts: { precipitate: 'BaSO4', of: 'SO4^2-' },
      with: { m: { value: '466', unit: 'mg' }, sample: { answer: 'q1' } },
    },
    unit: '%',
  },
  { id: 'l', find: { quantity: 'crossing', in: 'm1', axis: 'y' } },
  { id: 'm', find: { quantity: 'yAt', in: 'm1', x: { answer: 'q1' } } },
  { id: 'n', find: { quantity: 'xAt', in: 'm1', y: { unknown: 'u1' } } },
  { id: 'o', find: { quantity: 'xAt', in: 'm1', y: { value: '250', unit: 'mV' } } },
  { id: 'p', find: { quantity: 'highest', in: 'm1', axis: 'x' } },
  { id: 'r', find: { quantity: 'lowest', in: 'm1', axis: 'y' } },
  { id: 's', find: { quantity: 'equivalence', in: 'm1', which: 2 } },
  { id: 't', find: { quantity: 'halfEquivalence', in: 'm1' } },
  { id: 'u', find: { quantity: 'area', in: 'm1', from: '0', to: '30' } },
  { id: 'v', find: { quantity: 'unknownMass', of: 'M', in: 'F1' }, unit: 'g/mol' },
  {
    id: 'w',
    find: {
      quantity: 'equilibriumConstant',
      equation: 'N2O4 <=> 2NO2',
      start: { N2O4: '1.00', NO2: '0' },
      at: { N2O4: { answer: 'q1' } },
      volume: { value: '10', unit: 'dm3' },
    },
  },
  { id: 'k', find: { quantity: 'sum', sum: 'ratio', with: { a: { value: '24.70', unit: 'cm3' }, b: '12.35' } } },
]

describe('a question as the form has it', () => {
  it.each(EVERY_KIND)('comes back as it was: $id', (question) => {
    expect(questionFrom(question.id, askedOf(question))).toEqual(question)
  })

  it.each(Object.entries(DEMO).map(([file, content]) => [file.replace(/.*\//, ''), readTask(content)] as const))(
    'every question of %s goes through the form and comes back as it was',
    (_, task) => {
      for (const { own: _own, number: _number, answer: _answer, ...question } of task.questions) {
        const { unit, ...back } = questionFrom(question.id, askedOf(question)) ?? { id: 'none', unit: '' }
        const { unit: had, ...plain } = question
        expect(back).toEqual(plain)
        // A question without a unit is given the usual one.
        if (had !== undefined) expect(unit).toBe(had)
      }
    },
  )

  it.each<[string, Asked]>([
    ['no species', asked('concentration', { in: 'F2' })],
    ['no place', asked('concentration', { of: 'Fe' })],
    ['no answer to compare with', asked('percentError', { extra: { accepted: '12.9' } })],
    ['an accepted value that is no number', asked('percentError', { extra: { answer: 'q1', accepted: 'twelve' } })],
    ['no place on the axis', asked('yAt', { in: 'm1' })],
    [
      'nothing at equilibrium',
      asked('equilibriumConstant', { kc: { equation: 'N2O4 <=> 2NO2', volume: '', start: ['1', '0'], at: [] } }),
    ],
    ['half a tablet', asked('perItem', { of: 'Fe', in: 'T', extra: { items: '2.5' } })],
    ['no tablets', asked('perItem', { of: 'Fe', in: 'T', extra: { items: '0' } })],
    ['no strength', asked('massToWeigh', { of: 'NaCl', extra: { volume: '250' } })],
    ['no volume', asked('massToWeigh', { of: 'NaCl', extra: { strength: '0.05' } })],
  ])('is not asked while there is %s', (_, form) => {
    expect(questionFrom('q', form)).toBeUndefined()
  })

  it.each<[Asked, object]>([
    [asked('molarMass', { in: 'F1' }), { quantity: 'molarMass', of: 'F1' }],
    [asked('gradient', { in: 'm1', extra: { at: '30' } }), { quantity: 'gradient', in: 'm1', at: '30' }],
    [asked('gradient', { in: 'm1', extra: { at: 'the start' } }), { quantity: 'gradient', in: 'm1' }],
    [
      asked('massToWeigh', { of: 'NaCl', extra: { strength: 'a twentieth molar', volume: '0,5 dm3' } }),
      {
        quantity: 'massToWeigh',
        of: 'NaCl',
        concentration: { value: '0.0500', unit: 'mol/dm3' },
        volume: { value: '0.5', unit: 'dm3' },
      },
    ],
    [
      asked('massToWeigh', { of: 'NaCl', extra: { strength: 'M/20', volume: '250' } }),
      {
        quantity: 'massToWeigh',
        of: 'NaCl',
        concentration: { value: '0.0500', unit: 'mol/dm3' },
        volume: { value: '250', unit: 'cm3' },
      },
    ],
    [
      asked('solubility', { of: 'Ca(OH)2', in: 'L', extra: { added: 'OH-', addedStrength: '0.0100 mol/dm3' } }),
      {
        quantity: 'solubility',
        of: 'Ca(OH)2',
        in: 'L',
        added: { species: 'OH-', concentration: { value: '0.0100', unit: 'mol/dm3' } },
      },
    ],
  ])('%# is read as it was meant', (form, find) => {
    expect(questionFrom('q', form)?.find).toEqual(find)
  })

  it.each<[Askable, Task, RegExp]>([
    ['meanTitre', LAWN_SAND, /^the titration$|Titrate/],
    ['concentration', LAWN_SAND, /^F|acid/],
    ['amount', LAWN_SAND, /the whole flask of|weighed|conical flask|mean titre/],
    ['ions', JARS, /Jar|Yellow/],
    ['solubility', readTask(limewater), /./],
  ])('%s can be asked of', (quantity, task, says) => {
    const places = placesFor(task, quantity)
    expect(places.length).toBeGreaterThan(0)
    for (const place of places) expect(place.says).toMatch(says)
  })

  it('a mass to weigh is asked of no place', () => {
    expect(placesFor(LAWN_SAND, 'massToWeigh')).toEqual([])
  })
})

describe('the dialog of a question', () => {
  it('asks a new one: quantity, species and place', async () => {
    const onClose = vi.fn()
    openTask(LAWN_SAND, <QuestionDialog question="new" onClose={onClose} />)
    const before = nowOpen().questions.length
    fireEvent.click(screen.getByRole('button', { name: 'Add the question' }))
    expect(await screen.findByText('Say of what: an element, an ion or a formula.')).toBeTruthy()
    choose('Quantity', 'percentage by mass, purity')
    typeInto('Of (element, ion or formula)', 'Fe')
    choose('In', /F1/)
    choose('Figures', '4')
    typeInto('In the task’s words (optional)', 'How much iron?')
    fireEvent.click(screen.getByRole('button', { name: 'Add the question' }))
    await waitFor(() => expect(nowOpen().questions).toHaveLength(before + 1))
    expect(nowOpen().questions.at(-1)).toMatchObject({
      find: { quantity: 'massPercent', of: 'Fe', in: 'F1' },
      unit: '%',
      figures: 4,
      text: 'How much iron?',
    })
    expect(onClose).toHaveBeenCalled()
  })

  it('says what is wrong with a formula, and does not ask it', async () => {
    const onClose = vi.fn()
    openTask(LAWN_SAND, <QuestionDialog question="new" onClose={onClose} />)
    const before = nowOpen().questions.length
    typeInto('Of (element, ion or formula)', 'Xx2')
    expect(await screen.findByText(/'Xx' .* is not an element/)).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Add the question' }))
    typeInto('Of (element, ion or formula)', '')
    expect(await screen.findByText(/Say of what/)).toBeTruthy()
    expect(nowOpen().questions).toHaveLength(before)
    expect(onClose).not.toHaveBeenCalled()
  })

  it('asks for what only some questions need, and says how to write it', async () => {
    openTask(LAWN_SAND, <QuestionDialog question="new" onClose={() => {}} />)
    choose('Quantity', 'mass to weigh for a standard solution')
    typeInto('Of (element, ion or formula)', 'KMnO4')
    typeInto('Strength', 'rather strong')
    expect(screen.getByText(/Write a strength/)).toBeTruthy()
    typeInto('Strength', 'M/50')
    typeInto('Volume', '250 cm3')
    fireEvent.click(screen.getByRole('button', { name: 'Add the question' }))
    await waitFor(() =>
      expect(nowOpen().questions.at(-1)?.find).toMatchObject({ quantity: 'massToWeigh', concentration: { value: '0.0200' } }),
    )
  })

  it('offers the calculations by their groups, with what is usual filled in, and takes a number or an answer', async () => {
    openTask(LAWN_SAND, <QuestionDialog question="new" onClose={() => {}} />)
    choose('Quantity', 'heat taken up by what was warmed, q = mcΔT')
    expect((screen.getByLabelText('Specific heat capacity, c') as HTMLInputElement).value).toBe('4.18 J/(g K)')
    typeInto('Mass of solution or water warmed, m', '0,05 kg')
    typeInto('Change of temperature, ΔT', 'six')
    expect(screen.getByText(/Write a number, with its unit/)).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Add the question' }))
    expect(await screen.findByText('Something is missing in the fields above.')).toBeTruthy()
    choose('Change of temperature, ΔT: from', `answer: ${questionTitle(LAWN_SAND, LAWN_SAND.questions[0] as Question)}`)
    fireEvent.click(screen.getByRole('button', { name: 'Add the question' }))
    await waitFor(() =>
      expect(nowOpen().questions.at(-1)?.find).toEqual({
        quantity: 'sum',
        sum: 'heat',
        with: { m: { value: '0.05', unit: 'kg' }, c: '4.18', dT: { answer: LAWN_SAND.questions[0]?.id } },
      }),
    )
  })

  it('looks an unknown up on a line, or a place that was typed', async () => {
    openTask(ROOF, <QuestionDialog question="new" onClose={() => {}} />)
    choose('Quantity', 'x at some y, or of an unknown')
    expect(screen.getByLabelText('At absorbance').getAttribute('placeholder')).toBe('in no unit')
    typeInto('At absorbance', 'much')
    expect(screen.getByText('Write a number, in no unit.')).toBeTruthy()
    choose('At absorbance: from', 'reading of tub water, five-fold')
    fireEvent.click(screen.getByRole('button', { name: 'Add the question' }))
    await waitFor(() => expect(nowOpen().questions.at(-1)?.find).toEqual({ quantity: 'xAt', in: 'm1', y: { unknown: 'u1' } }))
  })

  it('asks where a curve is highest along either axis, and which of several steep places', async () => {
    openTask(ROOF, <QuestionDialog question="new" onClose={() => {}} />)
    choose('Quantity', 'highest place of a curve')
    choose('Wanted of it', 'absorbance')
    fireEvent.click(screen.getByRole('button', { name: 'Add the question' }))
    await waitFor(() => expect(nowOpen().questions.at(-1)?.find).toEqual({ quantity: 'highest', in: 'm1', axis: 'y' }))
    choose('Quantity', 'equivalence, where a curve is steepest')
    choose('Which', 'number 2')
    fireEvent.click(screen.getByRole('button', { name: 'Add the question' }))
    await waitFor(() => expect(nowOpen().questions.at(-1)?.find).toEqual({ quantity: 'equivalence', in: 'm1', which: 2 }))
  })

  it('asks for an equilibrium constant substance by substance', async () => {
    openTask(LAWN_SAND, <QuestionDialog question="new" onClose={() => {}} />)
    choose('Quantity', 'equilibrium constant Kc')
    typeInto('Equation', 'H2 + I2 <=> HI')
    expect(screen.getByText(/not balanced/)).toBeTruthy()
    typeInto('Equation', 'H2 + I2 <=> 2HI')
    typeInto('H2 put in', '0.400')
    typeInto('I2 put in', '400 mmol')
    typeInto('HI put in', '0')
    typeInto('HI at equilibrium', '3 g')
    expect(screen.getByText('In mol or mol/dm3, not in g.')).toBeTruthy()
    typeInto('HI at equilibrium', '0.600')
    fireEvent.click(screen.getByRole('button', { name: 'Add the question' }))
    await waitFor(() =>
      expect(nowOpen().questions.at(-1)?.find).toEqual({
        quantity: 'equilibriumConstant',
        equation: 'H2 + I2 <=> 2HI',
        start: { H2: '0.400', I2: { value: '400', unit: 'mmol' }, HI: '0' },
        at: { HI: '0.600' },
      }),
    )
  })

  it('reads a strength as papers speak of it', async () => {
    openTask(LAWN_SAND, <QuestionDialog question="new" onClose={() => {}} />)
    choose('Quantity', 'amount in a volume of solution')
    typeInto('Volume, V', 'M/20')
    expect(screen.getByText('In cm3, not in mol/dm3.')).toBeTruthy()
    typeInto('Volume, V', '25.0')
    typeInto('Concentration, c', '1/20 M')
    fireEvent.click(screen.getByRole('button', { name: 'Add the question' }))
    await waitFor(() => expect(nowOpen().questions.at(-1)?.find).toMatchObject({ with: { c: '0.0500', V: '25.0' } }))
  })

  it('compares an answer with an accepted value', async () => {
    openTask(LAWN_SAND, <QuestionDialog question="new" onClose={() => {}} />)
    choose('Quantity', 'percentage error of an answer')
    const [first] = LAWN_SAND.questions
    fireEvent.keyDown(screen.getByRole('combobox', { name: 'Answer to compare' }), { key: 'Enter' })
    fireEvent.keyDown(screen.getAllByRole('option')[0] as HTMLElement, { key: 'Enter' })
    typeInto('Accepted value', '12.9')
    fireEvent.click(screen.getByRole('button', { name: 'Add the question' }))
    await waitFor(() =>
      expect(nowOpen().questions.at(-1)?.find).toEqual({ quantity: 'percentError', answer: first?.id, accepted: '12.9' }),
    )
  })

  it('changes one and keeps the lines the student worked in it; takes it out, and undo has it back', async () => {
    const task = changed(LAWN_SAND, (draft) => {
      const [question] = draft.questions
      if (question) question.own = [{ id: 'titre', value: '22.93' }]
    })
    const [question] = task.questions
    const { unmount } = openTask(task, <QuestionDialog question={question} onClose={() => {}} />)
    typeInto('In the task’s words (optional)', 'First')
    fireEvent.click(screen.getByRole('button', { name: 'Keep' }))
    await waitFor(() => expect(nowOpen().questions[0]).toMatchObject({ id: question?.id, text: 'First', own: question?.own }))
    unmount()
    openTask(task, <QuestionDialog question={question} onClose={() => {}} />)
    fireEvent.click(screen.getByRole('button', { name: 'Take out' }))
    expect(nowOpen().questions.map(({ id }) => id)).not.toContain(question?.id)
  })
})
