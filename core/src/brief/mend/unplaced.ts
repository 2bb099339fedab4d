import type { Draft } from '../draft/Draft.ts'
import { type MentionOf, ofKind } from '../mention/mention.ts'
import { type Gap, NOTHING } from './gap.ts'

/** Substances that a sheet names and that became nothing: what a bottle holds, what is added in a test. */
export function unplacedIn(draft: Draft): readonly Gap[] {
  return [...unplacedInBottles(draft), ...unplacedInTests(draft)]
}

const isSalt = ({ formula }: MentionOf<'substance'>) => formula !== 'H2O' && !/[+-]$/.test(formula)

/** "Manganese(IV) oxide K, catalyst": a bottle of which nothing was taken, and a substance that was taken for nothing. */
function* unplacedInBottles(draft: Draft): Generator<Gap> {
  for (const { sentence, mentions } of draft.reads) {
    const [label, ...others] = ofKind(mentions, 'label')
    const material = draft.materials.get(label?.label ?? '')
    if (!label || others.length > 0 || !material || draft.kinds.get(sentence.n) !== 'material') continue
    if (material.solute !== undefined || material.indicator !== undefined || material.holds || material.product) continue
    const [substance] = ofKind(mentions, 'substance').filter((one) => isSalt(one) && !draft.landed.has(one))
    if (!substance) continue
    const words = draft.words.slice(substance.from, substance.to)
    yield {
      id: `${label.label}.solute`,
      from: substance.from,
      to: substance.to,
      says: `Is ${words} what ${label.label} is?`,
      candidates: [
        { value: substance.formula, says: `Yes: ${substance.formula}.` },
        { value: NOTHING, says: `No, it is only spoken of.` },
      ],
      blocks: false,
    }
  }
}

/** What limewater is, whichever way a test writes it. */
const formulaOf = (reagent: string) => (reagent === 'limewater' ? 'Ca(OH)2' : reagent.replace(/\((?:aq|s|l|g)\)$/, ''))

/** A reagent that a test names and that no tube of the question is given. */
function* unplacedInTests(draft: Draft): Generator<Gap> {
  for (const rack of draft.of('rack')) {
    const acts = rack.samples.flatMap(({ tubes }) => tubes.flatMap((tube) => tube.acts))
    const used = new Set(
      acts.flatMap((act) =>
        [act.reagent, ...(act.with ?? []).map(({ reagent }) => reagent)].flatMap((one) => formulaOf(one ?? '')),
      ),
    )
    for (const { sentence, mentions } of draft.reads) {
      if (sentence.block !== rack.block || draft.kinds.get(sentence.n) !== 'tubes' || !ADDS.test(sentence.text)) continue
      const missing = ofKind(mentions, 'substance').find((one) => isSalt(one) && !used.has(one.formula))
      if (!missing) continue
      const words = draft.words.slice(missing.from, missing.to)
      yield {
        id: `left.reagent.${words}`,
        from: missing.from,
        to: missing.to,
        says: `No tube is given “${words}”. Is it added in one?`,
        candidates: [{ value: NOTHING, says: 'No.' }],
        blocks: false,
      }
    }
  }
}

const ADDS = /\badd|\bdrops? of\b|\btreat\b|\bwith\b/i
