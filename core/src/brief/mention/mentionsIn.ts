import { labelsIn } from '../label/occurrences.ts'
import type { Sentence } from '../text/sentences.ts'
import type { Mention } from './mention.ts'
import { overlaps, thingsIn } from './things.ts'

/** Everything a sentence speaks of, by its places in the sheet. */
export function mentionsIn({ text, from }: Sentence, labels: ReadonlySet<string>): readonly Mention[] {
  const things = thingsIn(text, labels)
  const own = labelsIn(text, labels, things)
  return [...things.filter((thing) => !own.some((label) => overlaps(label, thing))), ...own]
    .toSorted((a, b) => a.from - b.from)
    .map((mention) => ({ ...mention, from: mention.from + from, to: mention.to + from }))
}
