import type { ChemicalColour } from '../palette/index.ts'

/** What an indicator answers to. */
export type IndicatorKind = 'acid-base' | 'metal' | 'iodine' | 'manganate'

/** An indicator with its colours. */
export interface Indicator {
  readonly name: string
  /** Other names and spellings, lower case. */
  readonly also: readonly string[]
  readonly kind: IndicatorKind
  /** Colour in acid; for other kinds, in what is titrated. */
  readonly first: ChemicalColour
  /** Colour half-way, where there is one to be seen. */
  readonly middle?: ChemicalColour
  /** Colour in alkali; for other kinds, once the titrant is in excess. */
  readonly last: ChemicalColour
  /** pH over which an acid–base indicator changes. */
  readonly range?: readonly [number, number]
  /** When to add it, or what to mind. */
  readonly note?: string
  readonly source: 'handbook' | 'practice'
}

/**
 * Indicators of school titrations. `handbook`: colours and ranges as in handbook tables of acid–base indicators, from
 * memory. `practice`: common practice.
 */
export const INDICATORS: readonly Indicator[] = [
  {
    name: 'methyl orange',
    also: ['m.o.', 'mo'],
    kind: 'acid-base',
    first: 'red',
    middle: 'orange',
    last: 'yellow',
    range: [3.1, 4.4],
    note: 'For a weak base with a strong acid, or carbonate all the way to carbonic acid.',
    source: 'handbook',
  },
  {
    name: 'screened methyl orange',
    also: [],
    kind: 'acid-base',
    first: 'wine red',
    middle: 'grey',
    last: 'green',
    range: [3.1, 4.4],
    source: 'handbook',
  },
  {
    name: 'methyl red',
    also: [],
    kind: 'acid-base',
    first: 'red',
    middle: 'orange',
    last: 'yellow',
    range: [4.4, 6.2],
    note: 'For a weak base with a strong acid.',
    source: 'handbook',
  },
  {
    name: 'bromothymol blue',
    also: ['bromthymol blue', 'btb'],
    kind: 'acid-base',
    first: 'yellow',
    middle: 'green',
    last: 'blue',
    range: [6.0, 7.6],
    note: 'For a strong acid with a strong base.',
    source: 'handbook',
  },
  {
    name: 'phenolphthalein',
    also: ['pp', 'phph'],
    kind: 'acid-base',
    first: 'colourless',
    middle: 'very pale pink',
    last: 'pink',
    range: [8.2, 10.0],
    note: 'For a weak acid with a strong base. The pink fades in air, which brings carbon dioxide.',
    source: 'handbook',
  },
  {
    name: 'eriochrome black T',
    also: ['ebt', 'solochrome black', 'eriochrome black'],
    kind: 'metal',
    first: 'wine red',
    middle: 'purple',
    last: 'blue',
    note: 'At pH 10 with the ammonia buffer. The last tinge of red must be gone.',
    source: 'practice',
  },
  {
    name: 'starch',
    also: ['starch solution', 'starch indicator'],
    kind: 'iodine',
    first: 'blue-black',
    last: 'colourless',
    note: 'Add it when the iodine has faded to straw yellow: earlier it holds iodine fast.',
    source: 'practice',
  },
  {
    name: 'manganate(VII) itself',
    also: ['self-indicating', 'self indicating', 'permanganate', 'manganate', 'no indicator'],
    kind: 'manganate',
    first: 'colourless',
    last: 'very pale pink',
    note: 'It is its own indicator. In a coloured or cloudy sample the shade differs.',
    source: 'practice',
  },
]

/** The indicator a text names, or undefined: `phenolphthalein, to the first lasting pink`. */
export function indicatorNamed(text: string): Indicator | undefined {
  const words = ` ${text.toLowerCase()} `
  const names = (one: Indicator) => [one.name, ...one.also]
  // The longest name that fits: screened methyl orange is not methyl orange.
  return INDICATORS.filter((one) =>
    names(one).some((name) => new RegExp(`(^|[^a-z])${escaped(name)}([^a-z]|$)`).test(words)),
  ).toSorted((a, b) => b.name.length - a.name.length)[0]
}

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
