import type { Sum, SumLine } from './sum.ts'

const KEPT = 'no heat is lost to the air or the vessel'
const LIKE_WATER = 'the solution has the specific heat capacity of water, and 1 cm³ of it weighs 1 g'
const MASS = { key: 'm', symbol: 'm', says: 'mass of solution or water warmed', unit: 'g' } as const
const CAPACITY = { key: 'c', symbol: 'c', says: 'specific heat capacity', unit: 'J/(g K)', usual: '4.18' } as const
const CHANGE = { key: 'dT', symbol: 'ΔT', says: 'change of temperature', unit: 'K', signed: true } as const
const JOULES_TO_KILOJOULES = { over: 1, under: 1000 }

const HEAT: SumLine = {
  gives: 'q',
  symbol: 'q',
  says: 'heat taken up',
  unit: 'kJ',
  formula: 'mcΔT/1000',
  over: ['m', 'c', 'dT'],
  factor: JOULES_TO_KILOJOULES,
}
const ENTHALPY: SumLine = {
  gives: 'dH',
  symbol: 'ΔH',
  says: 'enthalpy change',
  unit: 'kJ/mol',
  showsSign: true,
  formula: '−q/n',
  over: ['q'],
  under: ['n'],
  factor: { over: -1, under: 1 },
}

/** Energetics: heat from temperature changes, enthalpy changes with their sign, cycles. */
export const ENERGY: readonly Sum[] = [
  {
    id: 'temperatureChange',
    group: 'energy',
    says: 'change of temperature from two readings',
    takes: [
      { key: 'T1', symbol: 'T₁', says: 'temperature before', unit: '°C', signed: true },
      { key: 'T2', symbol: 'T₂', says: 'highest or lowest temperature after', unit: '°C', signed: true },
    ],
    lines: [
      { gives: 'dT', symbol: 'ΔT', says: 'change of temperature', unit: '°C', formula: 'T₂ − T₁', plus: ['T2'], minus: ['T1'] },
    ],
    signed: true,
    assumes: ['the thermometer had time to follow'],
    source: 'common practice',
  },
  {
    id: 'heat',
    group: 'energy',
    says: 'heat taken up by what was warmed, q = mcΔT',
    takes: [MASS, CAPACITY, CHANGE],
    lines: [HEAT],
    signed: true,
    assumes: [LIKE_WATER, KEPT],
    source: 'common practice',
  },
  {
    id: 'heatWithVessel',
    group: 'energy',
    says: 'heat taken up by what was warmed and its vessel',
    takes: [MASS, CAPACITY, { key: 'C', symbol: 'C', says: 'heat capacity of the vessel', unit: 'J/K' }, CHANGE],
    lines: [
      { gives: 'mc', symbol: 'mc', says: 'heat capacity of the solution', unit: 'J/K', formula: 'mc', over: ['m', 'c'] },
      { gives: 'all', symbol: 'C(all)', says: 'heat capacity of both', unit: 'J/K', formula: 'mc + C', plus: ['mc', 'C'] },
      {
        gives: 'q',
        symbol: 'q',
        says: 'heat taken up',
        unit: 'kJ',
        formula: 'C(all)ΔT/1000',
        over: ['all', 'dT'],
        factor: JOULES_TO_KILOJOULES,
      },
    ],
    signed: true,
    assumes: [LIKE_WATER, 'no heat is lost to the air'],
    source: 'common practice',
  },
  {
    id: 'enthalpy',
    group: 'energy',
    says: 'enthalpy change, ΔH = −q/n',
    takes: [
      { key: 'q', symbol: 'q', says: 'heat taken up by the surroundings', unit: 'kJ', signed: true },
      { key: 'n', symbol: 'n', says: 'amount of what ran out first', unit: 'mol' },
    ],
    lines: [ENTHALPY],
    signed: true,
    assumes: ['the amount is that of the reactant that runs out first'],
    source: 'common practice',
  },
  {
    id: 'enthalpyFromRise',
    group: 'energy',
    says: 'enthalpy change straight from the change of temperature',
    takes: [MASS, CAPACITY, CHANGE, { key: 'n', symbol: 'n', says: 'amount of what ran out first', unit: 'mol' }],
    lines: [HEAT, ENTHALPY],
    signed: true,
    assumes: [LIKE_WATER, KEPT, 'the amount is that of the reactant that runs out first'],
    source: 'common practice',
  },
  {
    id: 'cycle',
    group: 'energy',
    says: 'enthalpy change by a cycle of two, ΔH = aΔH₁ − bΔH₂',
    takes: [
      { key: 'a', symbol: 'a', says: 'times the first', unit: '', usual: '1' },
      { key: 'dH1', symbol: 'ΔH₁', says: 'first enthalpy change', unit: 'kJ/mol', signed: true },
      { key: 'b', symbol: 'b', says: 'times the second', unit: '', usual: '1' },
      { key: 'dH2', symbol: 'ΔH₂', says: 'second enthalpy change, gone backwards', unit: 'kJ/mol', signed: true },
    ],
    lines: [
      {
        gives: 'first',
        symbol: 'aΔH₁',
        says: 'first step',
        unit: 'kJ/mol',
        showsSign: true,
        formula: 'a × ΔH₁',
        over: ['a', 'dH1'],
      },
      {
        gives: 'second',
        symbol: 'bΔH₂',
        says: 'second step',
        unit: 'kJ/mol',
        showsSign: true,
        formula: 'b × ΔH₂',
        over: ['b', 'dH2'],
      },
      {
        gives: 'dH',
        symbol: 'ΔH',
        says: 'enthalpy change',
        unit: 'kJ/mol',
        showsSign: true,
        formula: 'aΔH₁ − bΔH₂',
        plus: ['first'],
        minus: ['second'],
      },
    ],
    signed: true,
    source: 'law of Hess',
  },
]
