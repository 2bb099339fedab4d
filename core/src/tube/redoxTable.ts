import type { Component } from '../aqueous/index.ts'
import type { SeenColour } from '../palette/index.ts'

/** A reaction that changes oxidation states, which the equilibrium does not know. */
export interface Redox {
  /** Used up and made, by component; the first used up is the oxidising or reducing agent looked for. */
  readonly uses: Readonly<Partial<Record<Component, number>>>
  readonly makes: Readonly<Partial<Record<Component, number>>>
  /** Solids that appear, with their colour. */
  readonly solids?: Readonly<Record<string, number>>
  readonly medium?: 'acid' | 'alkali' | 'not acid'
  readonly hot?: true
  /** Concentrations that must be reached, mol/dm³; the pH that must be undercut, or passed. */
  readonly least?: Readonly<Partial<Record<Component, number>>>
  readonly pHBelow?: number
  readonly pHAbove?: number
  /** A colour that comes first and fades. */
  readonly passing?: SeenColour
  /** Gases that come off, mol to one reaction. */
  readonly gases?: Readonly<Record<string, number>>
  readonly equation: string
}

/**
 * Reactions of oxidising with reducing agents, strongest first, each to the limiting reagent (common practice of
 * qualitative analysis; from memory of Vogel's textbook). In components: CO2 is CO3 with two H.
 */
