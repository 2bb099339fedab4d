import { reagentNamed } from '../../tube/index.ts'
import type { Draft } from '../draft/Draft.ts'
import type { Read } from '../label/said.ts'
import { ofKind } from '../mention/mention.ts'

/** "Use only the reagents named here": what else stands on the shelf is not to be taken. */
const ONLY =
  /\b(?:only|no other)\b[^.]*\breagents?\b|\breagents?\b[^.]*\b(?:only|no other|are allowed|may be used)\b|\byou (?:may|can|must) (?:use only|only use)\b|\bonly the following\b/i

/** Whether a sentence says which reagents may be used, and orders nothing. */
export const limitsReagents = (text: string): boolean => ONLY.test(text)

/** Reagents to which a sheet limits the tests, as bottles are called; none where it does not say so. */
export function allowedIn(draft: Draft, reads: readonly Read[]): string[] {
  const found = reads
    .filter(({ sentence }) => limitsReagents(sentence.text))
    .flatMap(({ sentence, mentions }) => {
      draft.mark(sentence.n, 'instruction')
      for (const mention of mentions) draft.land(mention, 'a reagent that is allowed')
      const named = ofKind(mentions, 'substance').map(({ formula }) => formula)
      const bottled = ofKind(mentions, 'label').flatMap(({ label }) => draft.materials.get(label)?.solute ?? [])
      return [...named, ...bottled].map((formula) => `${formula.split('.')[0]}(aq)`)
    })
  return [...new Set(found)].filter((reagent) => reagentNamed(reagent) !== undefined)
}

/** "It contains one cation and one anion": what is told of a sample beside its label. */
const STATES =
  /\b(?:one|two|three|a single) (?:cations?|anions?|ions?|salts?)\b|\bmixture of (?:two|three) salts\b|\bhydrated salt\b/i
const OF_ALL = /^(?:each|both|all|every|they)\b/i

/** Keeps what a sheet states of its samples with them, in its own words. */
export function noteStated(draft: Draft, reads: readonly Read[], samples: readonly string[]): void {
  let spoken: readonly string[] = []
  for (const { sentence, mentions } of reads) {
    const named = ofKind(mentions, 'label').flatMap(({ label }) => (samples.includes(label) ? [label] : []))
    if (named.length > 0) spoken = named
    if (!STATES.test(sentence.text) || sentence.text.endsWith('?')) continue
    const of = OF_ALL.test(sentence.text) && named.length === 0 ? samples : named.length > 0 ? named : spoken
    for (const label of of) {
      const material = draft.materials.get(label)
      if (material) material.note ??= sentence.text
    }
  }
}
