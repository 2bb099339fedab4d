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
  readonly role?: TitrationRole
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
  return { ...at, key: [kind, id, role, run, item].join(JOINT) as PlaceKey }
}

export const weighed = (weighing: string): Place => place({ kind: 'weighing', id: weighing })
export const heated = (heating: string): Place => place({ kind: 'heating', id: heating })
/** The whole of a material; of one that was made up, the whole flask. */
export const inMaterial = (material: string): Place => place({ kind: 'material', id: material })
/** One of the portions a solution was made up from. */
export const putInto = (solution: string, item: number): Place => place({ kind: 'solution', id: solution, item })
export const onSeries = (series: string): Place => place({ kind: 'series', id: series })
export const ofQuestion = (question: string): Place => place({ kind: 'question', id: question })

/** One flask that was titrated: the portion every run had, or, with a weighed solid for each run, that of one run. */
export interface Flask {
  readonly part: PartOf<'titration'>
  /** Position of the run, where each has its own flask. */
  readonly run?: number
}

/** A place of a titration, or of one run of it. */
export function inTitration(
  { part, run }: Flask | { part: { id: string }; run?: number },
  role: TitrationRole,
  item?: number,
): Place {
  return place({
    kind: 'titration',
    id: part.id,
    role,
    ...(run === undefined ? {} : { run }),
    ...(item === undefined ? {} : { item }),
  })
}
