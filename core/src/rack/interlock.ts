import type { Action } from './acts/action.ts'
import { holds, isKind, oneByOne, type TubeHolds, tubeHolds } from './tubeHolds.ts'

/** Why an act is stopped, and what is done instead. */
export interface Stop {
  readonly code: string
  readonly says: string
  readonly instead: string
}

/** One act as it is about to be done, with its words. */
interface About {
  readonly act: Action
  readonly typed: string
  readonly tube: TubeHolds
}

interface Rule {
  readonly code: string
  readonly when: (about: About) => boolean
  readonly says: string
  readonly instead: string
}

const heats = ({ do: act }: Action) => act === 'warm' || act === 'heat' || act === 'boil'
const adds = ({ do: act }: Action) => act === 'add' || act === 'dissolve'
const inHotWater = ({ how }: Action) => how?.includes('in hot water') ?? false

/** Whether one kind meets another by this act, whichever of the two is in the tube. */
const meets = ({ act, tube }: About, one: Parameters<typeof isKind>[1], other: Parameters<typeof isKind>[1]): boolean =>
  adds(act) && ((isKind(act.reagent, one) && holds(tube, other)) || (isKind(act.reagent, other) && holds(tube, one)))

/** What is never done at a student's bench (common practice of laboratory safety), with the harm and what is done instead. */
const RULES: readonly Rule[] = [
  {
    code: 'stop.concentratedWithManganate',
    when: (about) => meets(about, 'concSulfuric', 'manganate'),
    says: 'Concentrated sulfuric acid with a manganate(VII) makes an oxide that explodes.',
    instead: 'Acidify manganate(VII) with dilute sulfuric acid.',
  },
  {
    code: 'stop.chlorineFromManganate',
    when: (about) => meets(about, 'concAcid', 'manganate') && !meets(about, 'concSulfuric', 'manganate'),
    says: 'Concentrated acid with manganate(VII) sets toxic gas free: chlorine from hydrochloric acid.',
    instead: 'Use dilute sulfuric acid; chlorine is a demonstration in the fume cupboard.',
  },
  {
    code: 'stop.hotSulfuric',
    when: ({ act, tube }) => heats(act) && holds(tube, 'concSulfuric'),
    says: 'Hot concentrated sulfuric acid spits and burns deeply, and it gives off choking gas.',
    instead: 'Leave it cold; what needs it hot is the demonstrator’s, in the fume cupboard.',
  },
  {
    code: 'stop.concentratedIntoHot',
    when: ({ act, tube }) => adds(act) && isKind(act.reagent, 'concAcid') && tube.hot,
    says: 'Concentrated acid in a hot tube boils and is thrown out.',
    instead: 'Cool the tube first, then drop by drop down the side.',
  },
  {
    code: 'stop.waterIntoAcid',
    when: ({ act, tube }) =>
      adds(act) &&
      isKind(act.reagent, 'water', 'aqueous') &&
      holds(tube, 'concSulfuric') &&
      !isKind(act.reagent, 'manganate', 'cyanide', 'bleach'),
    says: 'Water on concentrated sulfuric acid boils at once and throws the acid out.',
    instead: 'Always the acid into the water: pour the cold tube slowly into much cold water, behind a screen.',
  },
  {
    code: 'stop.acidOnAlkali',
    when: (about) => meets(about, 'concAcid', 'alkali') && !holds(about.tube, 'water'),
    says: 'Concentrated acid and an alkali meet with so much heat that the tube spits.',
    instead: 'Use the dilute acid, a little at a time.',
  },
  {
    code: 'stop.acidOnSulfide',
    when: (about) => meets(about, 'acid', 'sulfide'),
    says: 'Acid sets hydrogen sulfide free from a sulfide: very toxic, and the nose soon stops smelling it.',
    instead: 'Only in the fume cupboard under your supervisor’s eyes, with a drop of dilute acid.',
  },
  {
    code: 'stop.acidOnCyanide',
    when: (about) => meets(about, 'acid', 'cyanide') || (adds(about.act) && isKind(about.act.reagent, 'cyanide')),
    says: 'A cyanide with acid sets hydrogen cyanide free, which kills.',
    instead: 'No cyanide is used here: ask your supervisor. Thiocyanate (KSCN) is another substance.',
  },
  {
    code: 'stop.acidOnBleach',
    when: (about) => meets(about, 'acid', 'bleach'),
    says: 'Acid sets chlorine free from bleach: toxic, and it chokes.',
    instead: 'Keep them apart; use hydrogen peroxide where an oxidising agent is wanted in acid.',
  },
  {
    code: 'stop.ammoniaWithChlorine',
    when: (about) =>
      meets(about, 'ammonia', 'chlorine') || meets(about, 'ammonia', 'bleach') || meets(about, 'ammonium', 'bleach'),
    says: 'Ammonia with chlorine or bleach makes chloramines: toxic, and nitrogen trichloride explodes.',
    instead: 'A fresh portion without chlorine for the ammonia.',
  },
  {
    code: 'stop.hotCyano',
    when: ({ act, tube }) => heats(act) && holds(tube, 'cyano', 'thiocyanate') && holds(tube, 'acid'),
    says: 'A hexacyanoferrate or thiocyanate boiled with acid sets hydrogen cyanide free.',
    instead: 'Leave it cold: the colour shows at once.',
  },
  {
    code: 'stop.concentratedOnCyano',
    when: (about) => meets(about, 'concAcid', 'cyano') || meets(about, 'concAcid', 'thiocyanate'),
    says: 'Concentrated acid sets hydrogen cyanide free from a hexacyanoferrate or thiocyanate.',
    instead: 'Use a drop of dilute acid, cold.',
  },
  {
    code: 'stop.silverKept',
    when: ({ act, typed, tube }) =>
      holds(tube, 'silver') &&
      holds(tube, 'ammonia') &&
      !holds(tube, 'concNitric') &&
      (act.do === 'stand' ||
        act.do === 'heat' ||
        act.do === 'boil' ||
        /\b(?:keep|store|overnight|dry|evaporat\w*)\b/i.test(typed)),
    says: 'Silver in ammonia that is kept or dried leaves a solid that explodes at a touch.',
    instead: 'Acidify it with dilute nitric acid and wash it away as soon as it was looked at.',
  },
  {
    code: 'stop.oxidiserHeated',
    when: ({ act, tube }) => heats(act) && holds(tube, 'oxidiser') && !holds(tube, 'water', 'aqueous', 'alkali'),
    says: 'Ammonium nitrate, chlorates and dichromates of ammonium heated dry can explode.',
    instead: 'Do not heat it; ask your supervisor for the test in solution.',
  },
  {
    code: 'stop.flammableNearFlame',
    when: ({ act, tube }) =>
      holds(tube, 'solvent') &&
      ((heats(act) && !inHotWater(act)) || (act.do === 'gas' && /splint|flame/.test(act.reagent ?? ''))),
    says: 'What is in this tube burns, and its vapour catches fire at a flame.',
    instead: 'Warm it in hot water, all burners out.',
  },
  {
    code: 'stop.hydrogenNearFlame',
    when: ({ act, tube }) =>
      (act.do === 'flame' || act.do === 'heat' || act.do === 'boil') &&
      !inHotWater(act) &&
      holds(tube, 'activeMetal') &&
      holds(tube, 'acid'),
    says: 'Metal in acid gives hydrogen, which with air explodes at a flame.',
    instead: 'Let it work cold; hold a lighted splint to the mouth of a small tube only to test the gas.',
  },
  {
    code: 'stop.metalInConcentrated',
    when: (about) => meets(about, 'concAcid', 'metal'),
    says: 'A metal in concentrated acid works violently: it spits, and toxic or explosive gas comes off.',
    instead: 'Use the dilute acid.',
  },
  {
    code: 'stop.nitricOnOrganic',
    when: (about) =>
      meets(about, 'concNitric', 'solvent') ||
      (meets(about, 'manganate', 'solvent') && (isKind(about.act.reagent, 'concAcid') || holds(about.tube, 'concAcid'))) ||
      meets(about, 'concAcid', 'solvent'),
    says: 'Concentrated acid on an organic liquid can catch fire or be thrown out.',
    instead: 'Ask your supervisor: it is no test of a student’s bench.',
  },
  {
    code: 'stop.peroxideWithPropanone',
    when: (about) => meets(about, 'peroxide', 'propanone'),
    says: 'Hydrogen peroxide with propanone makes peroxides that explode.',
    instead: 'Keep them apart.',
  },
  {
    code: 'stop.smelling',
    when: ({ typed }) =>
      /\b(?:sniff\w*|inhal\w*|breath\w*\s+in|nose\s+over|nose\s+(?:in|to)\s+the|smell\w*\s+(?:it\s+)?(?:directly|closely|deeply|straight|at\s+the\s+mouth|from\s+the\s+mouth|the\s+(?:mouth|top)\s+of))/i.test(
        typed,
      ) && !/\bwaft|\bnot\b|\bnever\b/i.test(typed),
    says: 'A gas breathed in from the mouth of the tube can burn the lungs.',
    instead: 'Waft a little towards you with the hand, at arm’s length.',
  },
  {
    code: 'stop.tasting',
    when: ({ typed }) =>
      /\b(?:tast(?:e|ed|ing)|lick(?:ed)?|by\s+mouth|with\s+(?:my|your|the)\s+mouth|suck(?:ed|ing)?\s+(?:it\s+)?up)\b/i.test(
        typed,
      ),
    says: 'Nothing in a laboratory goes near the mouth.',
    instead: 'Use a dropper or a pipette filler; a paper tells acid from alkali.',
  },
  {
    code: 'stop.closedTube',
    when: ({ act, typed }) =>
      heats(act) &&
      /\b(?:bung(?:ed)?|stopper(?:ed)?|cork(?:ed)?|seal(?:ed)?|lid|closed|capped)\b/i.test(typed) &&
      !/\b(?:no|without|remove\w*|take\s+out|delivery)\b/i.test(typed),
    says: 'A closed tube that is heated bursts.',
    instead: 'Take the bung out, or use one with a delivery tube that stays open.',
  },
]

