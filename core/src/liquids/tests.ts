import type { TubeStep } from '../tube/index.ts'

interface LiquidTestRow {
  readonly test: string
  readonly steps: readonly TubeStep[]
  readonly ready: string
  /** What it costs beside bromine water on a few drops: time, heat, hazard, disposal (judgement). */
  readonly cost: number
}

const add = (reagent: string, amount = 'drops'): TubeStep => ({ do: 'add', reagent, amount })
const WARM: TubeStep = { do: 'warm' }
const HOT_WATER = 'a beaker of hot water, all flames out, for what burns'

/** Tests of liquids that can be advised, each on a few drops, the cheapest and safest first. */
export const TESTS: readonly LiquidTestRow[] = [
  { test: 'shaken with water', steps: [add('H2O(l)', 'equal')], ready: 'a few drops in a tube, as much water', cost: 0.7 },
  { test: 'universal indicator', steps: [add('universal indicator')], ready: 'a drop of it in water, the chart', cost: 0.7 },
  { test: 'sodium carbonate', steps: [add('Na2CO3(aq)')], ready: 'limewater beside it', cost: 1 },
  { test: 'bromine water', steps: [add('Br2(aq)')], ready: 'drops, shaken, in good air', cost: 1 },
  {
    test: 'iron(III) chloride',
    steps: [add('FeCl3(aq)')],
    ready: 'a few drops in water, neutral iron(III) chloride',
    cost: 1.1,
  },
  {
    test: 'acidified dichromate(VI), warmed',
    steps: [add('H2SO4(aq)'), add('K2Cr2O7(aq)'), WARM],
    ready: `gloves: dichromate is toxic and may cause cancer; its own waste; ${HOT_WATER}`,
    cost: 2,
  },
  {
    test: '2,4-dinitrophenylhydrazine',
    steps: [add('2,4-DNPH')],
    ready: 'the reagent as it is made up; gloves: it is toxic',
    cost: 1.6,
  },
  {
    test: 'silver mirror',
    steps: [add('ammoniacal silver nitrate'), WARM],
    ready: `the reagent made fresh and acidified after use: kept, it can explode; ${HOT_WATER}`,
    cost: 2.2,
  },
  {
    test: 'alkaline copper(II) tartrate, warmed',
    steps: [add('alkaline copper(II) tartrate'), WARM],
    ready: `the two solutions mixed fresh; eye protection: it is caustic; ${HOT_WATER}`,
    cost: 1.9,
  },
  {
    test: 'iodine in alkali, warmed',
    steps: [add('I2(aq)'), add('NaOH(aq)'), WARM],
    ready: `alkali until the brown has gone; ${HOT_WATER}`,
    cost: 1.8,
  },
  {
    test: 'silver nitrate, warmed',
    steps: [add('AgNO3(aq)'), WARM],
    ready: `a little ethanol so that it mixes; ${HOT_WATER}`,
    cost: 1.9,
  },
  {
    test: 'anhydrous copper(II) sulfate',
    steps: [add('CuSO4(s)')],
    ready: 'a drop on the white powder',
    cost: 1,
  },
  {
    test: 'burning',
    steps: [{ do: 'flame' }],
    ready: 'a few drops on a crucible lid on a mat, the bottle stoppered and away, a lighted splint',
    cost: 4,
  },
]
