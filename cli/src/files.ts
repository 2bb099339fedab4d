import { readFile } from 'node:fs/promises'
import { readTaskFileBytes, type Task, TaskFileError } from '@hop-lark/core/record'

/** Input that cannot be used at all: the reason, with the file and the path inside it. */
export class UnusableInput extends Error {}

/** Why a file cannot be read. */
function unreadable(file: string, error: unknown): UnusableInput {
  const { code } = error as NodeJS.ErrnoException
  return new UnusableInput(`${file}: ${code === 'ENOENT' ? 'there is no such file' : `it cannot be read (${code})`}.`)
}

/** What a file holds, or `UnusableInput` where it cannot be read. */
export async function bytesOf(file: string): Promise<Buffer> {
  try {
    return await readFile(file)
  } catch (error) {
    throw unreadable(file, error)
  }
}

/** Reads a task file, or throws `UnusableInput` with every reason. */
export async function readTaskFile(file: string): Promise<Task> {
  const bytes = await bytesOf(file)
  try {
    return readTaskFileBytes(bytes)
  } catch (error) {
    if (!(error instanceof TaskFileError)) throw error
    throw new UnusableInput(
      error.message
        .split('\n')
        .map((line) => `${file}: ${line}`)
        .join('\n'),
    )
  }
}
