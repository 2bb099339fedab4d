import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { type PartOf, readTaskText } from '../record/index.ts'
import { type Action, cautionOf, completeAction, drawTube, type GuardContext, gridOf, guardsFor } from './index.ts'
import { meaningOf } from './meaning.ts'

type Tube = PartOf<'rack'>['samples'][number]['tubes'][number]

const add = (reagent: string, amount = 'drops'): Action => ({ do: 'add', reagent, amount })

describe('a line that has been begun', () => {
  it('completes what has been begun: a bottle in its place, or a whole act', () => {
    expect(completeAction('3 drops sod')[0]).toMatch(/^3 drops Na/)
    expect(completeAction('3 drops silv')).toEqual(['3 drops AgNO3(aq)', '3 drops ammoniacal silver nitrate'])
    expect(completeAction('war')).toEqual(['warm, damp red litmus', 'warm'])
    expect(completeAction('drops barium nit')).toEqual(['drops Ba(NO3)2(aq)'])
    expect(completeAction('drops barium nitrate')).toEqual([])
    expect(completeAction('3 drops NaOH')).toEqual([])
    expect(completeAction('warm with Al foil and NaOH')).toEqual([])
    expect(completeAction('boil')).toEqual([])
    expect(completeAction('1 cm3 citric acid')).toEqual([])
    expect(completeAction('1 cm3 acid').length).toBeGreaterThan(1)
    expect(completeAction('')).toEqual([])
  })
})

const context = (before: readonly Action[], more: Partial<GuardContext> = {}): GuardContext => ({
  before,
  volume: 1,
  tubes: [
    {
      id: 'P0',
      steps: [
        { id: 's1', ...add('NaOH(aq)') },
        { id: 's2', ...add('NH3(aq)') },
      ],
    },
  ],
  ...more,
})
const codes = (act: Action, given: GuardContext) => guardsFor(act, given).map(({ code }) => code.replace('guard.', ''))

/** Common practice of the bench: with the situation, and without it. */
describe('guards before the act', () => {
  it.each<[string, Action, GuardContext, GuardContext]>([
    ['wrongAcid', add('AgNO3(aq)'), context([add('HCl(aq)')]), context([add('HNO3(aq)')])],
    ['wrongAcid', add('Ba(NO3)2(aq)'), context([add('H2SO4(aq)')]), context([add('HNO3(aq)')])],
    ['notAcidified', add('BaCl2(aq)'), context([]), context([add('HCl(aq)')])],
    ['ownIon', add('AgNO3(aq)'), context([add('HNO3(aq)'), add('BaCl2(aq)')]), context([add('HNO3(aq)')])],
    ['ownIon', { do: 'flame' }, context([add('NaOH(aq)')]), context([])],
    ['ownIon', { do: 'warm' }, context([add('NH3(aq)'), add('NaOH(aq)')]), context([add('NaOH(aq)')])],
    [
      'boilOffAmmonium',
      add('Al(s)', 'piece'),
      context([add('NaOH(aq)', 'excess')]),
      context([add('NaOH(aq)', 'excess'), { do: 'boil' }]),
    ],
    [
      'oxidiseFirst',
      add('NH4Cl(s)', 'solid'),
      context([add('HCl(aq)'), add('H2S(g)')]),
      context([add('HCl(aq)'), add('H2S(g)'), { do: 'boil' }, add('HNO3(conc)')]),
    ],
    [
      'usedUpFirst',
      add('NH3(aq)', 'drops'),
      context([add('HNO3(aq)', '1 cm3')]),
      context([add('HNO3(aq)', '1 cm3'), add('NaOH(aq)', '2 cm3')]),
    ],
    ['coolFirst', add('NH3(aq)'), context([{ do: 'warm' }]), context([{ do: 'warm' }, { do: 'cool' }])],
    [
      'dryLitmus',
      { do: 'warm', reagent: 'red litmus paper' },
      context([add('NaOH(aq)')]),
      context([add('NaOH(aq)')], { tubes: [] }),
    ],
    ['usedPortion', add('NH3(aq)'), context([add('NaOH(aq)')]), context([add('NH3(aq)')])],
    ['dropsFirst', add('NaOH(aq)', 'excess'), context([], { tubes: [] }), context([])],
    ['tooFull', { do: 'boil' }, context([], { volume: 9 }), context([], { volume: 5 })],
  ])('%s', (code, act, dangerous, harmless) => {
    expect(codes(act, dangerous)).toContain(code)
    const mended = code === 'dryLitmus' ? { ...act, reagent: 'damp red litmus paper' } : act
    expect(codes(mended, harmless)).not.toContain(code)
  })

  it('are silent on the demo, whose every step was done as it should be', () => {
    const part = readTaskText(readFileSync(new URL('../../../demo/four-jars.hoplark.json', import.meta.url), 'utf8')).parts.find(
      (one) => one.kind === 'rack',
    )
    const samples = part?.kind === 'rack' ? part.samples : []
    const all = new Map(samples.flatMap(({ tubes }) => tubes.map((one) => [one.id, one] as const)))
    const alarms = samples.flatMap(({ tubes }) =>
      tubes.flatMap((one) => {
        const parent = one.from === undefined ? undefined : all.get(one.from)
        return one.steps.flatMap((act, index) =>
          codes(act, {
            before: [...(parent?.steps ?? []), ...one.steps.slice(0, index)],
            volume: drawTube({ ...one, steps: one.steps.slice(0, index) }, all).volume,
            tubes,
          })
            // How much the acid in a tube uses up is told, and is no alarm.
            .filter((code) => code !== 'usedUpFirst')
            .map((code) => `${one.id}.${index + 1} ${code}`),
        )
      }),
    )
    expect(samples.length).toBeGreaterThan(3)
    expect(alarms).toEqual([])
  })

  it('cautions give their reason and defer', () => {
    expect(cautionOf(add('AgNO3(aq)'))).toMatch(/stain.*your supervisor/)
    expect(cautionOf({ do: 'warm' })).toMatch(/away from everyone.*your supervisor/)
    expect(cautionOf(add('KI(aq)'))).toBeUndefined()
  })
})

