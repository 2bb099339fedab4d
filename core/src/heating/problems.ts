import { decimalPlaces, Exact } from '../number/index.ts'
import type { Problem } from '../problem/index.ts'
import { entryText, type PartOf, path } from '../record/index.ts'
import { assessHeating } from './constantMass.ts'

/** Everything that looks wrong in a heating; nothing here stops anyone from going on. */
export function checkHeating(part: PartOf<'heating'>): readonly Problem[] {
  const { steps, constant, within } = assessHeating(part)
  const massAt = (index: number) => path('parts', part.id, 'masses', part.masses[index]?.id ?? index, 'mass')
  const gained = steps.flatMap(({ index, change, text }): Problem[] =>
    change?.gt(within)
      ? [
          {
            level: 'query',
            code: 'heating.gained',
            at: massAt(index),
            says: `The mass went up by ${change.toFixed(decimalPlaces(text))} g on heating.`,
            mend: 'Weighed warm, water taken up while cooling, or misread? Let it cool in a desiccator and weigh again.',
          },
        ]
      : [],
  )
  const container = part.container
  const below =
    container === undefined
      ? []
      : steps.flatMap(({ index, mass, text }): Problem[] =>
          mass.lte(new Exact(entryText(container)))
            ? [
                {
                  level: 'error',
                  code: 'heating.belowContainer',
                  at: massAt(index),
                  says: `Container and solid, ${text} g, are not heavier than the empty container, ${entryText(container)} g.`,
                  mend: 'Swapped, or another container? Look at both again.',
                },
              ]
            : [],
        )
  const unfinished: Problem[] =
    steps.length >= 2 && !constant
      ? [
          {
            level: 'query',
            code: 'heating.notConstant',
            at: path('parts', part.id, 'masses'),
            says:
              steps.length === 2
                ? 'Heated once only: nobody knows yet whether all of it was driven off.'
                : `The last two masses differ by more than ${within} g.`,
            mend: 'Heat, cool and weigh again until two masses agree.',
          },
        ]
      : []
  return [...below, ...gained, ...unfinished]
}
