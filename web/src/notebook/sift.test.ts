import { newTask, type Task, valueAt } from '@hop-lark/core/record'
import { produce } from 'immer'
import { describe, expect, it } from 'vitest'
import { changedPlaces, withPlaceOf } from './sift.ts'

const TASK = newTask('Vinegar', 'direct', () => 0.5)
const change = (act: (draft: Task) => void) => produce(TASK, act)
const runsOf = (draft: Task) => draft.parts.flatMap((part) => (part.kind === 'titration' ? part.runs : []))
const places = (after: Task) => changedPlaces(TASK, after).map((place) => place.join('.'))

describe('the places in which two states of a task differ', () => {
  it('are the smallest: a field, a reading with its history, a thing put in or taken out', () => {
    expect(places(TASK)).toEqual([])
    const after = change((draft) => {
      draft.title = 'Other'
      const [rough] = runsOf(draft)
      if (rough) rough.final = { value: '21.30', was: [{ value: '21.03' }] }
      draft.materials.push({ id: 'M9', label: 'M9', form: 'solid' })
    })
    expect(places(after)).toEqual(['title', 'materials.M9', 'parts.t1.runs.rough1.final'])
  })

  it('know things by their names, whatever place they have moved to', () => {
    const after = change((draft) => {
      const runs = runsOf(draft)
      const part = draft.parts.find(({ kind }) => kind === 'titration')
      if (part?.kind === 'titration') part.runs = runs.toReversed().map((run) => ({ ...run, initial: '0.00' }))
    })
    expect(places(after).toSorted()).toEqual(['parts.t1.runs.rough1.initial', 'parts.t1.runs.run1.initial'])
  })

  it('taken over one by one lead from one state to the other', () => {
    const after = change((draft) => {
      delete draft.brief
      draft.parts.push({ id: 'n1', kind: 'note', text: 'Seen.' })
      draft.materials.splice(0, 1)
      for (const part of draft.parts) if (part.kind === 'titration') part.flask = []
    })
    const taken = changedPlaces(TASK, after).reduce((task, place) => withPlaceOf(task, after, place), TASK)
    expect(taken).toEqual(after)
    expect(valueAt(taken, ['parts', 'n1', 'text'])).toBe('Seen.')
  })
})
