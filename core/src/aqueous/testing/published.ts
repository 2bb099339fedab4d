import { type Consequence, dissolves, hasPH, isAlso, shifts, staysClear, turnsAt } from './consequence.ts'

/** pH of standards and of common solutions (standards: NIST; the rest: tables of CRC and of textbooks). */
const ACIDITIES: readonly Consequence[] = [
  hasPH({ KHC2O4: 0.05, H2C2O4: 0.05 }, 1.679, 0.1, 'NIST'),
  hasPH({ KHC4H4O6: 0.034 }, 3.557, 0.06, 'NIST'),
  hasPH({ KHC8H4O4: 0.05 }, 4.005, 0.1, 'NIST'),
  hasPH({ KH2PO4: 0.025, Na2HPO4: 0.025 }, 6.865, 0.05, 'NIST'),
  hasPH({ 'Na2B4O7.10H2O': 0.01 }, 9.18, 0.05, 'NIST'),
  hasPH({ NaHCO3: 0.025, Na2CO3: 0.025 }, 10.012, 0.05, 'NIST'),
  hasPH({ 'Ca(OH)2': 0.05 }, 12.454, 0.05, 'NIST'),
  hasPH({ NaOH: 0.1 }, 12.88, 0.1, 'CRC'),
  hasPH({ CH3COOH: 0.1 }, 2.88, 0.1, 'CRC'),
  hasPH({ NH3: 0.1 }, 11.12, 0.1, 'CRC'),
  hasPH({ H3PO4: 0.1 }, 1.63, 0.12, 'CRC'),
  hasPH({ Na3PO4: 0.01 }, 11.7, 0.15, 'CRC'),
  hasPH({ Na2HPO4: 0.05 }, 9.1, 0.2, 'CRC'),
  hasPH({ NaHCO3: 0.1 }, 8.3, 0.2, 'CRC'),
  hasPH({ H2S: 0.1 }, 4.1, 0.15, 'CRC'),
  hasPH({ NaHSO3: 0.1 }, 4.4, 0.3, 'CRC'),
  hasPH({ Na2SO3: 0.1 }, 9.8, 0.2, 'CRC'),
  hasPH({ HNO2: 0.1 }, 2.1, 0.15, 'textbooks'),
  hasPH({ NaHSO4: 0.1 }, 1.4, 0.12, 'CRC'),
  hasPH({ K2Cr2O7: 0.034 }, 4.04, 0.15, 'textbooks'),
  hasPH({ H2C4H4O6: 0.05 }, 2.2, 0.12, 'CRC'),
  hasPH({ H2C2O4: 0.05 }, 1.6, 0.15, 'CRC'),
  hasPH({ H2C8H4O4: 0.01 }, 2.55, 0.15, 'textbooks'),
  hasPH({ 'B(OH)3': 0.1 }, 5.2, 0.24, 'CRC'),
  hasPH({ FeCl3: 0.1 }, 1.9, 0.1, 'textbooks'),
  hasPH({ AlCl3: 0.1 }, 3.0, 0.2, 'textbooks'),
  hasPH({ 'Mg(OH)2': 0.01 }, 10.5, 0.12, 'CRC: milk of magnesia'),
]

/** pKa of ions in water, which inorganic textbooks list (from Burgess, Metal Ions in Solution). */
const AQUA_IONS: readonly Consequence[] = [
  ['LiOH', -13.8],
  ['MgOH+', -11.4],
  ['CaOH+', -12.7],
  ['SrOH+', -13.2],
  ['BaOH+', -13.4],
  ['AlOH^2+', -5.0],
  ['CrOH^2+', -4.0],
  ['MnOH+', -10.6],
  ['FeOH+', -9.5],
  ['FeOH^2+', -2.2],
  ['CoOH+', -9.7],
  ['NiOH+', -9.9],
  ['CuOH+', -7.95],
  ['ZnOH+', -9.0],
  ['AgOH', -12],
  ['CdOH+', -10.1],
  ['PbOH+', -7.7],
  ['BiOH^2+', -1.1],
].map(([row, published]) => isAlso(row as string, published as number, 0.25, 'Burgess'))

