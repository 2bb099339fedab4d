import { careOf } from '../substance/index.ts'
import type { Paper, Reagent } from './reagent.ts'
import { SALT_BOTTLES } from './salts.ts'
import { UNFORETOLD } from './unforetold.ts'

/** A bottle; where nothing is said of what to take care of, it is what its substance asks for. */
const aq = (
  putIn: Readonly<Record<string, number>>,
  says: string,
  purpose: string,
  care = careOf(Object.keys(putIn)[0]),
): Reagent => ({
  putIn,
  state: 'aq',
  says,
  purpose,
  ...(care ? { care } : {}),
})
const solid = (putIn: Readonly<Record<string, number>>, says: string, purpose: string, care?: string): Reagent => ({
  ...aq(putIn, says, purpose, care),
  state: 's',
})
const litmus = (paper: Paper, purpose: string): Reagent => ({ ...solid({}, `${paper} paper`, purpose), paper })
const metal = (element: NonNullable<Reagent['element']>, says: string, purpose: string, care?: string): Reagent => ({
  ...solid({}, says, purpose, care),
  element,
})

const hydrocarbon = (says: string): Reagent => ({
  ...aq({}, says, 'halogens: their colour in the upper layer', FLAMMABLE),
  special: 'floats',
})

/** A bottle that usually follows others in one portion. */
const following = (after: readonly string[], reagent: Reagent): Reagent => ({ ...reagent, after })

/** A bottle that goes by other names, too. */
const called = (also: readonly string[], reagent: Reagent): Reagent => ({ ...reagent, also })

const FLAMMABLE = 'It burns and its vapour is harmful: no flame near, good air, its own waste.'
const CHOKES = 'Its vapour chokes: fume cupboard, waft, never inhale.'
const CYANO = 'Hexacyanoferrates never meet hot or strong acid, which frees hydrogen cyanide.'

