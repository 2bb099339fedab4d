import { LONGEST_SHEET, type Mend } from '@hop-lark/core/brief'
import type { Task } from '@hop-lark/core/record'
import { bytesOf, readTaskFile, UnusableInput } from './files.ts'

/** A task sheet with what was said of it. */
export interface Sheet {
  readonly text: string
  readonly mends: readonly Mend[]
  /** Times of the steps, and the queue at the balance. */
  readonly kept: Pick<NonNullable<Task['brief']>, 'steps' | 'queue'>
}

async function textIn(file: string): Promise<string> {
  const bytes = await bytesOf(file)
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    throw new UnusableInput(`${file}: it is not UTF-8 text. Save it as text, or paste it into the brief of a task.`)
  }
}

/** The sheet of a file: its text, or what the brief of a task file holds; `UnusableInput` where there is none to read. */
export async function sheetIn(file: string): Promise<Sheet> {
  const brief: Task['brief'] = /\.json$/i.test(file) ? (await readTaskFile(file)).brief : { text: await textIn(file) }
  const sheet = { text: '', ...brief }
  if (sheet.text.trim() === '') throw new UnusableInput(`${file}: there is no sheet in it.`)
  if (sheet.text.length > LONGEST_SHEET)
    throw new UnusableInput(
      `${file}: a sheet has at most ${LONGEST_SHEET} characters, and this one has ${sheet.text.length}. Cut out what is not the task.`,
    )
  return { text: sheet.text, mends: sheet.mends ?? [], kept: sheet }
}