/** pH of precipitation of hydroxides from 0.01 mol/dm³, and of dissolving in alkali (Lurie’s handbook; Britton, Hydrogen Ions). */
const PRECIPITATIONS: readonly Consequence[] = [
  turnsAt('Fe(OH)3', 'Fe(NO3)3', 'begins', 2.3, 0.16, 'Lurie'),
  turnsAt('Fe(OH)2', 'Fe(NO3)2', 'begins', 7.5, 0.2, 'Lurie'),
  turnsAt('Co(OH)2', 'Co(NO3)2', 'begins', 7.6, 0.2, 'Lurie'),
  turnsAt('Ni(OH)2', 'Ni(NO3)2', 'begins', 7.7, 0.24, 'Lurie'),
  turnsAt('Cd(OH)2', 'Cd(NO3)2', 'begins', 8.2, 0.24, 'Lurie'),
  turnsAt('Mn(OH)2', 'Mn(NO3)2', 'begins', 8.8, 0.2, 'Lurie'),
  turnsAt('Ag2O', 'AgNO3', 'begins', 8.2, 0.24, 'Lurie'),
  turnsAt('Al(OH)3', 'Al(NO3)3', 'begins', 4.1, 0.16, 'Britton', 0.02),
  turnsAt('Cu(OH)2', 'Cu(NO3)2', 'begins', 5.3, 0.2, 'Britton', 0.02),
  turnsAt('Zn(OH)2', 'Zn(NO3)2', 'is gone', 13, 0.3, 'Lurie'),
]

/** Solubilities, mol/dm³ (CRC: grams in 100 g of water at 18 to 25 °C, turned into amounts). */
const SOLUBILITIES: readonly Consequence[] = (
  [
    ['AgCl', 1.33e-5, 0.1],
    ['AgBr', 7.2e-7, 0.1],
    ['AgI', 1.1e-8, 0.15],
    ['AgSCN', 1.0e-6, 0.1],
    ['PbCl2', 0.0388, 0.1],
    ['PbBr2', 0.0266, 0.1],
    ['PbI2', 1.65e-3, 0.1],
    ['BaSO4', 1.05e-5, 0.15],
    ['PbSO4', 1.45e-4, 0.15],
    ['SrSO4', 7.35e-4, 0.15],
    ['CaSO4.2H2O', 0.0152, 0.1],
    ['Ag2SO4', 0.0269, 0.1],
    ['SrSO3', 2e-4, 0.12],
    ['BaS2O3', 0.0086, 0.2],
    ['PbS2O3', 9.4e-4, 0.2],
    ['CaCO3', 1.4e-4, 0.15],
    ['BaCO3', 1.2e-4, 0.15],
    ['SrCO3', 7.4e-5, 0.13],
    ['Li2CO3', 0.175, 0.14],
    ['BaCrO4', 1.1e-5, 0.15],
    ['Ag2CrO4', 7.8e-5, 0.12],
    ['AgCH3COO', 0.0665, 0.12],
    ['AgNO2', 0.027, 0.1],
    ['Ag2C2O4', 1.3e-4, 0.12],
    ['CaC2O4.H2O', 5.2e-5, 0.15],
    ['BaC2O4', 4.1e-4, 0.2],
    ['FeC2O4', 1.2e-3, 0.15],
    ['MnC2O4', 2.0e-3, 0.15],
    ['KHC4H4O6', 0.034, 0.12],
    ['CaC4H4O6', 1.0e-3, 0.15],
    ['Ba(OH)2.8H2O', 0.27, 0.2],
    ['Sr(OH)2.8H2O', 0.083, 0.13],
    ['Ca(OH)2', 0.0216, 0.1],
  ] as const
).map(([solid, solubility, within]) => dissolves(solid, solubility, within, 'CRC'))

/** Solubilities in solutions: of silver and lead halides in ammonia, halides and thiosulfate (textbooks; V). */
const IN_SOLUTIONS: readonly Consequence[] = [
  dissolves('AgCl', 0.049, 0.12, 'textbooks', { NH3: 1 }),
  dissolves('AgBr', 3e-3, 0.12, 'textbooks', { NH3: 1 }),
  staysClear('Ba(OH)2.8H2O', { 'Ba(NO3)2': 0.033, NaOH: 0.6 }, 'V'),
]

