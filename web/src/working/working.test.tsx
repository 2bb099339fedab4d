import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { changed, LAWN_SAND, nowOpen, openTask, VINEGAR } from '../testing/openTask.tsx'
import { QuestionTitle } from './QuestionTitle.tsx'
import { WorkOutPage } from './WorkOutPage.tsx'

// There is no worker here: the same work is done on the page.
vi.mock('./sureWorker.ts', async () => {
  const { sureWork } = await import('./sureWork.ts')
  return { sureWorker: () => sureWork }
})

afterEach(cleanup)

describe('what a question asks', () => {
  it.each([
    [{ quantity: 'hydration', of: 'Na2CO3', in: 'F1' }, 'x in Na<sub>2</sub>CO<sub>3</sub>·xH<sub>2</sub>O'],
    [{ quantity: 'amount', of: 'Fe2+', in: 'F2' }, 'Amount of Fe<sup>2+</sup> in F2'],
    [{ quantity: 'molarMass', of: 'F1' }, 'Molar mass of F1'],
  ] as const)('%j has a true formula', (find, html) => {
    const { container } = render(<QuestionTitle task={LAWN_SAND} question={{ id: 'q', find }} />)
    expect(container.innerHTML.replace(/<\/?span[^>]*>/g, '')).toBe(html)
  })
})

const linesIn = (section: HTMLElement) => within(within(section).getByRole('list', { name: 'Lines' })).getAllByRole('listitem')

describe('the working', () => {
  it('shows each line with its numbers linked to where they were read', () => {
    openTask(LAWN_SAND, <WorkOutPage />, 'work-out')
    const section = screen.getByRole('region', { name: 'Percentage by mass of iron in F1' })
    const lines = linesIn(section)
    expect(lines).toHaveLength(6)
    expect(
      within(lines[0] as HTMLElement)
        .getAllByRole('button')
        .map((button) => button.textContent),
    ).toEqual(['0.0100', '20.675'])
    expect(lines[1]?.textContent).toContain('n(Fe2+) = 5 × n(MnO4−) = 5 × 2.068')
    const amount = screen.getByRole('region', { name: 'Amount of iron(II) in the 250 cm³ flask' })
    expect(amount.textContent).toContain('Carrying the rounded value from line to line would give 0.0104')
    const taken = within(within(section).getByRole('list', { name: 'Takes for granted' })).getAllByRole('listitem')
    expect(taken.map(({ textContent }) => textContent)).toEqual([
      'F4 was mixed evenly (invert the stoppered flask ten times or more)',
      'all of the iron took part as Fe2+ (bring all of it to that state before it is titrated)',
      'nothing else in F1 reacts so (try the titration with what else is in it alone, and take it off as a blank)',
    ])
  })

  it('changes the school of working, and the value does not change', () => {
    openTask(LAWN_SAND, <WorkOutPage />, 'work-out')
    fireEvent.click(screen.getByRole('button', { name: 'aMV' }))
    expect(nowOpen().conventions.working).toBe('ratio')
    const section = screen.getByRole('region', { name: 'Percentage by mass of iron in F1' })
    expect(section.textContent).toContain('a1M1V1 = a2M2V2')
    expect(section.textContent).toContain('12.2')
  })

  it('writes one chain with its units struck through', () => {
    openTask(LAWN_SAND, <WorkOutPage />, 'work-out')
    fireEvent.click(screen.getByRole('button', { name: 'one chain' }))
    const section = screen.getByRole('region', { name: 'Percentage by mass of iron in F1' })
    expect(linesIn(section)).toHaveLength(2)
    const struck = [...section.querySelectorAll('s')].map(({ textContent }) => textContent)
    expect(struck.filter((unit) => unit === 'cm³')).toHaveLength(4)
    expect(struck.filter((unit) => unit === 'g')).toHaveLength(2)
    expect(section.textContent).toContain('12.2')
  })

  it('says what is missing, in words', () => {
    openTask(VINEGAR, <WorkOutPage />, 'work-out')
    const section = screen.getByRole('region', { name: 'Concentration of ethanoic acid in V' })
    expect(section.textContent).toContain('Still missing: two titres that agree within 0.10 (Titrate D).')
    expect(screen.getByLabelText('Now').textContent).toContain('Still missing')
  })
})

