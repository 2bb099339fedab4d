import { ChemistryError } from '../../problem/index.ts'
import { formatEquation, parseEquation } from '../../substance/index.ts'
import type { Mention } from './mention.ts'

const TERM = String.raw`\d{0,3}\s?[A-Z([][A-Za-z0-9()[\].^]*(?:\^?\d*[+-](?=[\s(,;.]|$)|[²³⁴][⁺⁻])?(?:\s?\((?:s|l|g|aq)\))?`
const SIDE = String.raw`${TERM}(?:\s*\+\s*(?:e-|${TERM}))*`
const EQUATION = new RegExp(`(?<![A-Za-z0-9])(${SIDE})\\s*(?:<?-{0,2}>|<?=>?)\\s*(${SIDE})`, 'g')

/** Equations are no longer than this. */
const LONGEST = 300

/** Equations of a text, as the record writes them: `2Cu2+ + 4I- -> 2CuI + I2`. */
export function equationsIn(text: string): readonly Mention[] {
  if (!/[>=]/.test(text)) return []
  return [...text.slice(0, 4000).matchAll(EQUATION)].flatMap((match): Mention[] => {
    if (match[0].length > LONGEST) return []
    const tidy = (side: string | undefined) => (side ?? '').replace(/\.$/, '')
    try {
      const { reactants, products } = parseEquation(`${tidy(match[1])} -> ${tidy(match[2])}`)
      const bare = (terms: typeof reactants) => terms.map(({ count, formula }) => ({ count, formula }))
      const lead = match[0].length - match[0].trimStart().length
      if (reactants.length + products.length < 2 || !/[A-Z].*[A-Z]/.test(match[0])) return []
      return [
        {
          kind: 'equation',
          equation: formatEquation({ reactants: bare(reactants), products: bare(products) }),
          from: match.index + lead,
          to: match.index + match[0].trimEnd().length,
        },
      ]
    } catch (error) {
      if (error instanceof ChemistryError) return []
      throw error
    }
  })
}
