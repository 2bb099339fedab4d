import type { Stage } from '@hop-lark/core/stages'
import { useNavigate, useParams } from 'react-router'
import { derive, useSettledTask } from '../notebook/derived.ts'

/** The stage that comes after another: the next that is not done; the working is looked at, done or not. */
export function stageAfter(stages: readonly Stage[], id: string | undefined): Stage | undefined {
  const here = stages.findIndex((stage) => stage.id === id)
  if (here < 0) return undefined
  const later = stages.slice(here + 1)
  return later.find(({ state, kind }) => state !== 'done' || kind === 'work-out') ?? later[0]
}

/** The stage that is done next, whether this one is done, and how to get there. */
export function useGoOn(): { readonly next: Stage | undefined; readonly done: boolean; readonly go: () => void } {
  const { taskId, stageId } = useParams()
  const navigate = useNavigate()
  const { stages } = derive(useSettledTask())
  const next = stageAfter(stages, stageId)
  return {
    next,
    done: stages.some(({ id, state }) => id === stageId && state === 'done'),
    go: () => {
      if (next) void navigate(`/task/${taskId}/${next.id}`)
    },
  }
}
