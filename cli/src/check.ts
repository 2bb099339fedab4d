import { checkOwnLines, checkTask } from '@hop-lark/core/check'
import { readTaskFile } from './files.ts'
import { type Output, plainProblem, statusOf, writeJson, writeProblems } from './output.ts'

/** `hop-lark check FILE`: problems in the record. */
export async function checkCommand(file: string, json: boolean, output: Output): Promise<number> {
  const task = await readTaskFile(file)
  const problems = [...checkTask(task), ...checkOwnLines(task)]
  if (json) writeJson(output, { problems: problems.map(plainProblem) })
  else if (problems.length === 0) output.out('Nothing looks wrong.\n')
  else writeProblems(output, problems)
  return statusOf(problems)
}
