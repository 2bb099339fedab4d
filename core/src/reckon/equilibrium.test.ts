import { describe, expect, it } from 'vitest'
import { checkTask } from '../check/index.ts'
import { type FindOf, readTask, type Task } from '../record/index.ts'
import { reckonTask } from './index.ts'
import { readAgain } from './testing/printed.ts'

type Find = Omit<FindOf<'equilibriumConstant'>, 'quantity'>

function asked(find: Find, more: readonly object[] = []): Task {
  return readTask({
    format: 'hop-lark/task',
    version: 2,
    id: 'x',
    title: 'x',
    questions: [{ id: 'q', find: { quantity: 'equilibriumConstant', ...find } }, ...more],
  })
}
const answer = (find: Find) => reckonTask(asked(find)).answers[0]

const ESTER = 'CH3COOH + C2H5OH <=> CH3COOC2H5 + H2O'
const IODIDE = 'H2 + I2 <=> 2HI'
const OXIDE = 'N2O4 <=> 2NO2'
const AMMONIA = 'N2 + 3H2 <=> 2NH3'
const per = (value: string) => ({ value, unit: 'mol/dm3' })

describe('Kc of any equation', () => {
  it.each<[string, Find, number, string]>([
    // One mole each, two thirds esterified: 4. Berthelot’s ester, as in every textbook.
    [
      'an ester from what is left',
      { equation: ESTER, start: { CH3COOH: '1.000', C2H5OH: '1.000', CH3COOC2H5: '0', H2O: '0' }, at: { CH3COOH: '0.3333' } },
      (0.6667 / 0.3333) ** 2,
      '',
    ],
    // P. Atkins, L. Jones, Chemical Principles: hydrogen iodide at 458 °C, [HI] from both elements; recalled from memory: about 49.
    [
      'hydrogen iodide from concentrations',
      { equation: IODIDE, at: { H2: per('0.00480'), I2: per('0.00098'), HI: per('0.0152') } },
      0.0152 ** 2 / (0.0048 * 0.00098),
      '',
    ],
    [
      'hydrogen iodide from amounts',
      { equation: IODIDE, start: { H2: '0.400', I2: '0.400', HI: '0' }, at: { HI: '0.600' } },
      0.6 ** 2 / 0.1 ** 2,
      '',
    ],
    [
      'dinitrogen tetroxide with its volume',
      { equation: OXIDE, start: { N2O4: '1.00', NO2: '0' }, at: { N2O4: '0.80' }, volume: '10.0' },
      0.04 ** 2 / 0.08,
      'mol/dm3',
    ],
    [
      'the same in cm³ and mmol',
      {
        equation: OXIDE,
        start: { N2O4: { value: '1000', unit: 'mmol' }, NO2: '0' },
        at: { N2O4: { value: '800', unit: 'mmol' } },
        volume: { value: '10000', unit: 'cm3' },
      },
      0.04 ** 2 / 0.08,
      'mol/dm3',
    ],
    // 1.00 and 3.00 mol of the elements give 0.40 mol of ammonia in 1 dm³: 0.80 and 2.40 left.
    [
      'ammonia',
      { equation: AMMONIA, start: { N2: '1.00', H2: '3.00', NH3: '0' }, at: { NH3: '0.40' }, volume: '1.00' },
      0.4 ** 2 / (0.8 * 2.4 ** 3),
      '(mol/dm3)^-2',
    ],
    ['a solid left out', { equation: 'CaCO3(s) <=> CaO(s) + CO2(g)', at: { CO2: per('0.0105') } }, 0.0105, 'mol/dm3'],
  ])('%s', (_, find, expected, unit) => {
    const found = answer(find)
    expect(found?.missing).toBeUndefined()
    expect((found?.unrounded ?? 0) / expected).toBeCloseTo(1, 9)
    expect(found?.unit).toBe(unit)
    for (const step of found?.steps ?? []) {
      const { found: again, printed } = readAgain(step)
      expect(again, step.substituted).toBe(printed)
    }
  })

  it.each<[string, Find, RegExp]>([
    [
      'an equation that does not balance',
      { equation: 'H2 + I2 <=> HI' },
      /an equation that balances: H is 2 on the left and 1 on the right/,
    ],
    ['no equation', { equation: 'nothing' }, /an equation that can be read instead of 'nothing'/],
    ['an electron', { equation: 'Fe3+ + e- <=> Fe2+' }, /an equation without electrons/],
    ['nothing measured', { equation: IODIDE, start: { H2: '1', I2: '1', HI: '0' } }, /one substance of which both/],
    [
      'something never put in',
      { equation: IODIDE, start: { H2: '1', HI: '0' }, at: { HI: '0.6' } },
      /what was put in of I2: 0 if it was none/,
    ],
    [
      'no volume',
      { equation: OXIDE, start: { N2O4: '1.00', NO2: '0' }, at: { N2O4: '0.80' } },
      /the volume, since there are not as many on either side/,
    ],
    [
      'a volume in grams',
      { equation: OXIDE, at: { N2O4: '1', NO2: '1' }, volume: { value: '10', unit: 'g' } },
      /a volume instead of g/,
    ],
    ['a mass', { equation: IODIDE, at: { H2: { value: '2', unit: 'g' }, I2: '1', HI: '1' } }, /H2 in mol instead of g/],
    [
      'two that disagree',
      { equation: IODIDE, start: { H2: '0.4', I2: '0.4', HI: '0' }, at: { H2: '0.3', HI: '0.6' } },
      /one of H2 and HI left out: .* two different places/,
    ],
    [
      'more used than was put in',
      { equation: IODIDE, start: { H2: '0.1', I2: '0.5', HI: '0' }, at: { HI: '0.6' } },
      /more of H2 put in, .* by these none would be left/,
    ],
    [
      'nothing left',
      { equation: IODIDE, at: { H2: '0', I2: '1', HI: '1' } },
      /more than nothing of H2 at equilibrium, instead of 0/,
    ],
    [
      'an answer that is not there',
      { equation: IODIDE, at: { H2: { answer: 'gone' }, I2: '1', HI: '1' } },
      /an answer called 'gone'/,
    ],
  ])('%s is refused', (_, find, says) => {
    expect(answer(find)?.missing).toMatch(says)
  })

  it('says that the volume cancels, and works with answers', () => {
    const left = { id: 'n', find: { quantity: 'sum', sum: 'amountInSolution', with: { c: '0.500', V: '20.0' } } }
    const find: Find = {
      equation: ESTER,
      start: { CH3COOH: '0.030', C2H5OH: '0.030', CH3COOC2H5: '0', H2O: '0' },
      at: { CH3COOH: { answer: 'n' } },
    }
    const task = asked(find, [left])
    const [found] = reckonTask(task).answers
    expect(found?.value).toBe('4.00')
    expect(found?.assumes).toContain('the volume cancels: as many stand on either side')
    expect(checkTask(task)).toEqual([])
    expect(checkTask(asked({ ...find, at: { CH3COOH: { answer: 'gone' } } })).map(({ code }) => code)).toEqual([
      'question.nothingThere',
    ])
  })
})
