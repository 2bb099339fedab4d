import { figures, grams } from '../figures.ts'
import type { Investigation, Plan } from '../investigation.ts'

interface Change {
  readonly value: string
  readonly says: string
  readonly solid: string
  readonly molar: number
  /** kJ for each mole, from memory of handbook tables, rounded. */
  readonly heat: number
  readonly into: string
  readonly caution: string
}

const CHANGES: readonly Change[] = [
  {
    value: 'nitrate',
    says: 'dissolving ammonium nitrate',
    solid: 'ammonium nitrate',
    molar: 80.04,
    heat: 25.7,
    into: 'water',
    caution: 'Ammonium nitrate: no heating of the solid, no contact with anything that burns.',
  },
  {
    value: 'saltpetre',
    says: 'dissolving potassium nitrate',
    solid: 'potassium nitrate',
    molar: 101.1,
    heat: 34.9,
    into: 'water',
    caution: 'Potassium nitrate feeds a fire: away from flames.',
  },
  {
    value: 'chloride',
    says: 'dissolving anhydrous calcium chloride',
    solid: 'anhydrous calcium chloride',
    molar: 110.98,
    heat: -81.3,
    into: 'water',
    caution: 'Calcium chloride gets hot with a little water: solid into water.',
  },
  {
    value: 'zinc',
    says: 'zinc and copper(II) sulfate',
    solid: 'zinc powder',
    molar: 65.38,
    heat: -217,
    into: 'Q',
    caution: 'Zinc dust is flammable, copper salts are harmful: no skin contact, no flame.',
  },
]
/** J for a gram and a degree: the value of water, which dilute solutions are taken to have. */
const WATER = 4.18
/** Halves of a division of a thermometer that is marked in degrees. */
const HALF_DIVISION = 0.5

function plan(values: Readonly<Record<string, string>>): Plan | { readonly refused: string } {
  const change = CHANGES.find(({ value }) => value === values.change) as Change
  const [volume, wanted] = [Number(values.volume), Number(values.rise)]
  const mass = ((WATER * volume * wanted) / 1000 / Math.abs(change.heat)) * change.molar
  if (mass < 0.2)
    return {
      refused: `Only ${grams(mass)} g would be needed, which is weighed too coarsely. Take more liquid or a larger change of temperature.`,
    }
  if (mass > volume)
    return { refused: `${grams(mass)} g would not dissolve in ${volume} cm³. Ask for a smaller change of temperature.` }
  const isSolution = change.into === 'Q'
  // Metal in excess: all of the copper reacts.
  const strength = isSolution ? (WATER * wanted) / Math.abs(change.heat) : 0
  const solid = isSolution ? mass * 1.5 : mass
  const falls = change.heat > 0
  return {
    title: `The heat of ${change.says}`,
    question: `How large is the change of temperature when ${change.says} takes place?`,
    changes: 'time',
    measures: 'temperature in the cup',
    keeps: [`${volume} cm3 of liquid`, 'the same cup with its lid', 'stirring'],
    chosen: [
      {
        says: `${grams(solid)} g of ${change.solid}`,
        because: `${isSolution ? 'half as much again as the copper wants; ' : ''}by q = mcΔT the temperature ${falls ? 'falls' : 'rises'} by about ${figures(wanted, 2)} °C, ${figures(wanted / HALF_DIVISION, 2)} times half a division`,
      },
      { says: `${volume} cm³ of liquid`, because: 'enough to cover the bulb, and little enough for a clear change' },
      { says: 'a plastic cup in a beaker, with a lid', because: 'loss of heat is the largest error of all' },
      {
        says: 'readings before and after, mixing at 4 minutes',
        because: 'two lines drawn on to the moment of mixing make good what was lost',
      },
    ],
    materials: [
      `Z is ${change.solid}, a solid.`,
      ...(isSolution ? [`Q is ${figures(strength, 2)} mol dm-3 copper(II) sulfate solution.`] : []),
    ],
    method: [
      `Measure ${volume} cm3 of ${change.into} into a plastic cup in a beaker, and put the lid on.`,
      'Read the temperature every minute, at 0, 1, 2 and 3 minutes.',
      `At 4 minutes tip in ${grams(solid)} g of Z, which has been weighed before, and stir; do not read.`,
      'Read the temperature again at 5, 6, 7, 8, 9 and 10 minutes.',
      'Plot temperature against time, draw a line through each set of points and carry both on to the fourth minute.',
    ],
    table: ['time / min', 'temperature / °C'],
    asks: [`Find the ${falls ? 'fall' : 'rise'} in temperature at 4 minutes from the two lines.`],
    answers:
      'The change at the moment of mixing, the mass of liquid and its heat capacity give the heat; over the amount it is the enthalpy change.',
    repeats: 'Twice more with fresh liquid; the three changes should agree within half a degree.',
    cautions: ['Eye protection.', change.caution],
    expected: { reading: (x) => 21 + (x < 4 ? 0 : (falls ? -1 : 1) * (wanted - (x - 4) * 0.1)) },
  }
}

/** Change of temperature of a reaction in a cup. */
export const ENERGETICS: Investigation = {
  id: 'energetics',
  title: 'Energetics',
  says: 'How much heat does it give or take?',
  asks: [
    {
      kind: 'choice',
      name: 'change',
      says: 'What happens',
      choices: CHANGES.map(({ value, says }) => ({ value, says })),
      usual: 'nitrate',
    },
    { kind: 'number', name: 'volume', says: 'Liquid in the cup', unit: 'cm³', usual: '50', least: 20, most: 200 },
    { kind: 'number', name: 'rise', says: 'Wanted change of temperature', unit: '°C', usual: '8', least: 2, most: 30 },
  ],
  plan,
}
