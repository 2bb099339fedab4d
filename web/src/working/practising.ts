import { readTyped } from '@hop-lark/core/number'
import type { Answer } from '@hop-lark/core/reckon'
import type { Question, Task } from '@hop-lark/core/record'
import { create } from 'zustand'

interface Practice {
  /** By task and question: whether the student works the answer out before ours is shown. */
  readonly trying: Readonly<Record<string, boolean>>
  readonly choose: (name: string, trying: boolean) => void
}

/** What is being worked out by the student, as long as the window is open. */
export const usePractice = create<Practice>((set) => ({
  trying: {},
  choose: (name, trying) => set((state) => ({ trying: { ...state.trying, [name]: trying } })),
}))

const nameOf = (task: Task, question: Question) => `${task.id} ${question.id}`

/** Whether a question's lines are worked out by the student first; whoever has begun goes on so. */
export function useTrying(task: Task, question: Question): readonly [boolean, (trying: boolean) => void] {
  const name = nameOf(task, question)
  const chosen = usePractice(({ trying }) => trying[name])
  const choose = usePractice((state) => state.choose)
  return [chosen ?? question.own !== undefined, (trying) => choose(name, trying)]
}

/** Tells whether an answer is kept back: its lines are being worked out, and the last of them is not there yet. */
export function useKeptBack(task: Task): (answer: Answer) => boolean {
  const trying = usePractice((state) => state.trying)
  return ({ question: id, steps }) => {
    const question = task.questions.find((one) => one.id === id)
    const last = steps.at(-1)?.line
    if (!question || last === undefined || !(trying[nameOf(task, question)] ?? question.own !== undefined)) return false
    const own = question.own?.find((line) => line.id === last)
    return own === undefined || readTyped(own.value) === undefined
  }
}
