/** Abbreviations of the bench that are written out in a report. */
const WRITTEN_OUT: readonly (readonly [RegExp, string])[] = [
  [/\bppt(?:n)?\b\.?/gi, 'precipitate'],
  [/\bppts\b\.?/gi, 'precipitates'],
  [/\bsoln\b\.?/gi, 'solution'],
  [/\bsolns\b\.?/gi, 'solutions'],
  [/\bxs\b/gi, 'excess'],
]

/** A student's observation as a report has it: the words as they are, with what is short for something written out. */
export function written(text: string): string {
  return WRITTEN_OUT.reduce((said, [short, long]) => said.replace(short, long), text.trim())
}
