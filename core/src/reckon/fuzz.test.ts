import { describe } from 'vitest'
import {
  between,
  type Drawn,
  makeTask,
  molar,
  pick,
  type Random,
  recoversTheTruth,
  runs,
  withoutResidue,
  withoutRuns,
  withoutStrength,
  written,
} from './testing/knownTruth.ts'

const REDOX = [
  { burette: 'KMnO4', equation: 'MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O', analyte: 'Fe2+', element: 'Fe', ratio: 5 },
  { burette: 'K2Cr2O7', equation: 'Cr2O7^2- + 14H+ + 6Fe2+ -> 2Cr3+ + 6Fe3+ + 7H2O', analyte: 'Fe2+', element: 'Fe', ratio: 6 },
  {
    burette: 'KMnO4',
    equation: '2MnO4- + 5C2O4^2- + 16H+ -> 2Mn2+ + 10CO2 + 8H2O',
    analyte: 'C2O4^2-',
    element: 'C',
    ratio: 2.5,
  },
  { burette: 'AgNO3', equation: 'Ag+ + Cl- -> AgCl', analyte: 'Cl-', element: 'Cl', ratio: 1 },
] as const

/** Weigh by difference, make up, titrate an aliquot: amount in the flask, concentration, percentage. */
function percentage(random: Random): Drawn {
  const { burette, equation, analyte, element, ratio } = pick(random, REDOX)
  const [sample, strength] = [between(random, 1, 8, 3), between(random, 0.005, 0.05, 4)]
  const [flask, aliquot] = [pick(random, ['100.0', '250.0', '500.0']), pick(random, ['10.0', '20.0', '25.0'])]
  const amount = between(random, 0.002, 0.02, 6)
  const titre = amount.mul(aliquot).div(flask).div(ratio).div(strength).mul(1000)
  const residue = between(random, 10, 30, 3)
  const atoms = element === 'C' ? 2 : 1
  return {
    task: makeTask({
      materials: [
        { id: 'S', label: 'S', form: 'solid' },
        { id: 'B', label: 'B', form: 'solution', solute: burette, strength: { value: written(strength), unit: 'mol/dm3' } },
        { id: 'F', label: 'F', form: 'solution' },
        { id: 'H', label: 'acid', form: 'solution', solute: 'H2SO4', strength: { value: '1.0', unit: 'mol/dm3' } },
      ],
      parts: [
        { id: 'w', kind: 'weighing', of: 'S', withSample: written(residue.add(sample)), withResidue: written(residue) },
        { id: 's', kind: 'solution', from: [{ weighing: 'w' }], flask, gives: 'F' },
        {
          id: 't',
          kind: 'titration',
          burette: 'B',
          flask: [
            { material: 'F', volume: aliquot, by: 'pipette' },
            { material: 'H', volume: '10' },
          ],
          reactions: [{ equation, role: 'titration' }],
          runs: runs(random, titre),
        },
      ],
      questions: [
        { id: 'percent', find: { quantity: 'massPercent', of: element, in: 'S' } },
        { id: 'amount', find: { quantity: 'amount', of: analyte, in: 'F' } },
        { id: 'concentration', find: { quantity: 'concentration', of: analyte, in: 'F' } },
        { id: 'aliquot', find: { quantity: 'amount', of: analyte, in: 't/flask' } },
        { id: 'mass', find: { quantity: 'mass', of: element, in: 'w' } },
      ],
    }),
    truth: {
      percent: amount.mul(atoms).mul(molar(element)).div(sample).mul(100),
      amount,
      concentration: amount.div(flask).mul(1000),
      aliquot: amount.mul(aliquot).div(flask),
      mass: amount.mul(atoms).mul(molar(element)),
    },
    removable: [
      { without: withoutStrength('B'), asks: /the strength of B/ },
      { without: withoutRuns('t'), asks: /two titres that agree/ },
      { without: withoutResidue, asks: /container \+ what was left in it/ },
    ],
  }
}

