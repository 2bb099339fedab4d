import { SOLIDS } from '../aqueous/index.ts'
import { type ChemicalColour, type SeenColour, seenAs } from '../palette/index.ts'
import { dissociate, ION_TABLE, parseFormula, speciesKey } from '../substance/index.ts'

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

/** Dry solids over a burner in a hard-glass tube (common practice; from memory of Vogel's textbook). */
const HEATED: Readonly<Record<string, Heating>> = {
  ZnCO3: heating('ZnCO3(s) -> ZnO(s) + CO2(g)', { CO2: 1 }, { ZnO: 1 }),
  CuCO3: heating('CuCO3(s) -> CuO(s) + CO2(g)', { CO2: 1 }, { CuO: 1 }),
  PbCO3: heating('PbCO3(s) -> PbO(s) + CO2(g)', { CO2: 1 }, { PbO: 1 }),
  MgCO3: heating('MgCO3(s) -> MgO(s) + CO2(g)', { CO2: 1 }, { MgO: 1 }),
  NiCO3: heating('NiCO3(s) -> NiO(s) + CO2(g)', { CO2: 1 }, { NiO: 1 }),
  'Cu2(OH)2CO3': heating('Cu2(OH)2CO3(s) -> 2CuO(s) + CO2(g) + H2O(g)', { CO2: 1, H2O: 1 }, { CuO: 2 }),
  NaHCO3: heating('2NaHCO3(s) -> Na2CO3(s) + CO2(g) + H2O(g)', { CO2: 0.5, H2O: 0.5 }, { Na2CO3: 0.5 }),
  KHCO3: heating('2KHCO3(s) -> K2CO3(s) + CO2(g) + H2O(g)', { CO2: 0.5, H2O: 0.5 }, { K2CO3: 0.5 }),
  NaNO3: heating('2NaNO3(s) -> 2NaNO2(s) + O2(g)', { O2: 0.5 }, { NaNO2: 1 }, 'melts'),
  KNO3: heating('2KNO3(s) -> 2KNO2(s) + O2(g)', { O2: 0.5 }, { KNO2: 1 }, 'melts'),
  'Pb(NO3)2': heating('2Pb(NO3)2(s) -> 2PbO(s) + 4NO2(g) + O2(g)', { NO2: 2, O2: 0.5 }, { PbO: 1 }, 'crackles'),
  'Cu(NO3)2': heating('2Cu(NO3)2(s) -> 2CuO(s) + 4NO2(g) + O2(g)', { NO2: 2, O2: 0.5 }, { CuO: 1 }),
  'Zn(NO3)2': heating('2Zn(NO3)2(s) -> 2ZnO(s) + 4NO2(g) + O2(g)', { NO2: 2, O2: 0.5 }, { ZnO: 1 }),
  'Mg(NO3)2': heating('2Mg(NO3)2(s) -> 2MgO(s) + 4NO2(g) + O2(g)', { NO2: 2, O2: 0.5 }, { MgO: 1 }),
  'Ca(NO3)2': heating('2Ca(NO3)2(s) -> 2CaO(s) + 4NO2(g) + O2(g)', { NO2: 2, O2: 0.5 }, { CaO: 1 }),
  AgNO3: heating('2AgNO3(s) -> 2Ag(s) + 2NO2(g) + O2(g)', { NO2: 1, O2: 0.5 }, { Ag: 1 }, 'melts'),
  NH4Cl: heating('NH4Cl(s) -> NH3(g) + HCl(g)', {}, { NH4Cl: 1 }, 'sublimes'),
  NH4Br: heating('NH4Br(s) -> NH3(g) + HBr(g)', {}, { NH4Br: 1 }, 'sublimes'),
  '(NH4)2CO3': heating('(NH4)2CO3(s) -> 2NH3(g) + CO2(g) + H2O(g)', { NH3: 2, CO2: 1, H2O: 1 }, {}),
  '(NH4)2SO4': heating('(NH4)2SO4(s) -> NH3(g) + NH4HSO4(s)', { NH3: 1 }, { NH4HSO4: 1 }, 'melts'),
  FeSO4: heating('2FeSO4(s) -> Fe2O3(s) + SO2(g) + SO3(g)', { SO2: 0.5 }, { Fe2O3: 0.5 }),
  'Cu(OH)2': heating('Cu(OH)2(s) -> CuO(s) + H2O(g)', { H2O: 1 }, { CuO: 1 }),
  'Zn(OH)2': heating('Zn(OH)2(s) -> ZnO(s) + H2O(g)', { H2O: 1 }, { ZnO: 1 }),
  KMnO4: heating('2KMnO4(s) -> K2MnO4(s) + MnO2(s) + O2(g)', { O2: 0.5 }, { MnO2: 0.5, K2MnO4: 0.5 }, 'crackles'),
  I2: heating('I2(s) -> I2(g)', { I2: 1 }, {}, 'sublimes'),
}

/** Colours of dry solids that are no rows of the table of precipitates: cold, and hot where it differs. */
const DRY_COLOURS: Readonly<Record<string, readonly [cold: SeenColour, hot?: SeenColour]>> = {
  ZnO: ['white', 'yellow'],
  PbO: ['yellow', 'red-brown'],
  CuO: ['black'],
  NiO: ['green'],
  Fe2O3: ['red-brown', 'black'],
  MnO2: ['black'],
  K2MnO4: ['dirty green'],
  Ag: ['grey'],
  I2: ['black'],
  KMnO4: ['black'],
  CuSO4: ['white'],
  CoCl2: ['blue'],
  FeSO4: ['white'],
  NiCl2: ['yellow'],
  NiSO4: ['yellow'],
}

/** Ions that colour their salts. */
const COLOUR_OF_SALTS: ReadonlyMap<string, ChemicalColour> = new Map(
  ION_TABLE.flatMap(({ ion, salts }) => (salts ? [[speciesKey(parseFormula(ion)), salts] as const] : [])),
)

const HYDRATE = /^(.*?)[.·]\d*H2O$/

/** The colour of a dry solid, as it looks cold or hot. */
export function colourOfDry(formula: string, hot: boolean): SeenColour {
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
