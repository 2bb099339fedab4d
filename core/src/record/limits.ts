/** Significant figures of answers, at most. */
export const MOST_FIGURES = 8
/** Titres that must agree, at most. */
export const MOST_THAT_AGREE = 6
