import { describe, expect, it } from 'vitest'
import { addPortion, addStep, correctStep, findTube, goOn, nextSample, nextTubeId, type Rack } from './rackEdits.ts'

const rack = (): Rack => ({
  id: 'r1',
  kind: 'rack',
  samples: [
    {
      material: 'H',
      tubes: [{ id: 'H1', cm3: '1', steps: [{ id: 's1', do: 'add', reagent: 'NaOH(aq)', amount: 'drops', saw: 'white ppt' }] }],
    },
    { material: 'K', tubes: [] },
  ],
})
const AT = '2026-05-12T10:04:31.120Z'

describe('names of tubes and samples', () => {
  it.each([
    ['Jar H', undefined, 'H2'],
    ['Jar G', undefined, 'G1'],
    ['FA 4', undefined, '4-1'],
    ['unknown', undefined, 'U1'],
    ['Jar H', 'H1', 'H1a'],
  ])('%s, going on from %s: %s', (label, from, name) => {
    expect(nextTubeId(rack(), label, from)).toBe(name)
  })

  it('never names a tube that is there already', () => {
    const full = rack()
    for (let count = 0; count < 30; count++) goOn(full, 'H1', nextTubeId(full, 'Jar H', 'H1'), undefined)
    const ids = full.samples.flatMap(({ tubes }) => tubes.map(({ id }) => id))
    expect(new Set(ids).size).toBe(31)
  })

  it('a new sample has the next free letter', () => {
    expect(nextSample([])).toBe('P')
    expect(nextSample(['P', 'Q'])).toBe('R')
    expect(nextSample([...'PQRSTUVWXYZ'])).toBe('P1')
  })
})

describe('what is done to a rack', () => {
  it('a portion is dissolved or dry', () => {
    const changed = rack()
    addPortion(changed, 'K', 'K1', false)
    addPortion(changed, 'K', 'K2', true)
    expect(changed.samples[1]?.tubes).toEqual([
      { id: 'K1', cm3: '1', steps: [] },
      { id: 'K2', steps: [] },
    ])
  })

  it('a step without an observation has none, not an empty one', () => {
    const changed = rack()
    addStep(changed, 'H1', { do: 'warm' }, '')
    expect(findTube(changed, 'H1')?.tube.steps.at(-1)).toEqual({ id: 's2', do: 'warm' })
  })

  it('goes on with the filtrate in the same sample, or as a sample of its own', () => {
    const changed = rack()
    goOn(changed, 'H1', 'H1a', 'filtrate')
    goOn(changed, 'H1', 'H1b', undefined, 'P')
    expect(findTube(changed, 'H1a')).toMatchObject({ sample: { material: 'H' }, tube: { from: 'H1', take: 'filtrate' } })
    expect(findTube(changed, 'H1b')).toMatchObject({ sample: { material: 'P' }, tube: { from: 'H1', steps: [] } })
    goOn(changed, 'nowhere', 'X1', undefined)
    expect(findTube(changed, 'X1')).toBeUndefined()
  })
})

describe('a correction', () => {
  const corrected = (...changes: readonly Parameters<typeof correctStep>[3][]) => {
    const changed = rack()
    for (const change of changes) correctStep(changed, 'H1', 0, change, AT)
    return findTube(changed, 'H1')?.tube.steps[0]
  }
  const DROPS = { do: 'add', reagent: 'NaOH(aq)', amount: 'drops' } as const

  it('keeps what was seen before, every time', () => {
    expect(corrected({ action: DROPS, saw: 'off-white ppt', means: '' }, { action: DROPS, saw: 'pink ppt', means: '' })).toEqual({
      id: 's1',
      ...DROPS,
      saw: 'pink ppt',
      was: [
        { saw: 'white ppt', at: AT },
        { saw: 'off-white ppt', at: AT },
      ],
    })
  })

  it('keeps what was done before, and leaves nothing of it behind', () => {
    expect(corrected({ action: { do: 'warm' }, saw: 'white ppt', means: '' })).toEqual({
      id: 's1',
      do: 'warm',
      saw: 'white ppt',
      was: [{ did: 'a few drops of NaOH(aq)', at: AT }],
    })
  })

  it('that changes nothing leaves no trace; a meaning is no correction', () => {
    expect(corrected({ action: DROPS, saw: 'white ppt', means: 'zinc?' })).toEqual({
      id: 's1',
      ...DROPS,
      saw: 'white ppt',
      means: 'zinc?',
    })
  })
})
