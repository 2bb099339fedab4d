import type { Draft } from '../draft/Draft.ts'
import type { DraftSeries, Held } from '../draft/parts.ts'
import type { Read } from '../label/said.ts'
import { ofKind } from '../mention/mention.ts'
import { clausesOf, targetOf } from '../method/clause.ts'

/**
 * A neutralisation that is followed by temperature: what stands in the cup, and what is added to it. It is a titration whose
 * end-point is where the two lines of the run cross, so that the concentration can be worked out from it.
 */
export function readFollowed(draft: Draft, reads: readonly Read[], series: DraftSeries): void {
  if (series.y.name !== 'temperature' || series.x.name === 'time') return
  const opening = reads.find(({ sentence }) => sentence.n === series.sentence)
  const cup = heldInCup(draft, reads)
  const added = addedFrom(draft, reads, cup)
  if (!opening || !cup || added === undefined) return
  draft.begin('titration', opening, {
    title: 'End-point by temperature',
    burette: added,
    flask: [cup],
    weighings: [],
    equations: [],
    crossingOf: series.id,
  })
}

/** The portion in the cup: a measured volume of a bottle that is not added bit by bit. */
function heldInCup(draft: Draft, reads: readonly Read[]): Held | undefined {
  for (const read of reads)
    for (const { mentions, text } of clausesOf(read)) {
      if (/\b(?:portions?|at a time|more|further|successive|each)\b|\bfrom (?:the|a) buret|\brun\b/i.test(text)) continue
      for (const volume of ofKind(mentions, 'quantity').filter(({ of, unit }) => of === 'volume' && unit === 'cm3')) {
        const target = targetOf(volume, mentions, draft.words)
        if (target?.kind !== 'label' || draft.materials.get(target.mention.label)?.form !== 'solution') continue
        const by = /\bcylinder\b/i.test(read.sentence.text) ? 'cylinder' : 'pipette'
        return { material: target.mention.label, volume: volume.value, by }
      }
    }
  return undefined
}

/** What is added: what the burette is filled with, or what is added in portions. */
function addedFrom(draft: Draft, reads: readonly Read[], cup: Held | undefined): string | undefined {
  const adds = (text: string) => /\bburet|\badd|\brun\b|\bportions?\b/i.test(text)
  const named = reads
    .filter(({ sentence }) => adds(sentence.text))
    .flatMap(({ mentions }) => ofKind(mentions, 'label').map(({ label }) => label))
    .filter((label) => label !== cup?.material && draft.materials.get(label)?.form === 'solution')
  return named[0]
}
