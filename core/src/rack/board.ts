import type { PartOf, Sample } from '../record/index.ts'

/** Whether what the record shows of a sample may be told: where the board opens after the conclusion, not before it. */
export function mayBeRead({ board }: Pick<PartOf<'rack'>, 'board'>, { conclusion }: Pick<Sample, 'conclusion'>): boolean {
  return board !== 'after conclusion' || Boolean(conclusion?.trim())
}
