import { expect, it } from 'vitest'
import { foretell, freshOf } from './foretell.ts'
import { identifyRack } from './index.ts'
import { CANDIDATES } from './ions.ts'
import { ENOUGH } from './nextTests.ts'
import { identify, tube } from './testing/records.ts'
import { TESTS_OF } from './tests.ts'
import { presentFrom } from './thresholds.ts'
import { stillOpen } from './weighTests.ts'

it('says enough when the question is answered', () => {
  const tubes = [
    tube('P1', ['NaOH(aq)', 'pale blue precipitate'], ['NaOH(aq) excess', 'insoluble in excess']),
    tube('P2', ['NH3(aq)', 'pale blue precipitate'], ['NH3(aq) excess', 'precipitate dissolved giving a deep blue solution']),
    tube('P3', ['HNO3(aq)', 'no visible change'], ['Ba(NO3)2(aq)', 'white precipitate']),
    tube('P4', ['HNO3(aq)', 'no visible change'], ['AgNO3(aq)', 'no visible change']),
  ]
  const stated = { P: { cations: 1, anions: 1 } }
  const [half] = identifyRack([{ material: 'P', tubes: tubes.slice(0, 1) }], { stated })
  const [whole] = identifyRack([{ material: 'P', tubes }], { stated })
  expect(half?.next.length).toBeGreaterThan(0)
  expect(whole?.next).toEqual([])
})

it('puts litmus and the indicator on the bench of an unknown liquid, and the burner on that of a dry powder', () => {
  const wet = identify(tube('P1', ['look', 'colourless solution']))
  expect(wet.next.flatMap(({ steps }) => steps.map(({ do: act }) => act))).not.toContain('heat')
  const [dry] = identifyRack([{ material: 'P', tubes: [tube('P1', ['look', 'green solid'])] }], { forms: { P: 'solid' } })
  expect(dry?.next.flatMap(({ steps }) => steps.map(({ reagent }) => reagent))).not.toContain('universal indicator')
})

it('goes by what a test tells for what it costs', () => {
  const { next } = identify(tube('P1', ['NaOH(aq)', 'white precipitate'], ['NaOH(aq) excess', 'dissolves']))
  const values = next.map(({ value }) => value)
  expect(values).toEqual(values.toSorted((a, b) => b - a))
  for (const { bits, value } of next) expect(value).toBeLessThanOrEqual(bits / 0.6 ** 0.3)
})

it('dissolves a dry sample before it tests it in solution', () => {
  const [dry] = identifyRack([{ material: 'P', tubes: [tube('P1', ['look', 'white crystals'])] }], { forms: { P: 'solid' } })
  expect(dry?.next.length).toBeGreaterThan(0)
  for (const { steps, ready } of dry?.next ?? []) {
    const [first] = steps
    if (first?.do !== 'add') continue
    // Acid is put on the solid itself.
    expect(first.reagent).toBe('HCl(aq)')
    expect(ready).toContain('spatula tip')
  }
  expect(TESTS_OF.solid.filter(({ steps }) => steps[0]?.do === 'dissolve').length).toBeGreaterThan(15)
  expect(TESTS_OF.solution.flatMap(({ steps }) => steps.map((step) => step.do))).not.toContain('dissolve')
})

it('says enough only where every ion of the answer is said to be present, whatever the doubts', () => {
  expect(ENOUGH).toBeGreaterThanOrEqual(presentFrom({ steps: [-99] }, 1, true))
})

it('goes on asking which ions it is where nothing of the list fits well', () => {
  const [one, other] = CANDIDATES
  if (!one || !other) throw new Error('There are no ions.')
  const scored = [
    { hypothesis: { ions: [] }, kind: 'other', prior: 0, steps: [] },
    { hypothesis: { ions: [one] }, prior: 0, steps: [] },
    { hypothesis: { ions: [other] }, prior: 0, steps: [] },
  ] as const
  const open = stillOpen(scored, [0.999_98, 1e-5, 1e-5])
  expect(open.map(({ weight }) => weight)).toEqual([0.5, 0.5])
  // Beside what is likely, what is hardly so is no more asked about.
  expect(stillOpen(scored, [0, 0.999_99, 1e-5])).toHaveLength(1)
})

it('parts chloride from iodide, and finds aluminium under copper, with a filter', () => {
  const after = (test: string, ...ions: readonly string[]) => {
    const steps = TESTS_OF.solution.find((one) => one.test === test)?.steps ?? []
    const strong = CANDIDATES.filter(({ ion }) => ions.includes(ion))
    return foretell({ ions: strong }, freshOf('solution'), steps)?.at(-1)
  }
  // Textbooks of qualitative analysis (common practice): what ammonia dissolves of the silver salts comes down in acid.
  expect(after('silver halides parted by ammonia', 'Na+', 'Cl-', 'I-')?.precipitate).toBe('full')
  expect(after('silver halides parted by ammonia', 'Na+', 'I-')?.precipitate).toBe('none')
  expect(after('excess alkali, filtered, then ammonium chloride', 'Al3+', 'Cu2+', 'Cl-')).toMatchObject({ colour: 'white' })
  expect(after('excess alkali, filtered, then ammonium chloride', 'Mg2+', 'Cl-')?.precipitate).toBe('none')
})
