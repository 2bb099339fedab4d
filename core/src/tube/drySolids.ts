import { SOLIDS } from '../aqueous/index.ts'
import { type ChemicalColour, type SeenColour, seenAs } from '../palette/index.ts'
import { dissociate, ION_TABLE, parseFormula, speciesKey } from '../substance/index.ts'
import { ALLOYS } from './alloyTable.ts'

const HYDRATE = /^(.*?)[.·]\d*H2O$/

/** What heating does to a dry solid. */
export interface Heating {
  /** mol of each gas from one mol. */
  readonly gases: Readonly<Record<string, number>>
  /** What is left, mol from one mol. */
  readonly leaves: Readonly<Record<string, number>>
  readonly equation: string
  readonly seen?: readonly ('melts' | 'sublimes' | 'crackles' | 'swells')[]
}

const heating = (
  equation: string,
  gases: Heating['gases'],
  leaves: Heating['leaves'],
  ...seen: NonNullable<Heating['seen']>
): Heating => ({ equation, gases, leaves, ...(seen.length > 0 ? { seen } : {}) })

const carbonate = (metal: string, oxide = `${metal}O`) =>
  heating(`${metal}CO3(s) -> ${oxide}(s) + CO2(g)`, { CO2: 1 }, { [oxide]: 1 })
const nitrate = (metal: string, ...seen: NonNullable<Heating['seen']>) =>
  heating(`2${metal}(NO3)2(s) -> 2${metal}O(s) + 4NO2(g) + O2(g)`, { NO2: 2, O2: 0.5 }, { [`${metal}O`]: 1 }, ...seen)
/** Nitrates of metals of charge three leave the oxide of two atoms. */
const nitrateOfThree = (metal: string) =>
  heating(`4${metal}(NO3)3(s) -> 2${metal}2O3(s) + 12NO2(g) + 3O2(g)`, { NO2: 3, O2: 0.75 }, { [`${metal}2O3`]: 0.5 })
const toNitrite = (metal: string) =>
  heating(`2${metal}NO3(s) -> 2${metal}NO2(s) + O2(g)`, { O2: 0.5 }, { [`${metal}NO2`]: 1 }, 'melts')
const hydrogencarbonate = (metal: string) =>
  heating(
    `2${metal}HCO3(s) -> ${metal}2CO3(s) + CO2(g) + H2O(g)`,
    { CO2: 0.5, H2O: 0.5 },
    { [metal === 'NH4' ? '(NH4)2CO3' : `${metal}2CO3`]: 0.5 },
  )
const hydroxide = (metal: string) => heating(`${metal}(OH)2(s) -> ${metal}O(s) + H2O(g)`, { H2O: 1 }, { [`${metal}O`]: 1 })
const hydroxideOfThree = (metal: string) =>
  heating(`2${metal}(OH)3(s) -> ${metal}2O3(s) + 3H2O(g)`, { H2O: 1.5 }, { [`${metal}2O3`]: 0.5 })
const sublimes = (salt: string, acid: string) => heating(`${salt}(s) -> NH3(g) + ${acid}(g)`, {}, { [salt]: 1 }, 'sublimes')

