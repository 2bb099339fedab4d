import { cautionOf } from '../../rack/index.ts'
import { careOf } from '../../substance/index.ts'
import { reagentNamed } from '../../tube/index.ts'
import type { Draft, SentenceKind } from '../draft/Draft.ts'
import type { DraftAct, DraftTube } from '../draft/parts.ts'
import type { Read } from '../label/said.ts'
import { ofKind } from '../mention/mention.ts'
import { deedsIn } from '../method/verbs.ts'

const DEFERS = 'Follow your laboratory’s rules and your supervisor.'

/** What a kind of step is for, with the reason (common practice). */
const FOR: Readonly<Record<SentenceKind, string>> = {
  heading: '',
  story: '',
  material: 'Says what is on the bench: label a beaker for each before you pour.',
  equation: 'Gives the mole ratio for the working.',
  masses: 'Gives the masses to work with.',
  instruction: 'Says how the tests are done and recorded.',
  'not read': '',
  weigh: 'The mass of the sample, as the difference of two weighings: what stays in the container is not counted.',
  'make up': 'A solution of known volume, so that a portion holds a known part of the sample.',
  portion: 'The volume that every run begins with.',
  titrate: 'How much of the burette’s solution the portion takes.',
  handling: 'Prepares what comes next.',
  repeat: 'Titres that agree show that none was a slip.',
  heat: 'What is driven off shows as lost mass; constant mass shows that all of it is gone.',
  measure: 'Points for the graph.',
  tubes: '',
  chromatogram: 'How far each colour goes, measured against the solvent.',
  question: 'To be answered from what was recorded.',
}

/** What single words of a step are for, where that is more telling than its kind (common practice). */
const WHY: readonly (readonly [pattern: RegExp, because: string])[] = [
  [
    /\brins(?:e|ed|ing)\b.*\bburet|\bburet.*\brins/i,
    'Rinsed with its own solution, the burette dilutes nothing; water left in it would.',
  ],
  [
    /\brins(?:e|ed|ing)\b.*\b(?:probe|electrode|cell|cuvette|thermometer)\b/i,
    'What clings to it from before would be read with the next.',
  ],
  [/\bwashings?\b|\brinsings?\b/i, 'The washings carry over what clings to the beaker: all of the sample goes into the flask.'],
  [
    /\bto the mark\b|\bmake up\b|\bvolumetric\b|\bgraduated flask\b/i,
    'Made up to the mark and mixed, every portion holds the same part of the sample.',
  ],
  [/\brough\b/i, 'The rough run shows where the end-point lies; it is not used in the mean.'],
  [
    /\b(?:warm|boil|simmer)(?:ed)?\b(?! (?:water|distilled|place|solution))/i,
    'Warming drives the reaction to its end or the gas out.',
  ],
  [/\blid\b/i, 'The lid keeps solid from spitting out, and the mass that is lost would be too large.'],
  [/\bcool/i, 'A hot crucible stirs the air on the balance and weighs too little.'],
  [/\bconstant mass|\bsame mass|\bmasses agree|\bmass is constant/i, 'Two equal masses show that nothing more is driven off.'],
  [/\bpencil\b/i, 'Pencil does not run in the solvent; ink would.'],
  [/\bsolvent front|\bmark(?:ed)? the front|\bmark where\b/i, 'The front fades as the paper dries: mark it at once.'],
  [/\bbung|\bstopper/i, 'Gas that escapes before it is closed is missing from every reading.'],
  [/\bstir|\bswirl|\bshak/i, 'Mixed, it is the same all through.'],
]

/** What a test in a tube looks for, by the bottles that go in and the papers that are held there. */
function purposeOfTube(acts: readonly DraftAct[]): string {
  const found = acts.flatMap((act) => purposeOfAct(act, acts))
  return [...new Set(found)].join('; ')
}

