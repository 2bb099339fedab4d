import { describe, expect, it } from 'vitest'
import { asSentence, problemsIn, type Wording } from './index.ts'

const problem = problemsIn({
  'jar.empty': {
    level: 'query',
    says: ({ jar }) => `${jar} is empty.`,
    mend: ({ jar, shelf }) => `Fetch another ${jar} from shelf ${shelf}.`,
  } satisfies Wording<{ jar: string; shelf: number }>,
})

describe('a problem in the words of a module', () => {
  it('carries its facts beside what is said of them', () => {
    expect(problem('jar.empty', ['materials', 'H'], { jar: 'Jar H', shelf: 2 })).toEqual({
      level: 'query',
      code: 'jar.empty',
      at: ['materials', 'H'],
      facts: { jar: 'Jar H', shelf: 2 },
      says: 'Jar H is empty.',
      mend: 'Fetch another Jar H from shelf 2.',
    })
  })

  it('offers a mend where there is one', () => {
    const offer = { label: 'Fetch it', set: [{ at: ['materials', 'H', 'note'], text: 'new' }] }
    expect(problem('jar.empty', [], { jar: 'H', shelf: 1 }, offer).offer).toBe(offer)
  })
})

it('a sentence begins with a capital', () => {
  expect(asSentence('run 1 is low.')).toBe('Run 1 is low.')
  expect(asSentence('')).toBe('')
})