/** Dry solids over a burner in a hard-glass tube (common practice; from memory of Vogel's textbook). */
const HEATED: Readonly<Record<string, Heating>> = {
  ...Object.fromEntries(['Zn', 'Cu', 'Pb', 'Mg', 'Ni', 'Co', 'Mn', 'Cd'].map((metal) => [`${metal}CO3`, carbonate(metal)])),
  FeCO3: heating('4FeCO3(s) + O2(g) -> 2Fe2O3(s) + 4CO2(g)', { CO2: 1 }, { Fe2O3: 0.5 }),
  Ag2CO3: heating('2Ag2CO3(s) -> 4Ag(s) + 2CO2(g) + O2(g)', { CO2: 1, O2: 0.5 }, { Ag: 2 }),
  Li2CO3: heating('Li2CO3(s) -> Li2O(s) + CO2(g)', { CO2: 1 }, { Li2O: 1 }, 'melts'),
  'Cu2(OH)2CO3': heating('Cu2(OH)2CO3(s) -> 2CuO(s) + CO2(g) + H2O(g)', { CO2: 1, H2O: 1 }, { CuO: 2 }),
  NaHCO3: hydrogencarbonate('Na'),
  KHCO3: hydrogencarbonate('K'),
  NH4HCO3: heating('NH4HCO3(s) -> NH3(g) + CO2(g) + H2O(g)', { NH3: 1, CO2: 1, H2O: 1 }, {}),
  NaNO3: toNitrite('Na'),
  KNO3: toNitrite('K'),
  LiNO3: heating('4LiNO3(s) -> 2Li2O(s) + 4NO2(g) + O2(g)', { NO2: 1, O2: 0.25 }, { Li2O: 0.5 }, 'melts'),
  'Pb(NO3)2': nitrate('Pb', 'crackles'),
  ...Object.fromEntries(['Cu', 'Zn', 'Mg', 'Ca', 'Sr', 'Ba', 'Ni', 'Co'].map((metal) => [`${metal}(NO3)2`, nitrate(metal)])),
  'Mn(NO3)2': heating('Mn(NO3)2(s) -> MnO2(s) + 2NO2(g)', { NO2: 2 }, { MnO2: 1 }),
  ...Object.fromEntries(['Al', 'Fe', 'Cr'].map((metal) => [`${metal}(NO3)3`, nitrateOfThree(metal)])),
  AgNO3: heating('2AgNO3(s) -> 2Ag(s) + 2NO2(g) + O2(g)', { NO2: 1, O2: 0.5 }, { Ag: 1 }, 'melts'),
  NH4NO3: heating('NH4NO3(s) -> N2O(g) + 2H2O(g)', { H2O: 2 }, {}, 'melts'),
  NH4NO2: heating('NH4NO2(s) -> N2(g) + 2H2O(g)', { H2O: 2 }, {}),
  NH4Cl: sublimes('NH4Cl', 'HCl'),
  NH4Br: sublimes('NH4Br', 'HBr'),
  NH4I: sublimes('NH4I', 'HI'),
  '(NH4)2CO3': heating('(NH4)2CO3(s) -> 2NH3(g) + CO2(g) + H2O(g)', { NH3: 2, CO2: 1, H2O: 1 }, {}),
  '(NH4)2SO4': heating('(NH4)2SO4(s) -> NH3(g) + NH4HSO4(s)', { NH3: 1 }, { NH4HSO4: 1 }, 'melts'),
  '(NH4)2Cr2O7': heating('(NH4)2Cr2O7(s) -> Cr2O3(s) + N2(g) + 4H2O(g)', { H2O: 4 }, { Cr2O3: 1 }, 'swells'),
  KClO3: heating('2KClO3(s) -> 2KCl(s) + 3O2(g)', { O2: 1.5 }, { KCl: 1 }, 'melts'),
  NaClO3: heating('2NaClO3(s) -> 2NaCl(s) + 3O2(g)', { O2: 1.5 }, { NaCl: 1 }, 'melts'),
  FeSO4: heating('2FeSO4(s) -> Fe2O3(s) + SO2(g) + SO3(g)', { SO2: 0.5 }, { Fe2O3: 0.5 }),
  ...Object.fromEntries(['Cu', 'Zn', 'Mg', 'Cd'].map((metal) => [`${metal}(OH)2`, hydroxide(metal)])),
  ...Object.fromEntries(['Al', 'Fe', 'Cr'].map((metal) => [`${metal}(OH)3`, hydroxideOfThree(metal)])),
  HgO: heating('2HgO(s) -> 2Hg(l) + O2(g)', { O2: 0.5 }, { Hg: 1 }),
  Ag2O: heating('2Ag2O(s) -> 4Ag(s) + O2(g)', { O2: 0.5 }, { Ag: 2 }),
  PbO2: heating('2PbO2(s) -> 2PbO(s) + O2(g)', { O2: 0.5 }, { PbO: 1 }),
  Pb3O4: heating('2Pb3O4(s) -> 6PbO(s) + O2(g)', { O2: 0.5 }, { PbO: 3 }),
  KMnO4: heating('2KMnO4(s) -> K2MnO4(s) + MnO2(s) + O2(g)', { O2: 0.5 }, { MnO2: 0.5, K2MnO4: 0.5 }, 'crackles'),
  Cu: heating('2Cu(s) + O2(g) -> 2CuO(s)', {}, { CuO: 1 }),
  I2: heating('I2(s) -> I2(g)', { I2: 1 }, {}, 'sublimes'),
}

