import { plannedSteps, readSheet, timetable } from '@hop-lark/core/brief'
import { UnusableInput } from './files.ts'
import { type Output, writeJson } from './output.ts'
import { type Sheet, sheetIn } from './sheetFile.ts'

export interface PlanOptions {
  readonly json?: boolean
  readonly hands?: string
}

/** Pairs of hands that can be planned for. */
const MOST_HANDS = 4

function pairsOf({ hands = '1' }: PlanOptions): number {
  const pairs = Number(hands)
  if (Number.isInteger(pairs) && pairs >= 1 && pairs <= MOST_HANDS) return pairs
  throw new UnusableInput(`--hands ${hands}: it is the number of pairs of hands, from 1 to ${MOST_HANDS}.`)
}

/** `hop-lark plan FILE`: when to do which step, so that the waits are used. */
export async function planCommand(file: string, options: PlanOptions, output: Output): Promise<number> {
  const pairs = pairsOf(options)
  const { text, mends, kept }: Sheet = await sheetIn(file)
  const reading = readSheet(text, mends)
  const planned = plannedSteps(reading, kept)
  const { starts, ends, proved, atLeast } = timetable(planned, pairs)
  const lines = planned
    .map(({ id, hands, wait, after }) => {
      const step = reading.steps.find((one) => one.id === id)
      return {
        n: step?.n ?? 0,
        text: step?.text ?? id,
        start: starts.get(id) ?? 0,
        hands,
        wait,
        after: after.flatMap((other) => reading.steps.find((one) => one.id === other)?.n ?? []),
      }
    })
    .toSorted((a, b) => a.start - b.start || a.n - b.n)
  if (options.json) writeJson(output, { hands: pairs, ends, proved, atLeast, steps: lines })
  else {
    output.out('start  hands  wait  step\n')
    for (const { start, hands, wait, n, text: words } of lines)
      output.out(`${String(start).padStart(5)}  ${String(hands).padStart(5)}  ${String(wait).padStart(4)}  ${n}. ${words}\n`)
    output.out(`\nDone after ${ends} minutes${proved ? ', and no sooner' : `; not sooner than ${atLeast} can be had`}.\n`)
  }
  return 0
}