describe('what if', () => {
  const open = () => {
    openTask(LAWN_SAND, <WorkOutPage />, 'work-out')
    const section = screen.getByRole('region', { name: 'Percentage by mass of iron in F1' })
    fireEvent.click(within(section).getByRole('button', { name: 'What if …' }))
    return within(section)
  }
  const lineOf = (section: ReturnType<typeof open>, says: string) => section.getByRole('button', { name: says }).closest('li')

  it('shows which way a slip pushes the answer, and how far', () => {
    const section = open()
    expect(lineOf(section, 'the lid was left off at the second weighing')?.textContent).toMatch(/↓ 8\.43.%/)
    expect(lineOf(section, 'a bubble left the jet during the run')?.textContent).toMatch(/↑ 12\.3.%/)
    expect(lineOf(section, 'the conical flask was wet with water')?.textContent).toContain('= no effect')
  })

  it('takes another size, and tells why', () => {
    const section = open()
    const size = section.getByLabelText('Size: a bubble left the jet during the run')
    fireEvent.change(size, { target: { value: '1,00' } })
    fireEvent.blur(size)
    // (20.675 + 1.00) cm³ instead of 20.675
    expect(lineOf(section, 'a bubble left the jet during the run')?.textContent).toMatch(/↑ 12\.8.%/)
    fireEvent.click(section.getByRole('button', { name: 'the lid was left off at the second weighing' }))
    expect(
      section.getByText(
        /more seems to have been tipped out. So the container \+ residue seems smaller → the mass of the F1 weighed seems larger/,
      ),
    ).toBeTruthy()
  })

  it('is not asked where there is no answer', () => {
    openTask(VINEGAR, <WorkOutPage />, 'work-out')
    const section = screen.getByRole('region', { name: 'Concentration of ethanoic acid in V' })
    expect(within(section).queryByRole('button', { name: 'What if …' })).toBeNull()
  })
})

describe('working it out yourself', () => {
  const begin = () => {
    openTask(LAWN_SAND, <WorkOutPage />, 'work-out')
    const section = screen.getByRole('region', { name: 'Percentage by mass of iron in F1' })
    fireEvent.click(within(section).getByRole('button', { name: 'Work it out yourself' }))
    return within(section)
  }
  const write = (section: ReturnType<typeof begin>, line: RegExp, value: string) => {
    const field = section.getByLabelText(line)
    fireEvent.change(field, { target: { value } })
    fireEvent.keyDown(field, { key: 'Enter' })
  }

  it('keeps ours back until theirs is there, and keeps theirs in the record', () => {
    const section = begin()
    expect(section.queryByText('2.07')).toBeNull()
    write(section, /^Yours: amount of manganate/, '2.07e-4')
    expect(section.getByText('Right.')).toBeTruthy()
    expect(nowOpen().questions[1]?.own).toEqual([{ id: expect.stringContaining('titre'), value: '2.07e-4' }])
  })

  it('names the first line that went wrong, and only that one', () => {
    const section = begin()
    write(section, /^Yours: amount of manganate/, '2.07e-4')
    write(section, /^Yours: amount of iron\(II\) in the 25\.0/, '2.07e-4')
    write(section, /^Yours: amount of iron\(II\) in the 250\.0/, '2.07e-3')
    expect(section.getByText(/First to go wrong \(ratio\)/)).toBeTruthy()
    expect(section.getAllByText(/First to go wrong/)).toHaveLength(1)
    expect(section.getByText(/follows from your own earlier line/)).toBeTruthy()
  })

  it('takes a line back out when it is emptied', () => {
    const section = begin()
    write(section, /^Yours: amount of manganate/, '2.07e-4')
    write(section, /^Yours: amount of manganate/, '')
    expect(nowOpen().questions[1]?.own).toEqual([])
  })
})

describe('what was not measured', () => {
  it('is refused with what was, and counted by an element when the student says so', () => {
    const asked = changed(LAWN_SAND, (task) => {
      task.questions = [{ id: 'x', text: 'Rust', find: { quantity: 'massPercent', of: 'Fe2O3', in: 'F1' } }]
    })
    openTask(asked, <WorkOutPage />, 'work-out')
    const section = screen.getByRole('region', { name: 'Rust' })
    expect(section.textContent).toContain('what was measured there is')
    fireEvent.click(within(section).getByRole('button', { name: 'Take all of the iron to be Fe2O3' }))
    expect(nowOpen().questions[0]?.find).toMatchObject({ countedBy: 'Fe' })
    expect(section.textContent).toContain('17.4')
    expect(section.textContent).toContain('all of the iron is there as Fe2O3')
  })
})

describe('how sure', () => {
  it('writes the ± of each answer beside it, and names what would help most', async () => {
    openTask(LAWN_SAND, <WorkOutPage />, 'work-out')
    await waitFor(() => expect(screen.getByTestId('answer-q2').textContent).toMatch(/12\.2.%\s*± 0\.1/))
    const section = within(screen.getByRole('region', { name: 'Percentage by mass of iron in F1' }))
    fireEvent.click(section.getByRole('button', { name: 'How sure' }))
    expect(section.getByText(/±0\.64 % would become ±0\.51 %/).textContent).toContain('A balance that shows 0.001 g')
    expect(section.getByRole('figure').getAttribute('aria-label')).toContain('balance read to 0.01 g (2 readings) 36 %')
    fireEvent.click(section.getByRole('button', { name: 'Percentage errors' }))
    expect(section.getByText(/the sum of the largest errors/).textContent).toContain('±1.1 %')
  })

  it('is not said of an answer that is not there', () => {
    openTask(VINEGAR, <WorkOutPage />, 'work-out')
    const section = screen.getByRole('region', { name: 'Concentration of ethanoic acid in V' })
    expect(within(section).queryByRole('button', { name: 'How sure' })).toBeNull()
  })
})
