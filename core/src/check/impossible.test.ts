import { describe, expect, it } from 'vitest'
import { reckonTask } from '../reckon/index.ts'
import { readTask, writePath } from '../record/index.ts'
import { checkTask } from './index.ts'

const task = (content: object) => readTask({ format: 'hop-lark/task', version: 2, id: 'x', title: 'x', ...content })

const ACID = { id: 'A', label: 'A', form: 'solution', solute: 'HCl', strength: { value: '0.100', unit: 'mol/dm3' } }
const F = { id: 'F', label: 'F', form: 'solution' }
const titration = (more: object) => ({
  id: 't',
  kind: 'titration',
  burette: 'A',
  flask: [{ material: 'F', volume: '25.0', by: 'pipette' }],
  reactions: [{ equation: 'H+ + OH- -> H2O', role: 'titration' }],
  runs: [
    { id: 'r1', kind: 'accurate', initial: '0.00', final: '20.00' },
    { id: 'r2', kind: 'accurate', initial: '20.00', final: '40.00' },
  ],
  ...more,
})
const asks = (find: object) => ({ questions: [{ id: 'q', find }] })
const ALKALI = asks({ quantity: 'concentration', of: 'OH-', in: 'F' })

describe('what cannot be is named at its place, and nothing is built on it', () => {
  it.each<[string, object, string, string]>([
    [
      'a portion of nought',
      { materials: [ACID, F], parts: [titration({ flask: [{ material: 'F', volume: '0' }] })], ...ALKALI },
      'volume.notPositive',
      'parts.t.flask.0.volume',
    ],
    [
      'a portion below nought',
      { materials: [ACID, F], parts: [titration({ flask: [{ material: 'F', volume: '-25.0' }] })], ...ALKALI },
      'volume.notPositive',
      'parts.t.flask.0.volume',
    ],
    [
      'a flask of nought',
      {
        materials: [{ id: 'S', label: 'S', form: 'solid', solute: 'NaOH' }, F],
        parts: [
          { id: 'w', kind: 'weighing', of: 'S', mass: '1.00' },
          { id: 's', kind: 'solution', from: [{ weighing: 'w' }], flask: '0', gives: 'F' },
        ],
        ...asks({ quantity: 'concentration', of: 'NaOH', in: 'F' }),
      },
      'volume.notPositive',
      'parts.s.flask',
    ],
    [
      'a solution made up from itself',
      {
        materials: [ACID],
        parts: [{ id: 's', kind: 'solution', from: [{ material: 'A', volume: '25.0' }], flask: '250.0', gives: 'A' }],
        ...asks({ quantity: 'amount', of: 'HCl', in: 'A' }),
      },
      'solution.ofItself',
      'parts.s.gives',
    ],
    [
      'two solutions made up from each other',
      {
        materials: [F, { id: 'G', label: 'G', form: 'solution' }],
        parts: [
          { id: 's1', kind: 'solution', from: [{ material: 'F', volume: '25.0' }], flask: '250.0', gives: 'G' },
          { id: 's2', kind: 'solution', from: [{ material: 'G', volume: '25.0' }], flask: '250.0', gives: 'F' },
        ],
        ...asks({ quantity: 'concentration', of: 'OH-', in: 'F' }),
      },
      'solution.ofItself',
      'parts.s1.gives',
    ],
    [
      'a titration that goes on with itself',
      { materials: [ACID, F], parts: [titration({ flask: [], continues: 't' })], ...ALKALI },
      'titration.ofItself',
      'parts.t.continues',
    ],
    [
      'a titration that goes on with none',
      { materials: [ACID, F], parts: [titration({ flask: [], continues: 'u' })], ...ALKALI },
      'reference.titration',
      'parts.t.continues',
    ],
    [
      'a question about no solution',
      asks({ quantity: 'concentration', of: 'OH-', in: 'X' }),
      'question.nothingThere',
      'questions.q.find.in',
    ],
    [
      'a question about no solid',
      asks({ quantity: 'massPercent', of: 'Fe', in: 'X' }),
      'question.nothingThere',
      'questions.q.find.in',
    ],
    [
      'a question about no place',
      asks({ quantity: 'amount', of: 'Fe', in: 't/flask' }),
      'question.nothingThere',
      'questions.q.find.in',
    ],
    ['a question about no titration', asks({ quantity: 'meanTitre', in: 't' }), 'question.nothingThere', 'questions.q.find.in'],
    ['a question about no series', asks({ quantity: 'gradient', in: 'm' }), 'question.nothingThere', 'questions.q.find.in'],
    [
      'a question about itself',
      asks({ quantity: 'percentError', answer: 'q', accepted: '1' }),
      'question.ofItself',
      'questions.q.find.answer',
    ],
    [
      'a sum worked with itself',
      asks({ quantity: 'sum', sum: 'times', with: { a: { answer: 'q' }, k: '2' } }),
      'question.ofItself',
      'questions.q.find.with.a.answer',
    ],
    [
      'a sum worked with no answer',
      asks({ quantity: 'sum', sum: 'times', with: { a: { answer: 'z' }, k: '2' } }),
      'question.nothingThere',
      'questions.q.find.with.a.answer',
    ],
  ])('%s', (_, content, code, at) => {
    const record = task(content)
    expect(reckonTask(record).answers.map(({ value }) => value)).toEqual([null])
    expect(checkTask(record).map((problem) => [problem.code, writePath(problem.at)])).toContainEqual([code, at])
  })
})
