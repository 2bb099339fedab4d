import { GAS_READINGS } from '../gas/index.ts'
import { type Pattern, pattern } from './words.ts'

/** Tests that are known by colours of their own (damp red litmus turned blue): they take their words before colours are looked for. */
export const GAS_PATTERNS: readonly Pattern[] = GAS_READINGS.flatMap(({ reading, written }) =>
  written.map((source) => ({ pattern: pattern(source), read: () => [{ kind: 'gas' as const, test: reading }] })),
)
