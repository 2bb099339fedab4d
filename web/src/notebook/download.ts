import { type Task, taskFileName, writeTask } from '@hop-lark/core/record'

/** Saves something on the device as a file, without asking the server. */
export function downloadBlob(name: string, blob: Blob): void {
  const address = URL.createObjectURL(blob)
  const link = document.createElement('a')
  link.href = address
  link.download = name
  link.click()
  URL.revokeObjectURL(address)
}

/** Saves a text on the device as a file. */
export const downloadText = (name: string, text: string): void =>
  downloadBlob(name, new Blob([text], { type: 'application/json' }))

/** Saves a task on the device as a task file, as it stands on the page. */
export const downloadTask = (task: Task): void => downloadText(taskFileName(task.title), writeTask(task))
