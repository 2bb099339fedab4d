import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { path, readTask, readTaskText, writePath } from '../record/index.ts'
import { checkTask } from './index.ts'

function problemsOf(content: object): string[] {
  const task = readTask({
    format: 'hop-lark/task',
    version: 1,
    id: 'x',
    title: 'x',
    materials: [
      { id: 'F1', label: 'F1', form: 'solid' },
      { id: 'F2', label: 'F2', form: 'solution', solute: 'NaOH' },
    ],
    ...content,
  })
  return checkTask(task).map(({ code, at }) => `${code} ${writePath(at)}`)
}

const weighing = (fields: object) => ({ parts: [{ id: 'w1', kind: 'weighing', of: 'F1', ...fields }] })
const titration = (fields: object) => ({
  parts: [{ id: 't1', kind: 'titration', burette: 'F2', flask: [], reactions: [], runs: [], ...fields }],
})

describe('what looks wrong in a task', () => {
  it.each([
    [
      'a reagent that is no bottle known here',
      {
        parts: [
          {
            id: 'r1',
            kind: 'rack',
            samples: [
              {
                material: 'F1',
                tubes: [{ id: 'P1', steps: [{ do: 'warm' }, { do: 'add', reagent: 'wibble', saw: 'red ppt' }] }],
              },
            ],
          },
        ],
      },
      'step.unknownReagent parts.r1.samples.F1.tubes.P1.steps.s2',
    ],
    [
      'a residue heavier than the sample',
      weighing({ withSample: '26.72', withResidue: '31.46' }),
      'weighing.residueHeavier parts.w1.withResidue',
    ],
    [
      'a container heavier than container and sample',
      weighing({ withSample: '26.72', container: '31.46' }),
      'weighing.containerHeavier parts.w1.container',
    ],
    [
      'a residue lighter than its container',
      weighing({ withSample: '31.46', withResidue: '26.72', container: '26.80' }),
      'weighing.residueBelowContainer parts.w1.withResidue',
    ],
    ['a lost nought on a balance', weighing({ withSample: '31.4', withResidue: '26.72' }), 'weighing.places parts.w1.withSample'],
    ['a mass of nothing', weighing({ mass: '0.00' }), 'weighing.notPositive parts.w1.mass'],
    [
      'a lid at one weighing only',
      weighing({ withSample: '31.46', withResidue: '26.72', lid: 'first' }),
      'weighing.lidOnce parts.w1.lid',
    ],
    [
      'an unbalanced equation',
      titration({ reactions: [{ equation: 'MnO4- + H+ + Fe2+ -> Mn2+ + Fe3+ + H2O', role: 'titration' }] }),
      'equation.unbalanced parts.t1.reactions.0.equation',
    ],
    [
      'an unknown element',
      titration({ reactions: [{ equation: 'Xq + NaOH -> H2O', role: 'titration' }] }),
      'formula.unknownElement parts.t1.reactions.0.equation',
    ],
    ['an unknown material', titration({ burette: 'F9' }), 'reference.material parts.t1.burette'],
    ['an unknown weighing', titration({ flask: [{ weighing: 'w9' }] }), 'reference.weighing parts.t1.flask.0'],
    [
      'a reading entered twice at once',
      weighing({ mass: { value: '4.74', rival: { value: '4.47' } } }),
      'reading.rival parts.w1.mass',
    ],
    [
      'a formula that cannot be read',
      { materials: [{ id: 'F1', label: 'F1', form: 'solid', solute: 'KMno4' }] },
      'formula.unknownElement materials.F1.solute',
    ],
  ])('is seen: %s', (_, content, expected) => {
    expect(problemsOf(content)).toContain(expected)
  })

  it('offers the balanced equation', () => {
    const task = readTask({
      format: 'hop-lark/task',
      version: 1,
      id: 'x',
      title: 'x',
      materials: [{ id: 'F2', label: 'F2', form: 'solution' }],
      ...titration({ reactions: [{ equation: 'H2SO4 + NaOH -> Na2SO4 + H2O', role: 'titration' }] }),
    })
    expect(checkTask(task).find(({ code }) => code === 'equation.unbalanced')?.offer?.set).toEqual([
      { at: path('parts', 't1', 'reactions', 0, 'equation'), text: 'H2SO4 + 2NaOH -> Na2SO4 + 2H2O' },
    ])
  })

  it.each(['iron-in-lawn-sand', 'acid-in-orchard-vinegar'])('is at most advice in the demo task %s', (name) => {
    const task = readTaskText(readFileSync(new URL(`../../../demo/${name}.hoplark.json`, import.meta.url), 'utf8'))
    expect(checkTask(task).filter(({ level }) => level !== 'advice')).toEqual([])
  })

  it('always says how to mend it', () => {
    const task = readTask({
      format: 'hop-lark/task',
      version: 1,
      id: 'x',
      title: 'x',
      ...weighing({ withSample: '26.72', withResidue: '31.46', lid: 'second' }),
    })
    for (const { mend, says } of checkTask(task)) expect([mend.length, says.length].every((length) => length > 10)).toBe(true)
  })
})
