import { reagentNamed, substanceOf } from '../tube/index.ts'
import type { Action } from './acts/action.ts'

/** What is known of a tube from what went into it, by the names that were typed. */
export interface TubeHolds {
  /** Every bottle that went in, in order, as it is called in the record. */
  readonly bottles: readonly string[]
  /** Heated, and not cooled or left alone since. */
  readonly hot: boolean
  /** What the sample is called, where its name says what it is. */
  readonly sample: string
}

/** An act of several bottles as one after another. */
export const oneByOne = ({ with: others = [], ...act }: Action): readonly Action[] => [
  ...others.map((one): Action => ({ do: 'add', ...one })),
  act,
]

const HEATS: readonly Action['do'][] = ['warm', 'heat', 'boil']
const COOLS: readonly Action['do'][] = ['cool', 'stand']

/** What a tube holds after some acts. */
export function tubeHolds(before: readonly Action[], sample: string): TubeHolds {
  const acts = before.flatMap(oneByOne)
  const last = acts.findLastIndex(({ do: act }) => HEATS.includes(act))
  return {
    bottles: acts.flatMap(({ do: act, reagent }) => ((act === 'add' || act === 'dissolve') && reagent ? [reagent] : [])),
    hot: last >= 0 && !acts.slice(last).some(({ do: act }) => COOLS.includes(act)),
    sample,
  }
}

/** Kinds of what bottles hold, as far as they can hurt one another. A bottle that is only known by its name is judged by it. */
const KINDS = {
  acid: (name: string, of: string) => ['HCl', 'HNO3', 'H2SO4', 'CH3COOH', 'H2C2O4'].includes(of) || /\bacid\b/i.test(name),
  concAcid: (name: string, of: string) =>
    (/\(conc\)$/.test(name) && ['HCl', 'HNO3', 'H2SO4'].includes(of)) || /\bconc\w*\.?\s+(?:\w+\s+)?acid/i.test(name),
  concSulfuric: (name: string) =>
    name === 'H2SO4(conc)' || /^conc\w*\.?\s+acid$/i.test(name) || /\boleum\b|conc\w*\.?\s+sul(?:f|ph)uric/i.test(name),
  concNitric: (name: string) => name === 'HNO3(conc)' || /conc\w*\.?\s+nitric/i.test(name),
  manganate: (name: string, of: string) => of === 'KMnO4' || /permanganate|manganate\(?\s*vii/i.test(name),
  sulfide: (name: string, of: string) =>
    of === 'Na2S' || /\bsul(?:f|ph)ides?\b|^(?:fe|zn|mn|ca|mg|ba|al2|k2|li2|\(nh4\)2)s\d?$/i.test(name),
  cyanide: (name: string) => /(?<!thio)cyanide|\b(?:na|k)cn\b/i.test(name),
  bleach: (name: string, of: string) => name === 'NaClO(aq)' || of === 'NaClO' || /bleach|hypochlor|chlorate\(i\)/i.test(name),
  chlorine: (_: string, of: string) => of === 'Cl2',
  ammonia: (name: string, of: string) => of === 'NH3' || /\bammonia\b|\btollens\b|\bammoniacal\b/i.test(name),
  ammonium: (_: string, of: string) => of.includes('NH4'),
  silver: (name: string, of: string) => of === 'AgNO3' || /\btollens\b|\bammoniacal\s+silver\b/i.test(name),
  cyano: (_: string, of: string) => of === 'K4Fe(CN)6' || of === 'K3Fe(CN)6',
  thiocyanate: (_: string, of: string) => of === 'KSCN' || of === 'NH4SCN',
  alkali: (name: string, of: string) => of === 'NaOH' || of === 'KOH' || /\balkali\b/i.test(name),
  peroxide: (_: string, of: string) => of === 'H2O2',
  solvent: (name: string) =>
    reagentNamed(name)?.special === 'floats' ||
    /^(?:C2H5OH|CH3COCH3)\(l\)$/.test(name) ||
    /\b(?:ethanol|alcohol|propanone|acetone|hexane|cyclohexane|ether|petrol|methanol|propanol|butanol|toluene|ester)\b/i.test(
      name,
    ),
  propanone: (name: string) => name === 'CH3COCH3(l)' || /propanone|acetone/i.test(name),
  metal: (name: string) => /^(?:Al|Zn|Mg|Fe|Cu)\(s\)$/.test(name),
  /** A metal that sets hydrogen free from dilute acid. */
  activeMetal: (name: string) => /^(?:Al|Zn|Mg|Fe)\(s\)$/.test(name),
  water: (name: string) => name === 'H2O(l)',
  aqueous: (name: string) =>
    reagentNamed(name)?.state === 'aq' && !/\(conc\)$/.test(name) && reagentNamed(name)?.special === undefined,
  oxidiser: (name: string, of: string) =>
    of === 'NH4NO3' ||
    /\bammonium\s+nitrate\b|\b(?:per)?chlorates?\b(?!\(i\))|\bKClO[34]\b|\bbromates?\b|\bammonium\s+dichromate\b/i.test(name),
} satisfies Record<string, (name: string, of: string) => boolean>

/** A kind of what may hurt. */
export type Kind = keyof typeof KINDS

/** Whether a bottle is of a kind. */
export const isKind = (name: string | undefined, ...kinds: readonly Kind[]): boolean =>
  name !== undefined && kinds.some((kind) => KINDS[kind](name, substanceOf(name)))

/** Whether a tube, or the sample by its name, holds something of a kind. */
export const holds = ({ bottles, sample }: TubeHolds, ...kinds: readonly Kind[]): boolean =>
  bottles.some((name) => isKind(name, ...kinds)) || isKind(sample, ...kinds)
