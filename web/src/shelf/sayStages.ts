/** How far each stage of a task is, as the shelf has it. */
interface StageLine {
  readonly title: string
  readonly state: string
}

const LIST = new Intl.ListFormat('en-GB')

/**
 * How far a task is, as one sentence.
 *
 * @example
 * sayStages(stages) // '3 of 6 stages done; Titrate is begun.'
 */
export function sayStages(stages: readonly StageLine[]): string {
  const done = stages.filter(({ state }) => state === 'done').length
  const begun = stages.filter(({ state }) => state === 'partly').map(({ title }) => title)
  if (done === 0 && begun.length === 0) return `None of ${stages.length} stages begun.`
  const rest = begun.length === 0 ? '' : `; ${LIST.format(begun)} ${begun.length === 1 ? 'is' : 'are'} begun`
  return `${done} of ${stages.length} stages done${rest}.`
}
