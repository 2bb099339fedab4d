import type { PartOf } from '../../record/index.ts'
import { reagentNamed, sayAmount, type TubeStep } from '../../tube/index.ts'

type Step = PartOf<'rack'>['samples'][number]['tubes'][number]['steps'][number]

/** The manner of an act. */
export type How = NonNullable<Step['how']>[number]

/** What was done, as the record keeps it. An amount that was not said is left out. */
export type Action = Pick<Step, 'do' | 'reagent' | 'amount' | 'order' | 'with' | 'how'>

/** An act as it can be said, of the record or of the model. */
type Sayable = Omit<TubeStep, 'do'> & { readonly do: Action['do']; readonly how?: readonly How[] | undefined }

/** The order of an addition that goes the other way round. */
export const REVERSED = 'sample into reagent'

export const WATER = 'H2O(l)'

const DONE: Readonly<Record<Action['do'], string>> = {
  look: 'appearance',
  smell: 'smelt, by wafting',
  dissolve: 'dissolved in water',
  add: 'added',
  shake: 'shaken',
  warm: 'warmed gently',
  heat: 'heated',
  boil: 'boiled',
  cool: 'cooled',
  stand: 'left to stand',
  filter: 'filtered',
  flame: 'flame test',
  gas: 'gas test',
}

const MANNERS: Readonly<Record<How, string>> = {
  dropwise: 'dropwise',
  slowly: 'slowly',
  carefully: 'carefully',
  shaking: 'with shaking',
  'without shaking': 'without shaking',
  'down the side': 'down the side',
  'in hot water': 'in hot water',
}

/** A bottle as it was put in: its amount, its name, what went in with it. */
function sayAdded({ reagent = '', amount, order, with: others = [] }: Sayable): string {
  const bottle = reagentNamed(reagent)
  const main = bottle?.paper ? `${reagent} paper` : sayAmount(amount, reagent)
  const before = others.map((one) => sayAmount(one.amount, one.reagent))
  return `${[...before, main].join(' + ')}${order === undefined ? '' : `, ${REVERSED}`}`
}

function sayBare(action: Sayable): string {
  const { do: act, reagent } = action
  if (act === 'add' && reagent !== undefined) return sayAdded(action)
  if (act === 'dissolve' && reagent !== undefined)
    return reagent === WATER && action.amount === undefined ? DONE.dissolve : `dissolved in ${sayAmount(action.amount, reagent)}`
  return reagent === undefined ? DONE[act] : `${act === 'gas' ? '' : `${DONE[act]}, `}${reagent}`
}

/** An action as the record shows it: `3 drops NaOH(aq)`, `HNO3(aq) + AgNO3(aq)`, `warmed gently, damp red litmus paper`. */
export function sayAction(action: Sayable): string {
  const how = action.how?.map((one) => MANNERS[one]) ?? []
  return [sayBare(action), ...how].join(', ')
}
