import { dissociate, parseFormula, speciesKey } from '../substance/index.ts'
import { reagentNamed } from './reagents.ts'

/** The substance a bottle is there for, by its formula; what is no bottle of the bench is itself. */
export function substanceOf(bottle: string): string {
  const row = reagentNamed(bottle)
  return row?.element ?? Object.keys(row?.putIn ?? {})[0] ?? bottle
}

/** Whether a salt in a bottle of the bench has an ion. */
export function holdsIon(bottle: string, ion: string): boolean {
  const wanted = speciesKey(parseFormula(ion))
  return Object.keys(reagentNamed(bottle)?.putIn ?? {}).some((formula) =>
    dissociate(parseFormula(formula))?.some((part) => speciesKey(part.ion) === wanted),
  )
}
