import { findById } from '../../record/index.ts'
import type { Bench } from '../Bench.ts'
import { heated, inMaterial, inTitration, type Place, weighed } from '../place.ts'

/** The place a question names: a weighing, a titration's `flask`, `titre` or `before`, a heating, or a material. */
export function placeOf(bench: Bench, name: string): Place | undefined {
  const part = findById(bench.task.parts, name)
  if (part?.kind === 'weighing') return weighed(name)
  if (part?.kind === 'heating') return heated(name)
  const [, titration, role] = /^([^/]+)\/(flask|titre|before)$/.exec(name) ?? []
  if (titration !== undefined && role !== undefined)
    return inTitration({ part: { id: titration } }, role === 'before' ? 'used' : (role as 'flask' | 'titre'))
  return bench.task.materials.some(({ id }) => id === name) ? inMaterial(name) : undefined
}
