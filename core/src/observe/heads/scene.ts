import type { Clause } from '../clause.ts'
import type { HeldTest, StepContext } from '../context.ts'
import type { DeniedFact, ObservedFact, SeenFact } from '../facts.ts'

/** Where a clause stands: its step, and what the clauses before it spoke of. */
export interface Scene {
  readonly given: StepContext
  /** Held now: named in the act or in the line, until another thing is named. */
  readonly test: HeldTest | undefined
  /** Whether a precipitate is in the tube now. */
  readonly precipitate: boolean
  /** Whether the line has spoken of the solution. */
  readonly ofSolution: boolean
  /** Whether the line has spoken of a precipitate of its own. */
  readonly ofPrecipitate: boolean
}

/** What a head makes of a clause. */
export interface Told {
  readonly facts: readonly ObservedFact[]
  /** Whether the clause says no more: heads after this one are not asked. */
  readonly done: boolean
  /** Whether a precipitate is there now; left out where it is as it was. */
  readonly precipitate?: boolean
  /** The clause as the heads after this one are to see it. */
  readonly rest?: Clause
}

/** A reader of one kind of fact; undefined where a clause says nothing of it. */
export type Head = (clause: Clause, scene: Scene, before: readonly ObservedFact[]) => Told | undefined

/** All that a clause says. */
export const all = (...facts: readonly ObservedFact[]): Told => ({ facts, done: true })
/** Something that a clause says besides what else it may say. */
export const besides = (...facts: readonly ObservedFact[]): Told => ({ facts, done: false })

type Deniable = DeniedFact['of']

/** What a fact is when it is denied: some have a fact of their own for it. */
export function denied(fact: Deniable): ObservedFact {
  switch (fact.kind) {
    case 'precipitate':
      return { kind: 'noPrecipitate' }
    case 'effervescence':
      return { kind: 'noGas' }
    case 'dissolves':
      return { kind: 'insoluble' }
    default:
      return { kind: 'not', of: fact }
  }
}

/** A fact, or its denial where it stands in a denied place of its clause. */
export const said = (clause: Clause, fact: SeenFact, at: number): ObservedFact => (clause.isDenied(at) ? denied(fact) : fact)
