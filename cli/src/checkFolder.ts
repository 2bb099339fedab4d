import { readdir } from 'node:fs/promises'
import { join } from 'node:path'
import { checkOwnLines, checkTask } from '@hop-lark/core/check'
import type { Problem } from '@hop-lark/core/problem'
import { questionTitle, reckonTask } from '@hop-lark/core/reckon'
import { type Task, wordsFor } from '@hop-lark/core/record'
import { stagesOf } from '@hop-lark/core/stages'
import { FileError, readTasks } from '@hop-lark/files'
import { bytesOf, UnusableInput } from './files.ts'
import { type Output, plainProblem, statusOf, writeJson } from './output.ts'

/** A task of a class, as its teacher looks at it. */
interface Line {
  readonly file: string
  readonly task: string
  /** The first stage that is not done; `done` where all are. */
  readonly stage: string
  /** How many titres agree, titration by titration. */
  readonly agreeing: readonly { readonly titration: string; readonly titres: readonly string[]; readonly mean: string | null }[]
  readonly answers: readonly { readonly asks: string; readonly answer: string }[]
  readonly problems: readonly Problem[]
}

interface Unread {
  readonly file: string
  readonly unreadable: string
}

function lineOf(file: string, task: Task): Line {
  const reckoning = reckonTask(task)
  const open = stagesOf(task, reckoning).find(({ state, kind }) => state !== 'done' && kind !== 'write-up')
  const agreeing = reckoning.titrations.flatMap(({ part, titres, used, mean }) =>
    titres.some((titre) => titre !== null)
      ? [{ titration: part, titres: used.flatMap((index) => titres[index] ?? []), mean }]
      : [],
  )
  const answers = task.questions.map((question) => {
    const answer = reckoning.answers.find((one) => one.question === question.id)
    const words = wordsFor(task, question)
    const value = answer?.value == null ? '–' : `${answer.value} ${answer.unit}`.trim()
    return { asks: questionTitle(task, question), answer: words ?? value }
  })
  const problems = [...checkTask(task, reckoning), ...checkOwnLines(task)]
  return { file, task: task.title, stage: open?.title ?? 'done', agreeing, answers, problems }
}

async function linesIn(folder: string, file: string): Promise<readonly (Line | Unread)[]> {
  try {
    return readTasks(await bytesOf(join(folder, file)), file).map(({ task }) => lineOf(file, task))
  } catch (error) {
    if (error instanceof FileError) return [{ file, unreadable: `${error.message} ${error.mend}` }]
    if (error instanceof UnusableInput) return [{ file, unreadable: error.message }]
    throw error
  }
}

const isUnread = (line: Line | Unread): line is Unread => 'unreadable' in line
const short = (text: string, most: number) => (text.length > most ? `${text.slice(0, most - 1)}…` : text)
const HEADS = ['file', 'task', 'stage', 'agreeing titres', 'answers', 'wrong', 'check', 'note'] as const
const WIDEST = 34

function cellsOf(line: Line | Unread): readonly string[] {
  if (isUnread(line)) return [line.file, line.unreadable]
  const count = (level: Problem['level']) => String(line.problems.filter((problem) => problem.level === level).length)
  return [
    line.file,
    line.task,
    line.stage,
    line.agreeing.map(({ titres, mean }) => `${titres.length}${mean === null ? '' : ` (${mean})`}`).join(', '),
    line.answers.map(({ answer }) => short(answer.replace(/\s+/g, ' '), 18)).join('; '),
    count('error'),
    count('query'),
    count('advice'),
  ].map((cell) => short(cell, WIDEST))
}

function writeTable(output: Output, lines: readonly (Line | Unread)[]): void {
  const rows = [HEADS, ...lines.map(cellsOf)]
  const widths = HEADS.map((_, column) =>
    Math.max(...rows.filter((row) => row.length > 2).map((row) => row[column]?.length ?? 0)),
  )
  for (const row of rows) {
    const cells = row.length > 2 ? row.map((cell, column) => cell.padEnd(widths[column] ?? 0)) : row
    output.out(`${cells.join('  ').trimEnd()}\n`)
  }
  for (const line of lines) {
    if (isUnread(line) || line.problems.every(({ level }) => level === 'advice')) continue
    output.out(`\n${line.file}\n`)
    for (const { level, says } of line.problems) if (level !== 'advice') output.out(`  ${level.padEnd(6)} ${says}\n`)
  }
}

/** `hop-lark check FOLDER`: a whole class as a table: how far each is, which titres agree, the answers, what is wrong. */
export async function checkFolder(folder: string, json: boolean, output: Output): Promise<number> {
  const files = (await readdir(folder)).filter((name) => /\.(hoplark\.json|eln)$/i.test(name)).toSorted()
  if (files.length === 0)
    throw new UnusableInput(`${folder}: there is no task file (*.hoplark.json) and no archive (*.eln) in it.`)
  const lines = (await Promise.all(files.map((file) => linesIn(folder, file)))).flat()
  if (json)
    writeJson(
      output,
      lines.map((line) => (isUnread(line) ? line : { ...line, problems: line.problems.map(plainProblem) })),
    )
  else writeTable(output, lines)
  return Math.max(...lines.map((line) => (isUnread(line) ? 1 : statusOf(line.problems))))
}
