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
  'CH3COOH(l)': bottle(
    'glacial ethanoic acid',
    ['glacial acetic acid', 'ethanoic acid pure'],
    'alcohols: a fruity ester, with concentrated sulfuric acid',
    'It burns skin and its vapour chokes and burns: gloves, fume cupboard, no flame near.',
  ),
  'Na(s)': bottle(
    'sodium',
    ['sodium metal', 'piece of sodium'],
    'alcohols and acids without water: hydrogen',
    'It catches fire in water: a rice grain, in a dry tube, the demonstrator’s hands; never into anything with water in it.',
  ),
  'ammoniacal silver nitrate': bottle(
    'ammoniacal silver nitrate',
    ['tollens', 'tollens reagent', 'tollens solution', 'silver mirror reagent', 'silver mirror test', 'ammoniacal silver'],
    'aldehydes: a silver mirror, on warming',
    'Made fresh; acidified and washed away as soon as it was looked at: kept, it leaves a solid that explodes.',
  ),
  'alkaline copper(II) tartrate': bottle(
    'alkaline copper(II) tartrate',
    ['fehlings', 'fehling solution', 'fehlings solution', 'copper tartrate', 'copper ii tartrate', 'alkaline copper tartrate'],
    'aldehydes and reducing sugars: brick-red, on warming',
    'It is strongly alkaline: eye protection, and it bumps when it is boiled.',
  ),
  'alkaline copper(II) citrate': bottle(
    'alkaline copper(II) citrate',
    ['benedicts', 'benedict solution', 'benedicts solution', 'copper citrate', 'alkaline copper citrate'],
    'reducing sugars: brick-red, on warming',
  ),
  '2,4-DNPH': bottle(
    '2,4-dinitrophenylhydrazine',
    ['dnph', 'dnp', 'dinitrophenylhydrazine'],
    'aldehydes and ketones: orange',
    'It is toxic and stains: gloves. Dry it explodes: only as it is made up.',
  ),
  phenolphthalein: bottle('phenolphthalein', ['phenolphthalein indicator', 'pp indicator'], 'alkali: pink'),
  'methyl orange': bottle('methyl orange', ['methyl orange indicator'], 'acid: red, alkali: yellow'),
  'bromothymol blue': bottle('bromothymol blue', ['btb'], 'acid: yellow, alkali: blue'),
  'litmus solution': bottle('litmus solution', [], 'acid: red, alkali: blue'),
}
