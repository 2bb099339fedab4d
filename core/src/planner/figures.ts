/** A number to so many figures, without an exponent where that can be read. */
export const figures = (value: number, count = 3): string => {
  const text = value.toPrecision(count)
  return /e/.test(text) ? String(Number(text)) : text
}

/** A volume to one decimal. */
export const cm3 = (volume: number): string => volume.toFixed(1)
export const grams = (mass: number): string => mass.toFixed(mass < 1 ? 3 : 2)

/** Best titres lie where reading errors are small and the burette need not be refilled (common practice). */
export const LEAST_TITRE = 15
export const MOST_TITRE = 35
export const BEST_TITRE = 25
export const lands = (titre: number): boolean => titre >= LEAST_TITRE && titre <= MOST_TITRE
