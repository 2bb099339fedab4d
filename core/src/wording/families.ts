/** Endings that tell families of substances apart: a chlorite is no chloride, an ethanal no ethanol. */
const ENDING = /(?:ate|ite|ide|al|ol|ane|ene|one|oic|yl|amine)s?$/

/** Whether a word has the ending of a family of its own, so that it is no slip of the pen for another word. */
export function isOtherFamily(word: string, other: string): boolean {
  const own = ENDING.exec(word)?.[0]
  return own !== undefined && own !== ENDING.exec(other)?.[0]
}
