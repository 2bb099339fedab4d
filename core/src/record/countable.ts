import type { FindOf, Quantity, Question } from './types.ts'

type Countable = 'mass' | 'amount' | 'concentration' | 'massConcentration' | 'massPercent' | 'perItem'

const COUNTABLE: ReadonlySet<Quantity> = new Set<Countable>([
  'mass',
  'amount',
  'concentration',
  'massConcentration',
  'massPercent',
  'perItem',
])

/** Whether a question may say by what its species is counted. */
export const isCountable = (find: Question['find']): find is FindOf<Countable> => COUNTABLE.has(find.quantity)