/** Potentials of metals in their complexes and under their salts, against those of their ions, V. */
const POTENTIALS: readonly Consequence[] = (
  [
    ['Ag(NH3)2+', 'Ag', 0.373],
    ['Ag(S2O3)2^3-', 'Ag', 0.01],
    ['Zn(NH3)4^2+', 'Zn', -1.04],
    ['Cd(NH3)4^2+', 'Cd', -0.613],
    ['Zn(OH)4^2-', 'Zn', -1.199],
    ['Cd(OH)4^2-', 'Cd', -0.658],
    ['Pb(OH)3-', 'Pb', -0.537],
    ['AgCl(s)', 'Ag', 0.2223],
    ['AgBr(s)', 'Ag', 0.0713],
    ['AgI(s)', 'Ag', -0.1522],
    ['AgSCN(s)', 'Ag', 0.0895],
    ['Ag2CrO4(s)', 'Ag', 0.447],
    ['Ag2SO4(s)', 'Ag', 0.654],
    ['Ag2CO3(s)', 'Ag', 0.47],
    ['Ag2C2O4(s)', 'Ag', 0.4647],
    ['AgCH3COO(s)', 'Ag', 0.643],
    ['Ag2O(s)', 'Ag', 0.342],
    ['PbCl2(s)', 'Pb', -0.2675],
    ['PbBr2(s)', 'Pb', -0.284],
    ['PbI2(s)', 'Pb', -0.365],
    ['Hg2Cl2(s)', 'Hg2', 0.268],
    ['Hg2Br2(s)', 'Hg2', 0.1392],
    ['Hg2I2(s)', 'Hg2', -0.0405],
    ['Hg2SO4(s)', 'Hg2', 0.6125],
    ['Ca(OH)2(s)', 'Ca', -3.02],
    ['Mg(OH)2(s)', 'Mg', -2.69],
    ['Mn(OH)2(s)', 'Mn', -1.56],
    ['Cu(OH)2(s)', 'Cu', -0.222],
  ] as const
).map(([row, ion, bound]) => shifts(row, ion, bound, 0.25))

/** β of complexes in a second compilation (L), read off formation curves or potentials by others than ours. */
const COMPILED: readonly Consequence[] = (
  [
    ['AgBr', 4.38],
    ['AgBr2-', 7.33],
    ['AgBr3^2-', 8.0],
    ['AgI', 6.58],
    ['AgI2-', 11.74],
    ['PbCl+', 1.62],
    ['PbCl3-', 1.7],
    ['PbCl4^2-', 1.6],
    ['PbI+', 2.0],
    ['PbI2', 3.15],
    ['PbI3-', 3.92],
    ['FeCl^2+', 1.48],
    ['FeCl2+', 2.13],
    ['ZnCl+', 0.43],
    ['ZnCl2', 0.61],
    ['CdCl+', 1.95],
    ['CdCl2', 2.5],
    ['CdCl3-', 2.6],
    ['CdI+', 2.1],
    ['Fe(SCN)^2+', 2.95],
    ['Co(SCN)+', 1.7],
    ['Pb(SCN)+', 1.09],
    ['Zn(SCN)+', 1.3],
    ['Ag(S2O3)-', 8.82],
    ['Fe(C2O4)', 2.9],
    ['Cu(C2O4)', 6.16],
    ['Zn(C2O4)', 4.89],
    ['Zn(C2O4)2^2-', 7.6],
    ['Co(C2O4)', 4.79],
    ['Ni(C2O4)', 5.3],
    ['Ni(C2O4)2^2-', 7.64],
    ['Mn(C2O4)', 3.97],
    ['Mg(C2O4)', 3.43],
    ['Ca(C2O4)', 3.0],
    ['Ba(C2O4)', 2.31],
    ['Sr(C2O4)', 2.54],
    ['Pb(C2O4)', 4.91],
    ['Pb(C2O4)2^2-', 6.54],
    ['Pb(CH3COO)+', 2.52],
    ['Pb(CH3COO)2', 4.0],
    ['Cu(CH3COO)+', 2.16],
    ['Cu(CH3COO)2', 3.2],
    ['Zn(CH3COO)+', 1.5],
    ['Ag(CH3COO)', 0.73],
    ['Ca(CH3COO)+', 1.18],
    ['Ba(CH3COO)+', 1.07],
  ] as const
).map(([row, published]) => isAlso(row, published, 0.25, 'L'))

/** β of ammines at ionic strength 0.1 (Ringbom, Complexation in Analytical Chemistry). */
const AMMINES: readonly Consequence[] = [
  ['Cu', 4.13, 7.61, 10.48, 12.59],
  ['Ni', 2.75, 4.95, 6.64, 7.79, 8.5],
  ['Co', 2.05, 3.62, 4.61, 5.31],
  ['Zn', 2.27, 4.61],
  ['Cd', 2.6, 4.65, 6.04, 6.92],
  ['Mn', 0.8, 1.3],
  ['Fe', 1.4, 2.2],
].flatMap(([metal, ...betas]) =>
  betas.map((beta, at) => isAlso(`${metal}(NH3)${at === 0 ? '' : at + 1}^2+`, beta as number, 0.25, 'Ringbom')),
)

