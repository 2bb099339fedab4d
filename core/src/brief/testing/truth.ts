import { CROSSING, GAS, HEATING, massOf, RISE, titreOf } from './student.ts'

/**
 * What the readings of the simulated student come to, sheet by sheet, in the order of the questions that ask for a number;
 * `null` where the sheet does not say enough. Worked by hand from the text of each sheet and its equation, with molar masses
 * from the standard atomic masses (IUPAC 2021, abridged), from memory; nothing of it comes from the code that is tested.
 */

/** Titres in dm³ and masses in g. */
const [T, T2] = [titreOf(0) / 1000, titreOf(1) / 1000]
const W = massOf(0)
const { solid, lost } = HEATING
const WATER = 18.015
/** Where every run has a solid of its own: the mean of what each gives; titres there are in proportion to the masses. */
const meanOf = (runs: number, each: (mass: number, titre: number) => number) =>
  Array.from({ length: runs }, (_, n) => each(massOf(n), (T * massOf(n)) / W)).reduce((sum, one) => sum + one, 0) / runs
/** Moles of water to one of salt, from what was heated. */
const waterTo = (salt: number) => lost / WATER / ((solid - lost) / salt)
/** Percentage of a carbonate or hydroxide by an acid put in, less what the alkali found left over. */
const backTitrated = (runs: number, acid: number, alkali: number, ratio: number, M: number) =>
  meanOf(runs, (mass, titre) => ((acid - alkali * titre) * ratio * M * 100) / mass)

/** cm³ of gas a second, at a time. */
const rateAt = (seconds: number) => (GAS.all / GAS.time) * Math.exp(-seconds / GAS.time)
/** dm³ at which the lines of temperature cross. */
const X = CROSSING / 1000

