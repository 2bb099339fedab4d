// Usual cautions of what stands in bottles, each with its reason (common practice).

export const MANGANATE =
  'Manganate(VII) oxidises and stains skin and cloth brown: wear eye protection, wash splashes off at once.'
export const CHROMIUM_VI = 'Chromium(VI) is toxic and may cause cancer: gloves, no contact, its own waste bottle.'
export const SILVER =
  'Silver salts stain skin black in light and harm eyes: eye protection, wash splashes off; what is left goes into the silver waste.'
export const BARIUM = 'Soluble barium salts are toxic if swallowed: wash hands, do not put them down the sink unasked.'
export const LEAD = 'Lead salts are toxic and build up in the body: wash hands, collect the waste.'
export const MERCURY =
  'Mercury salts are very toxic, through the skin too: gloves, their own waste, and only where the laboratory allows them.'
export const IODINE = 'Iodine stains and its vapour irritates: keep it stoppered.'
const ALKALI = 'Alkali attacks skin and above all eyes: eye protection, wipe up spills.'
const ACID =
  'The acid irritates skin and eyes, and is corrosive when strong: eye protection; acid goes into water, never water into acid.'

/** Cautions of what is no salt of an ion that has one. */
export const CARE_BY_FORMULA: Readonly<Record<string, string>> = {
  NaOH: ALKALI,
  KOH: ALKALI,
  'Ca(OH)2': ALKALI,
  HCl: ACID,
  HNO3: ACID,
  H2SO4: ACID,
  NH3: 'Ammonia’s vapour chokes: keep it stoppered, work where the air is good.',
  I2: IODINE,
}
