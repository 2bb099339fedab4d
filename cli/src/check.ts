import { stat } from 'node:fs/promises'
import { checkOwnLines, checkTask } from '@hop-lark/core/check'
import { checkFolder } from './checkFolder.ts'
import { readTaskFile } from './files.ts'
import { type Output, plainProblem, statusOf, writeJson, writeProblems } from './output.ts'

/** Whether a path leads to a folder; what is not there is no folder. */
const isFolder = (path: string) =>
  stat(path).then(
    (found) => found.isDirectory(),
    () => false,
  )

/** `hop-lark check FILE`: problems in the record; of a folder, one line for each task in it. */
export async function checkCommand(file: string, json: boolean, output: Output): Promise<number> {
  if (await isFolder(file)) return checkFolder(file, json, output)
  const task = await readTaskFile(file)
  const problems = [...checkTask(task), ...checkOwnLines(task)]
  if (json) writeJson(output, { problems: problems.map(plainProblem) })
  else if (problems.length === 0) output.out('Nothing looks wrong.\n')
  else writeProblems(output, problems)
  return statusOf(problems)
}
