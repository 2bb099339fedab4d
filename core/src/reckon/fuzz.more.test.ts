import { describe } from 'vitest'
import { Exact } from '../number/index.ts'
import {
  between,
  type Drawn,
  makeTask,
  molar,
  pick,
  type Random,
  recoversTheTruth,
  runs,
  withoutRuns,
  withoutStrength,
  written,
} from './testing/knownTruth.ts'

const solution = (id: string, solute?: string, strength?: Exact) => ({
  id,
  label: id,
  form: 'solution',
  ...(solute ? { solute } : {}),
  ...(strength ? { strength: { value: written(strength), unit: 'mol/dm3' } } : {}),
})
const without =
  (...parts: readonly string[]) =>
  (task: Parameters<ReturnType<typeof withoutRuns>>[0]) => ({
    ...task,
    parts: task.parts.filter(({ id }) => !parts.includes(id)),
  })

/** An unknown acid with one, two or three protons: its molar mass. */
function unknownAcid(random: Random): Drawn {
  const [molarMass, alkali] = [between(random, 60, 300, 2), between(random, 0.05, 0.2, 4)]
  const amount = between(random, 0.001, 0.003, 6)
  const protons = pick(random, [1, 2, 3])
  const salt = { 1: 'NaX', 2: 'Na2X', 3: 'Na3X' }[protons as 1 | 2 | 3]
  const acid = { 1: 'HX', 2: 'H2X', 3: 'H3X' }[protons as 1 | 2 | 3]
  const equation = `${acid} + ${protons}NaOH -> ${salt} + ${protons}H2O`
    .replaceAll('1NaOH', 'NaOH')
    .replaceAll('1H2O', 'H2O')
    .replaceAll('X', 'Cl')
  return {
    task: makeTask({
      materials: [{ id: 'S', label: 'S', form: 'solid' }, solution('N', 'NaOH', alkali)],
      parts: [
        { id: 'w', kind: 'weighing', of: 'S', mass: written(amount.mul(molarMass)) },
        {
          id: 't',
          kind: 'titration',
          burette: 'N',
          flask: [{ weighing: 'w' }],
          reactions: [{ equation, role: 'titration' }],
          runs: [{ kind: 'accurate', initial: '0.00', final: written(amount.mul(protons).div(alkali).mul(1000)) }],
        },
      ],
      questions: [{ id: 'M', find: { quantity: 'molarMass', of: 'S' } }],
    }),
    truth: { M: molarMass },
    removable: [{ without: withoutStrength('N'), asks: /the strength of N/ }],
  }
}

/** Tablets crushed together: mass of iron in each, beside the label. */
function tablets(random: Random): Drawn {
  const items = pick(random, [3, 4, 5, 6, 10])
  const [each, strength, label] = [
    between(random, 0.05, 0.12, 5),
    between(random, 0.004, 0.02, 5),
    between(random, 0.05, 0.12, 3),
  ]
  const amount = each.mul(items).div(molar('Fe'))
  const titre = amount.div(10).div(5).div(strength).mul(1000)
  const perItem = each.mul(1000)
  const accepted = label.mul(1000)
  return {
    task: makeTask({
      materials: [{ id: 'T', label: 'T', form: 'solid' }, solution('B', 'KMnO4', strength), solution('F')],
      parts: [
        { id: 'w', kind: 'weighing', of: 'T', mass: written(between(random, 1, 3, 3)) },
        { id: 's', kind: 'solution', from: [{ weighing: 'w' }], flask: '250.0', gives: 'F' },
        {
          id: 't',
          kind: 'titration',
          burette: 'B',
          flask: [{ material: 'F', volume: '25.0', by: 'pipette' }],
          reactions: [{ equation: 'MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O', role: 'titration' }],
          runs: runs(random, titre),
        },
      ],
      questions: [
        { id: 'each', find: { quantity: 'perItem', of: 'Fe', in: 'T', items }, unit: 'g' },
        { id: 'off', find: { quantity: 'percentError', answer: 'each', accepted: written(accepted.div(1000)) } },
      ],
    }),
    truth: { each: perItem.div(1000), off: perItem.sub(accepted).div(accepted).mul(100) },
    removable: [{ without: withoutRuns('t'), asks: /two titres that agree/ }],
  }
}

/** Carbonate beside hydroxide by two indicators, portions of different size. */
function twoIndicators(random: Random): Drawn {
  const [hydroxide, carbonate, acid] = [
    between(random, 0.01, 0.1, 4),
    between(random, 0.01, 0.08, 4),
    between(random, 0.08, 0.15, 4),
  ]
  const [first, second] = [pick(random, ['25.0', '20.0']), pick(random, ['25.0', '10.0'])]
  const to = (id: string, volume: string, protons: 1 | 2) => ({
    id,
    title: id,
    kind: 'titration',
    burette: 'A',
    flask: [{ material: 'M', volume, by: 'pipette' }],
    reactions: [
      { equation: 'OH- + H+ -> H2O', role: 'titration' },
      {
        equation: protons === 1 ? 'CO3^2- + H+ -> HCO3-' : 'CO3^2- + 2H+ -> H2O + CO2',
        role: 'titration',
      },
    ],
    runs: runs(random, hydroxide.add(carbonate.mul(protons)).mul(volume).div(acid)),
  })
  return {
    task: makeTask({
      materials: [solution('A', 'HCl', acid), solution('M')],
      parts: [to('t1', first, 1), to('t2', second, 2)],
      questions: [
        { id: 'hydroxide', find: { quantity: 'concentration', of: 'OH-', in: 'M' } },
        { id: 'carbonate', find: { quantity: 'concentration', of: 'CO3^2-', in: 'M' } },
        { id: 'grams', find: { quantity: 'massConcentration', of: 'Na2CO3', in: 'M' } },
      ],
    }),
    truth: { hydroxide, carbonate, grams: carbonate.mul(molar('Na2CO3')) },
    removable: [{ without: without('t2'), asks: /another end-point/ }],
  }
}

