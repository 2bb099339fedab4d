import { type Task, writeTask } from '@hop-lark/core/record'

/** Saves a text on the device as a file, without asking the server. */
export function downloadText(name: string, text: string): void {
  const address = URL.createObjectURL(new Blob([text], { type: 'application/json' }))
  const link = document.createElement('a')
  link.href = address
  link.download = name
  link.click()
  URL.revokeObjectURL(address)
}

/** Letters, digits and hyphens of a title, as every system takes them in a file's name. */
const plainName = (title: string): string =>
  title
    .normalize('NFKD')
    .replace(/[^\w\s-]/g, '')
    .trim()
    .toLowerCase()
    .replace(/\s+/g, '-')
    .slice(0, 60) || 'task'

/** Saves a task on the device as a task file, as it stands on the page. */
export const downloadTask = (task: Task): void => downloadText(`${plainName(task.title)}.hoplark.json`, writeTask(task))
