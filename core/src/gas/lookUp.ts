import type { Gas } from './gas.ts'
import { GASES } from './gases.ts'
import type { GasReading } from './readings.ts'
import type { GasTestName } from './tests.ts'

const BY_FORMULA: ReadonlyMap<string, Gas> = new Map(GASES.map((row) => [row.gas, row]))

/** The row of a gas, by its formula. */
export const gasOf = (gas: string): Gas | undefined => BY_FORMULA.get(gas)

/** What a gas does in a test, or undefined where it does nothing. */
export function resultOf(test: GasTestName, gas: string): string | undefined {
  return gasOf(gas)?.tests.find((one) => one.test === test)?.result
}

/** What a result of a test is read as, where it tells anything. */
export function readingOf(test: GasTestName, gas: string): GasReading | undefined {
  return gasOf(gas)?.tests.find((one) => one.test === test)?.reading
}

function readingsOf({ tests, sight }: Gas): readonly GasReading[] {
  const read = tests.flatMap(({ reading, loosely }) => [reading, loosely])
  return [...read, sight].filter((reading) => reading !== undefined)
}

const READINGS: ReadonlyMap<string, ReadonlySet<string>> = new Map(GASES.map((row) => [row.gas, new Set(readingsOf(row))]))

/** Whether a reading may come of a gas. */
export const givesReading = (gas: string, reading: string): boolean => READINGS.get(gas)?.has(reading) ?? false

/** The gas that a reading means: the only one that gives it, or the one it is the test for; undefined where it could be several. */
export function gasToldBy(reading: string): string | undefined {
  const giving = GASES.filter(({ gas }) => givesReading(gas, reading))
  return (giving.find(({ toldBy }) => toldBy === reading) ?? (giving.length === 1 ? giving[0] : undefined))?.gas
}

/**
 * A reading made exact by the test it was made in: white smoke at a rod with hydrochloric acid is another than at one with
 * ammonia.
 */
export function inTest(reading: GasReading, test: GasTestName): GasReading {
  const rows = GASES.flatMap(({ tests }) => tests)
  return rows.find((one) => one.test === test && one.loosely === reading)?.reading ?? reading
}
