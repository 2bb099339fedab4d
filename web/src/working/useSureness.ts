import type { Answer } from '@hop-lark/core/reckon'
import type { Task } from '@hop-lark/core/record'
import type { Sure } from '@hop-lark/core/uncertainty'
import { useEffect, useState } from 'react'
import { sureWorker } from './sureWorker.ts'

const NOT_YET: ReadonlyMap<string, Sure> = new Map()

/** How sure the answers of a task are, by question. What was found for an earlier state of it is not shown beside a later answer. */
export function useSureness(task: Task, answers: readonly Answer[]): ReadonlyMap<string, Sure> {
  const [found, setFound] = useState<{ readonly of: Task; readonly sure: ReadonlyMap<string, Sure> }>()
  useEffect(() => {
    let still = true
    sureWorker()
      .sureAnswers(task, answers)
      .then(
        (sure) => {
          if (still) setFound({ of: task, sure })
        },
        // Without it the answers stand as ever, with no ± beside them.
        () => undefined,
      )
    return () => {
      still = false
    }
  }, [task, answers])
  return found?.of === task ? found.sure : NOT_YET
}
