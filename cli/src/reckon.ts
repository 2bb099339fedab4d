import { checkTask } from '@hop-lark/core/check'
import { laneSentence, readChromatogram } from '@hop-lark/core/chromatogram'
import { type Answer, judgeOwnLines, questionTitle, type Reckoning, reckonTask } from '@hop-lark/core/reckon'
import { type PartOf, type Path, partTitle, type Task, writePath } from '@hop-lark/core/record'
import { runName } from '@hop-lark/core/titration'
import { sureAnswers } from '@hop-lark/core/uncertainty'
import { readTaskFile } from './files.ts'
import { type Output, plainProblem, statusOf, writeJson, writeProblems } from './output.ts'

/** What the student answers in words; undefined where nothing is written, or a number is asked for. */
function answerInWords({ questions }: Task, id: string): string | undefined {
  const question = questions.find((one) => one.id === id)
  return question?.find.quantity === 'words' && question.answer?.trim() ? question.answer : undefined
}

function writeAnswer(output: Output, task: Task, answer: Answer, sure: string | undefined): void {
  const question = task.questions.find(({ id }) => id === answer.question)
  if (!question) return
  const inWords = answerInWords(task, question.id)
  const result =
    inWords ??
    (answer.value === null ? `not yet: ${answer.missing}` : `${answer.value}${sure ? ` ± ${sure}` : ''} ${answer.unit}`)
  output.out(`\n${questionTitle(task, question)}: ${result}\n`)
  answer.steps.forEach(({ says, formula, substituted, value, unit }, index) => {
    output.out(`  ${index + 1}. ${says}\n     ${formula}\n     = ${substituted}\n     = ${value} ${unit}\n`)
  })
  for (const { line, says } of judgeOwnLines(task, question)) output.out(`  Your own ${line}: ${says}\n`)
  if (answer.otherCarry) output.out(`  (${answer.otherCarry} if figures were carried the other way)\n`)
}

function writeChromatogram(output: Output, task: Task, part: PartOf<'chromatogram'>): void {
  const { spots, lanes } = readChromatogram(part)
  output.out(`${partTitle(task, part)}\n`)
  for (const { label, text, rf } of spots) output.out(`  ${label}: ${text} ${part.unit ?? 'cm'}, Rf ${rf?.text ?? '–'}\n`)
  for (const sentence of lanes.flatMap((lane) => laneSentence(lane) ?? [])) output.out(`  ${sentence}\n`)
}

function plainChromatogram(part: PartOf<'chromatogram'>) {
  const spots = readChromatogram(part).spots.map(({ label, rf, matches }) => ({ label, rf: rf?.text ?? null, matches }))
  return { part: part.id, spots }
}

function writeTitrations(output: Output, task: Task, { titrations }: Reckoning): void {
  for (const { part, titres, used, mean, unit } of titrations) {
    const found = task.parts.find(({ id }) => id === part)
    // Its end-point is read off a run of temperatures, and nothing off a burette.
    if (found?.kind === 'titration' && found.crossingOf !== undefined) continue
    output.out(`${found ? partTitle(task, found) : part}: titres ${titres.map((titre) => titre ?? '–').join(', ')} ${unit}\n`)
    const runs = found?.kind === 'titration' ? found.runs : []
    const counted = used.map((index) => runName(runs, index)).join(', ')
    output.out(mean === null ? '  no mean titre\n' : `  mean ${mean} ${unit} of ${counted}\n`)
  }
}

/** A value with its place in the record as the contract writes it. */
function placed<Value extends { readonly at?: Path }>({ at, ...value }: Value) {
  return { ...value, ...(at ? { at: writePath(at) } : {}) }
}

function plainAnswer(task: Task, answer: Answer, sure: string | undefined) {
  const { question, value, unit, unrounded, steps, assumes, otherCarry, missing } = answer
  const lines = steps.map(({ uses, chain, ...step }) => ({
    ...step,
    uses: uses.map(placed),
    ...(chain
      ? { chain: chain.map(({ top, bottom }) => ({ top: placed(top), ...(bottom ? { bottom: placed(bottom) } : {}) })) }
      : {}),
  }))
  const inWords = answerInWords(task, question)
  if (inWords !== undefined) return { question, value, unit, answer: inWords }
  return value === null
    ? { question, value, unit, missing }
    : {
        question,
        value,
        unit,
        unrounded,
        ...(sure ? { plusMinus: sure } : {}),
        steps: lines,
        assumes,
        ...ownLines(task, question),
        ...(otherCarry ? { otherCarry } : {}),
      }
}

/** How the student's own lines of a question compare, where there are any. */
function ownLines(task: Task, id: string) {
  const question = task.questions.find((one) => one.id === id)
  const own = question ? judgeOwnLines(task, question) : []
  return own.length > 0 ? { own } : {}
}

/** `hop-lark reckon FILE`: titres, means, and every answer with its working. */
export async function reckonCommand(file: string, json: boolean, output: Output): Promise<number> {
  const task = await readTaskFile(file)
  const reckoning = reckonTask(task)
  const problems = checkTask(task, reckoning)
  const sure = sureAnswers(task, reckoning.answers)
  const chromatograms = task.parts.filter((part) => part.kind === 'chromatogram')
  if (json) {
    writeJson(output, {
      titrations: reckoning.titrations,
      answers: reckoning.answers.map((answer) => plainAnswer(task, answer, sure.get(answer.question)?.plusMinus)),
      ...(chromatograms.length > 0 ? { chromatograms: chromatograms.map(plainChromatogram) } : {}),
      problems: problems.map(plainProblem),
    })
    return statusOf(problems)
  }
  writeTitrations(output, task, reckoning)
  for (const part of chromatograms) writeChromatogram(output, task, part)
  for (const answer of reckoning.answers) writeAnswer(output, task, answer, sure.get(answer.question)?.plusMinus)
  if (problems.length > 0) {
    output.out('\n')
    writeProblems(output, problems)
  }
  return statusOf(problems)
}