/** Salts and oxides that stay as they are over a school burner, short of melting (common practice). */
const STABLE: ReadonlySet<string> = new Set(
  `NaCl KCl LiCl NaBr KBr LiBr NaI KI BaCl2 SrCl2 CaCl2 Na2SO4 K2SO4 Li2SO4 CaSO4 SrSO4 BaSO4 MgSO4 PbSO4 ZnSO4 CuSO4 NiSO4 CoSO4 MnSO4
  Na2CO3 K2CO3 BaCO3 SrCO3 CaCO3 ZnO MgO CaO BaO SrO CuO NiO CoO MnO Al2O3 Fe2O3 Cr2O3 PbO MnO2 Li2O Na2O NaNO2 KNO2 CoCl2 NiCl2 CuCl2
  NaOH KOH Ag Hg AgCl K2CrO4 Na2CrO4 NH4HSO4 Na3PO4 CdO`.split(/\s+/),
)

/** Whether it is known what heating does to a dry solid: to it as it is, and to the salt without its water. */
export function knowsHeating(formula: string): boolean {
  const [, salt = formula] = HYDRATE.exec(formula) ?? []
  return HEATED[salt] !== undefined || STABLE.has(salt)
}

/** Colours of dry solids that are no rows of the table of precipitates: cold, and hot where it differs. */
const DRY_COLOURS: Readonly<Record<string, readonly [cold: SeenColour, hot?: SeenColour]>> = {
  ZnO: ['white', 'yellow'],
  PbO: ['yellow', 'red-brown'],
  CuO: ['black'],
  NiO: ['green'],
  CoO: ['black'],
  MnO: ['grey-green'],
  Cr2O3: ['green'],
  HgO: ['orange', 'red'],
  Hg: ['grey'],
  Mg: ['grey'],
  Al: ['grey'],
  Zn: ['grey'],
  Fe: ['grey'],
  Cu: ['red-brown'],
  Ag2O: ['brown'],
  PbO2: ['brown'],
  Pb3O4: ['orange'],
  CdO: ['brown'],
  '(NH4)2Cr2O7': ['orange'],
  CoCl2: ['blue'],
  Fe2O3: ['red-brown', 'black'],
  MnO2: ['black'],
  K2MnO4: ['dirty green'],
  Ag: ['grey'],
  I2: ['black'],
  KMnO4: ['black'],
  CuSO4: ['white'],
  FeSO4: ['white'],
  NiCl2: ['yellow'],
  NiSO4: ['yellow'],
}

/** Ions that colour their salts. */
const COLOUR_OF_SALTS: ReadonlyMap<string, ChemicalColour> = new Map(
  ION_TABLE.flatMap(({ ion, salts }) => (salts ? [[speciesKey(parseFormula(ion)), salts] as const] : [])),
)

/** The colour of a dry solid, as it looks cold or hot. */
export function colourOfDry(formula: string, hot: boolean): SeenColour {
  const alloy = ALLOYS[formula]
  if (alloy) return alloy.colour
  const own = DRY_COLOURS[formula]
  if (own) return hot ? (own[1] ?? own[0]) : own[0]
  const known = SOLIDS.find((solid) => solid.formula === formula)
  if (known) return known.colour
  const ions = dissociate(parseFormula(formula)) ?? []
  const colours = ions.flatMap(({ ion }) => COLOUR_OF_SALTS.get(speciesKey(ion)) ?? [])
  return seenAs(colours[0] ?? 'white')
}

/** What heating does to one mol of a dry solid, or undefined where nothing is known to happen. */
export function heatingOf(formula: string): Heating | undefined {
  const known = HEATED[formula]
  if (known) return known
  const [, salt] = HYDRATE.exec(formula) ?? []
  if (salt === undefined) return undefined
  const water = Number(/[.·](\d*)H2O$/.exec(formula)?.[1] || 1)
  const rest = HEATED[salt]
  const dried = `${formula.replace('·', '.')}(s) -> ${salt}(s) + ${water === 1 ? '' : water}H2O(g)`
  return rest
    ? { ...rest, gases: { H2O: water, ...rest.gases }, equation: `${dried}; ${rest.equation}` }
    : { gases: { H2O: water }, leaves: { [salt]: 1 }, equation: dried }
}

/** Solids whose heating is known. */
export const HEATED_SOLIDS: Readonly<Record<string, Heating>> = HEATED
