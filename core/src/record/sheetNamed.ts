import type { StartingSheet } from './starting.ts'

/**
 * Words of a title that tell the shape of a task, the more telling first (common practice: how practicals are headed).
 * A title that could be several names none.
 */
const TOLD_BY: readonly (readonly [RegExp, StartingSheet])[] = [
  [/\bback[- ]titrat/i, 'back'],
  [/\bstandardis|\bstandardiz/i, 'standardise'],
  [/\bpH curve|\bpH (?:titration|run)/i, 'ph-curve'],
  [/\bthermometric|\btemperature run|\bend-?point by temperature/i, 'temperature'],
  [/\bchromato|\bRf\b|\bdyes?\b|\binks?\b/i, 'chromatogram'],
  [/\bunknowns?\b|\bions? (?:in|of)\b|\bidentif|\bqualitative|\btest[- ]tubes?\b/i, 'unknowns'],
  [/\bcalibrat|\bcolorimet|\bcolourimet/i, 'calibration'],
  [/\bsolubility curve/i, 'solubility-curve'],
  [/\bgas (?:volume )?run|\brate of gas/i, 'gas'],
  [/\bactivation energy|\barrhenius/i, 'rate-and-temperature'],
  [/\bclock\b/i, 'clock'],
  [/\bhardness\b/i, 'hardness'],
  [/\benthalpy|\bheat of\b/i, 'enthalpy'],
  [/\bester\b|\bequilibrium\b/i, 'ester'],
  [/\bconstant mass|\bcrystallisation|\bheat(?:ing|ed)?\b.*\b(?:salt|crystals|carbonate|hydrate)\b|\bheating\b/i, 'heating'],
  [/\bprecipitate\b/i, 'precipitate'],
  [/\bmak(?:e|ing) up\b|\bweigh/i, 'weigh-titrate'],
  [/\btitrat/i, 'direct'],
]

/**
 * The starting sheet that a title names by its words.
 *
 * @returns undefined where it names none
 * @example
 * sheetNamed('Heating blue salt') // 'heating'
 */
export function sheetNamed(title: string): StartingSheet | undefined {
  return TOLD_BY.find(([words]) => words.test(title))?.[1]
}
