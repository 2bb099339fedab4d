import type { Task } from '@hop-lark/core/record'
import { asHtml, type Report } from '@hop-lark/core/writeup'
import { inBase64 } from '../base64.ts'
import { packTask } from '../packed.ts'

/** Pictures by the ids of their photographs. */
type Pictures = ReadonlyMap<string, Uint8Array>

/** A report as one HTML file with the record inside it, as data that nothing runs, so that it can be opened again. */
export function writeHtml(report: Report, task: Task, pictures: Pictures = new Map()): string {
  const addresses = new Map(
    (task.photographs ?? []).flatMap(({ id, type }) => {
      const bytes = pictures.get(id)
      return bytes ? [[id, `data:${type};base64,${inBase64(bytes)}`] as const] : []
    }),
  )
  return asHtml(report, addresses).replace('</body>', () => `<template id="hop-lark-task">${packTask(task)}</template></body>`)
}
