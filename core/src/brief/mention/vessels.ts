import type { Mention, Vessel } from './mention.ts'

/** What things are called (common practice); of two that fit at a place the first counts. */
const NAMES: readonly (readonly [pattern: string, vessel: Vessel])[] = [
  ['bur(?:ette|et)s?', 'burette'],
  [String.raw`(?<=\b(?:an?|the|your|by|from|with|same|clean|cm3|mL)\s)(?:pipette|pipet)s?`, 'pipette'],
  ['(?:measuring|graduated) cylinders?|cylinders?', 'cylinder'],
  ['(?:conical|erlenmeyer|titration|titrating) flasks?', 'conical flask'],
  ['(?:volumetric|graduated|standard|measuring) flasks?', 'volumetric flask'],
  ['(?:(?:reaction|side-arm|round-bottomed) )?flasks?', 'flask'],
  ['beakers?', 'beaker'],
  ['(?:evaporating )?(?:crucibles?|dish|basin)', 'crucible'],
  ['(?:test|boiling|ignition|hard-glass)[ -]?tubes?|tubes?', 'tube'],
  ['(?:plastic|polystyrene|foam|insulated) cups?|cups?|calorimeters?', 'cup'],
  ['(?:gas )?syringes?|inverted (?:measuring )?cylinder', 'syringe'],
  ['chromatography paper|chromatogram|TLC plates?|(?:silica )?plates?', 'paper'],
  ['weighing (?:bottle|boat)s?', 'weighing bottle'],
]
const ALL = new RegExp(
  `(?<![A-Za-z-])(?:(\\d+(?:\\.\\d+)?)\\s*-?\\s*(?:cm\\^?3|mL|ml)\\s+)?(?:(?:clean|dry|labelled|separate|glass|empty|small|plastic)[, ]+)*(?:${NAMES.map(([pattern], index) => `(?<v${index}>${pattern})`).join('|')})(?![A-Za-z])`,
  'gi',
)

/** Glass that a text names, with what it holds: `250 cm3 volumetric flask`. */
export function vesselsIn(text: string): readonly Mention[] {
  return [...text.matchAll(ALL)].flatMap((match): Mention[] => {
    const index = NAMES.findIndex((_, place) => match.groups?.[`v${place}`] !== undefined)
    const vessel = NAMES[index]?.[1]
    if (vessel === undefined) return []
    const capacity = match[1] === undefined ? {} : { capacity: match[1] }
    return [{ kind: 'vessel', vessel, ...capacity, from: match.index, to: match.index + match[0].length }]
  })
}
