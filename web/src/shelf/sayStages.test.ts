import { expect, it } from 'vitest'
import { sayStages } from './sayStages.ts'

const stages = (...states: readonly string[]) => states.map((state, index) => ({ title: `S${index + 1}`, state }))

it.each([
  [['empty', 'empty'], 'None of 2 stages begun.'],
  [['done', 'done', 'empty'], '2 of 3 stages done.'],
  [['done', 'partly', 'empty'], '1 of 3 stages done; S2 is begun.'],
  [['partly', 'partly', 'partly'], '0 of 3 stages done; S1, S2 and S3 are begun.'],
])('%j: %s', (states, says) => expect(sayStages(stages(...states))).toBe(says))
