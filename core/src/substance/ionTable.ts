import type { ChemicalColour, SeenColour } from '../palette/index.ts'
import { BARIUM, CHROMIUM_VI, IODINE, LEAD, MANGANATE, MERCURY, SILVER } from './cautions.ts'

/** Everything that is known of an ion by itself, in one row; what it does in water and in tubes the model works out. */
export interface IonRow {
  readonly ion: string
  /** What it is called, where the name of its element does not say it (`iron(II)`). */
  readonly name?: string
  /** Other words for it: school and older spellings. */
  readonly also?: readonly string[]
  /** Whether a sample may hold it (identification, conclusions, the reference), and how it is then taken. */
  readonly sample?: Sample
  /** What it colours its salts, and their solutions at the strengths titrations use. */
  readonly salts?: ChemicalColour
  /** Its solutions are too dark to see the bottom of the meniscus through them. */
  readonly dark?: true
  /** It holds acid: salts are taken apart into the ion without it. */
  readonly holdsAcid?: true
  /** What to take care of, with the reason. */
  readonly care?: string
  /** Colour of its flame; of several in a flame the one with the smallest number covers the others (common practice). */
  readonly flame?: { readonly colour: SeenColour; readonly covers: number }
}

interface Sample {
  /** Usual concentration in a sample, mol/dm³; what gives gas is taken stronger, or it would hardly show. */
  readonly strength: number
  /** Changes what others show (complexes, oxidation, acid), so that it is never left out of the play. */
  readonly meddles: boolean
  /** mol/dm³ of acid in which its salts stand, or they go cloudy (common practice). */
  readonly acid?: number
  /** Seldom handed out: thought of where the record speaks for it, or the sheet names it. */
  readonly rare?: true
}

const usual: Sample = { strength: 0.1, meddles: false }
const meddling: Sample = { strength: 0.1, meddles: true }
const rare: Sample = { strength: 0.1, meddles: true, rare: true }
const inAcid: Sample = { ...rare, acid: 0.2 }

/**
 * The ions of school chemistry: cations, then anions, those of samples first in the order in which they are listed to a
 * student. Names as used in British schools, systematic with oxidation numbers (common practice).
 */