/** A solution standardised against a weighed solid, then used on a diluted acid: a chain of three. */
function chain(random: Random): Drawn {
  const [alkali, acid] = [between(random, 0.05, 0.2, 5), between(random, 0.3, 1.5, 4)]
  const mass = between(random, 0.3, 0.9, 4)
  const first = mass.div(molar('KHC8H4O4')).div(alkali).mul(1000)
  const second = acid.div(10).mul(25).div(alkali)
  return {
    task: makeTask({
      materials: [
        { id: 'P', label: 'P', form: 'solid', solute: 'KHC8H4O4' },
        { id: 'N', label: 'N', form: 'solution', solute: 'NaOH' },
        { id: 'V', label: 'V', form: 'solution', solute: 'CH3COOH' },
        { id: 'D', label: 'D', form: 'solution', solute: 'CH3COOH' },
      ],
      parts: [
        { id: 'w', kind: 'weighing', of: 'P', mass: written(mass) },
        {
          id: 't1',
          kind: 'titration',
          burette: 'N',
          flask: [{ weighing: 'w' }],
          reactions: [{ equation: 'KHC8H4O4 + NaOH -> KNaC8H4O4 + H2O', role: 'titration' }],
          runs: [{ kind: 'accurate', initial: '0.00', final: written(first) }],
        },
        { id: 's', kind: 'solution', from: [{ material: 'V', volume: '25.0' }], flask: '250.0', gives: 'D' },
        {
          id: 't2',
          kind: 'titration',
          burette: 'N',
          flask: [{ material: 'D', volume: '25.0', by: 'pipette' }],
          reactions: [{ equation: 'CH3COOH + OH- -> CH3COO- + H2O', role: 'titration' }],
          runs: runs(random, second),
        },
      ],
      questions: [
        { id: 'alkali', find: { quantity: 'concentration', of: 'NaOH', in: 'N' } },
        { id: 'acid', find: { quantity: 'concentration', of: 'CH3COOH', in: 'V' } },
        { id: 'grams', find: { quantity: 'massConcentration', of: 'CH3COOH', in: 'V' } },
      ],
    }),
    truth: { alkali, acid, grams: acid.mul(molar('CH3COOH')) },
    removable: [{ without: withoutRuns('t2'), asks: /two titres that agree/ }],
  }
}

/** A solid dissolved in a known excess of acid, the rest of which is titrated. */
function backTitration(random: Random): Drawn {
  const [acid, alkali, sample] = [between(random, 0.8, 1.2, 4), between(random, 0.4, 1, 4), between(random, 1, 2, 3)]
  const used = between(random, 0.004, 0.018, 6)
  const left = acid.mul('0.02500').sub(used)
  const titre = left.div(alkali).mul(1000)
  return {
    task: makeTask({
      materials: [
        { id: 'A', label: 'A', form: 'solution', solute: 'HCl', strength: { value: written(acid), unit: 'mol/dm3' } },
        { id: 'N', label: 'N', form: 'solution', solute: 'NaOH', strength: { value: written(alkali), unit: 'mol/dm3' } },
        { id: 'S', label: 'S', form: 'solid' },
      ],
      parts: [
        { id: 'w', kind: 'weighing', of: 'S', mass: written(sample) },
        {
          id: 't',
          kind: 'titration',
          burette: 'N',
          flask: [{ weighing: 'w' }, { material: 'A', volume: '25.00', by: 'pipette' }],
          reactions: [
            { equation: 'CaCO3 + 2H+ -> Ca2+ + CO2 + H2O', role: 'before' },
            { equation: 'H+ + OH- -> H2O', role: 'titration' },
          ],
          runs: runs(random, titre),
        },
      ],
      questions: [
        { id: 'used', find: { quantity: 'amount', of: 'H+', in: 't/before' } },
        { id: 'percent', find: { quantity: 'massPercent', of: 'CaCO3', in: 'S' } },
      ],
    }),
    truth: { used, percent: used.div(2).mul(molar('CaCO3')).div(sample).mul(100) },
    removable: [
      { without: withoutStrength('A'), asks: /the strength of A/ },
      { without: withoutRuns('t'), asks: /two titres that agree/ },
    ],
  }
}

/** Water driven off by heating. */
function hydrate(random: Random): Drawn {
  const salt = pick(random, ['Na2CO3', 'CuSO4', 'MgSO4', 'BaCl2'])
  const [water, amount, container] = [between(random, 1, 10, 3), between(random, 0.01, 0.04, 5), between(random, 15, 30, 3)]
  const residue = amount.mul(molar(salt))
  const before = residue.add(amount.mul(water).mul(molar('H2O')))
  return {
    task: makeTask({
      materials: [{ id: 'S', label: 'S', form: 'solid' }],
      parts: [
        {
          id: 'h',
          kind: 'heating',
          of: 'S',
          container: written(container),
          masses: [written(container.add(before)), written(container.add(residue))],
          lost: 'H2O',
        },
      ],
      questions: [
        { id: 'x', find: { quantity: 'hydration', of: salt, in: 'S' } },
        { id: 'lost', find: { quantity: 'mass', of: 'H2O', in: 'h' } },
      ],
    }),
    truth: { x: water, lost: amount.mul(water).mul(molar('H2O')) },
    removable: [],
  }
}

describe.each(Object.entries({ percentage, chain, backTitration, hydrate }))(
  'tasks drawn from a known truth: %s',
  recoversTheTruth,
)