const tube = (id: string, steps: readonly (readonly [Action, string])[], more: Partial<Tube> = {}): Tube => ({
  id,
  cm3: '1',
  steps: steps.map(([act, saw], index) => ({ id: `s${index + 1}`, ...act, saw })),
  ...more,
})
const drawn = (one: Tube, all: readonly Tube[] = [one], appearance?: string) =>
  drawTube(one, new Map(all.map((each) => [each.id, each])), appearance === undefined ? {} : { appearance })

describe('a tube as it is drawn', () => {
  const look = { do: 'look' } as Action

  it.each<[string, readonly (readonly [Action, string])[], { readonly [Part in keyof ReturnType<typeof drawn>]?: unknown }]>([
    ['a solution that changes its colour', [[add('Cl2(aq)'), 'solution turns brown']], { liquid: 'brown' }],
    ['one that is decolourised', [[add('KMnO4(aq)'), 'purple solution decolourised']], { liquid: 'colourless' }],
    ['an upper layer', [[add('C6H12(l)', 'equal'), 'upper layer purple']], { layer: 'purple' }],
    ['one whose colour is not written yet', [[add('C6H12(l)', 'equal'), '']], { layer: 'colourless' }],
    ['bubbles', [[add('HCl(aq)'), 'effervescence']], { bubbles: true }],
    [
      'bubbles that are over with the next step',
      [
        [add('HCl(aq)'), 'effervescence'],
        [{ do: 'stand' }, 'no visible change'],
      ],
      { bubbles: false },
    ],
    ['a gas named by its limewater', [[{ do: 'warm' }, 'gas turned limewater milky']], { bubbles: true }],
    ['a splint', [[{ do: 'gas', reagent: 'glowing splint' }, 'glowing splint relit']], { flame: 'relights splint' }],
    ['a flame', [[{ do: 'flame' }, 'lilac flame']], { flame: 'lilac' }],
    ['bleached litmus', [[{ do: 'warm' }, 'damp blue litmus bleached']], { paper: { from: 'blue', to: 'white' } }],
    ['lead paper', [[{ do: 'warm' }, 'lead ethanoate paper turned black']], { paper: { from: 'white', to: 'black' } }],
    [
      'a precipitate that dissolves in part',
      [
        [add('NH3(aq)'), 'white ppt'],
        [add('NH3(aq)', 'excess'), 'partly soluble in excess'],
      ],
      { solid: { colour: 'white', much: false, settled: false } },
    ],
    [
      'one that turns',
      [
        [add('NaOH(aq)'), 'off-white ppt'],
        [{ do: 'stand' }, 'ppt turns brown'],
      ],
      { solid: { colour: 'brown', much: true, settled: true } },
    ],
    [
      'one that is filtered off',
      [
        [add('NaOH(aq)'), 'white ppt'],
        [{ do: 'filter' }, 'colourless filtrate'],
      ],
      { solid: undefined },
    ],
    ['a slight one', [[add('H2SO4(aq)'), 'slight white ppt']], { solid: { colour: 'white', much: false, settled: false } }],
    ['nothing', [[look, 'no visible change']], { liquid: 'colourless', bubbles: false, solid: undefined }],
  ])('shows %s', (_, steps, shows) => {
    const { solid, bubbles, liquid, paper, flame, layer } = drawn(tube('H1', steps))
    expect({ solid, bubbles, liquid, paper, flame, layer }).toMatchObject(shows)
  })

  it.each<[string, Action, number]>([
    ['drops', add('NaOH(aq)'), 1.15],
    ['an excess', add('NaOH(aq)', 'excess'), 5],
    ['a volume', add('NaOH(aq)', '2.5 cm3'), 3.5],
    ['an equal volume', add('NaOH(aq)', 'equal'), 2],
    ['a solid', add('NH4Cl(s)', 'solid'), 1],
    ['a gas', add('H2S(g)', 'excess'), 1],
    ['a paper', { do: 'add', reagent: 'red litmus' }, 1],
    ['water', { do: 'dissolve', reagent: 'H2O(l)' }, 5],
  ])('its level rises by %s', (_, act, volume) => {
    expect(drawn(tube('H1', [[act, 'no visible change']])).volume).toBeCloseTo(volume)
  })

  it('goes on as the filtrate, the residue or all of it', () => {
    const first = tube('H1', [
      [add('NaOH(aq)'), 'white ppt, blue solution'],
      [{ do: 'stand' }, 'no visible change'],
    ])
    const next = (take?: Tube['take']) => {
      const one = { id: 'H1a', from: 'H1', steps: [], ...(take ? { take } : {}) }
      return drawn(one, [first, one])
    }
    expect(next('filtrate').solid).toBeUndefined()
    expect(next('residue')).toMatchObject({ solid: { colour: 'white' }, liquid: 'colourless', volume: 1 })
    expect(next()).toMatchObject({ solid: { colour: 'white' } })
    expect(next().volume).toBeCloseTo(1.15)
  })

  it('comes from what was recorded: precipitate, excess, litmus', () => {
    const first = tube('H1', [[add('NaOH(aq)'), 'dirty green ppt']])
    expect(drawn(first, [first], 'pale green crystals').solid).toEqual({ colour: 'dirty green', much: true, settled: false })
    const steps: readonly (readonly [Action, string])[] = [
      [add('NaOH(aq)'), 'dirty green ppt'],
      [add('NaOH(aq)', 'excess'), 'insoluble in excess'],
      [{ do: 'warm' }, 'gas turned damp red litmus paper blue'],
    ]
    const warmed = drawn(tube('H1', steps))
    expect(warmed.solid?.settled).toBe(true)
    expect(warmed.paper).toEqual({ from: 'red', to: 'blue' })
    expect(warmed.volume).toBeCloseTo(5.15)
  })

  it('dissolved gives its colour, filtering leaves the solid behind, and a tube goes on from another', () => {
    const parent = tube('P1', [
      [add('NaOH(aq)'), 'grey-green ppt'],
      [add('NaOH(aq)', 'excess'), 'dissolves giving a green solution'],
    ])
    expect(drawn(parent)).toMatchObject({ liquid: 'green' })
    expect(drawn(parent).solid).toBeUndefined()
    const onward = tube('P1a', [[add('H2O2(aq)', 'excess'), 'turned yellow']], { from: 'P1' })
    expect(drawn(onward, [parent, onward]).liquid).toBe('yellow')
    const barium = tube('P2', [
      [add('BaCl2(aq)'), 'white ppt'],
      [{ do: 'filter' }, 'colourless solution'],
    ])
    expect(drawn(barium).solid).toBeUndefined()
  })

  it('coloured crystals colour their solution', () => {
    expect(drawn(tube('G1', []), undefined, 'green crystals')).toMatchObject({ liquid: 'green', volume: 1 })
  })
})