export const ION_TABLE: readonly IonRow[] = [
  { ion: 'H+', name: 'hydrogen ion', also: ['acid'], sample: meddling },
  { ion: 'Na+', sample: usual, flame: { colour: 'yellow', covers: 1 } },
  { ion: 'K+', sample: usual, flame: { colour: 'lilac', covers: 8 } },
  { ion: 'Li+', sample: usual, flame: { colour: 'red', covers: 2 } },
  { ion: 'NH4+', name: 'ammonium', sample: meddling },
  { ion: 'Mg2+', sample: usual },
  { ion: 'Ca2+', sample: usual, flame: { colour: 'brick-red', covers: 5 } },
  { ion: 'Sr2+', sample: usual, flame: { colour: 'red', covers: 3 } },
  { ion: 'Ba2+', care: BARIUM, sample: usual, flame: { colour: 'pale green', covers: 6 } },
  { ion: 'Al3+', sample: usual },
  { ion: 'Zn2+', sample: usual },
  { ion: 'Pb2+', care: LEAD, also: ['lead'], sample: usual, flame: { colour: 'pale blue', covers: 7 } },
  { ion: 'Ag+', care: SILVER, sample: usual },
  { ion: 'Cu2+', salts: 'blue', also: ['cupric', 'copper'], sample: usual, flame: { colour: 'blue-green', covers: 4 } },
  { ion: 'Fe2+', salts: 'pale green', also: ['ferrous'], sample: usual },
  { ion: 'Fe3+', salts: 'yellow-brown', also: ['ferric'], sample: usual },
  { ion: 'Cr3+', salts: 'green', also: ['chromium'], sample: usual },
  { ion: 'Mn2+', salts: 'pale pink', also: ['manganese'], sample: usual },
  { ion: 'Ni2+', salts: 'green', also: ['nickel'], sample: usual },
  { ion: 'Co2+', salts: 'pink', also: ['cobalt'], sample: usual },
  { ion: 'Cd2+', sample: rare },
  { ion: 'Bi3+', sample: rare },
  { ion: 'Hg2^2+', name: 'mercury(I)', care: MERCURY, sample: { ...rare, strength: 0.05 } },
  { ion: 'Hg2+', name: 'mercury(II)', care: MERCURY, sample: { ...rare, strength: 0.05 } },
  { ion: 'Sn2+', name: 'tin(II)', also: ['stannous'], sample: inAcid },
  { ion: 'Sn4+', name: 'tin(IV)', also: ['stannic'], sample: inAcid },
  { ion: 'OH-', name: 'hydroxide', sample: meddling },
  { ion: 'Cl-', name: 'chloride', sample: usual },
  { ion: 'Br-', name: 'bromide', sample: usual },
  { ion: 'I-', name: 'iodide', sample: meddling },
  { ion: 'SO4^2-', name: 'sulfate', also: ['sulphate'], sample: usual },
  { ion: 'SO3^2-', name: 'sulfite', also: ['sulphite'], sample: { strength: 0.2, meddles: true } },
  { ion: 'CO3^2-', name: 'carbonate', sample: { strength: 0.2, meddles: false } },
  { ion: 'NO3-', name: 'nitrate', sample: usual },
  { ion: 'NO2-', name: 'nitrite', sample: { strength: 0.2, meddles: true } },
  { ion: 'CrO4^2-', salts: 'yellow', care: CHROMIUM_VI, name: 'chromate(VI)', sample: meddling },
  { ion: 'S2O3^2-', name: 'thiosulfate', also: ['thiosulphate'], sample: meddling },
  { ion: 'CH3COO-', name: 'ethanoate', also: ['acetate'], sample: usual },
  { ion: 'HCO3-', name: 'hydrogencarbonate', holdsAcid: true, sample: { ...rare, strength: 0.2 } },
  { ion: 'PO4^3-', name: 'phosphate', sample: rare },
  { ion: 'C2O4^2-', name: 'ethanedioate', also: ['oxalate'], sample: rare },
  { ion: 'C4H4O6^2-', name: 'tartrate', sample: rare },
  { ion: 'S^2-', name: 'sulfide', sample: rare },
  { ion: 'SCN-', name: 'thiocyanate', sample: rare },
  { ion: 'MnO4-', name: 'manganate(VII)', salts: 'deep purple', dark: true, care: MANGANATE },
  { ion: 'I3-', name: 'triiodide', salts: 'red-brown', dark: true, care: IODINE },
  { ion: 'Cr2O7^2-', salts: 'orange', care: CHROMIUM_VI, name: 'dichromate(VI)' },
  { ion: 'Fe(CN)6^4-', name: 'hexacyanoferrate(II)' },
  { ion: 'Fe(CN)6^3-', name: 'hexacyanoferrate(III)' },
  { ion: 'VO3-' },
  { ion: 'MoO4^2-' },
  { ion: 'S2O8^2-', name: 'peroxodisulfate' },
  { ion: 'S4O6^2-', name: 'tetrathionate' },
  { ion: 'B4O7^2-', name: 'tetraborate' },
  { ion: 'C10H12N2O8^4-', name: 'edta' },
  { ion: 'C8H4O4^2-', name: 'phthalate' },
  { ion: 'C6H5O7^3-', name: 'citrate' },
  { ion: 'HCOO-', name: 'methanoate' },
  { ion: 'C7H5O2-' },
  { ion: 'C3H5O3-' },
  { ion: 'C6H7O6-' },
  { ion: 'CN-', name: 'cyanide' },
  { ion: 'IO3-', name: 'iodate(V)' },
  { ion: 'BrO3-', name: 'bromate(V)' },
  { ion: 'ClO4-' },
  { ion: 'ClO3-' },
  { ion: 'ClO-', name: 'chlorate(I)' },
  { ion: 'F-', name: 'fluoride' },
  { ion: 'O^2-', name: 'oxide' },
]