/** Names near to what is never on a student's bench: asked about before they are kept. */
const DREADED: readonly (readonly [pattern: RegExp, says: string, meant: string])[] = [
  [
    /(?<!thio|ferro|ferri)cy?an[iy]d|\bKCN\b|\bNaCN\b/i,
    'A cyanide kills, and with acid at a distance.',
    'thiocyanate (KSCN) or hexacyanoferrate',
  ],
  [/\baz[iy]d/i, 'An azide is toxic, and with metals explodes.', 'iodide or nitride'],
  [/p(?:er|re)chlor/i, 'A perchlorate explodes with what burns.', 'a chloride'],
  [/\bchlor(?:ate|ite)s?\b(?!\(i\))/i, 'A chlorate explodes with what burns, and with strong acid.', 'a chloride'],
  [/pic?ric|\bpicrate/i, 'Picric acid explodes when it is dry.', 'nitric acid'],
  [/ars[ae]n|\bmercur|^hg(?:\d|[a-z]{2})|^as\d/i, 'Arsenic and mercury are poisons.', 'another salt'],
  [/hydrofl|\bHF\b/i, 'Hydrofluoric acid burns to the bone, without pain at first.', 'hydrochloric acid'],
]
/** Metals by the whole of a name: in that of a salt they are no harm. */
const DREADED_METAL = [
  /\b(?:metallic\s+|a\s+piece\s+of\s+)?(?:sodium|potassium|lithium)(?:\s+metal)?$/i,
  'The metal explodes on water.',
  'one of its salts',
] as const