/** Bench reagents at the strengths they usually have (common practice), by formula and state. */
export const REAGENTS: Readonly<Record<string, Reagent>> = {
  'NaOH(aq)': following(
    ['NaOH', 'HNO3', 'H2O2', 'KMnO4', 'Al', 'FeSO4'],
    called(['caustic soda'], aq({ NaOH: 2 }, 'sodium hydroxide', 'cations: hydroxides, and which dissolve in excess')),
  ),
  'KOH(aq)': aq({ KOH: 2 }, 'potassium hydroxide', 'cations, as sodium hydroxide'),
  'NH3(aq)': following(
    ['NH3', 'HNO3', 'AgNO3', 'HCl', 'NH4Cl', 'H2S', 'KMnO4', 'H2O2'],
    called(
      ['ammonia', 'nh4oh', 'ammonium hydroxide', 'ammonia solution'],
      aq({ NH3: 2 }, 'aqueous ammonia', 'cations: hydroxides, and which dissolve as ammines', CHOKES),
    ),
  ),
  'NH3(conc)': called(
    ['conc ammonia', 'conc nh3', '880 ammonia'],
    aq({ NH3: 14 }, 'concentrated ammonia', 'silver bromide, which dilute ammonia hardly dissolves', CHOKES),
  ),
  'Ca(OH)2(aq)': called(['lime water'], aq({ 'Ca(OH)2': 0.02 }, 'limewater', 'carbon dioxide')),
  'HCl(aq)': called(
    ['hydrochloric acid', 'dil hcl'],
    aq({ HCl: 2 }, 'dilute hydrochloric acid', 'carbonates, sulfites, sulfides; silver, lead'),
  ),
  'HCl(conc)': called(
    ['conc hcl', 'conc hydrochloric acid'],
    aq({ HCl: 11 }, 'concentrated hydrochloric acid', 'chloro complexes', `${careOf('HCl')} ${CHOKES}`),
  ),
  'HNO3(aq)': called(['nitric acid', 'dil hno3'], aq({ HNO3: 2 }, 'dilute nitric acid', 'acidifying before silver or barium')),
  'HNO3(conc)': called(
    ['conc hno3', 'conc nitric acid'],
    aq(
      { HNO3: 15 },
      'concentrated nitric acid',
      'oxidising iron(II)',
      `${careOf('HNO3')} Gloves and the fume cupboard: it burns skin yellow.`,
    ),
  ),
  'H2SO4(aq)': called(
    ['sulfuric acid', 'sulphuric acid', 'dil h2so4'],
    aq({ H2SO4: 1 }, 'dilute sulfuric acid', 'carbonates, sulfites; barium, lead; acidifying manganate(VII)'),
  ),
  'CH3COOH(aq)': called(
    ['ethanoic acid', 'acetic acid', 'vinegar'],
    aq({ CH3COOH: 2 }, 'dilute ethanoic acid', 'acidifying gently'),
  ),
  'H2C2O4(aq)': aq(
    { H2C2O4: 0.5 },
    'ethanedioic acid',
    'calcium; reducing manganate(VII)',
    'Ethanedioic acid is toxic: wash hands.',
  ),
  'AgNO3(aq)': following(
    ['HNO3', 'HCl', 'AgNO3', 'BaCl2', 'H2SO4', 'CH3COOH'],
    called(['silver', 'ag+'], aq({ AgNO3: 0.05 }, 'silver nitrate', 'halides')),
  ),
  'BaCl2(aq)': following(
    ['HCl', 'HNO3', 'BaCl2', 'H2SO4', 'AgNO3', 'CH3COOH', 'H2O2', 'NaOH'],
    called(['barium chloride', 'bacl'], aq({ BaCl2: 0.1 }, 'barium chloride', 'sulfate')),
  ),
  'Ba(NO3)2(aq)': following(
    ['HCl', 'HNO3', 'BaCl2', 'Ba(NO3)2', 'H2SO4', 'AgNO3', 'CH3COOH', 'H2O2', 'NaOH'],
    called(['barium', 'ba2+'], aq({ 'Ba(NO3)2': 0.1 }, 'barium nitrate', 'sulfate')),
  ),
  'Pb(NO3)2(aq)': called(['lead nitrate', 'lead'], aq({ 'Pb(NO3)2': 0.1 }, 'lead(II) nitrate', 'halides, sulfate, chromate')),
  'CaCl2(aq)': aq({ CaCl2: 0.5 }, 'calcium chloride', 'carbonate, ethanedioate'),
  'MgSO4(aq)': aq({ MgSO4: 0.5 }, 'magnesium sulfate', 'carbonate from hydrogencarbonate'),
  'CuSO4(aq)': called(
    ['copper sulfate', 'copper sulphate'],
    aq({ CuSO4: 0.2 }, 'copper(II) sulfate', 'ammonia, iodide, hexacyanoferrate(II)'),
  ),
  'FeSO4(aq)': called(
    ['iron(ii) sulfate', 'ferrous sulfate'],
    aq({ FeSO4: 0.2, H2SO4: 0.05 }, 'iron(II) sulfate', 'reducing agents’ partner; nitrate by the brown ring'),
  ),
  'FeCl3(aq)': called(
    ['iron(iii) chloride', 'ferric chloride'],
    aq({ FeCl3: 0.1, HCl: 0.05 }, 'iron(III) chloride', 'iodide, thiocyanate, ethanoate'),
  ),
  'Na2CO3(aq)': called(['carbonate', 'soda'], aq({ Na2CO3: 0.5 }, 'sodium carbonate', 'cations; acids')),
  '(NH4)2CO3(aq)': aq({ '(NH4)2CO3': 0.5 }, 'ammonium carbonate', 'group V: calcium, strontium, barium'),
  'Na2SO4(aq)': aq({ Na2SO4: 0.5 }, 'sodium sulfate', 'barium, lead'),
  'Na2SO3(aq)': aq({ Na2SO3: 0.5 }, 'sodium sulfite', 'oxidising agents'),
  'Na2S2O3(aq)': aq({ Na2S2O3: 0.5 }, 'sodium thiosulfate', 'iodine; silver halides'),
  'Na2S(aq)': aq({ Na2S: 0.1 }, 'sodium sulfide', 'sulfides of metals', `Acid frees hydrogen sulfide from it. ${CHOKES}`),
  'Na2HPO4(aq)': aq({ Na2HPO4: 0.2 }, 'disodium hydrogenphosphate', 'magnesium'),
  'KI(aq)': following(
    ['KI', 'HNO3', 'H2SO4', 'CH3COOH'],
    called(['iodide'], aq({ KI: 0.2 }, 'potassium iodide', 'oxidising agents; lead, copper(II)')),
  ),
  'KBr(aq)': aq({ KBr: 0.2 }, 'potassium bromide', 'chlorine; silver'),
  'KCl(aq)': aq({ KCl: 0.2 }, 'potassium chloride', 'silver, lead'),
  'KNO2(aq)': aq({ KNO2: 0.2 }, 'potassium nitrite', 'oxidising and reducing agents'),
  'K2CrO4(aq)': called(['chromate'], aq({ K2CrO4: 0.1 }, 'potassium chromate(VI)', 'barium, lead, silver')),
  'K2Cr2O7(aq)': called(['dichromate'], aq({ K2Cr2O7: 0.05 }, 'potassium dichromate(VI)', 'reducing agents')),
  'KMnO4(aq)': called(
    ['manganate', 'permanganate', 'potassium permanganate', 'manganate(vii)'],
    aq({ KMnO4: 0.02 }, 'potassium manganate(VII)', 'reducing agents'),
  ),
  'H2O2(aq)': called(
    ['peroxide'],
    aq(
      { H2O2: 0.9 },
      'hydrogen peroxide',
      'oxidising chromium(III) in alkali; manganate(VII)',
      'It bleaches skin: eye protection.',
    ),
  ),
  'KSCN(aq)': following(
    ['KSCN', 'HNO3', 'H2O2', 'KMnO4', 'HCl', 'H2SO4'],
    called(
      ['thiocyanate'],
      aq({ KSCN: 0.1 }, 'potassium thiocyanate', 'iron(III)', 'Thiocyanate is not cyanide, but never meets strong hot acid.'),
    ),
  ),
  'K4Fe(CN)6(aq)': called(
    ['hexacyanoferrate(ii)', 'k4 fe cn 6', 'ferrocyanide', 'potassium ferrocyanide'],
    aq({ 'K4Fe(CN)6': 0.1 }, 'potassium hexacyanoferrate(II)', 'iron(III), copper(II), zinc', CYANO),
  ),
  'K3Fe(CN)6(aq)': called(
    ['hexacyanoferrate(iii)', 'k3 fe cn 6', 'ferricyanide', 'potassium ferricyanide'],
    aq({ 'K3Fe(CN)6': 0.1 }, 'potassium hexacyanoferrate(III)', 'iron(II)', CYANO),
  ),
  'Cl2(aq)': called(['chlorine', 'cl2 water'], aq({ Cl2: 0.05 }, 'chlorine water', 'bromide, iodide', CHOKES)),
  'Br2(aq)': called(['bromine', 'br2 water'], aq({ Br2: 0.05 }, 'bromine water', 'iodide; C=C', CHOKES)),
  'I2(aq)': called(
    ['iodine', 'iodine water', 'i2 solution'],
    aq({ I2: 0.01, KI: 0.05 }, 'iodine solution', 'reducing agents; starch', 'Iodine stains.'),
  ),
  'NH4Cl(aq)': aq({ NH4Cl: 2 }, 'ammonium chloride', 'keeps magnesium and manganese dissolved beside ammonia'),
  'NaCH3COO(aq)': aq({ CH3COONa: 1 }, 'sodium ethanoate', 'buffering; iron(III)'),
  'SnCl2(aq)': called(
    ['stannous chloride', 'tin chloride', 'tin(ii) chloride'],
    aq({ SnCl2: 0.1, HCl: 0.5 }, 'tin(II) chloride in acid', 'mercury(II); reducing agents'),
  ),
  'HgCl2(aq)': called(
    ['mercuric chloride', 'mercury chloride', 'mercury(ii) chloride'],
    aq({ HgCl2: 0.1 }, 'mercury(II) chloride', 'tin(II)', careOf('HgCl2')),
  ),
  'H2S(g)': { ...aq({ H2S: 1 }, 'hydrogen sulfide', 'groups II and IV', `Very toxic. ${CHOKES}`), state: 'g' },
  'CO2(g)': { ...aq({ CO2: 1 }, 'carbon dioxide', 'limewater: milky, then clear again in much of it'), state: 'g' },
  'C6H12(l)': hydrocarbon('cyclohexane'),
  'C6H14(l)': hydrocarbon('hexane'),
  'starch(aq)': { ...aq({}, 'starch solution', 'iodine: blue-black'), special: 'starch' },
  'H2O(l)': called(['water', 'h2o'], aq({}, 'distilled water', 'dissolving, diluting, washing')),
  'H2SO4(conc)': called(
    ['conc h2so4', 'conc sulfuric acid', 'conc sulphuric acid'],
    aq(
      { H2SO4: 18 },
      'concentrated sulfuric acid',
      'the brown ring of nitrate; solid halides',
      'It chars skin and heats water violently: gloves, the demonstrator’s hands, drop by drop down the wall, fume cupboard, never into a hot tube.',
    ),
  ),
  'CuSO4(s)': called(
    ['anhydrous copper sulfate', 'anhydrous copper sulphate', 'anhydrous cuso4'],
    solid({ CuSO4: 1 }, 'anhydrous copper(II) sulfate', 'water: it turns from white to blue'),
  ),
  'NH4Cl(s)': solid({ NH4Cl: 1 }, 'solid ammonium chloride', 'before ammonia in group III'),
  'Na2CO3(s)': solid({ Na2CO3: 1 }, 'solid sodium carbonate', 'acids'),
  'MnO2(s)': called(['manganese dioxide'], metal('MnO2', 'manganese(IV) oxide', 'hydrogen peroxide: oxygen')),
  'red litmus': litmus('red litmus', 'alkali turns it blue; damp, ammonia does'),
  'blue litmus': litmus('blue litmus', 'acid turns it red; damp, acid gases do'),
  'universal indicator': litmus('universal indicator', 'pH, roughly'),
  'C4H8N2O2(aq)': following(
    ['NH3', 'NaOH', 'HNO3', 'HCl'],
    called(['dimethylglyoxime', 'dmg'], aq({ C4H8N2O2: 0.1 }, 'dimethylglyoxime', 'nickel(II): red in ammonia', FLAMMABLE)),
  ),
  '(NH4)2MoO4(aq)': following(
    ['HNO3'],
    called(
      ['ammonium molybdate', 'molybdate'],
      aq({ '(NH4)2MoO4': 0.5, HNO3: 2 }, 'ammonium molybdate in nitric acid', 'phosphate: yellow', careOf('HNO3')),
    ),
  ),
  'Al(s)': called(
    ['al foil', 'aluminum foil', 'aluminium', 'foil'],
    metal('Al', 'aluminium foil', 'nitrate, in hot alkali: ammonia', 'Hydrogen comes off too: no flame near.'),
  ),
  'Zn(s)': called(
    ['zinc granule', 'zn'],
    metal('Zn', 'zinc', 'acids: hydrogen; nitrate in alkali', 'Hydrogen: no flame near but the lighted splint.'),
  ),
  'Mg(s)': called(
    ['mg ribbon', 'magnesium'],
    metal('Mg', 'magnesium ribbon', 'acids: hydrogen', 'Hydrogen: no flame near but the lighted splint.'),
  ),
  'Fe(s)': called(
    ['iron', 'iron wool', 'iron nail', 'iron metal', 'steel wool', 'iron powder'],
    metal(
      'Fe',
      'iron filings',
      'acids: hydrogen; copper(II) is put out by it',
      'Hydrogen: no flame near but the lighted splint.',
    ),
  ),
  'Cu(s)': called(
    ['copper', 'copper foil', 'copper metal', 'copper wire', 'copper powder'],
    metal('Cu turnings', 'copper turnings', 'silver is put out by it; dilute acids leave it'),
  ),
}

/** Every bottle that is known by name: the reagents, then salts and what is only known by name. */
const BOTTLES: Readonly<Record<string, Reagent>> = { ...UNFORETOLD, ...SALT_BOTTLES }

/** The bottle of a name, or undefined. */
export function reagentNamed(name: string): Reagent | undefined {
  if (Object.hasOwn(REAGENTS, name)) return REAGENTS[name]
  return Object.hasOwn(BOTTLES, name) ? BOTTLES[name] : undefined
}
