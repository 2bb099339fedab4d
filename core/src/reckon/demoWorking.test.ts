import { readdirSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { type Path, type Question, type Task, writePath } from '../record/index.ts'
import { judgeOwnLines, questionTitle, reckonTask, type Step } from './index.ts'
import { demo } from './testing/answers.ts'

/*
 * The working of the demo tasks, word for word, beside this file: what a student reads, what each line rests on, what is
 * asked for where something is missing, and what is said of a line that went wrong. Whoever changes a word sees what it
 * changes: `npx vitest run core/src/reckon/demoWorking -u` writes the files anew, to be read before they are kept.
 */

const DEMO = readdirSync(new URL('../../../demo/', import.meta.url)).map((file) => file.replace('.hoplark.json', ''))
const STYLES = ['moles', 'ratio', 'proportion', 'chain'] as const

const at = (path: Path | undefined) => (path ? ` <- ${writePath(path)}` : '')

const lineOf = ({ says, formula, substituted, value, unit, equation, assumes, uses, chain }: Step): string =>
  [
    `  ${says}: ${formula} = ${substituted} = ${value} ${unit}`,
    ...(equation ? [`    by ${equation}`] : []),
    ...(assumes ? [`    taking ${assumes}`] : []),
    ...uses.map((use) => `    ${'text' in use ? use.text : JSON.stringify(use)}${at(use.at)}`),
    ...(chain ?? []).map(
      ({ top, bottom }) =>
        `    [${top.text} ${top.unit} ${top.of ?? ''} / ${bottom ? `${bottom.text} ${bottom.unit} ${bottom.of ?? ''}` : ''}]`,
    ),
  ].join('\n')

const inStyle = (task: Task, working: (typeof STYLES)[number]): Task => ({
  ...task,
  conventions: { ...task.conventions, working },
})

function workingOf(task: Task): string {
  const { answers, titrations } = reckonTask(task)
  const titres = titrations.map(({ titres: all, mean, unit }) => `titres ${all.join(', ')}; mean ${mean} ${unit}`)
  const written = answers.map((answer) => {
    const question = task.questions.find(({ id }) => id === answer.question) as Question
    const result = answer.missing === undefined ? `${answer.value} ${answer.unit}` : `missing ${answer.missing}`
    return [
      `${questionTitle(task, question)}: ${result}`,
      ...answer.assumes.map((one) => ` ${one}`),
      ...answer.steps.map(lineOf),
    ].join('\n')
  })
  return [...titres, ...written].join('\n')
}

/** What is asked for when one thing of the record is not there. */
function missingOf(task: Task): string {
  const without = [
    ...task.parts.map(({ id }) => [id, { ...task, parts: task.parts.filter((part) => part.id !== id) }] as const),
    ...task.materials.map(
      ({ id }) =>
        [
          `strength of ${id}`,
          { ...task, materials: task.materials.map((one) => (one.id === id ? { ...one, strength: undefined } : one)) } as Task,
        ] as const,
    ),
  ]
  return without
    .map(
      ([name, rest]) =>
        `without ${name}: ${reckonTask(rest)
          .answers.map(({ missing }) => missing ?? 'nothing')
          .join(' | ')}`,
    )
    .join('\n')
}

const FACTORS = [1, 1.004, 1000, 0.001, 2, 0.5, 5, 0.2, 25, 0.04, 10, 0.1, 100, 0.01, -1]

/** What is said of lines that went wrong, by typical factors. */
function faultsOf(task: Task): string {
  return task.questions
    .flatMap((question) => {
      const steps = reckonTask(task).answers.find((answer) => answer.question === question.id)?.steps ?? []
      return steps.flatMap(({ line, value }) =>
        FACTORS.map((factor) => {
          const own = [{ id: line, value: (Number(value) * factor).toPrecision(3) }]
          const [judged] = judgeOwnLines(task, { ...question, own })
          return judged?.says.includes('no usual slip')
            ? ''
            : `${question.id} ${line} x ${factor}: ${judged?.verdict} ${judged?.fault ?? ''} ${judged?.says}`
        }),
      )
    })
    .filter((line) => line !== '')
    .join('\n')
}

describe.each(DEMO)('the working of %s', (name) => {
  const task = demo(name)

  it.each(STYLES)('in the style of %s', async (style) => {
    await expect(`${workingOf(inStyle(task, style))}\n`).toMatchFileSnapshot(`./testing/working/${name}.${style}.txt`)
  })

  it('and what it asks for', async () => {
    await expect(`${missingOf(task)}\n`).toMatchFileSnapshot(`./testing/working/${name}.missing.txt`)
  })

  it('and what is said of lines that went wrong', async () => {
    await expect(`${faultsOf(task)}\n`).toMatchFileSnapshot(`./testing/working/${name}.faults.txt`)
  })
})
