import { readSheet, type SheetReading } from '@hop-lark/core/brief'
import { type Output, writeJson } from './output.ts'
import { sheetIn } from './sheetFile.ts'

/** `hop-lark brief FILE`: what a task sheet is read into, what was not read, what is asked. */
export async function briefCommand(file: string, json: boolean, output: Output): Promise<number> {
  const { text, mends } = await sheetIn(file)
  const reading = readSheet(text, mends, Math.random)
  if (json) writeJson(output, plain(reading))
  else print(reading, output)
  return 0
}

const plain = ({ steps, notRead, gaps, task }: SheetReading) => ({
  steps: steps.map(({ n, text, kind, purpose, ready, minutes }) => ({
    n,
    text,
    kind,
    for: purpose,
    ready,
    minutes: minutes.hands + minutes.wait,
  })),
  notRead: notRead.map(({ text }) => text),
  asked: gaps.map(({ says }) => says),
  task,
})

function print({ steps, notRead, gaps, inferred, ready }: SheetReading, output: Output): void {
  for (const { n, text, kind, purpose, minutes } of steps) {
    output.out(`${String(n).padStart(3)}  ${kind.padEnd(13)} ${text}\n`)
    const takes = minutes.hands + minutes.wait
    if (purpose !== '') output.out(`${' '.repeat(19)}${purpose}${takes > 0 ? ` (${takes} min)` : ''}\n`)
  }
  const list = (title: string, lines: readonly string[]) => {
    if (lines.length > 0) output.out(`\n${title}\n${lines.map((line) => `  ${line}\n`).join('')}`)
  }
  list('Get ready', ready)
  list(
    'Taken to be so',
    inferred.map(({ says }) => says),
  )
  list(
    'Not read',
    notRead.map(({ text }) => text),
  )
  list(
    'Asked',
    gaps.map(
      ({ says, candidates }) => `${says}${candidates.length > 0 ? ` (${candidates.map((one) => one.says).join(' / ')})` : ''}`,
    ),
  )
}
