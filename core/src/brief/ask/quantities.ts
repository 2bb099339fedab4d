import type { AskedFind } from './find.ts'

export type AskedQuantity = AskedFind['quantity']

const PER_VOLUME =
  /\b(?:m?g)\s*(?:\/|per)?\s*(?:dm-?3|L\b|l\b|dm\^-?3|lit)|\bg dm-3|\bg per dm3|\bin 1(?:\.0+)? ?(?:dm3|L|litre)\b/i

/** What the answer is to be worked from, and not what is asked for. */
const LEAD =
  /^(?:calculate )?(?:hence,? |then,? )?(?:from|using|use|with) (?:your |the |this |these )?[^,.;]{3,60}?(?:,| to (?=(?:calculate|compute|find|determine|work out)\b)) ?/i

/** Words for quantities, the more telling first. */
const QUANTITIES: readonly (readonly [pattern: RegExp, quantity: AskedQuantity])[] = [
  [/\bpKa?\b|\bp K\s?a\b/i, 'halfEquivalence'],
  [/\bpercent(?:age)?\b(?! error)|\bper cent\b|\bpurity\b|\bwhat fraction by mass/i, 'massPercent'],
  [/\bsolubility product|\bK\s?sp\b/i, 'solubilityProduct'],
  [/\bsolubility\b/i, 'solubility'],
  [/\brelative (?:molecular|formula|molar) mass|\bmolar mass|\bM\s?r\b|\bmolecular mass|\bformula mass/i, 'molarMass'],
  [
    /^['"]?[xny]['"]?\.?$|\b(?:value of|find|determine|work out|deduce|calculate|what is|the) ['"]?[xny]['"]?(?=[\s,.;?:]|$)|\bwater of crystalli[sz]ation\b|\bmoles of water\b.*\b(?:per|for each|to each)\b/i,
    'hydration',
  ],
  [/\bvolume\b.*\bneutrali[sz]es\b/i, 'crossing'],
  [/\b(?:number of )?moles\b|\bamounts?,? (?:\(?in mol\)?,? )?of\b/i, 'amount'],
  [
    /\b(?:mean|average) (?:titre|titer|burette reading)|\b(?:mean|average) (?:volume|value of your)\b.*|\bvolume of \S+ \w* ?you will\b|\bvolume (?:of .{1,30} )?(?:you will|to be) (?:calculate|use[d]?)|\bwhich volume\b|\bwhat is the titre\b|\bstate the titre|\baverage (?:the|of the|your)\b.*\b(?:titr|volumes?\b)|\b(?:value|figure) for (?:the|your) titre|\bhow (?:much|many cm3|many mL)(?: of)? \S+(?: \w+)? (?:is|was|were) (?:needed|used|required|taken)|\bthe volume of (?:\w+ ){0,2}\w+(?: \d+)? that reacts with|\bvalue (?:of [^.;]{3,30} )?(?:that (?:you )?(?:will|can) |to )(?:be used|use) in (?:your|the) calculations?/i,
    'meanTitre',
  ],
  [/\b(?:rates?|gradients?|slopes?)\b|\btangent at \D{0,4}[1-9]/i, 'gradient'],
  [
    /\btemperature (?:rise|change|increase|decrease|drop|fall)\b|\b(?:rise|fall|drop|change|increase|decrease) (?:in|of) (?:the )?temperature|\b(?:greatest|largest|maximum) (?:rise|fall|drop)\b|\bhow (?:much|far) (?:did|does|would) the temperature/i,
    'rise',
  ],
  [
    /\bcross(?:es|ing)?\b|\bread (?:off|from (?:the|your) graph) the volume\b|\bintersect|\bmeet\b|\bneutrali[sz]ation point|\bequivalence/i,
    'crossing',
  ],
  [/\bconcentration|\bmolarity|\bmolarities|\[[A-Z][A-Za-z0-9^+-]*\]|\bhardness\b|\bstrength of\b/i, 'concentration'],
  [/\bamounts?\b(?=[^.]*\b(?:mol\b|of\b|in\b))/i, 'amount'],
  [/\bmass(?:es)?\b|\bhow many (?:grams|g)\b/i, 'mass'],
]

/** A question without what it is to be worked from. */
export const withoutLead = (text: string): string => text.replace(LEAD, '')

/** The quantity that some words name, or undefined. */
export function quantityIn(asked: string): AskedQuantity | undefined {
  const text = withoutLead(asked)
  const found = QUANTITIES.find(([pattern]) => pattern.test(text))?.[1]
  if (found === 'concentration' && PER_VOLUME.test(text)) return 'massConcentration'
  if (found === 'mass' && /\bin (?:1|one|each|every)(?:\.0+)? ?(?:dm3|L|litre)\b|\bper (?:dm3|litre|L)\b/i.test(text))
    return 'massConcentration'
  if (found === 'mass' && /\b(?:each|per|one|a|a single) (?:tablet|pill|lozenge)\b/i.test(text)) return 'perItem'
  return found
}

/** Whether some words give a unit of concentration by mass: a question may ask for both. */
export const asksByMass = (text: string): boolean => PER_VOLUME.test(text)
export const asksByAmount = (text: string): boolean => /\bmol\s*(?:\/|per)?\s*(?:dm-?3|L\b|l\b)|\bmoldm|\bM\b/.test(text)
