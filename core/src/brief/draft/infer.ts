import { isAsked } from '../ask/asked.ts'
import { quantityIn } from '../ask/quantities.ts'
import { ofKind } from '../mention/mention.ts'
import type { Draft } from './Draft.ts'

/** "As calcium carbonate": what the result is expressed in, and not what the bottle holds. */
const EXPRESSED = /\bhardness\b|\bas if\b|\bif (?:it|all)\b|\bexpressed\b|\bcalculated as\b/i

/** What a question names in a bottle of which nothing else is said is taken to be dissolved in it; this is said beside it. */
export function inferSolutes(draft: Draft): void {
  for (const { sentence, mentions } of draft.reads) {
    if (!isAsked(sentence.text) && !/^(?:the )?(?:concentration|molarity)\b/i.test(sentence.text)) continue
    if (!/concentration/i.test(quantityIn(sentence.text) ?? '') || EXPRESSED.test(sentence.text)) continue
    const named = [...new Set(ofKind(mentions, 'substance').map(({ formula }) => formula))].filter(
      (formula) => !/[+-]$|^[A-Z][a-z]?$|^H2O$/.test(formula),
    )
    const [only, ...more] = named
    if (only === undefined || more.length > 0) continue
    for (const { label } of ofKind(mentions, 'label')) {
      const material = draft.materials.get(label)
      if (material?.form !== 'solution' || material.solute !== undefined || material.strength || isMixture(draft, label)) continue
      material.solute = only
      material.inferred = `taken from what is asked: “${sentence.text.slice(0, 80)}”`
    }
  }
}

/** A hydrate that the sheet speaks of, and one solid of which nothing is said: that is it. */
export function inferHydrate(draft: Draft): void {
  const hydrates = new Set(
    draft.reads
      .flatMap(({ mentions }) => ofKind(mentions, 'substance').map(({ formula }) => formula))
      .filter((formula) => /\.[a-z]H2O$/.test(formula)),
  )
  const solids = draft.parts.flatMap((part) =>
    (part.kind === 'weighing' || part.kind === 'heating') && part.of !== undefined ? [part.of] : [],
  )
  const [hydrate, ...others] = hydrates
  const [solid, ...more] = new Set(solids)
  const material = draft.materials.get(solid ?? '')
  if (hydrate === undefined || others.length > 0 || more.length > 0 || !material || material.solute !== undefined) return
  material.solute = hydrate
  material.inferred = 'the hydrate that the sheet speaks of'
}

/** Two substances asked for in one bottle: neither is what the bottle holds. */
function isMixture(draft: Draft, label: string): boolean {
  const asked = draft.reads.filter(
    ({ sentence, mentions }) =>
      (isAsked(sentence.text) || quantityIn(sentence.text) !== undefined) &&
      ofKind(mentions, 'label').some((one) => one.label === label),
  )
  const named = new Set(asked.flatMap(({ mentions }) => ofKind(mentions, 'substance').map(({ formula }) => formula)))
  const ions = [...named].filter((formula) => /[+-]$/.test(formula))
  return ions.length > 1 || named.size - ions.length > 1
}
