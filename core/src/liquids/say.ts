import type { Foretold } from './play.ts'
import type { Sign } from './signs.ts'

const PLAIN: Readonly<Partial<Record<Sign, string>>> = {
  decolourised: 'decolourised',
  fizzes: 'effervescence',
  mirror: 'silver mirror',
  acid: 'turned blue litmus red',
  alkali: 'turned red litmus blue',
  burns: 'burns',
  smoky: 'smoky flame',
  layers: 'two layers',
  mixes: 'mixes with it',
  'solid blue': 'solid turned blue',
  chars: 'turned black',
  'boils at 100': 'boils at 100 °C',
  'leaves a solid': 'leaves white crystals',
}

/** A sign as a student should write it. */
function say(sign: Sign): string {
  const plain = PLAIN[sign]
  if (plain !== undefined) return plain
  const [sort = '', what = ''] = sign.split(/ (.*)/s)
  if (sort === 'smell') return /vinegar|petrol|caramel/.test(what) ? `smell of ${what}` : `${what} smell`
  return sort === 'solution' ? `solution turned ${what}` : `${what} precipitate`
}

/** What a step shows in words; what shows in fewer than half of the tubes is said to be so. */
export function saySigns(signs: readonly Foretold[]): string {
  const HALF = 0.5
  const words = signs.map(({ sign, often }) => `${say(sign)}${often < HALF ? ' (not always)' : ''}`)
  return words.length > 0 ? words.join('; ') : 'no visible change'
}
