import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { Exact } from '../number/index.ts'
import { readTaskText, type Task } from '../record/index.ts'
import { SLIPS } from './catalogue.ts'
import { effectsOf, explainAnswer, explainTitre, sizesThatExplain } from './index.ts'

const demo = (name: string): Task =>
  readTaskText(readFileSync(new URL(`../../../demo/${name}.hoplark.json`, import.meta.url), 'utf8'))
const LAWN = demo('iron-in-lawn-sand')
const SODA = demo('water-in-washing-soda')
const VINEGAR = demo('acid-in-orchard-vinegar')

/** % of iron by hand: c V / 1000 × 5 × 250/25 × 55.8 / m × 100. */
const percentByHand = ({ V = 20.675, m = 31.46 - 26.72, factor = 10 }) => ((0.01 * V) / 1000) * 5 * factor * (55.8 / m) * 100

const effectIn = (task: Task, question: string, slip: string, sizes = {}) =>
  effectsOf(task, question, sizes).find(({ id }) => id.startsWith(`${slip}@`))
const afterIn = (slip: string) => {
  const effect = effectIn(LAWN, 'q2', slip)?.effect
  return effect?.kind === 'moved' ? effect.after : effect?.kind
}

describe('a slip in the lawn sand, against the sum done by hand', () => {
  // Each row derives the slipped answer anew from the readings; nothing of the network is used.
  it.each([
    ['lid-second', percentByHand({ m: 31.46 - (26.72 - 2.1) })],
    ['lid-first', percentByHand({ m: 31.46 - 2.1 - 26.72 })],
    ['residue', percentByHand({ m: 31.46 - (26.72 - 0.05) })],
    ['damp', percentByHand({ V: 20.675 * 0.98 })],
    ['spilled', percentByHand({ V: 20.675 * 0.98 })],
    ['not-rinsed', percentByHand({ V: 20.675 * 0.99 })],
    ['overfilled', percentByHand({ V: (20.675 * 250) / 251 })],
    ['underfilled', percentByHand({ V: (20.675 * 250) / 249 })],
    ['aliquot-factor', percentByHand({ factor: 1 })],
    ['burette-water', percentByHand({ V: 20.675 / 0.99 })],
    ['bubble', percentByHand({ V: 20.875 })],
    ['funnel', percentByHand({ V: 20.575 })],
    ['overshot', percentByHand({ V: 20.975 })],
    ['meniscus-final', percentByHand({ V: 20.575 })],
    ['parallax', percentByHand({ V: 20.575 })],
    ['rough-in-mean', percentByHand({ V: (20.65 + 20.7 + 21.3) / 3 })],
    ['pipette-water', percentByHand({ V: 20.675 * 0.99 })],
    ['blown-out', percentByHand({ V: (20.675 * 25.03) / 25 })],
    ['flask-rinsed-sample', percentByHand({ V: (20.675 * 25.5) / 25 })],
    ['oxidised', percentByHand({ V: 20.675 * 0.98 })],
    // 5 % of the iron meets manganate(VII) that takes up 3 electrons instead of 5: that part needs 5/3 as much.
    ['little-acid', percentByHand({ V: 20.675 * (0.95 + 0.05 * (5 / 3)) })],
    ['chloride-acid', percentByHand({ V: 21.075 })],
  ])('%s', (slip, expected) => {
    expect(afterIn(slip)).toBeCloseTo(expected, 9)
    const effect = effectIn(LAWN, 'q2', slip)?.effect
    expect(effect?.kind === 'moved' && effect.direction).toBe(expected > percentByHand({}) ? 'up' : 'down')
  })

  it.each(['meniscus-both', 'flask-wet', 'water-added', 'cylinder'])('%s has no effect, and the reason is given', (slip) => {
    const found = effectIn(LAWN, 'q2', slip)
    expect(found?.effect).toEqual({ kind: 'none' })
    expect(found?.possible.slip.because.length).toBeGreaterThan(30)
  })

  it('does not move an answer that does not rest on the reading', () => {
    // The amount of iron in the flask is found from the titre alone, so the lid says nothing about it.
    expect(effectIn(LAWN, 'q1', 'lid-second')).toBeUndefined()
    expect(effectIn(LAWN, 'q1', 'bubble')?.effect.kind).toBe('moved')
  })

  it('explains itself from the reading to the answer', () => {
    const effect = effectIn(LAWN, 'q2', 'lid-second')?.effect
    expect(effect?.kind === 'moved' && effect.chain).toEqual([
      'container + residue seems smaller',
      'mass of the F1 weighed seems larger',
      'percentage by mass of Fe in F1 seems smaller',
    ])
  })

  it('takes the size the student sets, and twice the size moves further', () => {
    const after = (size: string) => {
      const effect = effectIn(LAWN, 'q2', 'bubble', { 'bubble@Titrate': size })?.effect
      return effect?.kind === 'moved' ? effect.after : Number.NaN
    }
    expect(after('0.50')).toBeCloseTo(percentByHand({ V: 21.175 }), 9)
    expect(effectIn(LAWN, 'q2', 'bubble', { 'bubble@Titrate': '0' })?.effect).toEqual({ kind: 'none' })
    expect(after('0.40')).toBeGreaterThan(after('0.20'))
  })
})