export const REDOX: readonly Redox[] = [
  {
    uses: { MnO4: 1, Fe2: 5, H: 8 },
    makes: { Mn: 1, Fe3: 5 },
    medium: 'acid',
    equation: 'MnO4-(aq) + 8H+(aq) + 5Fe2+(aq) -> Mn2+(aq) + 5Fe3+(aq) + 4H2O(l)',
  },
  {
    uses: { MnO4: 2, I: 10, H: 16 },
    makes: { Mn: 2, I2: 5 },
    medium: 'acid',
    equation: '2MnO4-(aq) + 16H+(aq) + 10I-(aq) -> 2Mn2+(aq) + 5I2(aq) + 8H2O(l)',
  },
  {
    uses: { MnO4: 2, SO3: 5, H: 6 },
    makes: { Mn: 2, SO4: 5 },
    medium: 'acid',
    equation: '2MnO4-(aq) + 5SO3^2-(aq) + 6H+(aq) -> 2Mn2+(aq) + 5SO4^2-(aq) + 3H2O(l)',
  },
  {
    uses: { MnO4: 2, NO2: 5, H: 6 },
    makes: { Mn: 2, NO3: 5 },
    medium: 'acid',
    equation: '2MnO4-(aq) + 5NO2-(aq) + 6H+(aq) -> 2Mn2+(aq) + 5NO3-(aq) + 3H2O(l)',
  },
  {
    uses: { MnO4: 2, H2O2: 5, H: 6 },
    makes: { Mn: 2 },
    medium: 'acid',
    gases: { O2: 5 },
    equation: '2MnO4-(aq) + 5H2O2(aq) + 6H+(aq) -> 2Mn2+(aq) + 5O2(g) + 8H2O(l)',
  },
  {
    uses: { MnO4: 2, C2O4: 5, H: 16 },
    makes: { Mn: 2 },
    medium: 'acid',
    hot: true,
    gases: { CO2: 10 },
    equation: '2MnO4-(aq) + 5C2O4^2-(aq) + 16H+(aq) -> 2Mn2+(aq) + 10CO2(g) + 8H2O(l)',
  },
  {
    uses: { MnO4: 2, SO3: 1 },
    makes: { 'MnO4(VI)': 2, SO4: 1, H: 2 },
    pHAbove: 13,
    equation: '2MnO4-(aq) + SO3^2-(aq) + 2OH-(aq) -> 2MnO4^2-(aq) + SO4^2-(aq) + H2O(l)',
  },
  {
    uses: { 'MnO4(VI)': 3, H: 4 },
    makes: { MnO4: 2 },
    solids: { MnO2: 1 },
    pHBelow: 11,
    equation: '3MnO4^2-(aq) + 4H+(aq) -> 2MnO4-(aq) + MnO2(s) + 2H2O(l)',
  },
  {
    uses: { MnO4: 2, Mn: 3 },
    makes: { H: 4 },
    solids: { MnO2: 5 },
    medium: 'not acid',
    equation: '2MnO4-(aq) + 3Mn2+(aq) + 2H2O(l) -> 5MnO2(s) + 4H+(aq)',
  },
  {
    uses: { MnO4: 2, H2O2: 3, H: 2 },
    makes: {},
    solids: { MnO2: 2 },
    medium: 'not acid',
    gases: { O2: 3 },
    equation: '2MnO4-(aq) + 3H2O2(aq) -> 2MnO2(s) + 3O2(g) + 2OH-(aq) + 2H2O(l)',
  },
  {
    uses: { MnO4: 2, SO3: 3, H: 2 },
    makes: { SO4: 3 },
    solids: { MnO2: 2 },
    medium: 'not acid',
    equation: '2MnO4-(aq) + 3SO3^2-(aq) + H2O(l) -> 2MnO2(s) + 3SO4^2-(aq) + 2OH-(aq)',
  },
  {
    uses: { CrO4: 2, Fe2: 6, H: 16 },
    makes: { Cr: 2, Fe3: 6 },
    medium: 'acid',
    equation: 'Cr2O7^2-(aq) + 14H+(aq) + 6Fe2+(aq) -> 2Cr3+(aq) + 6Fe3+(aq) + 7H2O(l)',
  },
  {
    uses: { CrO4: 2, SO3: 3, H: 10 },
    makes: { Cr: 2, SO4: 3 },
    medium: 'acid',
    equation: 'Cr2O7^2-(aq) + 3SO3^2-(aq) + 8H+(aq) -> 2Cr3+(aq) + 3SO4^2-(aq) + 4H2O(l)',
  },
  {
    uses: { CrO4: 2, I: 6, H: 16 },
    makes: { Cr: 2, I2: 3 },
    medium: 'acid',
    equation: 'Cr2O7^2-(aq) + 14H+(aq) + 6I-(aq) -> 2Cr3+(aq) + 3I2(aq) + 7H2O(l)',
  },
  { uses: { Hg: 2, Sn2: 1 }, makes: { Hg2: 1, Sn4: 1 }, equation: '2Hg2+(aq) + Sn2+(aq) -> Hg2^2+(aq) + Sn4+(aq)' },
  {
    uses: { Hg2: 1, Sn2: 1 },
    makes: { Sn4: 1 },
    solids: { Hg: 2 },
    equation: 'Hg2^2+(aq) + Sn2+(aq) -> 2Hg(l) + Sn4+(aq)',
  },
  {
    uses: { Hg2: 1, HS: 1 },
    makes: { Hg: 1, HS: 1 },
    solids: { Hg: 1 },
    equation: 'Hg2^2+(aq) + H2S(aq) -> HgS(s) + Hg(l) + 2H+(aq)',
  },
  {
    uses: { MnO4: 2, Sn2: 5, H: 16 },
    makes: { Mn: 2, Sn4: 5 },
    medium: 'acid',
    equation: '2MnO4-(aq) + 16H+(aq) + 5Sn2+(aq) -> 2Mn2+(aq) + 5Sn4+(aq) + 8H2O(l)',
  },
  {
    uses: { CrO4: 2, Sn2: 3, H: 16 },
    makes: { Cr: 2, Sn4: 3 },
    medium: 'acid',
    equation: 'Cr2O7^2-(aq) + 14H+(aq) + 3Sn2+(aq) -> 2Cr3+(aq) + 3Sn4+(aq) + 7H2O(l)',
  },
  { uses: { I2: 1, Sn2: 1 }, makes: { I: 2, Sn4: 1 }, equation: 'I2(aq) + Sn2+(aq) -> 2I-(aq) + Sn4+(aq)' },
  { uses: { Fe3: 2, Sn2: 1 }, makes: { Fe2: 2, Sn4: 1 }, equation: '2Fe3+(aq) + Sn2+(aq) -> 2Fe2+(aq) + Sn4+(aq)' },
  { uses: { Cl2: 1, I: 2 }, makes: { Cl: 2, I2: 1 }, equation: 'Cl2(aq) + 2I-(aq) -> 2Cl-(aq) + I2(aq)' },
  { uses: { Cl2: 1, Fe2: 2 }, makes: { Cl: 2, Fe3: 2 }, equation: 'Cl2(aq) + 2Fe2+(aq) -> 2Cl-(aq) + 2Fe3+(aq)' },
  { uses: { Cl2: 1, Br: 2 }, makes: { Cl: 2, Br2: 1 }, equation: 'Cl2(aq) + 2Br-(aq) -> 2Cl-(aq) + Br2(aq)' },
  { uses: { Br2: 1, I: 2 }, makes: { Br: 2, I2: 1 }, equation: 'Br2(aq) + 2I-(aq) -> 2Br-(aq) + I2(aq)' },
  { uses: { Br2: 1, Fe2: 2 }, makes: { Br: 2, Fe3: 2 }, equation: 'Br2(aq) + 2Fe2+(aq) -> 2Br-(aq) + 2Fe3+(aq)' },
  {
    uses: { Br2: 1, SO3: 1 },
    makes: { Br: 2, SO4: 1, H: 2 },
    equation: 'Br2(aq) + SO3^2-(aq) + H2O(l) -> 2Br-(aq) + SO4^2-(aq) + 2H+(aq)',
  },
  {
    uses: { I2: 1, SO3: 1 },
    makes: { I: 2, SO4: 1, H: 2 },
    equation: 'I2(aq) + SO3^2-(aq) + H2O(l) -> 2I-(aq) + SO4^2-(aq) + 2H+(aq)',
  },
  { uses: { I2: 1, S2O3: 2 }, makes: { I: 2 }, equation: 'I2(aq) + 2S2O3^2-(aq) -> 2I-(aq) + S4O6^2-(aq)' },
  { uses: { Fe3: 2, I: 2 }, makes: { Fe2: 2, I2: 1 }, medium: 'acid', equation: '2Fe3+(aq) + 2I-(aq) -> 2Fe2+(aq) + I2(aq)' },
  {
    uses: { Fe3: 2, S2O3: 2 },
    makes: { Fe2: 2 },
    passing: 'purple',
    equation: '2Fe3+(aq) + 2S2O3^2-(aq) -> 2Fe2+(aq) + S4O6^2-(aq)',
  },
  {
    uses: { Fe3: 2, SO3: 1 },
    makes: { Fe2: 2, SO4: 1, H: 2 },
    medium: 'acid',
    hot: true,
    equation: '2Fe3+(aq) + SO3^2-(aq) + H2O(l) -> 2Fe2+(aq) + SO4^2-(aq) + 2H+(aq)',
  },
  { uses: { Cu: 2, I: 4 }, makes: { I2: 1 }, solids: { CuI: 2 }, equation: '2Cu2+(aq) + 4I-(aq) -> 2CuI(s) + I2(aq)' },
  {
    uses: { NO2: 2, I: 2, H: 4 },
    makes: { I2: 1 },
    medium: 'acid',
    gases: { NO: 2 },
    equation: '2NO2-(aq) + 2I-(aq) + 4H+(aq) -> I2(aq) + 2NO(g) + 2H2O(l)',
  },
  {
    uses: { CrO4: 2, H2O2: 3, H: 10 },
    makes: { Cr: 2 },
    medium: 'acid',
    passing: 'deep blue',
    gases: { O2: 3 },
    equation: 'Cr2O7^2-(aq) + 3H2O2(aq) + 8H+(aq) -> 2Cr3+(aq) + 3O2(g) + 7H2O(l)',
  },
  {
    uses: { H2O2: 1, I: 2, H: 2 },
    makes: { I2: 1 },
    medium: 'acid',
    equation: 'H2O2(aq) + 2I-(aq) + 2H+(aq) -> I2(aq) + 2H2O(l)',
  },
  {
    uses: { H2O2: 1, Fe2: 2, H: 2 },
    makes: { Fe3: 2 },
    medium: 'acid',
    equation: 'H2O2(aq) + 2Fe2+(aq) + 2H+(aq) -> 2Fe3+(aq) + 2H2O(l)',
  },
  {
    uses: { H2O2: 1, Fe2: 2, H: 2 },
    makes: { Fe3: 2 },
    medium: 'not acid',
    equation: '2Fe(OH)2(s) + H2O2(aq) -> 2Fe(OH)3(s)',
  },
  {
    uses: { H2O2: 1, Mn: 1 },
    makes: { H: 2 },
    solids: { MnO2: 1 },
    medium: 'alkali',
    equation: 'Mn(OH)2(s) + H2O2(aq) -> MnO2(s) + 2H2O(l)',
  },
  {
    uses: { Fe3: 2, HS: 1 },
    makes: { Fe2: 2, H: 1 },
    solids: { S: 1 },
    equation: '2Fe3+(aq) + H2S(aq) -> 2Fe2+(aq) + S(s) + 2H+(aq)',
  },
  {
    uses: { NO2: 1, Fe2: 1, H: 2 },
    makes: { Fe3: 1 },
    medium: 'acid',
    passing: 'brown',
    gases: { NO: 1 },
    equation: 'NO2-(aq) + Fe2+(aq) + 2H+(aq) -> Fe3+(aq) + NO(g) + H2O(l)',
  },
  { uses: { H2O2: 1, SO3: 1 }, makes: { SO4: 1 }, equation: 'H2O2(aq) + SO3^2-(aq) -> SO4^2-(aq) + H2O(l)' },
  {
    uses: { H2O2: 3, Cr: 2 },
    makes: { CrO4: 2, H: 10 },
    medium: 'alkali',
    equation: '2Cr(OH)4-(aq) + 3H2O2(aq) + 2OH-(aq) -> 2CrO4^2-(aq) + 8H2O(l)',
  },
  {
    uses: { S2O3: 1, H: 2 },
    makes: { SO3: 1, H: 2 },
    solids: { S: 1 },
    medium: 'acid',
    equation: 'S2O3^2-(aq) + 2H+(aq) -> S(s) + SO2(aq) + H2O(l)',
  },
  // Concentrated sulfuric acid on halides: chloride is only set free, bromide and iodide are oxidised too.
  {
    uses: { Cl: 1, H: 1 },
    makes: {},
    least: { SO4: 6 },
    gases: { HCl: 1 },
    equation: 'Cl-(aq) + H2SO4(l) -> HSO4-(aq) + HCl(g)',
  },
  {
    uses: { Br: 2, SO4: 1, H: 4 },
    makes: {},
    least: { SO4: 6 },
    gases: { Br2: 1, SO2: 1 },
    equation: '2Br-(aq) + 3H2SO4(l) -> Br2(g) + SO2(g) + 2HSO4-(aq) + 2H2O(l)',
  },
  {
    uses: { I: 8, SO4: 1, H: 10 },
    makes: {},
    least: { SO4: 6 },
    gases: { I2: 4, H2S: 1 },
    equation: '8I-(aq) + 9H2SO4(l) -> 4I2(g) + H2S(g) + 8HSO4-(aq) + 4H2O(l)',
  },
  {
    uses: { MnO4: 2, Cl: 10, H: 16 },
    makes: { Mn: 2 },
    medium: 'acid',
    least: { Cl: 3 },
    gases: { Cl2: 5 },
    equation: '2MnO4-(aq) + 16H+(aq) + 10Cl-(aq) -> 2Mn2+(aq) + 5Cl2(g) + 8H2O(l)',
  },
  {
    uses: { Fe2: 3, NO3: 1, H: 4 },
    makes: { Fe3: 3 },
    pHBelow: 1.3,
    hot: true,
    gases: { NO: 1 },
    equation: '3Fe2+(aq) + NO3-(aq) + 4H+(aq) -> 3Fe3+(aq) + NO(g) + 2H2O(l)',
  },
  {
    uses: { PO4: 1, MoO4: 12, NH3: 3, H: 27 },
    makes: {},
    solids: { '(NH4)3PMo12O40': 1 },
    pHBelow: 1.5,
    equation: 'PO4^3-(aq) + 12MoO4^2-(aq) + 3NH4+(aq) + 24H+(aq) -> (NH4)3PMo12O40(s) + 12H2O(l)',
  },
  {
    uses: { Hg2: 1, NH3: 1, Cl: 1 },
    makes: { H: 1 },
    solids: { Hg: 1, HgNH2Cl: 1 },
    medium: 'not acid',
    equation: 'Hg2^2+(aq) + 2NH3(aq) + Cl-(aq) -> Hg(l) + HgNH2Cl(s) + NH4+(aq)',
  },
]
