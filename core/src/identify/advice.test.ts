import { expect, it } from 'vitest'
import { identifyRack } from './index.ts'
import { identify, tube } from './testing/records.ts'

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
