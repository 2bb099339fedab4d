import type { Draft } from '../draft/Draft.ts'
import type { DraftEquation } from '../draft/parts.ts'
import { ofKind } from '../mention/mention.ts'

const CARBONATE = 'Na2CO3 + HCl -> NaHCO3 + NaCl'
const HYDROXIDE = 'NaOH + HCl -> NaCl + H2O'
const HYDROGENCARBONATE = 'NaHCO3 + HCl -> NaCl + H2O + CO2'

/**
 * A carbonate beside hydroxide or hydrogencarbonate, titrated with acid to two end-points (common practice): what happens up
 * each of them, where the sheet gives no equations.
 */
export function proposeStages(draft: Draft): void {
  for (const second of draft.of('titration')) {
    const first = draft.of('titration').find(({ id }) => id === second.continues)
    if (!first || first.equations.some(({ proposed }) => !proposed) || draft.materials.get(first.burette ?? '')?.solute !== 'HCl')
      continue
    const named = new Set(
      draft.reads
        .filter(({ sentence }) => sentence.block === second.block)
        .flatMap(({ mentions }) => ofKind(mentions, 'substance').map(({ formula }) => formula)),
    )
    if (!named.has('Na2CO3')) continue
    const stage = (...equations: readonly string[]): DraftEquation[] =>
      equations.map((equation) => ({ equation, role: 'titration', proposed: true }))
    first.equations = named.has('NaOH') ? stage(CARBONATE, HYDROXIDE) : stage(CARBONATE)
    second.equations = stage(HYDROGENCARBONATE)
  }
}
