import { readPath } from '@hop-lark/core/record'
import { stagesOf } from '@hop-lark/core/stages'
import { cleanup, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import { derive } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { LAWN_SAND, VINEGAR } from '../testing/openTask.tsx'
import { stageOf } from './goTo.ts'
import { SaveLine } from './SaveLine.tsx'

afterEach(cleanup)

describe('the save state', () => {
  const says = (save: ReturnType<typeof useNotebook.getState>['save']) => {
    useNotebook.setState({ save })
    const { container } = render(<SaveLine />)
    return container.textContent
  }

  it('is what it says', () => {
    expect(says({ kind: 'saved', at: undefined })).toBe('saved')
    cleanup()
    expect(says({ kind: 'saving' })).toBe('saving …')
    cleanup()
    expect(says({ kind: 'kept', says: 'The server does not answer.' })).toBe('kept on this device until the server is back')
    cleanup()
    expect(says({ kind: 'held', says: 'This device has no room left.' })).toBe('only in this window: do not close it')
    cleanup()
    expect(says({ kind: 'gone' })).toBe('this task was deleted')
    expect(screen.getByRole('status')).toBeTruthy()
  })
})

describe('where a path is shown', () => {
  const { stages } = derive(VINEGAR)

  it('is the page of its part, weighings of one material together', () => {
    expect(stageOf(readPath('parts.w3.mass'), stages)).toBe('w1')
    expect(stageOf(readPath('parts.t2.runs.run1.final'), stages)).toBe('t2')
    expect(stageOf(readPath('materials.N.strength'), stages)).toBe('brief')
    expect(stageOf(readPath('questions.q1'), stages)).toBe('work-out')
    expect(stageOf(readPath('parts.gone.mass'), stages)).toBe('brief')
  })
})

describe('what follows from a task', () => {
  it('is worked out once for each state of it', () => {
    expect(derive(LAWN_SAND)).toBe(derive(LAWN_SAND))
    expect(derive({ ...LAWN_SAND })).not.toBe(derive(LAWN_SAND))
    expect(stagesOf(LAWN_SAND, derive(LAWN_SAND).reckoning)).toEqual(derive(LAWN_SAND).stages)
  })
})
