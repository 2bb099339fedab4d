export { GASES } from './gases.ts'
export { gasOf, gasToldBy, givesReading, inTest, readingOf, resultOf } from './lookUp.ts'
export { GAS_READINGS, type GasReading, gasReading } from './readings.ts'
export { GAS_TESTS, type GasTestName, gasTestNamed } from './tests.ts'
