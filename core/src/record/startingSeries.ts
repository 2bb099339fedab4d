import type { PartOf, Question, Task } from './types.ts'

type Content = Pick<Task, 'materials' | 'parts' | 'questions'>
type Series = PartOf<'series'>

const solution = (id: string) => ({ id, label: id, form: 'solution' as const })
const series = (fields: Pick<Series, 'x' | 'y' | 'reading'> & Partial<Series>): Series => ({
  id: 'm1',
  kind: 'series',
  points: [],
  ...fields,
})
const asked = (id: string, find: Question['find'], text?: string): Question => ({ id, ...(text ? { text } : {}), find })

/** What the usual practicals of readings along an axis begin with. */
export const STARTING_SERIES = {
  temperature: {
    materials: [solution('A'), solution('B')],
    parts: [
      series({
        x: { name: 'volume added', unit: 'cm3' },
        y: { name: 'temperature', unit: '°C', step: '0.5' },
        reading: 'two-lines',
      }),
    ],
    questions: [asked('q1', { quantity: 'crossing', in: 'm1' }), asked('q2', { quantity: 'crossing', in: 'm1', axis: 'y' })],
  },
  gas: {
    materials: [],
    parts: [
      series({
        x: { name: 'time', unit: 's', step: '1' },
        y: { name: 'volume of gas', unit: 'cm3', step: '1' },
        reading: 'curve',
      }),
    ],
    questions: [asked('q1', { quantity: 'gradient', in: 'm1' })],
  },
  'rate-and-temperature': {
    materials: [],
    parts: [
      series({
        x: { name: 'temperature', unit: '°C', step: '0.5', plotted: 'inverse kelvins' },
        y: { name: 'time', unit: 's', step: '1', plotted: 'ln of inverse' },
        reading: 'line',
      }),
    ],
    questions: [
      asked('q1', { quantity: 'gradient', in: 'm1' }, 'Gradient of ln(1/t) against 1/T'),
      asked('q2', { quantity: 'sum', sum: 'arrheniusGradient', with: { gradient: { answer: 'q1' } } }, 'Activation energy'),
    ],
  },
  'ph-curve': {
    materials: [],
    parts: [
      series({
        x: { name: 'volume added', unit: 'cm3', step: '0.05' },
        y: { name: 'pH', unit: '', step: '0.01' },
        reading: 'curve-through-points',
      }),
    ],
    questions: [
      asked('q1', { quantity: 'equivalence', in: 'm1' }, 'Volume at the equivalence'),
      asked('q2', { quantity: 'halfEquivalence', in: 'm1' }, 'pKa of the acid'),
    ],
  },
  calibration: {
    materials: [],
    parts: [
      series({
        x: { name: 'concentration', unit: 'mol/dm3' },
        y: { name: 'absorbance', unit: '', step: '0.001' },
        reading: 'line',
        unknowns: [{ id: 'u1', label: '', readings: [] }],
      }),
    ],
    questions: [asked('q1', { quantity: 'xAt', in: 'm1', y: { unknown: 'u1' } }, 'Concentration of the unknown')],
  },
  'solubility-curve': {
    materials: [],
    parts: [
      series({
        x: { name: 'temperature', unit: '°C', step: '0.5' },
        y: { name: 'solubility in 100 g of water', unit: 'g' },
        reading: 'curve-through-points',
      }),
    ],
    questions: [],
  },
} as const satisfies Record<string, Content>
