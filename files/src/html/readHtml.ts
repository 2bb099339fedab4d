import type { Task } from '@hop-lark/core/record'
import { FileError } from '../FileError.ts'
import { unpackTask } from '../packed.ts'
import { textOf } from '../text.ts'

/** The task that stands inside a report of ours that was saved as HTML. Nothing else of the page is looked at. */
export function readHtml(bytes: Uint8Array, name: string): Task {
  const packed = /<template id="hop-lark-task">([A-Za-z0-9+/=\s]+)<\/template>\s*<\/body>/.exec(textOf(bytes, name))?.[1]
  if (!packed)
    throw new FileError('html.noRecord', `${name} is a page without a record in it.`, 'Import the task file or the archive.')
  return unpackTask(packed)
}
