import type { Mention } from '../mention/mention.ts'
import { materialOf, type SheetMaterial } from './material.ts'
import type { Read, Said } from './said.ts'

/** The materials of a sheet by their labels, in the order in which it speaks of them. */
export function materialsOf(
  reads: readonly Read[],
  said: readonly Said[],
  words: string,
  labels: ReadonlySet<string>,
): ReadonlyMap<string, SheetMaterial> {
  const mentions: readonly Mention[] = reads.flatMap((read) => read.mentions)
  const first = (label: string) => mentions.find((one) => one.kind === 'label' && one.label === label)?.from ?? 0
  return new Map(
    [...labels]
      .toSorted((a, b) => first(a) - first(b))
      .map((label) => [
        label,
        materialOf(
          label,
          said.filter((one) => one.label === label),
          words,
          mentions,
        ),
      ]),
  )
}

/** A row of a table whose first cell is a label tells of it in its second. */
export function* saidInTables(reads: readonly Read[]): Generator<Said> {
  for (const { sentence, mentions } of reads) {
    const { cell, text } = sentence
    const [only] = mentions
    if (cell?.column !== 0 || only?.kind !== 'label' || only.label !== text) continue
    for (const beside of reads)
      if (beside.sentence.cell?.row === cell.row && beside.sentence.cell.column > 0)
        yield { label: only.label, from: beside.sentence.from, to: beside.sentence.to, how: 'told' }
  }
}
