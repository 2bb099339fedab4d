import { isClaim, type Read } from '../label/said.ts'
import { type MentionOf, ofKind } from '../mention/mention.ts'
import type { Draft } from './Draft.ts'

/** What may stand between a strength and the substance it is of: `1 M sulfuric acid`, `sulfuric acid, 1 M`. */
const BESIDE = /^[\s,(]*(?:of\s+)?(?:aqueous\s+|dilute\s+|solid\s+)?$/

/** Strengths beside substances that have no label: each is a bottle, called by the name of what it holds. */
export function nameUnlabelled(draft: Draft, reads: readonly Read[]): void {
  for (const { sentence, mentions } of reads)
    for (const strength of ofKind(mentions, 'strength')) {
      if (isClaim(sentence.text)) draft.land(strength, 'a claim')
      if (draft.landed.has(strength) || strength.about) continue
      const beside = substanceBeside(draft, strength, ofKind(mentions, 'substance'))
      if (!beside || beside.formula === 'H2O') continue
      const label = draft.materialOf(beside.formula, 'solution', draft.words.slice(beside.from, beside.to), beside.from)
      const material = draft.materials.get(label)
      if (material && !material.strength) material.strength = strength.strength
      draft.land(strength, `the strength of ${label}`)
      draft.land(beside, label)
    }
}

function substanceBeside(
  draft: Draft,
  { from, to }: MentionOf<'strength'>,
  substances: readonly MentionOf<'substance'>[],
): MentionOf<'substance'> | undefined {
  const after = substances.find((one) => one.from >= to && BESIDE.test(draft.words.slice(to, one.from)))
  return after ?? substances.findLast((one) => one.to <= from && BESIDE.test(draft.words.slice(one.to, from)))
}
