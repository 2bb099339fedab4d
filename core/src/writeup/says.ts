import type { Answered } from './report.ts'

/** That the first lines of a working stand in an earlier answer. */
export function goesOnFrom({ answer, lines }: NonNullable<Answered['from']>): string {
  return `Lines 1 to ${lines} as in “${answer}”.`
}
