import type { Sum } from './sum.ts'

const FIRST = { key: 'a', symbol: 'a', says: 'first', unit: 'any' } as const
const SECOND = { key: 'b', symbol: 'b', says: 'second', unit: 'any', like: 'a' } as const

/** One answer beside another. */
export const COMPARING: readonly Sum[] = [
  {
    id: 'ratio',
    group: 'comparing',
    says: 'how many times one is the other',
    takes: [FIRST, SECOND],
    lines: [{ gives: 'ratio', symbol: 'a/b', says: 'ratio', unit: '', formula: 'a/b', over: ['a'], under: ['b'] }],
    source: 'common practice',
  },
  {
    id: 'difference',
    group: 'comparing',
    says: 'difference of two',
    takes: [
      { ...FIRST, signed: true },
      { ...SECOND, signed: true },
    ],
    lines: [{ gives: 'apart', symbol: 'a − b', says: 'difference', unit: 'as a', formula: 'a − b', plus: ['a'], minus: ['b'] }],
    signed: true,
    source: 'common practice',
  },
  {
    id: 'percentageChange',
    group: 'comparing',
    says: 'percentage change from one to the other',
    takes: [
      { ...FIRST, says: 'from' },
      { ...SECOND, says: 'to', signed: true },
    ],
    lines: [
      { gives: 'apart', symbol: 'change', says: 'change', unit: 'as a', formula: 'b − a', plus: ['b'], minus: ['a'] },
      {
        gives: 'percent',
        symbol: '% change',
        says: 'percentage change',
        unit: '%',
        formula: 'change/a × 100',
        over: ['apart'],
        under: ['a'],
        factor: { over: 100, under: 1 },
      },
    ],
    signed: true,
    source: 'common practice',
  },
  {
    id: 'share',
    group: 'comparing',
    says: 'one as a percentage of the other',
    takes: [FIRST, SECOND],
    lines: [
      {
        gives: 'percent',
        symbol: '%',
        says: 'percentage',
        unit: '%',
        formula: 'a/b × 100',
        over: ['a'],
        under: ['b'],
        factor: { over: 100, under: 1 },
      },
    ],
    source: 'common practice',
  },
  {
    id: 'times',
    group: 'comparing',
    says: 'so many times an answer (half the sample, three portions)',
    takes: [FIRST, { key: 'k', symbol: 'k', says: 'times', unit: '' }],
    lines: [{ gives: 'scaled', symbol: 'k a', says: 'so many times', unit: 'as a', formula: 'k × a', over: ['k', 'a'] }],
    assumes: ['what is compared is in proportion to what it is compared with'],
    source: 'common practice',
  },
  {
    id: 'meanOfTwo',
    group: 'comparing',
    says: 'mean of two answers',
    takes: [
      { ...FIRST, signed: true },
      { ...SECOND, signed: true },
    ],
    lines: [
      { gives: 'both', symbol: 'a + b', says: 'both together', unit: 'as a', formula: 'a + b', plus: ['a', 'b'] },
      {
        gives: 'mean',
        symbol: 'mean',
        says: 'mean',
        unit: 'as a',
        formula: '(a + b)/2',
        over: ['both'],
        factor: { over: 1, under: 2 },
      },
    ],
    signed: true,
    source: 'common practice',
  },
]
