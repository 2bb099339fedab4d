import { decimalPlaces, Exact } from '../number/index.ts'
import type { Problem } from '../problem/index.ts'
import { entryText, type PartOf, path } from '../record/index.ts'
import { assessHeating } from './constantMass.ts'
import { heatingProblem } from './says.ts'

/** Everything that looks wrong in a heating; nothing here stops anyone from going on. */
export function checkHeating(part: PartOf<'heating'>): readonly Problem[] {
  const { steps, constant, within } = assessHeating(part)
  const massAt = (index: number) => path('parts', part.id, 'masses', part.masses[index]?.id ?? index, 'mass')
  const gained = steps.flatMap(({ index, change, text }) =>
    change?.gt(within) ? [heatingProblem('heating.gained', massAt(index), { change: change.toFixed(decimalPlaces(text)) })] : [],
  )
  const container = part.container === undefined ? undefined : entryText(part.container)
  const below = steps.flatMap(({ index, mass, text }) =>
    container !== undefined && mass.lte(new Exact(container))
      ? [heatingProblem('heating.belowContainer', massAt(index), { mass: text, container })]
      : [],
  )
  const masses = path('parts', part.id, 'masses')
  const unfinished =
    steps.length >= 2 && !constant
      ? [heatingProblem('heating.notConstant', masses, { times: steps.length - 1, within: String(within) })]
      : []
  return [...below, ...gained, ...unfinished]
}
