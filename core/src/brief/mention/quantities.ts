import { readStrength, SPOKEN } from '../../number/index.ts'
import type { Mention, QuantityKind } from './mention.ts'

const NUMBER = String.raw`(\d+(?:[.,]\d+)?|(?<![a-z])(?:one|two|three|four|five|six|seven|eight|nine|ten|twenty|thirty|half)(?![a-z]))`

/** The number that digits or a word say, as text. */
export const numberSaid = (text: string): string => SPOKEN[text.toLowerCase()] ?? text.replace(',', '.')

/** Units as sheets write them, with what they measure. */
const UNITS: readonly (readonly [pattern: string, of: QuantityKind, unit: string])[] = [
  [String.raw`cm\^?3|mL|ml|cc|millilit(?:re|er)s?`, 'volume', 'cm3'],
  [String.raw`dm\^?3|L|lit(?:re|er)s?`, 'volume', 'dm3'],
  ['mg', 'mass', 'mg'],
  ['kg', 'mass', 'kg'],
  ['g|grams?', 'mass', 'g'],
  [String.raw`°\s*C|degrees?(?: C(?:elsius)?)?`, 'temperature', '°C'],
  ['s|sec|seconds?', 'time', 's'],
  ['min|mins|minutes?', 'time', 'min'],
  ['h|hours?', 'time', 'h'],
  ['mm', 'length', 'mm'],
  ['cm', 'length', 'cm'],
  ['drops?', 'drops', 'drops'],
]
const OF_UNIT = UNITS.map(([pattern, of, unit]) => ({ whole: new RegExp(`^(?:${pattern})$`), of, unit }))
const ANY_UNIT = UNITS.map(([pattern]) => pattern).join('|')

/** Between the ends of a range; the unit may stand after either. */
const TO = String.raw`\s*(?:-|to|and|or)\s*`
const QUANTITY = new RegExp(
  `(?<![A-Za-z0-9.])${NUMBER}(?:\\s*(?:${ANY_UNIT})?${TO}(\\d+(?:[.,]\\d+)?))?\\s*-?\\s*(?:of an? )?(${ANY_UNIT})(?![A-Za-z0-9])(?!\\s*\\/?\\s*mol)`,
  'g',
)
const STRENGTH_UNIT = String.raw`mmol\s*(?:\/|\s)\s*(?:dm\^?-?3|L)(?:\s*-1)?|mol\s*(?:\/|\s)?\s*(?:dm\^?-?3|L|l)(?:\s*\^?-1)?|mol per (?:dm\^?3|lit(?:re|er)|L)|M(?![A-Za-z0-9])|mM|[Mm]olar|m?g\s*(?:\/|\s)?\s*(?:dm\^?-?3|L|l)(?:\s*\^?-1)?|g per (?:dm\^?3|lit(?:re|er)|L)|g\/100\s*cm3|%\s*\(?(?:w\/v|m\/v)\)?|%|ppm`
const STRENGTH = new RegExp(`(?<![A-Za-z0-9.])(\\d+(?:[.,]\\d+)?)\\s*-?\\s*(${STRENGTH_UNIT})(?![A-Za-z0-9-])`, 'g')
const PART_MOLAR =
  /(?<![A-Za-z0-9])(?:M\/\d+(?:\.\d+)?|(?:deci|centi|milli)molar|(?:an? )?(?:half|tenth|twentieth|fifth|hundredth)(?: of)?[ -]molar)(?![A-Za-z0-9])/gi

const ABOUT = /\b(?:about|approximately|approx\.?|roughly|around|nearly|nominally|near|ca\.?|circa)\s*$/i
const isAbout = (text: string, from: number) => ABOUT.test(text.slice(Math.max(0, from - 20), from))

/** The unit of a strength as the record reads it. */
function plainUnit(unit: string): string {
  const tidy = unit.replace(/\s+/g, ' ').replace(/^([mM]?g) per .*$/, 'g/dm3')
  if (/^mol per/.test(tidy)) return 'mol/dm3'
  return tidy
    .replace(/^(m?mol|m?g) ?\/? ?(?:dm\^?-?3|L|l)(?: ?\^?-1)?$/, '$1/dm3')
    .replace(/^[Mm]olar$/, 'M')
    .replace(/^%.*$/, '% w/v')
    .replace(/^g\/100 ?cm3$/, '% w/v')
}

/** Strengths of a text: `0.125 mol dm-3`, `2 M`, `M/20`, `10 % KI`. A percentage is one only of a solution. */
export function strengthsIn(text: string): readonly Mention[] {
  const written = [...text.matchAll(STRENGTH)].flatMap((match): Mention[] => {
    const [whole, digits = '', unit = ''] = match
    const strength = readStrength(`${digits.replace(',', '.')} ${plainUnit(unit)}`)
    if (
      !strength ||
      (unit.startsWith('%') &&
        !/w\/v|m\/v/.test(unit) &&
        !/^\s*(?:[A-Z(]|aqueous|solution|sodium|potassium|iron|copper)/.test(
          text.slice(match.index + whole.length, match.index + whole.length + 12),
        ))
    )
      return []
    return [{ kind: 'strength', strength, about: isAbout(text, match.index), from: match.index, to: match.index + whole.length }]
  })
  const spoken = [...text.matchAll(PART_MOLAR)].flatMap((match): Mention[] => {
    const strength = readStrength(match[0])
    return strength
      ? [{ kind: 'strength', strength, about: isAbout(text, match.index), from: match.index, to: match.index + match[0].length }]
      : []
  })
  return [...written, ...spoken]
}

/** "7.20 g of the acid in each dm3", "6.30 g of the crystals were dissolved in 1.00 dm3". */
const IN_EACH =
  /(?<![A-Za-z0-9.])((\d+(?:\.\d+)?) ?g)(?![A-Za-z/])[^.;:]{0,60}?\b(?:in|per|to make|made up to) (?:each |every |a |one |1(?:\.0+)? ?)(?:dm\^?3|lit(?:re|er)|L)(?![A-Za-z0-9])(?! portions)/g

/** Strengths of a text that are told as a mass in a litre. */
export function massesPerLitreIn(text: string): readonly Mention[] {
  if (/\bweigh/i.test(text)) return []
  return [...text.matchAll(IN_EACH)].flatMap(({ index, 1: mass = '', 2: digits = '' }): Mention[] => {
    const strength = readStrength(`${digits} g/dm3`)
    return strength ? [{ kind: 'strength', strength, about: isAbout(text, index), from: index, to: index + mass.length }] : []
  })
}

/** Quantities of a text with their units, ranges among them: `between 5.20 g and 5.60 g`, `250-mL`, `half a minute`. */
export function quantitiesIn(text: string): readonly Mention[] {
  return [...text.matchAll(QUANTITY)].flatMap((match): Mention[] => {
    const [whole, number = '', most, unit = ''] = match
    const known = OF_UNIT.find((one) => one.whole.test(unit))
    if (!known) return []
    const value = numberSaid(number)
    return [
      {
        kind: 'quantity',
        of: known.of,
        value,
        ...(most === undefined ? {} : { most: numberSaid(most) }),
        unit: known.unit,
        about: isAbout(text, match.index),
        from: match.index,
        to: match.index + whole.length,
      },
    ]
  })
}
