import type { Plan } from './investigation.ts'

const isEquation = (line: string) => line.includes('->')

/** A plan as a task sheet in the language of task sheets, so that it is read as any other. */
export function asSheet(plan: Plan): string {
  const asked = plan.asks.filter((line) => !isEquation(line))
  return [
    plan.title,
    '',
    `In this investigation: ${plan.question}`,
    '',
    'On the bench',
    ...plan.materials,
    '',
    'Method',
    ...plan.method.map((step, index) => (/^Test \d/.test(step) ? step : `${index + 1}. ${step}`)),
    '',
    ...plan.asks.filter(isEquation),
    ...asked.map((line, index) => `(${'abcdefgh'[index]}) ${line}`),
    '',
    'Notes to the plan',
    `Changed: ${plan.changes}.`,
    `Measured: ${plan.measures}.`,
    `Kept the same: ${plan.keeps.join('; ')}.`,
    `Headings of the table: ${plan.table.join(', ')}.`,
    `The result: ${plan.answers}`,
    `Repeats: ${plan.repeats}`,
    '',
  ].join('\n')
}
