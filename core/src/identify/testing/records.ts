import type { PartOf } from '../../record/index.ts'
import { type Identification, identifyRack } from '../index.ts'

export type Tube = PartOf<'rack'>['samples'][number]['tubes'][number]
export type Line = readonly [what: string, saw: string]

const AMOUNT = /^(.*(?:\((?:aq|s|conc|g)\)|litmus|indicator))(?: (.*))?$/

/** A tube from lines: `NaOH(aq) excess`, `warm`. */
export function tube(id: string, ...lines: readonly Line[]): Tube {
  return {
    id,
    steps: lines.map(([what, saw], index) => {
      const id = `s${index + 1}`
      const [, reagent, amount = 'drops'] = AMOUNT.exec(what) ?? []
      return reagent ? { id, do: 'add', reagent, amount, saw } : { id, do: what as 'warm', saw }
    }),
  }
}

export function identify(...tubes: readonly Tube[]): Identification {
  const [found] = identifyRack([{ material: 'P', tubes: [...tubes] }])
  if (!found) throw new Error('nothing was identified')
  return found
}
export const of = (found: Identification, verdict: string) =>
  found.ions
    .filter((one) => one.verdict === verdict)
    .map(({ ion }) => ion)
    .toSorted()