describe('slips elsewhere', () => {
  it('heating that stops too soon leaves water behind: less seems driven off', () => {
    const effect = effectIn(SODA, 'q3', 'not-constant')?.effect
    expect(effect?.kind === 'moved' && effect.after).toBeCloseTo(((21.3 - 19.54) / 2.88) * 100, 9)
    expect(effect?.kind === 'moved' && effect.direction).toBe('down')
  })

  it('an overshot standardisation makes the alkali seem weaker', () => {
    const effect = effectIn(VINEGAR, 'q1', 'overshot')?.effect
    const byHand = (0.412 / 20.45 + 0.398 / 19.75 + 0.405 / 20.15) / 3 / 0.2041
    expect(effect?.kind === 'moved' && effect.after).toBeCloseTo(byHand, 9)
    expect(effect?.kind === 'moved' && effect.direction).toBe('down')
  })

  it('are not offered where they cannot happen', () => {
    const offered = effectsOf(VINEGAR, 'q1').map(({ possible }) => possible.slip.id)
    expect(offered).not.toContain('oxidised')
    expect(offered).not.toContain('little-acid')
    expect(offered).not.toContain('rough-in-mean')
    expect(effectsOf(VINEGAR, 'q2')).toEqual([])
  })

  it('leave the task as it was', () => {
    const before = JSON.stringify(LAWN)
    effectsOf(LAWN, 'q2')
    expect(JSON.stringify(LAWN)).toBe(before)
    expect(effectsOf(LAWN, 'q2').map(({ effect }) => effect)).toEqual(effectsOf(LAWN, 'q2').map(({ effect }) => effect))
  })
})

it('every slip of the list has its own name, a reason, and moves something or nothing on purpose', () => {
  expect(new Set(SLIPS.map(({ id }) => id)).size).toBe(SLIPS.length)
  for (const { moves, apply, size, because } of SLIPS) {
    expect(moves === 'nothing').toBe(apply === undefined)
    expect(because).toMatch(/\.$/)
    if (size) expect(new Exact(size.usual).gt(0)).toBe(true)
  }
})

describe('slips of mixing, of subtracting, and of heat', () => {
  it('an unmixed flask gives a weak portion: 3 % less titre, 3 % less iron', () => {
    expect(afterIn('not-mixed')).toBeCloseTo(percentByHand({ V: 20.675 * 0.97 }), 9)
  })

  it('one of two titres swapped leaves nothing of their mean', () => {
    // (20.65 − 20.70)/2 as the mean would be −0.025; two equal titres would give nought, which is what is pushed through.
    expect(afterIn('swapped')).toBe(0)
  })

  it('heat lost lowers the gradient by its part, and leaves the crossing where it is', () => {
    const kiln = demo('kiln-wash-alkali')
    expect(effectIn(kiln, 'q1', 'heat-lost')?.effect).toEqual({ kind: 'none' })
    const gradient = effectIn(kiln, 'q2', 'heat-lost')?.effect
    // 0.35 °C/cm³ less a tenth.
    expect(gradient?.kind === 'moved' ? gradient.after : undefined).toBeCloseTo(0.315, 9)
  })
})