const GASES: readonly (readonly [pattern: RegExp, says: string])[] = [
  [/red litmus/, 'ammonia, which turns it blue'],
  [/blue litmus/, 'an acid gas, which turns it red'],
  [/litmus/, 'ammonia (red turns blue) or an acid gas (blue turns red)'],
  [/limewater/, 'carbon dioxide, which turns it milky'],
  [/glowing/, 'oxygen, which relights it'],
  [/lighted|burning|lit /, 'hydrogen, which pops'],
  [/manganate|dichromate/, 'sulfur dioxide, which takes its colour'],
  [/cobalt/, 'water, which turns it pink'],
]

function purposeOfAct(act: DraftAct, acts: readonly DraftAct[]): readonly string[] {
  const reagent = act.reagent ?? ''
  const gas = act.do === 'add' ? undefined : GASES.find(([pattern]) => pattern.test(reagent))?.[1]
  if (gas !== undefined) return [`the gas: ${gas}`]
  if (act.do === 'flame') return ['metals by the colour of the flame']
  if (act.do === 'look') return ['colour and state tell a transition metal at once']
  if (act.do === 'heat' && acts.length <= 2) return ['what the heat drives off or changes']
  if (act.do === 'warm' && acts.some(({ reagent: other }) => other === 'NaOH(aq)'))
    return ['ammonium, which gives ammonia when it is warmed with alkali']
  if (act.do !== 'add' || act.amount === 'excess') return []
  const acid = /^(?:HNO3|HCl|H2SO4)\(aq\)$/.test(reagent)
  const next = acts[acts.indexOf(act) + 1]?.reagent ?? ''
  if (acid && /^AgNO3/.test(next))
    return [reagent.startsWith('HNO3') ? 'nitric acid first, so that carbonate does not precipitate; it brings no halide' : '']
  if (acid && /^Ba/.test(next)) return ['acid first, so that carbonate and sulfite do not precipitate']
  if (act.with?.length)
    return [reagentNamed(reagent)?.purpose ?? '', 'acidified, so that carbonate does not disturb'].filter(Boolean)
  return [reagentNamed(reagent)?.purpose ?? ''].filter(Boolean)
}

/** What a step is for. */
export function purposeOf(read: Read, kind: SentenceKind, tubes: readonly DraftTube[]): string {
  if (kind === 'tubes') {
    const says = purposeOfTube(tubes.flatMap(({ acts }) => acts))
    return says === '' ? 'Prepares what comes next.' : `Looks for ${says}.`
  }
  if (FOR[kind] === '' || ['material', 'equation', 'masses', 'question', 'instruction'].includes(kind)) return FOR[kind]
  const why = WHY.filter(([pattern]) => pattern.test(read.sentence.text)).map(([, because]) => because)
  return [FOR[kind], ...why.filter((one) => one !== FOR[kind])].slice(0, 3).join(' ')
}

/** The caution of a step, with its reason, always deferring to the laboratory. */
export function cautionFor(draft: Draft, read: Read, tubes: readonly DraftTube[]): string | undefined {
  const inTubes = tubes.flatMap(({ acts }) => acts).flatMap((act) => cautionOf(act) ?? [])
  const bottles = ofKind(read.mentions, 'label').flatMap(({ label }) => careOf(draft.materials.get(label)?.solute ?? '') ?? [])
  const named = ofKind(read.mentions, 'substance').flatMap(({ formula }) => careOf(formula) ?? [])
  const deeds = deedsIn(read.sentence.text)
  const pipettes = /\bpipett?e?\b/i.test(read.sentence.text) ? ['Pipette filler, never by mouth.'] : []
  const heats =
    deeds.has('heat') && tubes.length === 0 ? ['A hot crucible looks like a cold one: tongs, and a mat. Eye protection.'] : []
  const all = [...new Set([...inTubes.map((one) => one.replace(DEFERS, '').trim()), ...bottles, ...named, ...pipettes, ...heats])]
  return all.length === 0 ? undefined : `${all.slice(0, 3).join(' ')} ${DEFERS}`
}