/** A saturated solution titrated beside a common ion. */
function commonIon(random: Random): Drawn {
  const [solubility, added, strength] = [
    between(random, 0.002, 0.02, 5),
    between(random, 0.005, 0.05, 4),
    between(random, 0.02, 0.1, 4),
  ]
  // Ca(OH)2: hydroxide is titrated, calcium was added.
  const titre = solubility.mul(2).mul(25).div(strength)
  return {
    task: makeTask({
      materials: [solution('L'), solution('A', 'HCl', strength)],
      parts: [
        {
          id: 't',
          kind: 'titration',
          burette: 'A',
          flask: [{ material: 'L', volume: '25.0', by: 'pipette' }],
          reactions: [{ equation: 'H+ + OH- -> H2O', role: 'titration' }],
          runs: runs(random, titre),
        },
      ],
      questions: ['solubility', 'solubilityProduct'].map((quantity) => ({
        id: quantity,
        find: { quantity, of: 'Ca(OH)2', in: 'L', added: { species: 'Ca2+', concentration: written(added) } },
      })),
    }),
    truth: { solubility, solubilityProduct: solubility.mul(2).pow(2).mul(solubility.add(added)) },
    removable: [{ without: withoutStrength('A'), asks: /the strength of A/ }],
  }
}

/** Copper by iodine and thiosulfate, with a blank. */
function iodine(random: Random): Drawn {
  const [copper, thiosulfate, blank] = [
    between(random, 0.02, 0.1, 4),
    between(random, 0.05, 0.1, 4),
    between(random, 0.02, 0.2, 2),
  ]
  const titre = copper.mul(25).div(thiosulfate).add(blank)
  return {
    task: makeTask({
      materials: [solution('C'), solution('B', 'Na2S2O3', thiosulfate), solution('I', 'KI', new Exact(1))],
      parts: [
        {
          id: 't',
          kind: 'titration',
          burette: 'B',
          flask: [
            { material: 'C', volume: '25.0', by: 'pipette' },
            { material: 'I', volume: '10' },
          ],
          reactions: [
            { equation: '2Cu2+ + 4I- -> 2CuI + I2', role: 'before' },
            { equation: 'I2 + 2S2O3^2- -> 2I- + S4O6^2-', role: 'titration' },
          ],
          inExcess: ['I-'],
          runs: [{ kind: 'blank', initial: '0.00', final: written(blank) }, ...runs(random, titre)],
        },
      ],
      questions: [
        { id: 'copper', find: { quantity: 'concentration', of: 'Cu2+', in: 'C' } },
        { id: 'titre', find: { quantity: 'meanTitre', in: 't' } },
        {
          id: 'weigh',
          find: {
            quantity: 'massToWeigh',
            of: 'Na2S2O3.5H2O',
            concentration: { value: written(thiosulfate), unit: 'mol/dm3' },
            volume: { value: '500', unit: 'cm3' },
          },
        },
      ],
    }),
    truth: { copper, titre: titre.sub(blank), weigh: thiosulfate.div(2).mul(molar('Na2S2O3.5H2O')) },
    removable: [{ without: withoutStrength('B'), asks: /the strength of B/ }],
  }
}

/** Points put exactly on two lines. */
function twoLines(random: Random): Drawn {
  const [up, down, start] = [between(random, 0.2, 0.5, 3), between(random, 0.05, 0.2, 3), between(random, 15, 25, 1)]
  const crossing = between(random, 21, 24, 2)
  const top = start.add(up.mul(crossing))
  const points = [0, 5, 10, 15, 20, 25, 30, 35, 40, 45].map((x) => [
    String(x),
    written(crossing.gte(x) ? start.add(up.mul(x)) : top.sub(down.mul(new Exact(x).sub(crossing)))),
  ])
  return {
    task: makeTask({
      materials: [],
      parts: [
        {
          id: 'm',
          kind: 'series',
          x: { name: 'volume', unit: 'cm3' },
          y: { name: 'temperature', unit: '°C' },
          reading: 'two-lines',
          points,
        },
      ],
      questions: [
        { id: 'crossing', find: { quantity: 'crossing', in: 'm' } },
        { id: 'gradient', find: { quantity: 'gradient', in: 'm' } },
      ],
    }),
    truth: { crossing, gradient: up },
    removable: [{ without: without('m'), asks: /a series called 'm'/ }],
  }
}

describe.each(Object.entries({ unknownAcid, tablets, twoIndicators, commonIon, iodine, twoLines }))(
  'tasks drawn from a known truth: %s',
  recoversTheTruth,
)
