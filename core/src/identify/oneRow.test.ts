import { beforeAll, describe, expect, it, vi } from 'vitest'
import type { Gas } from '../gas/gas.ts'
import type * as Gases from '../gas/gases.ts'
import type * as IonTable from '../substance/ionTable.ts'
import type { Reagent } from '../tube/reagent.ts'
import type * as Reagents from '../tube/reagents.ts'

/* An ion, a gas and a bottle that are in no table, each put in by one row: nothing else is told of them. */
vi.mock('../substance/ionTable.ts', async (original) => {
  const { ION_TABLE } = await original<typeof IonTable>()
  const row = {
    ion: 'Rb+',
    also: ['ruby salt'],
    sample: { strength: 0.1, meddles: false },
    flame: { colour: 'grey', covers: 9 },
  }
  return { ION_TABLE: [...ION_TABLE, row] }
})
vi.mock('../gas/gases.ts', async (original) => {
  const { GASES } = await original<typeof Gases>()
  const row: Gas = {
    gas: 'CH3COOH',
    name: 'ethanoic acid vapour',
    wording: 'vapour smelling of vinegar turned damp blue litmus paper red',
    usual: 'damp blue litmus paper',
    tests: [{ test: 'damp blue litmus paper', result: 'turned red', reading: 'blue litmus red' }],
    comesOff: {
      species: 'CH3COOH',
      held: 0.03,
      takes: { CH3COO: 1, H: 1 },
      gives: 1,
      equation: 'CH3COO-(aq) + H+(aq) -> CH3COOH(g)',
    },
  }
  return { GASES: [...GASES, row] }
})
vi.mock('../tube/reagents.ts', async (original) => {
  const actual = await original<typeof Reagents>()
  const row: Reagent = {
    putIn: { BaCl2: 0.1 },
    state: 'aq',
    says: 'ferry brine',
    also: ['brine of the ferry'],
    purpose: 'sulfate',
  }
  const REAGENTS: typeof actual.REAGENTS = { ...actual.REAGENTS, 'FB(aq)': row }
  return { ...actual, REAGENTS, reagentNamed: (name: string) => (Object.hasOwn(REAGENTS, name) ? REAGENTS[name] : undefined) }
})

let core: typeof import('./index.ts') &
  typeof import('../rack/index.ts') &
  typeof import('../tube/index.ts') &
  typeof import('../gas/index.ts')
beforeAll(async () => {
  core = {
    ...(await import('../gas/index.ts')),
    ...(await import('../tube/index.ts')),
    ...(await import('../rack/index.ts')),
    ...(await import('./index.ts')),
  }
})
const step = (what: object, saw: string, index: number) => ({ id: `s${index}`, do: 'add' as const, ...what, saw })

describe('an ion of one row', () => {
  it('is predicted, named in a conclusion, and listed for looking up', () => {
    const { shown } = core.playSteps(core.freshTube({ 'Rb+': 0.1, 'NO3-': 0.1 }, 1), [{ do: 'flame' }])
    expect(shown[0]?.saw).toEqual(['grey flame'])
    expect(core.ionsNamed('It is a ruby salt')).toEqual(['Rb+'])
    expect(core.CANDIDATES.map(({ ion }) => ion)).toContain('Rb+')
    expect(core.FLAME_COLOURS.at(-1)).toMatchObject({ ion: 'Rb+', colour: 'grey' })
  })

  it('is identified from a record', () => {
    const steps = [step({ do: 'flame' }, 'grey flame', 1)]
    const [found] = core.identifyRack([{ material: 'P', tubes: [{ id: 'P1', cm3: '1', steps }] }])
    expect(found?.ions[0]).toMatchObject({ ion: 'Rb+', for: ['P1.1'], probability: expect.closeTo(0.9, 1) })
  })
})

describe('a gas of one row', () => {
  it('is predicted in its words, by its test, and listed', () => {
    const tube = core.freshTube({ 'CH3COO-': 0.5, 'Na+': 0.5 }, 1)
    const { tube: after, shown } = core.playSteps(tube, [{ do: 'add', reagent: 'HCl(aq)', amount: 'excess' }])
    expect(shown[0]?.saw.join()).toContain('smelling of vinegar')
    expect(core.playSteps(after, [{ do: 'gas', reagent: 'blue litmus' }]).shown[0]?.saw).toEqual([
      'gas: damp blue litmus paper turned red',
    ])
    expect(core.GASES.at(-1)?.name).toBe('ethanoic acid vapour')
  })

  it('speaks for the ion it comes from', () => {
    /** How much likelier than nitrate, which shows nothing. */
    const record = (saw: string) => {
      // Not one of the usual acts: what those show is in a table, which is made anew when a row is put in.
      const steps = [step({ reagent: 'HCl(aq)', amount: '3 cm3' }, saw, 1)]
      const [found] = core.identifyRack([{ material: 'P', tubes: [{ id: 'P1', cm3: '1', steps }] }])
      const of = (one: string) => found?.ions.find(({ ion }) => ion === one)?.probability ?? 0
      return of('CH3COO-') / of('NO3-')
    }
    expect(record('gas turned damp blue litmus paper red')).toBeGreaterThan(20 * record('no visible change'))
  })
})

describe('a bottle of one row', () => {
  it('is understood by its names, and what it shows is predicted and identified', () => {
    const read = core.readActs('3 drops of the brine of the ferry')
    expect(read).toMatchObject({ kind: 'acts', acts: [{ action: { do: 'add', reagent: 'FB(aq)', amount: '3 drops' } }] })
    const added = [step({ reagent: 'FB(aq)', amount: 'drops' }, 'white ppt', 1)]
    const [found] = core.identifyRack([{ material: 'P', tubes: [{ id: 'P1', cm3: '1', steps: added }] }])
    expect(found?.ions.slice(0, 6).map(({ ion }) => ion)).toContain('SO4^2-')
    expect(core.findReagent('ferry brine')?.formula).toBe('FB(aq)')
  })
})
