interface Caution {
  readonly holds: RegExp
  readonly says: string
}

/** Usual cautions by what is in the bottle (common practice); each gives its reason. */
const CAUTIONS: readonly Caution[] = [
  {
    holds: /MnO4/,
    says: 'Manganate(VII) oxidises and stains skin and cloth brown: wear eye protection, wash splashes off at once.',
  },
  { holds: /Cr2O7|CrO4/, says: 'Chromium(VI) is toxic and may cause cancer: gloves, no contact, its own waste bottle.' },
  { holds: /Ag(NO3)?/, says: 'Silver salts stain skin black in light and harm eyes: eye protection, wash splashes off.' },
  { holds: /^Ba/, says: 'Soluble barium salts are toxic if swallowed: wash hands, do not put them down the sink unasked.' },
  { holds: /^Pb/, says: 'Lead salts are toxic and build up in the body: wash hands, collect the waste.' },
  { holds: /^(NaOH|KOH)$/, says: 'Alkali attacks skin and above all eyes: eye protection, wipe up spills.' },
  {
    holds: /^H2SO4$/,
    says: 'Sulfuric acid is corrosive when strong and an irritant when dilute: eye protection; acid goes into water, never water into acid.',
  },
  {
    holds: /^(HCl|HNO3)$/,
    says: 'The acid irritates skin and eyes, and is corrosive when strong: eye protection; acid goes into water.',
  },
  { holds: /^NH3$/, says: 'Ammonia’s vapour chokes: keep it stoppered, work where the air is good.' },
  { holds: /^K?I[23]/, says: 'Iodine stains and its vapour irritates: keep it stoppered.' },
]

/** The usual caution for a solute, or undefined where there is none beyond good habits. */
export function cautionFor(solute: string | undefined): string | undefined {
  return solute === undefined ? undefined : CAUTIONS.find(({ holds }) => holds.test(solute))?.says
}
