import { contextOf, type StepContext } from './context.ts'
import type { Observation, ObservedFact } from './facts.ts'
import { readObservation } from './read.ts'

/** A step as it is recorded, as far as its observation hangs on it. */
export interface SeenStep {
  readonly do: string
  readonly reagent?: string | undefined
  readonly amount?: string | undefined
  readonly saw?: string | undefined
}

/** A tube of which observations are read. */
export interface SeenTube {
  /** What was taken from the tube before it. */
  readonly take?: string | undefined
  readonly steps: readonly SeenStep[]
}

/** Whether a precipitate is in the tube after some facts. */
function precipitateAfter(facts: readonly ObservedFact[], before: boolean): boolean {
  return facts.reduce((there, fact) => {
    if (fact.kind === 'precipitate' || fact.kind === 'insoluble' || fact.kind === 'precipitateTurns') return true
    return fact.kind === 'dissolves' && fact.how === 'completely' ? false : there
  }, before)
}

/** What a tube holds before a step, as far as it was written down. */
interface Holding {
  readonly precipitate: boolean
  readonly dry: boolean
}

const begun = (holding: Holding, take: string | undefined): Holding =>
  take === 'residue' ? { precipitate: true, dry: false } : take === 'filtrate' ? { precipitate: false, dry: false } : holding

/** An observation with the context it was read in. */
export interface ReadStep {
  readonly context: StepContext
  readonly observation: Observation
}

/**
 * The observations of a tube and of those it was begun from, each read where it stands.
 *
 * @param line - the tubes from the first to the one in question
 * @param dry - whether the first holds a dry solid
 * @returns for each tube, its steps in order, and what the next step will find
 */
export function readTubes(
  line: readonly SeenTube[],
  dry = false,
): { readonly tubes: readonly (readonly ReadStep[])[]; readonly next: (step: Omit<SeenStep, 'saw'>) => StepContext } {
  let holding: Holding = { precipitate: false, dry }
  let before: readonly SeenStep[] = []
  const tubes = line.map(({ take, steps }, index) => {
    if (index > 0) holding = begun(holding, take)
    return steps.map((step): ReadStep => {
      const wetted = (step.do === 'add' && !/\(s\)$/.test(step.reagent ?? '')) || step.do === 'dissolve'
      if (wetted) holding = { ...holding, dry: false }
      const context = contextOf(step, { ...holding, before })
      const observation = readObservation(step.saw ?? '', context)
      const facts = observation.facts.map(({ fact }) => fact)
      holding = { ...holding, precipitate: step.do === 'filter' ? false : precipitateAfter(facts, holding.precipitate) }
      before = [...before, step]
      return { context, observation }
    })
  })
  return { tubes, next: (step) => contextOf(step, { ...holding, before }) }
}
