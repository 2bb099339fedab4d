import { type Conventions, MOST_FIGURES, MOST_THAT_AGREE } from '@hop-lark/core/record'
import { choicesFrom, choicesOf } from '../ui/choices.ts'

const COUNTS = ['', 'one', 'two', 'three', 'four', 'five', 'six']

/** What can be chosen for each convention, in words. */
export const CHOICES = {
  unit: choicesOf<Conventions['volumeUnit']>({ cm3: 'cm³ and dm³', mL: 'mL and L' }),
  step: choicesOf<Conventions['burette']['step']>({
    '0.1': 'to 0.1',
    '0.05': 'to 0.05, half a division',
    '0.02': 'to 0.02',
    '0.01': 'to 0.01',
  }),
  glass: choicesOf<Conventions['burette']['class']>({ A: 'class A', B: 'class B' }),
  rule: choicesOf<Conventions['concordance']['rule']>({
    'largest-set': 'the largest set that agrees',
    'closest-pair': 'the closest pair',
    'every-accurate': 'every accurate run',
  }),
  runs: choicesFrom(1, MOST_THAT_AGREE, (count) => (count === 1 ? 'one is enough' : `${COUNTS[count] ?? count} must agree`)),
  runInTo: choicesOf<Conventions['runIn']['to']>({ margin: 'to a margin before the end', half: 'to half of the rough titre' }),
  tint: choicesOf<Conventions['endPoint']['tint']>({ palest: 'is the palest tint', any: 'is any tint' }),
  lasts: choicesOf<Conventions['endPoint']['lasts']>({
    swirling: 'that lasts while swirled',
    '20 s': 'that lasts 20 seconds',
    '30 s': 'that lasts 30 seconds',
  }),
  strict: choicesOf<'false' | 'true'>({ false: 'at most', true: 'less than' }),
  figures: choicesFrom(1, MOST_FIGURES, (count) => `${count} figure${count === 1 ? '' : 's'}`),
  carry: choicesOf<Conventions['carry']>({ unrounded: 'carry the full value', rounded: 'carry the rounded value' }),
  masses: choicesOf<Conventions['atomicMasses']>({
    whole: 'whole numbers: Fe 56',
    'one-decimal': 'to one decimal: Fe 55.8',
    standard: 'standard: Fe 55.845',
  }),
  working: choicesOf<Conventions['working']>({
    moles: 'line by line, n = cV',
    ratio: 'in one line, a₁M₁V₁ = a₂M₂V₂',
    proportion: 'in one line, CV over CV = n over n',
    chain: 'one chain, units cancelling',
  }),
}