/** Ion pairs of sulfates, log K from the conductance of their solutions (Davies, Ion Association, 1962). */
const CONDUCTANCES: readonly Consequence[] = (
  [
    ['Mg(SO4)', 2.2],
    ['Ca(SO4)', 2.28],
    ['Mn(SO4)', 2.28],
    ['Co(SO4)', 2.47],
    ['Ni(SO4)', 2.4],
    ['Cu(SO4)', 2.37],
    ['Zn(SO4)', 2.31],
    ['Cd(SO4)', 2.29],
    ['Fe(SO4)', 2.2],
    ['Ag(SO4)-', 1.3],
    ['Fe(SO4)+', 4.0],
    ['Al(SO4)+', 3.2],
  ] as const
).map(([row, published]) => isAlso(row, published, 0.25, 'Davies'))

/** Constants redetermined since by one laboratory or review, log K. */
const REDETERMINED: readonly Consequence[] = [
  isAlso('AgCl', 3.27, 0.25, 'Seward 1976'),
  isAlso('AgCl2-', 5.27, 0.25, 'Seward 1976'),
  isAlso('AgCl3^2-', 5.29, 0.25, 'Seward 1976'),
  isAlso('Al(OH)4-', -22.88, 0.25, 'Wesolowski and Palmer 1994'),
  isAlso('Cr(OH)4-', -27.56, 0.25, 'Rai and others 1987'),
  isAlso('Cu2(OH)2^2+', -10.43, 0.25, 'Powell and others 2007 (IUPAC)'),
  isAlso('Fe2(OH)2^4+', -2.91, 0.25, 'Lemire and others 2013 (NEA)'),
  isAlso('Ni(OH)2(s)', 12.73, 0.25, 'CRC'),
  isAlso('Cd(OH)2(s)', 13.85, 0.25, 'CRC'),
  isAlso('Ag(NH3)+', 3.24, 0.25, 'L'),
  isAlso('Ni(NH3)6^2+', 8.74, 0.25, 'L'),
  isAlso('Co(NH3)5^2+', 5.73, 0.25, 'L'),
  isAlso('Co(NH3)6^2+', 5.11, 0.25, 'L'),
  isAlso('Zn(NH3)3^2+', 7.31, 0.25, 'L'),
]

/** Acids in a second compilation, log K. */
const ACIDS: readonly Consequence[] = [
  isAlso('HSO4-', 1.99, 0.25, 'CRC'),
  isAlso('HNO2', 3.25, 0.25, 'CRC'),
  isAlso('HSO3-', 7.2, 0.25, 'CRC'),
  isAlso('SO2', 9.05, 0.25, 'CRC'),
  isAlso('HCrO4-', 6.49, 0.25, 'CRC'),
  isAlso('Cr2O7^2-', 14.53, 0.25, 'CRC'),
  isAlso('CO2', 16.68, 0.25, 'CRC'),
]

/** Solubility products in a second compilation (L; sulfides with pK2 of hydrogen sulfide 13.0, hydroxides with pKw). */
const SOLIDS_COMPILED: readonly Consequence[] = (
  [
    ['PbSO4', -7.79],
    ['BaCrO4', -9.93],
    ['PbCrO4', -12.55],
    ['SrCrO4', -4.65],
    ['Ag2SO3', -13.82],
    ['BaS2O3', -4.79],
    ['FeCO3', -10.5],
    ['MnCO3', -10.74],
    ['CuCO3', -9.86],
    ['PbCO3', -13.13],
    ['CaCO3', -8.54],
    ['Ag3PO4', -15.84],
    ['Ca3(PO4)2', -28.7],
    ['Mg3(PO4)2', -23.98],
    ['Pb3(PO4)2', -42.1],
    ['Cu3(PO4)2', -36.9],
    ['Co3(PO4)2', -34.7],
    ['FeS', -4.2],
    ['ZnS', -8.6],
    ['MnS', 3.4],
    ['CdS', -13.1],
    ['CuS', -22.2],
    ['Ag2S', -36.2],
    ['BaC2O4', -6.79],
    ['Fe(OH)2', 12.9],
    ['Co(OH)2', 13.2],
    ['Cr(OH)3', 11.8],
    ['Pb(OH)2', 13.07],
  ] as const
).map(([row, published]) => isAlso(`${row}(s)`, published, 0.25, 'L'))

export const PUBLISHED: readonly Consequence[] = [
  ...ACIDITIES,
  ...AQUA_IONS,
  ...PRECIPITATIONS,
  ...SOLUBILITIES,
  ...IN_SOLUTIONS,
  ...POTENTIALS,
  ...COMPILED,
  ...AMMINES,
  ...ACIDS,
  ...REDETERMINED,
  ...SOLIDS_COMPILED,
  ...CONDUCTANCES,
]