describe('asked the other way round', () => {
  it('names the slips that push an answer one way only, the strongest first', () => {
    const up = explainAnswer(LAWN, 'q2', 'up')
    expect(up.length).toBeGreaterThan(5)
    expect(up.every(({ effect }) => effect.kind === 'moved' && effect.direction === 'up')).toBe(true)
    expect(up.map(({ id }) => id.split('@')[0])).toContain('bubble')
    expect(explainAnswer(LAWN, 'q2', 'down').map(({ id }) => id.split('@')[0])).toContain('lid-second')
  })

  it('finds the size a slip must have had, by hand: 1.02 times too high', () => {
    const sizes = sizesThatExplain(LAWN, 'q2', 1.02)
    const of = (slip: string) => [...sizes].find(([id]) => id.startsWith(`${slip}@`))?.[1]
    // Titre: 2 % of 20.675 cm³ = 0.4135. Mass: 4.74 g less 4.74/1.02 g = 0.0929 g on the first weighing.
    expect(of('bubble')).toBe('0.41')
    expect(of('overshot')).toBe('0.41')
    expect(of('lid-first')).toBe('0.093')
    // A damp sample pushes the other way, so no size of it explains this.
    expect(of('damp')).toBeUndefined()
  })

  it('says what could lie behind one titre that stands apart, with the size: 21.15 beside 20.675', () => {
    const part = LAWN.parts.find(({ kind }) => kind === 'titration')
    if (part?.kind !== 'titration') throw new Error('no titration')
    const found = new Map(explainTitre(LAWN, part, 2).map(({ slip, size }) => [slip.id, size]))
    // 0.475 cm³ too much; or 0.475/20.675 of 25.0 cm³ more in the flask.
    expect(found.get('overshot')).toBe('0.48')
    expect(found.get('flask-rinsed-sample')).toBe('0.57')
    expect(found.has('funnel')).toBe(false)
    // What spoils every run alike sets no two apart.
    expect(found.has('damp')).toBe(false)
    expect(explainTitre(LAWN, { ...part, runs: part.runs.slice(0, 2) }, 1)).toEqual([])
  })
})

const EQUATIONS: Readonly<Record<string, string>> = {
  CH3COOH: 'CH3COOH + NaOH -> CH3COONa + H2O',
  HCl: 'HCl + NaOH -> NaCl + H2O',
  NH3: 'NH3 + HCl -> NH4Cl',
}

describe('the wrong indicator', () => {
  /** 25.0 cm³ of vinegar diluted to 0.100 mol/dm³ against 0.100 mol/dm³ alkali. */
  const task = (indicator: string, solute: string, burette: string): Task =>
    readTaskText(
      JSON.stringify({
        format: 'hop-lark/task',
        version: 1,
        id: 'x',
        title: 'x',
        materials: [
          { id: 'N', label: 'N', form: 'solution', solute: burette, strength: { value: '0.100', unit: 'mol/dm3' } },
          { id: 'D', label: 'D', form: 'solution', solute },
        ],
        parts: [
          {
            id: 't',
            kind: 'titration',
            burette: 'N',
            flask: [{ material: 'D', volume: '25.0', by: 'pipette' }],
            reactions: [
              {
                equation: EQUATIONS[solute] ?? '',
                role: 'titration',
              },
            ],
            indicator,
            runs: [
              { kind: 'accurate', initial: '0.00', final: '25.00' },
              { kind: 'accurate', initial: '0.00', final: '25.00' },
            ],
          },
        ],
        questions: [{ id: 'q', find: { quantity: 'concentration', of: solute, in: 'D' } }],
      }),
    )
  const effect = (one: Task) => effectsOf(one, 'q').find(({ id }) => id.startsWith('wrong-indicator'))

  it('ends a weak acid far too early: methyl orange changes at pH 3.75', () => {
    // With methyl orange at pH 3.75, [A-]/[HA] = 10^(3.75 − 4.757) = 0.098, less what h⁺ itself holds: about 0.09 of the acid.
    const found = effect(task('phenolphthalein', 'CH3COOH', 'NaOH'))
    expect(found?.possible.slip.says).toBe('methyl orange was used as the indicator')
    expect(found?.effect.kind === 'moved' && found.effect.direction).toBe('down')
    expect(found?.effect.kind === 'moved' ? found.effect.after / found.effect.before : 0).toBeCloseTo(0.09, 2)
  })

  it('does next to nothing to strong acid and alkali', () => {
    const found = effect(task('phenolphthalein', 'HCl', 'NaOH'))
    expect(found?.effect.kind === 'moved' ? found.effect.after / found.effect.before : 1).toBeCloseTo(1, 1)
    expect(found?.effect.kind === 'moved' ? Math.abs(found.effect.after / found.effect.before - 1) : 0).toBeLessThan(0.01)
  })

  it('ends ammonia early too: phenolphthalein turns while most of it is still there', () => {
    const found = effect(task('methyl orange', 'NH3', 'HCl'))
    expect(found?.possible.slip.says).toBe('phenolphthalein was used as the indicator')
    expect(found?.effect.kind === 'moved' && found.effect.direction).toBe('down')
  })

  it('is not asked where no acid or base is titrated', () => {
    expect(effectIn(LAWN, 'q2', 'wrong-indicator')).toBeUndefined()
  })
})