function dreaded({ act, typed }: About): readonly Stop[] {
  if (!adds(act)) return []
  const written = act.reagent ?? ''
  // What the bench has a bottle of is known by it, if that is what was typed.
  const isKnown = /\((?:aq|s|l|g|conc)\)$/.test(written) && written !== 'Na(s)'
  const name = isKnown ? typed.trim() : written === 'Na(s)' ? 'sodium' : written
  const found = (isKnown ? DREADED : [...DREADED, DREADED_METAL]).find(([pattern]) => pattern.test(name))
  return found
    ? [
        {
          code: 'stop.name',
          says: `“${name}”: ${found[1]}`,
          instead: `Did you mean ${found[2]}? If not, ask your supervisor before it is opened.`,
        },
      ]
    : []
}

/** What something is poured onto, where a line names it by its kind alone: "acid onto the sulfide". */
const POURED_ON = /\b(?:to|on|onto|into|over)\s+(?:(?:the|an?|some|my)\s+)?((?:conc\w*\.?\s+)?acid|[a-z]+(?:ide|ate|ite)s?)\b/i

/**
 * Whether an act is stopped before it is kept: judged over everything in the tube, typed bottles and the sample's name
 * included.
 *
 * @param act - about to be done
 * @param before - what was done in this tube and in those it was begun from
 * @param typed - the words of the act
 * @param sample - what the sample is called
 */
export function stopsFor(act: Action, before: readonly Action[], typed = '', sample = ''): readonly Stop[] {
  const acts = oneByOne(act)
  const onto = POURED_ON.exec(typed)?.[1]
  const there: readonly Action[] = onto === undefined ? before : [...before, { do: 'add', reagent: onto }]
  const found = acts.flatMap((one, index): readonly Stop[] => {
    const about: About = { act: one, typed, tube: tubeHolds([...there, ...acts.slice(0, index)], sample) }
    const ruled = RULES.filter(({ when }) => when(about)).map(({ code, says, instead }): Stop => ({ code, says, instead }))
    return [...ruled, ...(ruled.length === 0 ? dreaded(about) : [])]
  })
  return found.filter(({ code }, index) => found.findIndex((one) => one.code === code) === index)
}