describe('what a step means', () => {
  it('names the gas, what explains it, and what a later step speaks against', () => {
    expect(meaningOf({ explains: ['Fe2+', 'Cr3+'], rulesOut: [] })).toBe('iron(II) or chromium(III)')
    expect(meaningOf({ explains: ['Fe2+'], rulesOut: ['Cr3+'] }, [], ['Fe2+', 'Cr3+'])).toBe('iron(II); not chromium(III)')
    expect(meaningOf({ explains: ['NH4+'], rulesOut: [] }, ['NH3'])).toBe('ammonia; ammonium')
    expect(meaningOf({ explains: [], rulesOut: ['SO4^2-'] })).toBe('not sulfate')
  })
})

it('the grid has a cell for every sample and test, done or not', () => {
  const samples = [
    { material: 'P', tubes: [tube('P1', [[add('NaOH(aq)'), 'white ppt']])] },
    { material: 'Q', tubes: [tube('Q1', [[add('NaOH(aq)'), '']]), tube('Q2', [[{ do: 'flame' }, 'lilac flame']])] },
  ]
  expect(gridOf({ samples }).map(({ test, cells }) => [test, ...cells])).toEqual([
    ['a few drops of NaOH(aq)', { tube: 'P1', saw: ['white ppt'] }, { tube: 'Q1', saw: [undefined] }],
    ['flame test', undefined, { tube: 'Q2', saw: ['lilac flame'] }],
  ])
})
