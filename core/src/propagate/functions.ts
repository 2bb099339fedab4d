/** Functions of one number that a calculation may use, with their slope. */
export const FUNCTIONS = {
  ln: { of: Math.log, slope: (x: number) => 1 / x },
  log10: { of: Math.log10, slope: (x: number) => 1 / (x * Math.LN10) },
  exp: { of: Math.exp, slope: (x: number) => Math.exp(x) },
  power10: { of: (x: number) => 10 ** x, slope: (x: number) => 10 ** x * Math.LN10 },
  sqrt: { of: Math.sqrt, slope: (x: number) => 0.5 / Math.sqrt(x) },
} as const satisfies Record<string, { of: (x: number) => number; slope: (x: number) => number }>

export type FunctionName = keyof typeof FUNCTIONS
