import { describe, expect, it } from 'vitest'
import { newTask, type Question, readTask, type Task } from '../record/index.ts'
import { questionTitle } from './index.ts'

const TASK = readTask({
  ...newTask('x', 'empty', () => 0.5),
  materials: [
    { id: 'F1', label: 'lawn sand', form: 'solid' },
    { id: 'F2', label: 'F2', form: 'solution' },
  ],
  parts: [
    { id: 't1', kind: 'titration', burette: 'F2', flask: [], reactions: [], runs: [] },
    { id: 'w1', kind: 'weighing', of: 'F1' },
    { id: 'h1', kind: 'heating', of: 'F1', masses: [] },
  ],
})

describe('what a question asks, in words', () => {
  it.each<[Question['find'], string]>([
    [{ quantity: 'meanTitre', in: 't1' }, 'Mean titre'],
    [{ quantity: 'mass', of: 'Fe', in: 'F1' }, 'Mass of Fe in lawn sand'],
    [{ quantity: 'amount', of: 'Fe2+', in: 'F2' }, 'Amount of Fe2+ in F2'],
    [{ quantity: 'amount', of: 'Fe2+', in: 't1/titre' }, 'Amount of Fe2+ in the mean titre'],
    [{ quantity: 'amount', of: 'Fe2+', in: 't1/flask' }, 'Amount of Fe2+ in the conical flask'],
    [{ quantity: 'mass', of: 'Fe', in: 'w1' }, 'Mass of Fe in the lawn sand weighed'],
    [{ quantity: 'mass', of: 'H2O', in: 'h1' }, 'Mass of H2O in lawn sand'],
    [{ quantity: 'concentration', of: 'NaOH', in: 'F2' }, 'Concentration of NaOH in F2'],
    [{ quantity: 'massConcentration', of: 'Ca', in: 'F2' }, 'Mass concentration of Ca in F2'],
    [{ quantity: 'massPercent', of: 'Fe', in: 'F1' }, 'Percentage by mass of Fe in lawn sand'],
    [{ quantity: 'molarMass', of: 'F1' }, 'Molar mass of lawn sand'],
    [{ quantity: 'hydration', of: 'Na2CO3', in: 'F1' }, 'x in Na2CO3·xH2O'],
    [{ quantity: 'percentError', answer: 'q1', accepted: '12.9' }, 'Percentage error'],
    [{ quantity: 'solubility', of: 'Ca(OH)2', in: 'F2' }, 'Solubility of Ca(OH)2 in F2'],
    [{ quantity: 'solubilityProduct', of: 'Ca(OH)2', in: 'F2' }, 'Solubility product of Ca(OH)2'],
    [
      {
        quantity: 'massToWeigh',
        of: 'KIO3',
        concentration: { value: '0.05', unit: 'mol/dm3' },
        volume: { value: '250', unit: 'cm3' },
      },
      'Mass of KIO3 to weigh',
    ],
    [{ quantity: 'perItem', of: 'Fe', in: 'F1', items: 5 }, 'Fe in each of 5'],
    [{ quantity: 'crossing', in: 'm1' }, 'Where the lines cross'],
    [{ quantity: 'gradient', in: 'm1' }, 'Gradient'],
    [{ quantity: 'gradient', in: 'm1', at: '30' }, 'Gradient at 30'],
    [{ quantity: 'rise', in: 'm1' }, 'Change on mixing'],
    [{ quantity: 'ions', in: 'F2' }, 'Ions in F2'],
  ])('%j: %s', (find, title) => {
    expect(questionTitle(TASK, { id: 'q', find })).toBe(title)
  })

  it('is the task’s own words where it has any', () => {
    const find = { quantity: 'meanTitre', in: 't1' } as const
    expect(questionTitle(TASK, { id: 'q', find, text: '  What is x?  ' })).toBe('What is x?')
    expect(questionTitle(TASK, { id: 'q', find, text: '  ' })).toBe('Mean titre')
  })
})

describe('the title of a question about a series', () => {
  const series = (x: object, y: object) =>
    readTask({
      format: 'hop-lark/task',
      version: 2,
      id: 'x',
      title: 'x',
      parts: [
        {
          id: 'm',
          kind: 'series',
          x: { unit: '', ...x },
          y: { unit: '', ...y },
          points: [],
          unknowns: [{ id: 'u', label: 'tub', readings: [] }],
        },
      ],
    })
  const CURVE = series({ name: 'volume of NaOH' }, { name: 'pH' })
  const LINE = series({ name: 'temperature', unit: '°C', plotted: 'inverse kelvins' }, { name: 'time', plotted: 'ln of inverse' })

  it.each<[Question['find'], Task, string]>([
    [{ quantity: 'crossing', in: 'm', axis: 'y' }, CURVE, 'pH where the lines cross'],
    [{ quantity: 'yAt', in: 'm', x: '12.50' }, CURVE, 'pH read off at 12.50'],
    [{ quantity: 'yAt', in: 'm', x: { answer: 'q' } }, CURVE, 'pH read off'],
    [{ quantity: 'xAt', in: 'm', y: { value: '7', unit: '' } }, CURVE, 'Volume of NaOH read off at 7'],
    [{ quantity: 'xAt', in: 'm', y: { unknown: 'u' } }, CURVE, 'Volume of NaOH in tub'],
    [{ quantity: 'xAt', in: 'm', y: '-4' }, LINE, '1/temperature read off at -4'],
    [{ quantity: 'yAt', in: 'm', x: '0.0033' }, LINE, 'ln(1/time) read off at 0.0033'],
    [{ quantity: 'highest', in: 'm', axis: 'y' }, CURVE, 'Highest pH'],
    [{ quantity: 'lowest', in: 'm', axis: 'x' }, CURVE, 'Volume of NaOH where the curve is lowest'],
    [{ quantity: 'equivalence', in: 'm' }, CURVE, 'Volume of NaOH at equivalence'],
    [{ quantity: 'halfEquivalence', in: 'm', which: 2 }, CURVE, 'pKa, half-way to equivalence 2'],
    [{ quantity: 'area', in: 'm' }, CURVE, 'Area under pH'],
    [{ quantity: 'area', in: 'gone' }, CURVE, 'Area under y'],
  ])('%j', (find, task, title) => {
    expect(questionTitle(task, { id: 'q', find })).toBe(title)
  })
})
