import { describe, expect, it } from 'vitest'
import { changeFault, newTask, type Task } from './index.ts'

const TASK = newTask('Vinegar', 'direct', () => 0.5)

/** The task with something of its titration changed, sharing the rest. */
const withRuns = (change: (run: object, index: number) => object): Task =>
  ({
    ...TASK,
    parts: TASK.parts.map((part) => (part.kind === 'titration' ? { ...part, runs: part.runs.map(change) } : part)),
  }) as Task

describe('a change of a task', () => {
  it('that leaves it a task file has no fault', () => {
    expect(changeFault(TASK, TASK)).toBeUndefined()
    expect(changeFault(TASK, { ...TASK, title: 'Other' })).toBeUndefined()
    expect(
      changeFault(
        TASK,
        withRuns((run) => ({ ...run, final: '21.30' })),
      ),
    ).toBeUndefined()
  })

  it('that does not is told with its place and reason', () => {
    expect(changeFault(TASK, { ...TASK, title: 'x'.repeat(301) })).toEqual({
      at: 'title',
      says: 'must be at most 300 characters.',
    })
    const wrong = withRuns((run, index) => (index === 1 ? { ...run, final: 'about 21' } : run))
    expect(changeFault(TASK, wrong)?.at).toBe('parts.t1.runs.run1.final')
    expect(
      changeFault(
        TASK,
        withRuns((run) => ({ ...run, id: 'same' })),
      )?.says,
    ).toContain('same')
    expect(changeFault(TASK, { ...TASK, parts: [...TASK.parts, ...TASK.parts] })).toBeDefined()
  })
})
