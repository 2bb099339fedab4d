import type { Question, Task } from '../record/index.ts'

/** The answers that a question is worked with. */
function workedWith({ find }: Question): readonly string[] {
  return Object.values(find).flatMap((value: unknown) => {
    const inside = typeof value === 'object' && value !== null ? [value, ...Object.values(value)] : []
    return inside.flatMap((one: unknown) =>
      typeof one === 'object' && one !== null && 'answer' in one && typeof one.answer === 'string' ? [one.answer] : [],
    )
  })
}

/** What is compared with an accepted value, weighed out beforehand or read on the way is not what a task is to find. */
const BESIDE: ReadonlySet<string> = new Set(['words', 'percentError', 'massToWeigh', 'meanTitre'])

/** The questions that a task is there to answer: not what is only a step to another one, nor what is answered in words. */
export function endsOf({ questions }: Pick<Task, 'questions'>): readonly Question[] {
  const used = new Set(questions.filter(({ find }) => find.quantity !== 'percentError').flatMap(workedWith))
  const numbers = questions.filter(({ find }) => find.quantity !== 'words')
  const ends = numbers.filter(({ id, find }) => !used.has(id) && !BESIDE.has(find.quantity))
  return ends.length > 0 ? ends : numbers
}