export const TRUTH: Readonly<Record<string, readonly (number | null)[]>> = {
  'direct-jetty': [24.3, 0.125 * 0.025, 0.125 * 0.025, (0.125 * 0.025) / T],
  'iron-moss': [24.3, 0.015 * T, (0.015 * T * 5) / 0.025, (((0.015 * T * 5) / 0.025) * 0.25 * 55.845 * 100) / W],
  'khp-boathouse': [W / 204.22 / T],
  'soda-standard': [W / 105.99 / 0.25, ((W / 105.99 / 0.25) * 0.02 * 2) / T, (((W / 105.99 / 0.25) * 0.02 * 2) / T) * 36.46],
  'back-gull': [backTitrated(2, 0.05 * 0.8, 0.4, 0.5, 100.09)],
  'back-ammonium': [((0.05 - 0.1 * T * 10) / 2 / W) * 132.14 * 100],
  'iodine-copper': [24.3, (0.1 * T) / 0.025, ((0.1 * T) / 0.025) * 63.546],
  'iodine-vitc': [(0.005 * T) / 0.02, ((0.005 * T) / 0.02) * 176.12],
  'edta-spring': [24.3, (0.01 * T) / 0.1, ((0.01 * T) / 0.1) * 100.09],
  'edta-zinc': [(0.02 * T) / 0.025, ((0.02 * T) / 0.025) * 10],
  'two-ind-kelp': [(0.1 * T) / 0.025, (0.1 * (T2 - T)) / 0.025],
  'two-ind-lye': [(0.2 * T2) / 0.025, (0.2 * (T - T2)) / 0.025],
  'heat-epsom': [lost, waterTo(120.37)],
  'heat-green': [lost, ((lost / 44.009) * 123.55 * 100) / solid],
  'mixed-two': [24.3],
  'mixed-three': [waterTo(208.23), (0.02 * T * 2.5) / 0.025, ((0.02 * T * 2.5) / 0.025) * 10],
  'x-direct': [24.3, (0.05 * T) / 2 / 0.025],
  'x-oxalic': [
    0.11 * T,
    (0.11 * T) / 2 / 0.025,
    (W - ((0.11 * T) / 2 / 0.025) * 0.25 * 90.034) / WATER / (((0.11 * T) / 2 / 0.025) * 0.25),
  ],
  'x-bleach': [(0.08 * T) / 2 / 0.025, ((0.08 * T) / 2 / 0.025) * 25],
  'x-oxalate-std': [((W / 134) * 0.4) / T],
  'x-back-lime': [backTitrated(2, 0.04, 0.5, 0.5, 100.09)],
  'x-edta-mag': [24.3, (0.025 * T) / 0.025, ((0.025 * T) / 0.025) * 24.305],
  'x-two-ind': [(0.12 * T) / 0.02, (0.12 * (T2 - T)) / 0.02],
  'x-heat': [lost, (lost / solid) * 100],
  'x-mixed': [24.3, (0.012 * T * 6) / 0.025],
  'y-passive': [(0.05 * T * 2) / 0.025],
  'y-notes': [(0.002 * T) / 6 / 0.05],
  'y-table': [24.3],
  'y-borax': [((W / 381.36) * 2) / T],
  'y-edta': [(0.01 * T) / 0.05, (0.01 * T2) / 0.05],
  'y-oxide': [waterTo(159.6)],
  'y-mixed': [24.3, (0.05 * T) / 2 / 0.01],
  'z-soda-ash': [24.3, (0.15 * T) / 2 / 0.025, ((((0.15 * T) / 2 / 0.025) * 0.25 * 105.99) / W) * 100],
  'z-lime': [(0.04 * T) / 2 / 0.02, ((0.04 * T) / 2 / 0.02) * 74.092],
  'z-peroxide': [24.3, (0.018 * T * 2.5) / 0.025, ((0.018 * T * 2.5) / 0.025) * 50],
  'z-magnesia': [backTitrated(2, 0.025, 0.25, 0.5, 58.319)],
  'z-gypsum': [lost, waterTo(136.13)],
  'v-smoke': [24.3, 0.09 * T, (0.09 * T) / 0.01],
  'v-brass': [(0.05 * T) / 0.01, ((((0.05 * T) / 0.01) * 0.1 * 63.546) / W) * 100],
  'v-edta': [(0.005 * T) / 0.05],
  'v-alum': [waterTo(142.04), (lost / solid) * 100],
  'u-drain': [0.1 * T, (0.1 * T) / 0.025, ((((0.1 * T) / 0.025) * 0.25 * 39.997) / W) * 100],
  'u-thio': [(0.004 * 0.025 * 6) / T],
  'u-tile': [backTitrated(2, 0.025, 0.5, 0.5, 100.09)],
  'u-cobalt': [lost, waterTo(129.83)],
  'a-ferry-descaler': [24.3, (0.095 * T) / 0.025, ((0.095 * T) / 0.025) * 97.09],
  'a-kiln-lime': [((0.06 - 0.1 * T * 10) / 2 / W) * 56.077 * 100],
  'a-rust-water': [24.3, (0.005 * T * 6) / 0.025, (((0.005 * T * 6) / 0.025) * 0.25 * 55.845 * 1000) / 5],
  'a-eel-tank': [24.3, (0.01 * T) / 2 / 0.05],
  'a-gull-magnesia': [lost, ((lost / 44.009) * 84.313 * 100) / solid],
  'a-edta-oyster': [24.3, (0.02 * T) / 0.025],
  'a-vinegar-dilute': [24.3, (0.098 * T) / 0.02, ((0.098 * T) / 0.02) * 10, ((0.098 * T) / 0.02) * 10 * 60.052],
  'a-mixed-ship': [],
  'b-orchard-vinegar': [0.085 * T, (0.085 * T) / 0.02],
  'b-lawn-sand': [24.3, (0.0204 * T * 5) / 0.025, ((((0.0204 * T * 5) / 0.025) * 0.25 * 55.845) / W) * 100],
  'b-washing-crystals': [lost, (lost / solid) * 100, waterTo(105.99)],
  // Calcium carbonate by way of "metal ions", which the equation calls M: the sheet does not say that all of it is calcium.
  'b-well-water': [24.3, (0.01 * T) / 0.05, null],
  'b-verdigris': [24.8 / 248.17, (24.8 / 248.17) * T, (((24.8 / 248.17) * T * 10 * 63.546) / W) * 100],
  'b-antacid-back': [backTitrated(3, 0.025, 0.2, 0.5, 100.09)],
  'b-mixed-paper': [(0.1 * T) / 2 / 0.025, (6.3 / ((0.1 * T) / 2 / 0.025) - 90.034) / WATER, (lost / solid) * 100],
  'b-kelp-mixture': [(0.098 * T) / 0.025, (0.098 * (T2 - T)) / 0.025],
  'b-peat-acid': [0.12 * T, (0.12 * T) / 2 / 0.025, 7.2 / ((0.12 * T) / 2 / 0.025)],
  'thermo-vat': [CROSSING, (1.6 * 0.025) / 2 / X],
  'thermo-zinc': [RISE],
  'gas-ribbon': [rateAt(0)],
  'gas-two-temps': [rateAt(0), rateAt(60)],
  'x-thermo': [CROSSING],
  'x-gas': [rateAt(0), rateAt(120)],
  'y-cool': [CROSSING, (2 * 0.02) / X],
  'y-loss': [rateAt(60)],
  'z-zinc-gas': [rateAt(0)],
  'v-thermo': [CROSSING, (1.2 * 0.025) / X],
  'v-fizz': [rateAt(0), rateAt(20)],
  'u-cup': [CROSSING],
  'u-liver': [rateAt(0)],
  'a-copper-cup': [RISE],
  'a-hot-cliff': [rateAt(0), rateAt(0)],
  'a-thermo-soda': [CROSSING, (2 * 0.025) / X],
  'b-kiln-wash': [CROSSING, (1.5 * X) / 0.025],
  'b-shell-fizz': [rateAt(0)],
  'b-cold-salt': [RISE],
  'c-slip-bleach': [24.3, (0.0985 * T) / 2 / 0.025, ((0.0985 * T) / 2 / 0.025) * 25, ((0.0985 * T) / 2 / 0.025) * 25 * 74.44],
  'c-borax': [meanOf(3, (mass, titre) => ((mass / 381.36) * 2) / titre)],
  'c-brine-silver': [24.3, 0.05 * T, 0.05 * T, (0.05 * T) / 0.01],
  'c-epsom-oven': [lost, solid - lost, lost / WATER, waterTo(120.37)],
  'c-magnesium-copper': [RISE],
  'c-peroxide-gas': [rateAt(0), rateAt(60)],
  'c-tonic-and-bottle': [24.3, 0.005 * T, (0.005 * T * 5) / 0.025, ((0.005 * T * 5) / 0.025) * 55.845],
  'c-lemon-heat': [CROSSING, (2 * X) / 3 / 0.025],
  'c-iron-pills': [24.3, 0.01 * T * 5, (0.01 * T * 50 * 55.845 * 1000) / 5],
  'd-ferry-rust': [24.3, (0.015 * T * 6) / 0.02],
  'd-lime-scale': [24.3, (((0.1 - 0.2 * T * 10) / 2) * 100.09 * 100) / W],
  'd-paper-three': [24.3, 0.095 * T, (0.095 * T * 2) / 0.025, waterTo(208.23)],
  'd-magnesium-gas': [rateAt(0), rateAt(60)],
  'd-lozenge-iodate': [24.3, 0.012 * T, 0.012 * T * 10 * 176.12 * 1000],
  // Between 19.50 and 20.50 cm³ are run in: what it was is read, and until then nothing follows of T.
  'd-ammonia-cleaner': [24.3, (0.12 * T) / 0.025, null],
  'd-cold-pack': [RISE],
  'd-salt-of-sea': [],
  'e-soda-crystals': [0.22 * T, 0.11 * T, (0.11 * T) / 0.025],
  'e-peroxide': [(0.0195 * T * 2.5) / 0.025, ((0.0195 * T * 2.5) / 0.025) * 50, ((0.0195 * T * 2.5) / 0.025) * 50 * 34.014],
  'e-two-questions': [W / (0.25 * T * 5), (W / (0.25 * T * 5) - 105.99) / WATER],
  'e-chill': [RISE],
  'e-cheap-aspirin': [meanOf(3, (mass, titre) => (0.1043 * titre * 180.16 * 100) / mass)],
}
