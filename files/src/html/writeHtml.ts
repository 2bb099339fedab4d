import type { Task } from '@hop-lark/core/record'
import { asHtml, type Report } from '@hop-lark/core/writeup'
import { packTask } from '../packed.ts'

/** A report as one HTML file with the record inside it, as data that nothing runs, so that it can be opened again. */
export function writeHtml(report: Report, task: Task): string {
  return asHtml(report).replace('</body>', () => `<template id="hop-lark-task">${packTask(task)}</template></body>`)
}
