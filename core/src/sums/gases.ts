import type { Sum } from './sum.ts'

const VOLUME = { key: 'V', symbol: 'V', says: 'volume of gas', unit: 'dm3' } as const
const MOLAR_VOLUME = { key: 'Vm', symbol: 'Vm', says: 'molar volume', unit: 'dm3/mol', convention: 'molarVolume' } as const
const TEMPERATURE = { key: 'T', symbol: 'T', says: 'temperature', unit: 'K', scale: true } as const
const PRESSURE = { key: 'p', symbol: 'p', says: 'pressure', unit: 'kPa', usual: '101.3' } as const
const ROOM = 'the molar volume holds at the temperature and pressure of the room'

/** The ideal gas: kPa × dm³ are joules. */
const BY_IDEAL_GAS = {
  gives: 'n',
  symbol: 'n',
  says: 'amount of gas',
  unit: 'mol',
  formula: 'pV/(RT)',
} as const

/** Gases: amounts from volumes, by a molar volume or as an ideal gas. */
export const GASES: readonly Sum[] = [
  {
    id: 'amountOfGas',
    group: 'gases',
    says: 'amount of gas from its volume, by molar volume',
    takes: [VOLUME, MOLAR_VOLUME],
    lines: [{ gives: 'n', symbol: 'n', says: 'amount of gas', unit: 'mol', formula: 'V/Vm', over: ['V'], under: ['Vm'] }],
    assumes: [ROOM],
    source: 'common practice: 24.0 dm³/mol at room temperature and pressure',
  },
  {
    id: 'volumeOfGas',
    group: 'gases',
    says: 'volume of gas from its amount, by molar volume',
    takes: [{ key: 'n', symbol: 'n', says: 'amount of gas', unit: 'mol' }, MOLAR_VOLUME],
    lines: [{ gives: 'V', symbol: 'V', says: 'volume of gas', unit: 'dm3', formula: 'n Vm', over: ['n', 'Vm'] }],
    assumes: [ROOM],
    source: 'common practice: 24.0 dm³/mol at room temperature and pressure',
  },
  {
    id: 'idealGas',
    group: 'gases',
    says: 'amount of an ideal gas',
    takes: [PRESSURE, VOLUME, TEMPERATURE],
    lines: [{ ...BY_IDEAL_GAS, over: ['p', 'V'], under: ['R', 'T'] }],
    assumes: ['the gas is ideal'],
    source: 'IUPAC Green Book, ideal gas',
  },
  {
    id: 'gasOverWater',
    group: 'gases',
    says: 'amount of a gas collected over water',
    takes: [
      PRESSURE,
      { key: 'pw', symbol: 'p(water)', says: 'vapour pressure of water', unit: 'kPa', usual: '2.34' },
      VOLUME,
      TEMPERATURE,
    ],
    lines: [
      {
        gives: 'dry',
        symbol: 'p(gas)',
        says: 'pressure of the dry gas',
        unit: 'kPa',
        formula: 'p − p(water)',
        plus: ['p'],
        minus: ['pw'],
      },
      { ...BY_IDEAL_GAS, formula: 'p(gas)V/(RT)', over: ['dry', 'V'], under: ['R', 'T'] },
    ],
    assumes: ['the gas is ideal and hardly dissolves', 'the water levels inside and outside were the same'],
    source: 'CRC Handbook: water boils off at 2.34 kPa at 20 °C; from memory',
  },
  {
    id: 'molarMassOfGas',
    group: 'gases',
    says: 'molar mass of a gas or vapour, as an ideal gas',
    takes: [{ key: 'm', symbol: 'm', says: 'mass', unit: 'g' }, PRESSURE, VOLUME, TEMPERATURE],
    lines: [
      { ...BY_IDEAL_GAS, over: ['p', 'V'], under: ['R', 'T'] },
      { gives: 'M', symbol: 'M', says: 'molar mass', unit: 'g/mol', formula: 'm/n', over: ['m'], under: ['n'] },
    ],
    assumes: ['the gas is ideal'],
    source: 'IUPAC Green Book, ideal gas',
  },
  {
    id: 'atomicMassByGas',
    group: 'gases',
    says: 'molar mass of a metal from the gas it gives',
    texts: [
      { key: 'equation', says: 'By the equation', kind: 'equation', placeholder: 'Mg + 2HCl -> MgCl2 + H2' },
      { key: 'gas', says: 'Gas', kind: 'formula', placeholder: 'H2' },
      { key: 'of', says: 'Metal, as it stands in the equation', kind: 'formula', placeholder: 'Mg' },
    ],
    takes: [{ key: 'm', symbol: 'm', says: 'mass of metal', unit: 'g' }, VOLUME, MOLAR_VOLUME],
    lines: [
      { gives: 'n', symbol: 'n', says: 'amount of gas', unit: 'mol', formula: 'V/Vm', over: ['V'], under: ['Vm'] },
      {
        gives: 'metal',
        symbol: 'n(metal)',
        says: 'amount of metal',
        unit: 'mol',
        formula: 'n × ratio of the equation',
        over: ['n'],
        ratio: { equation: 'equation', of: 'of', to: 'gas' },
      },
      {
        gives: 'M',
        symbol: 'M',
        says: 'molar mass of the metal',
        unit: 'g/mol',
        formula: 'm/n(metal)',
        over: ['m'],
        under: ['metal'],
      },
    ],
    assumes: [ROOM, 'all of the metal reacted and no gas was lost'],
    source: 'common practice',
  },
]
