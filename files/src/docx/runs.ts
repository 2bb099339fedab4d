import type { Line } from '@hop-lark/core/typeset'
import { setText } from '@hop-lark/core/typeset'
import { type IRunOptions, TextRun } from 'docx'

/** Word breaks a line in a run only where it is told to. */
const partsOf = (text: string) => text.split('\n')

/** A set line as runs of a Word document. */
export function runsOf(line: Line, look: IRunOptions = {}): readonly TextRun[] {
  return line.flatMap(({ text, place }) =>
    partsOf(text).map(
      (part, index) =>
        new TextRun({
          ...look,
          text: part,
          ...(index > 0 ? { break: 1 } : {}),
          ...(place === 'sub' ? { subScript: true } : {}),
          ...(place === 'sup' ? { superScript: true } : {}),
        }),
    ),
  )
}

/** Words with the formulae and numbers in them set. */
export const wordRuns = (text: string, look: IRunOptions = {}): readonly TextRun[] => runsOf(setText(text), look)
