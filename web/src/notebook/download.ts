import { type Task, taskFileName, writeTask } from '@hop-lark/core/record'

/** Saves a text on the device as a file, without asking the server. */
export function downloadText(name: string, text: string): void {
  const address = URL.createObjectURL(new Blob([text], { type: 'application/json' }))
  const link = document.createElement('a')
  link.href = address
  link.download = name
  link.click()
  URL.revokeObjectURL(address)
}

/** Saves a task on the device as a task file, as it stands on the page. */
export const downloadTask = (task: Task): void => downloadText(taskFileName(task.title), writeTask(task))
