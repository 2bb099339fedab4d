import { isAsked } from '../ask/asked.ts'
import type { AskedQuestion } from '../ask/find.ts'
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
  const isOpen = material?.solute === undefined || material.solute === hydrate?.split('.')[0]
  if (hydrate === undefined || others.length > 0 || more.length > 0 || !material || !isOpen) return
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

/**
 * A strength that the sheet gives and has found by a titration, too: it is what the answer is to be compared with, and would
 * else be taken for the answer. It is kept as a note.
 */
export function measuredNotGiven(draft: Draft, questions: readonly AskedQuestion[]): void {
  const asks = (quantity: string, label: string) =>
    questions.some(({ find }) => find.quantity === quantity && (find.in === label || find.of === label))
  for (const { burette, flask } of draft.of('titration')) {
    const bottles = [burette, ...flask.map(({ material }) => material)].flatMap((label) => draft.materials.get(label ?? '') ?? [])
    for (const material of bottles) {
      const { label, strength } = material
      const isKnownBeside = bottles.some((one) => one !== material && one.strength !== undefined)
      if (!strength || !isKnownBeside || !asks('concentration', label)) continue
      if (asks('hydration', label) || asks('molarMass', label)) continue
      delete material.strength
      material.note ??= `The sheet gives ${strength.value} ${strength.unit}; its strength is found here.`
    }
  }
}
