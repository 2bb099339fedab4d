import { Memory } from '../memory/index.ts'
import type { PartOf } from '../record/index.ts'

/** What a place of a titration is: what is in the flask, what the burette delivered, and what lies between them. */
export type TitrationRole = 'flask' | 'titre' | 'left over' | 'used' | 'step' | 'scaled'

type PlaceKind = 'weighing' | 'heating' | 'material' | 'solution' | 'titration' | 'series' | 'question'

declare const placeMark: unique symbol
/** Tells places apart in tables; it is never taken apart. */
export type PlaceKey = string & { readonly [placeMark]: true }

/** Somewhere amounts are: what was weighed, a material, the flask of a titration. */
export interface Place {
  readonly kind: PlaceKind
  /** Of the part, or of the material or question. */
  readonly id: string
  readonly role?: TitrationRole | 'put in'
  /** Position of the run whose own flask it is, where every run has one. */
  readonly run?: number
  /** Position among several such, from 0: the portions of a flask. */
  readonly item?: number
  readonly key: PlaceKey
}

// No id holds a character that cannot be seen, so what is joined by one cannot be mistaken for another.
const JOINT = '\u0000'

function place(at: Omit<Place, 'key'>): Place {
  const { kind, id, role = '', run = '', item = '' } = at
  return { ...at, key: `${kind}${JOINT}${id}${JOINT}${role}${JOINT}${run}${JOINT}${item}` as PlaceKey }
}

const MOST_REMEMBERED = 5000

/** Makes places that are told apart by one id, each once: relations ask for the same ones again and again. */
function remembered(make: (id: string) => Place): (id: string) => Place {
  const known = new Memory<string, Place>(MOST_REMEMBERED)
  return (id) => known.recall(id, make)
}

export const weighed = remembered((weighing) => place({ kind: 'weighing', id: weighing }))
export const heated = remembered((heating) => place({ kind: 'heating', id: heating }))
/** The whole of a material; of one that was made up, the whole flask. */
export const inMaterial = remembered((material) => place({ kind: 'material', id: material }))
/** One of the portions a solution was made up from. */
export const putInto = (solution: string, item: number): Place => place({ kind: 'solution', id: solution, item })
/** What was put into a flask before it reacted there, and what of it was used up. */
export const reacted = (solution: string, role: 'put in' | 'used'): Place => place({ kind: 'solution', id: solution, role })
export const onSeries = (series: string): Place => place({ kind: 'series', id: series })
export const ofQuestion = (question: string): Place => place({ kind: 'question', id: question })

/** One flask that was titrated: the portion every run had, or, with a weighed solid for each run, that of one run. */
export interface Flask {
  readonly part: PartOf<'titration'>
  /** Position of the run, where each has its own flask. */
  readonly run?: number
}

const OF_TITRATION: Readonly<Record<TitrationRole, (id: string) => Place>> = {
  flask: remembered((id) => place({ kind: 'titration', id, role: 'flask' })),
  titre: remembered((id) => place({ kind: 'titration', id, role: 'titre' })),
  'left over': remembered((id) => place({ kind: 'titration', id, role: 'left over' })),
  used: remembered((id) => place({ kind: 'titration', id, role: 'used' })),
  step: remembered((id) => place({ kind: 'titration', id, role: 'step' })),
  scaled: remembered((id) => place({ kind: 'titration', id, role: 'scaled' })),
}

/** A place of a titration, or of one run of it. */
export function inTitration(
  { part, run }: Flask | { part: { id: string }; run?: number },
  role: TitrationRole,
  item?: number,
): Place {
  if (run === undefined && item === undefined) return OF_TITRATION[role](part.id)
  return place({
    kind: 'titration',
    id: part.id,
    role,
    ...(run === undefined ? {} : { run }),
    ...(item === undefined ? {} : { item }),
  })
}
