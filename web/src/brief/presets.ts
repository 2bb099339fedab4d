import { type Conventions, DEFAULT_CONVENTIONS } from '@hop-lark/core/record'

interface Preset {
  readonly name: string
  readonly says: string
  readonly conventions: Omit<Conventions, 'volumeUnit'>
}

const { volumeUnit: _unit, ...usual } = DEFAULT_CONVENTIONS

/** Common schools of doing titrations (common practice); each can be changed afterwards. */
export const PRESETS: readonly Preset[] = [
  {
    name: 'Half divisions, two within 0.10',
    says: 'Burette to 0.05; the largest set that agrees; 3 figures.',
    conventions: usual,
  },
  {
    name: 'Half divisions, two within 0.20',
    says: 'Burette to 0.05; a wider limit; 3 figures.',
    conventions: { ...usual, concordance: { ...usual.concordance, within: '0.20' } },
  },
  {
    name: 'To the division, closest pair',
    says: 'Burette to 0.1; the two titres that lie closest; one-line working.',
    conventions: {
      ...usual,
      burette: { ...usual.burette, step: '0.1' },
      concordance: { ...usual.concordance, rule: 'closest-pair' },
      working: 'ratio',
    },
  },
  {
    name: 'Careful: three within 0.05',
    says: 'Burette to 0.01, class A; standard atomic masses; 4 figures.',
    conventions: {
      ...usual,
      burette: { ...usual.burette, step: '0.01', class: 'A' },
      concordance: { ...usual.concordance, within: '0.05', runs: 3 },
      atomicMasses: 'standard',
      figures: 4,
    },
  },
]
