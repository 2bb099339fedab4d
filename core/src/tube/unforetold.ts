import type { Reagent } from './reagent.ts'

const bottle = (says: string, also: readonly string[], purpose: string, care?: string): Reagent => ({
  putIn: {},
  state: 'aq',
  special: 'unforetold',
  says,
  also,
  purpose,
  ...(care ? { care } : {}),
})

const BURNS = 'It burns and its vapour catches fire: no flame near.'

/** Bottles that are known by name, and of which the model does not foretell what they do. */
export const UNFORETOLD: Readonly<Record<string, Reagent>> = {
  'NaClO(aq)': bottle(
    'sodium chlorate(I)',
    ['bleach', 'household bleach', 'sodium hypochlorite', 'naocl', 'hypochlorite'],
    'an oxidising agent',
    'Acid frees chlorine from it, ammonia makes toxic chloramines: never with either.',
  ),
  'C2H5OH(l)': bottle('ethanol', ['alcohol', 'etoh', 'industrial spirit', 'c2h5oh'], 'dissolving', BURNS),
  'CH3COCH3(l)': bottle('propanone', ['acetone'], 'dissolving', BURNS),
  phenolphthalein: bottle('phenolphthalein', ['phenolphthalein indicator', 'pp indicator'], 'alkali: pink'),
  'methyl orange': bottle('methyl orange', ['methyl orange indicator'], 'acid: red, alkali: yellow'),
  'bromothymol blue': bottle('bromothymol blue', ['btb'], 'acid: yellow, alkali: blue'),
  'litmus solution': bottle('litmus solution', [], 'acid: red, alkali: blue'),
}
