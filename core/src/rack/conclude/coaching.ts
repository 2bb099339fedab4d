/** What is better said another way in a conclusion. */
export interface Coaching {
  readonly code: string
  readonly says: string
}

interface Rule {
  readonly code: string
  readonly pattern: RegExp
  readonly says: string
}

const ENDS = String.raw`(?=\s*(?:ions?\b|is\s+present|are\s+present|present|salt|anions?\b|$|[.,;]|and\b|is\s+in|in\s+it))`
const OF_SAMPLE = String.raw`(?:contains?|is|has|have|must\s+be|got|holds?|it'?s|presence\s+of)\s+(?:an?\s+|some\s+)?(?:\w+\s+(?:and|,)\s+)?`

/** Ways of putting a conclusion that cost marks (common practice of marking). */
const RULES: readonly Rule[] = [
  {
    code: 'conclusion.halogen',
    pattern: new RegExp(
      String.raw`\b${OF_SAMPLE}(?:chlorine|bromine|iodine)\b${ENDS}|\b(?:chlorine|bromine|iodine)\s+ions?\b`,
      'i',
    ),
    says: 'The ion is a halide: chloride, bromide, iodide. Chlorine, bromine and iodine are the elements.',
  },
  {
    code: 'conclusion.ammonia',
    pattern: new RegExp(String.raw`\b${OF_SAMPLE}ammonia\b${ENDS}|\bammonia\s+ions?\b`, 'i'),
    says: 'The ion in the sample is ammonium; ammonia is the gas that came off.',
  },
  {
    code: 'conclusion.ammonium',
    pattern: /\bammonium\s+(?:gas|(?:was|is)\s+(?:given\s+off|evolved|released))\b/i,
    says: 'The gas is ammonia; ammonium is the ion it came from.',
  },
  {
    code: 'conclusion.sulfur',
    pattern: /\bsul(?:f|ph)ur\s+ions?\b/i,
    says: 'Sulfur is the element. The ion is sulfide, sulfite or sulfate: which test says so?',
  },
  {
    code: 'conclusion.ester',
    pattern: /\bester\b[^.]*\b(?:smell\w*|smelt|odou?r|fruity|sweet)\b|\b(?:smell\w*|smelt|odou?r|fruity|sweet)\b[^.]*\bester\b/i,
    says: 'A smell alone does not name an ester: say what it smelt like, and which test of its own shows the ester.',
  },
]

/** Advice on the wording of a conclusion, each once. */
export const coachConclusion = (text: string): readonly Coaching[] =>
  RULES.filter(({ pattern }) => pattern.test(text)).map(({ code, says }) => ({ code, says }))
