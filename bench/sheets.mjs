import { readdirSync, readFileSync } from 'node:fs'
import { plannedSteps, readSheet, timetable } from '@hop-lark/core/brief'
import { uniformFrom } from '@hop-lark/core/number'
import { figure, quantile, timeOf } from './figure.mjs'

const DEMO = new URL('../demo/', import.meta.url)
const sheets = readdirSync(DEMO).map((file) => JSON.parse(readFileSync(new URL(file, DEMO), 'utf8')).brief.text)

/** A sheet of twenty steps in three lines of work, with waits, that share a burner. */
function twentySteps(seed) {
  const uniform = uniformFrom(seed)
  return Array.from({ length: 20 }, (_, n) => ({
    id: `s${n}`,
    hands: 1 + Math.floor(8 * uniform()),
    wait: uniform() < 0.4 ? 2 + Math.floor(14 * uniform()) : 0,
    uses: uniform() < 0.25 ? [{ thing: 'burner', through: 'wait' }] : [],
    after: n < 3 ? [] : [`s${n - 3}`],
  }))
}

/** Sheets read, and timetables made of them. */
export function benchSheets() {
  const times = sheets.map((text) => timeOf(() => readSheet(text), 3))
  const all = sheets.join('\n\n').slice(0, 30_000)
  const plans = Array.from({ length: 20 }, (_, seed) => twentySteps(seed + 1))
  const two = plans.map((steps) => timeOf(() => timetable(steps, 2), 1))
  const proved = plans.filter((steps) => timetable(steps, 2).proved).length
  const longest = sheets.map((text) => plannedSteps(readSheet(text))).toSorted((a, b) => b.length - a.length)[0]
  return [
    figure('reading a sheet of the demo, median', quantile(times, 0.5), 'ms', `p95 ${quantile(times, 0.95).toFixed(0)} ms`),
    figure(
      'reading 30 000 signs of sheets',
      timeOf(() => readSheet(all), 3),
      'ms',
    ),
    figure(
      '20 000 letters without a blank',
      timeOf(() => readSheet('x'.repeat(20_000)), 3),
      'ms',
    ),
    figure(
      'a timetable of 20 steps, two pairs of hands, median',
      quantile(two, 0.5),
      'ms',
      `${proved} of 20 proved soonest, longest ${Math.max(...two).toFixed(0)} ms`,
    ),
    figure(
      `a timetable of the longest demo sheet, ${longest.length} steps`,
      timeOf(() => timetable(longest, 1), 3),
      'ms',
    ),
  ]
}
