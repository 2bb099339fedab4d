import { readdirSync, readFileSync } from 'node:fs'
import { readTaskText } from '@hop-lark/core/record'
import { asHtml, factsOf, lookAt, reportOf } from '@hop-lark/core/writeup'
import { readTasks, writeArchive, writeHtml } from '@hop-lark/files'
import { figure, quantile, timeOf } from './figure.mjs'

const DEMO = new URL('../demo/', import.meta.url)
const tasks = readdirSync(DEMO).map((file) => readTaskText(readFileSync(new URL(file, DEMO), 'utf8')))

/** A task with so many finished runs. */
function longTask(runs) {
  const task = tasks.find(({ id }) => id === 'demo-lawn-sand')
  const all = Array.from({ length: runs }, (_, index) => ({
    id: `run${index + 1}`,
    kind: 'accurate',
    initial: '0.00',
    final: (20.6 + (index % 3) * 0.05).toFixed(2),
  }))
  return { ...task, parts: task.parts.map((part) => (part.kind === 'titration' ? { ...part, runs: all } : part)) }
}

/** Reports written and looked at, without the tubes, whose identification has figures of its own; archives there and back. */
export function benchReport() {
  const times = tasks.map((task) => timeOf(() => reportOf(factsOf(task), 'notebook'), 3))
  const looks = tasks.map((task) => {
    const facts = factsOf(task)
    return timeOf(() => lookAt(facts), 3)
  })
  const [forty, thousand] = [longTask(40), longTask(1000)]
  const parcels = tasks.map((task) => ({ task, photographs: new Map(), report: writeHtml(reportOf(factsOf(task)), task) }))
  const archive = writeArchive(parcels, 'shelf', new Date(0))
  return [
    figure(
      'a report of the demo with all it rests on, median',
      quantile(times, 0.5),
      'ms',
      `longest ${Math.max(...times).toFixed(0)} ms`,
    ),
    figure('the look of an examiner, median', quantile(looks, 0.5), 'ms', `longest ${Math.max(...looks).toFixed(0)} ms`),
    figure(
      'a report of 40 runs, as HTML',
      timeOf(() => asHtml(reportOf(factsOf(forty))), 3),
      'ms',
    ),
    figure(
      'a report of 1 000 runs, as HTML',
      timeOf(() => asHtml(reportOf(factsOf(thousand))), 1),
      'ms',
    ),
    figure(
      `an archive of ${tasks.length} tasks, written`,
      timeOf(() => writeArchive(parcels, 'shelf', new Date(0)), 3),
      'ms',
      `${(archive.byteLength / 1024).toFixed(0)} kB`,
    ),
    figure(
      'the same, verified and read',
      timeOf(() => readTasks(archive, 'shelf.eln'), 3),
      'ms',
    ),
  ]
}
