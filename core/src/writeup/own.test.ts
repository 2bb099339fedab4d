import { describe, expect, it } from 'vitest'
import type { Task } from '../record/index.ts'
import { factsOf, ownSentenceId, reportOf } from './index.ts'
import { demo } from './testing/demo.ts'

type Kept = NonNullable<NonNullable<Task['writeup']>['sentences']>

const sentences = (kept: Kept, change: (task: Task) => void = () => {}) => {
  const task = demo('iron-in-lawn-sand', (draft) => {
    draft.writeup = { sentences: kept }
    change(draft)
  })
  return reportOf(factsOf(task), 'notebook').sections.flatMap(({ id, blocks }) =>
    blocks.flatMap((block) => (block.kind === 'sentences' ? block.sentences.map((one) => ({ section: id, ...one })) : [])),
  )
}
const MADE =
  'F1 was weighed by difference, with its container before and after it was tipped out, with the lid on both times: 4.74\u00a0g was taken.'
const weighed = 'method w1 weighed'

describe('words of one’s own', () => {
  it('stand in the place of what was proposed, and are told from what was taken over', () => {
    const found = sentences([
      { id: weighed, text: 'I weighed the sand twice.', made: MADE },
      { id: 'aim', text: 'Iron.', made: 'Iron.' },
    ])
    expect(found.find(({ id }) => id === weighed)).toMatchObject({ text: 'I weighed the sand twice.', state: 'own', made: MADE })
    expect(found.find(({ id }) => id === 'aim')).toMatchObject({ text: 'Iron.', state: 'adopted' })
    expect(found.find(({ id }) => id === 'method t1 runs')?.state).toBe('made')
  })

  it('stay when the record changes, and say what it would say now', () => {
    const found = sentences([{ id: weighed, text: 'Mine.', made: MADE }], (task) => {
      for (const part of task.parts) if (part.kind === 'weighing') part.withResidue = '26.70'
    })
    expect(found.find(({ id }) => id === weighed)).toMatchObject({ text: 'Mine.', since: expect.stringContaining('4.76') })
  })

  it('stay in their section when what they were about is gone', () => {
    const found = sentences([{ id: weighed, text: 'Mine.', made: MADE }], (task) => {
      task.parts = task.parts.filter(({ kind }) => kind !== 'weighing')
      task.parts = task.parts.map((part) => (part.kind === 'solution' ? { ...part, from: [] } : part))
    })
    expect(found.find(({ id }) => id === weighed)).toMatchObject({ section: 'method', text: 'Mine.', state: 'own' })
  })

  it('can be added, and can be nothing', () => {
    const found = sentences([
      { id: 'errors own 1', text: 'The first paper tore.' },
      { id: weighed, text: '', made: MADE },
    ])
    expect(found.filter(({ section }) => section === 'errors').at(-1)?.text).toBe('The first paper tore.')
    expect(found.find(({ id }) => id === weighed)).toMatchObject({ text: '', state: 'own' })
    expect(
      ownSentenceId(
        demo('iron-in-lawn-sand', (task) => {
          task.writeup = { sentences: [{ id: 'errors own 1', text: 'x' }] }
        }),
        'errors',
      ),
    ).toBe('errors own 2')
  })

  it('stand in a section of their own where nothing is proposed', () => {
    const task = demo('plan-of-a-rate', (draft) => {
      draft.writeup = { sentences: [{ id: 'method own 1', text: 'Nothing was done yet.' }] }
    })
    const method = reportOf(factsOf(task), 'notebook').sections.find(({ id }) => id === 'method')
    expect(method?.blocks).toHaveLength(1)
  })
})
