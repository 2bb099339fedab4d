import { describe, expect, it } from 'vitest'
import type { Tube } from '../testing/records.ts'
import { type TubeWhatIf, whatIfIn } from './whatIf.ts'

type Did = readonly [act: string, amount?: string]

/** What slips would have done in one tube of a sample, beside others. */
function slipsIn(ions: readonly string[], did: readonly Did[], others: readonly Tube[] = []): ReadonlyMap<string, TubeWhatIf> {
  const steps = did.map(([act, amount = 'drops'], index) =>
    /^[a-z]+$/.test(act) ? { id: `s${index}`, do: act as 'warm' } : { id: `s${index}`, do: 'add' as const, reagent: act, amount },
  )
  const samples = [{ material: 'P', tubes: [{ id: 'P1', cm3: '1', steps }, ...others] }]
  const running = whatIfIn(samples, 'P1', ions)
  for (;;) {
    const step = running.next()
    if (step.done) return new Map((step.value ?? []).map((slip) => [slip.code, slip]))
  }
}
const WITH_NITRIC: readonly Did[] = [['HNO3(aq)'], ['AgNO3(aq)']]

// Each is a slip that demonstrators warn of, with the false answer it leads to (common practice).
describe('what a slip at a tube would have led to', () => {
  it('dry litmus misses ammonia', () => {
    const dry = slipsIn(['NH4+', 'Cl-'], [['NaOH(aq)', 'excess'], ['warm']]).get('dryLitmus')
    expect(dry?.steps).toEqual([{ place: 1, right: 'gas turned damp red litmus paper blue', slipped: 'no visible change' }])
    expect(dry?.lost).toEqual(['NH4+'])
  })

  it('hydrochloric acid before silver makes every sample a chloride', () => {
    const wrong = slipsIn(['Na+', 'NO3-'], WITH_NITRIC).get('wrongAcidForSilver')
    expect(wrong?.steps[0]).toMatchObject({ place: 1, right: 'no visible change', slipped: 'white precipitate' })
    expect(wrong?.gained).toEqual(['Cl-'])
  })

  it('sulfuric acid before barium makes every sample a sulfate', () => {
    const wrong = slipsIn(['K+', 'Cl-'], [['HNO3(aq)'], ['Ba(NO3)2(aq)']]).get('wrongAcidForBarium')
    expect(wrong?.gained).toEqual(['SO4^2-'])
  })

  it('without acid a carbonate passes for a halide or sulfate', () => {
    const wrong = slipsIn(['Na+', 'CO3^2-'], [['HNO3(aq)', 'excess'], ['Ba(NO3)2(aq)']]).get('notAcidified')
    expect(wrong?.steps[0]).toMatchObject({ place: 1, slipped: 'white precipitate' })
  })

  it('ammonium that is not boiled off passes for nitrate', () => {
    const did: readonly Did[] = [['NaOH(aq)', 'excess'], ['boil'], ['Al(s)', 'piece'], ['warm']]
    const left = slipsIn(['NH4+', 'Cl-'], did).get('notBoiledOff')
    expect(left?.steps.at(-1)).toMatchObject({ place: 3, slipped: expect.stringContaining('litmus paper blue') })
  })

  it('excess at once hides a precipitate that dissolves', () => {
    const atOnce = slipsIn(['Zn2+', 'SO4^2-'], [['NaOH(aq)'], ['NaOH(aq)', 'excess']]).get('excessAtOnce')
    expect(atOnce?.steps).toEqual([
      { place: 1, right: 'precipitate dissolved giving a colourless solution', slipped: 'no visible change' },
    ])
    expect(atOnce?.lost).toContain('Zn2+')
  })

  it('a hot tube keeps lead chloride dissolved', () => {
    const hot = slipsIn(['Pb2+', 'NO3-'], [['HCl(aq)']]).get('hotTube')
    expect(hot?.steps[0]?.right).toContain('white precipitate')
    expect(hot?.steps[0]?.slipped).not.toContain('white precipitate')
  })

  it('the other way round aluminium shows no precipitate that stays', () => {
    const reversed = slipsIn(['Al3+', 'Cl-'], [['NaOH(aq)']]).get('reversed')
    expect(reversed?.steps[0]).toMatchObject({ right: 'white precipitate' })
    expect(reversed?.steps[0]?.slipped).not.toBe('white precipitate')
  })

  it('a dirty wire makes a sodium salt of it', () => {
    const dirty = slipsIn(['K+', 'Cl-'], [['flame']]).get('dirtyWire')
    expect(dirty).toMatchObject({ steps: [{ right: 'lilac flame', slipped: 'yellow flame' }], gained: ['Na+'], lost: ['K+'] })
  })

  it('leaves out what changes nothing seen', () => {
    expect([...slipsIn(['Cu2+', 'SO4^2-'], [['look']]).keys()]).toEqual([])
    expect(slipsIn(['Na+', 'Cl-'], WITH_NITRIC).has('wrongAcidForSilver')).toBe(false)
  })
})
