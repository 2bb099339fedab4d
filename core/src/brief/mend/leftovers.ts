import type { AskedQuestion } from '../ask/find.ts'
import { findsInWords } from '../ask/findIn.ts'
import { quantityIn } from '../ask/quantities.ts'
import type { Draft } from '../draft/Draft.ts'
import type { DraftPart } from '../draft/parts.ts'
import { isCode } from '../label/candidates.ts'
import type { Read } from '../label/said.ts'
import { type Mention, type MentionOf, ofKind } from '../mention/mention.ts'
import { deedsIn } from '../method/verbs.ts'
import { type Candidate, type Gap, NOTHING } from './gap.ts'

const nothing = (says: string): Candidate => ({ value: NOTHING, says })

/** What stands in a sheet and landed nowhere: labels, strengths, volumes, equations, orders and asking sentences. */
export function leftoversOf(draft: Draft, questions: readonly AskedQuestion[]): readonly Gap[] {
  return [
    ...unusedLabels(draft),
    ...draft.reads.flatMap((read) => [...leftIn(draft, read)]),
    ...unusedGlass(draft),
    ...askedInWords(draft, questions),
  ]
}

/** Every label that a part of a draft speaks of. */
function usedLabels(draft: Draft): ReadonlySet<string> {
  const ofPart = (part: DraftPart): readonly (string | undefined)[] => {
    switch (part.kind) {
      case 'weighing':
      case 'heating':
        return [part.of]
      case 'solution':
        return [part.gives, ...part.sources.map(({ material }) => material)]
      case 'titration':
        return [part.burette, ...part.flask.map(({ material }) => material)]
      case 'rack':
        return part.samples.map(({ material }) => material)
      case 'chromatogram':
        return part.spots.map(({ label }) => label)
      default:
        return []
    }
  }
  return new Set(draft.parts.flatMap(ofPart).filter((label) => label !== undefined))
}

const OF_SERIES = /\b(?:cup|syringe|flask|temperature|gas|burette)\b/i

function* unusedLabels(draft: Draft): Generator<Gap> {
  const used = usedLabels(draft)
  for (const { label, indicator, at } of draft.materials.values()) {
    // Bottles that only have a name, as acids and buffers do, stand by.
    if (used.has(label) || indicator !== undefined || !isCode(label) || draft.helpers.has(label)) continue
    // In a series and as a bottle to add from, a label is used where its sentence is a step of it.
    const steps = draft.reads.filter(
      ({ sentence, mentions }) =>
        ['measure', 'tubes', 'heat'].includes(draft.kinds.get(sentence.n) ?? '') &&
        ofKind(mentions, 'label').some((one) => one.label === label),
    )
    if (
      steps.length > 0 ||
      (draft.of('series').length > 0 &&
        draft.reads.some(
          ({ sentence, mentions }) =>
            OF_SERIES.test(sentence.text) && ofKind(mentions, 'label').some((one) => one.label === label),
        ))
    )
      continue
    yield {
      id: `left.label.${label}`,
      from: at,
      to: at + label.length,
      says: `${label} is not used in any step. Where does it go?`,
      candidates: [...placesFor(draft), nothing('It only stands by.')],
      blocks: false,
    }
  }
}

/** Where a bottle that is not used could go. */
function placesFor(draft: Draft): readonly Candidate[] {
  const found: Candidate[] = []
  for (const part of draft.parts) {
    if (part.kind === 'titration') {
      if (part.burette === undefined) found.push({ value: `${part.id}.burette`, says: 'In the burette.' })
      found.push({ value: `${part.id}.flask`, says: 'In the flask of the titration.' })
    }
    if (part.kind === 'solution')
      found.push({ value: `${part.id}.from`, says: `In what is made up${part.gives === undefined ? '' : ` as ${part.gives}`}.` })
    if (part.kind === 'rack') found.push({ value: `${part.id}.samples`, says: 'It is a sample for the tubes.' })
    if (part.kind === 'heating' && part.of === undefined) found.push({ value: `${part.id}.of`, says: 'It is heated.' })
  }
  return found.slice(0, 4)
}

const PASSING: ReadonlySet<string> = new Set([
  'question',
  'story',
  'heading',
  'instruction',
  'tubes',
  'measure',
  'heat',
  'chromatogram',
  'masses',
])

function* leftIn(draft: Draft, read: Read): Generator<Gap> {
  const kind = draft.kinds.get(read.sentence.n) ?? 'not read'
  for (const mention of read.mentions) {
    if (draft.landed.has(mention)) continue
    if (mention.kind === 'strength' && !mention.about && kind !== 'question' && kind !== 'tubes')
      yield leftStrength(draft, mention)
    if (mention.kind === 'equation') yield leftEquation(draft, mention)
    if (PASSING.has(kind)) continue
    if (mention.kind === 'quantity' && mention.of === 'volume' && mention.unit === 'cm3' && !ofWater(draft, read, mention))
      yield leftVolume(draft, mention)
    if (
      mention.kind === 'quantity' &&
      mention.of === 'mass' &&
      kind !== 'material' &&
      !mention.about &&
      !isFineness(draft, mention) &&
      deedsIn(read.sentence.text).size > 0
    )
      yield leftOver(draft, mention, 'mass', 'What is weighed there?', [])
  }
  if (kind === 'not read' && isOrder(draft, read)) {
    const { from, to, text } = read.sentence
    yield {
      id: `left.sentence.${text.slice(0, 60)}`,
      from,
      to,
      says: `Not read: “${text.slice(0, 90)}”. Is there something to record?`,
      candidates: [nothing('Nothing to record there.'), { value: 'note', says: 'Keep it as a step without a reading.' }],
      blocks: false,
    }
  }
}

const ofWater = (draft: Draft, { mentions }: Read, volume: Mention) => {
  const next = mentions.find((one) => one.from >= volume.to)
  return next?.kind === 'substance' && next.formula === 'H2O' && next.from - volume.to < 40
    ? true
    : /\b(?:water|buffer|depth)\b/i.test(draft.words.slice(volume.to, volume.to + 30))
}

/** "To 0.001 g": how finely a balance is read. */
const isFineness = (draft: Draft, { from }: Mention) =>
  /\bto (?:the nearest |within )?$/i.test(draft.words.slice(Math.max(0, from - 20), from))

/** Whether a sentence orders something of which nothing became a step. */
function isOrder(draft: Draft, { sentence }: Read): boolean {
  if (sentence.cell !== undefined && sentence.cell.column > 0) return false
  const deeds = deedsIn(sentence.text)
  const works = ['titrate', 'make up', 'weigh', 'fill', 'portion', 'add', 'heat'].some((deed) => deeds.has(deed as never))
  const orders =
    /^(?:then |now |next,? |carefully |accurately )?[A-Z]?[a-z]+\b/.test(sentence.text) &&
    !/\b(?:will|you are|is to be|are to be|can be|in this|student|aim|task)\b/i.test(sentence.text)
  return (
    works &&
    orders &&
    !draft.touched.has(sentence.n) &&
    sentence.text.split(' ').length > 2 &&
    /^[a-z]*\s*(?:titrate|make|weigh|fill|pipette|pipet|measure|add|put|place|transfer|heat|dilute|use|take|run|pour)\b/i.test(
      sentence.text,
    )
  )
}

function leftOver(draft: Draft, mention: Mention, kind: string, says: string, candidates: readonly Candidate[]): Gap {
  const words = draft.words.slice(mention.from, mention.to)
  return {
    id: `left.${kind}.${words}`,
    from: mention.from,
    to: mention.to,
    says: `“${words}” is used nowhere. ${says}`,
    candidates: [...candidates, nothing('Nothing to record.')],
    blocks: false,
  }
}

function leftStrength(draft: Draft, mention: MentionOf<'strength'>): Gap {
  const without = [...draft.materials.values()].filter(({ strength, form }) => strength === undefined && form === 'solution')
  return leftOver(
    draft,
    mention,
    'strength',
    'Which bottle has that strength?',
    without.slice(0, 6).map(({ label }) => ({ value: `${label}.strength`, says: label })),
  )
}

function leftVolume(draft: Draft, mention: MentionOf<'quantity'>): Gap {
  const titrations = draft.of('titration')
  const flask = titrations.flatMap(({ id, burette }) =>
    [...draft.materials.values()]
      .filter(({ label, form }) => form === 'solution' && label !== burette)
      .slice(0, 4)
      .map(({ label }) => ({ value: `${id}.flask.${label}`, says: `${mention.value} cm³ of ${label} into the flask` })),
  )
  return leftOver(draft, mention, 'volume', 'What is it a volume of?', flask.slice(0, 5))
}

function leftEquation(draft: Draft, mention: MentionOf<'equation'>): Gap {
  const places = draft.of('titration').flatMap(({ id, burette }) => [
    { value: `${id}.equation`, says: `The titration with ${burette ?? 'the burette'}.` },
    { value: `${id}.before`, says: 'What happens in the flask before the titration.' },
  ])
  return leftOver(draft, mention, 'equation', 'Which reaction is it?', places.slice(0, 4))
}

/** Glass in which something is done, and no part of the task does it. */
function* unusedGlass(draft: Draft): Generator<Gap> {
  const wants: readonly (readonly [vessel: MentionOf<'vessel'>['vessel'], parts: readonly DraftPart['kind'][], says: string])[] =
    [
      ['burette', ['titration', 'series'], 'A burette is used, and no titration was read.'],
      ['volumetric flask', ['solution'], 'A volumetric flask is used, and nothing made up was read.'],
      ['crucible', ['heating', 'weighing'], 'A crucible is used, and no heating was read.'],
      ['tube', ['rack', 'series', 'chromatogram'], 'Tubes are used, and no test was read.'],
      ['syringe', ['series'], 'A syringe is used, and no run of readings was read.'],
      ['cup', ['series', 'titration'], 'A cup is used, and no run of temperatures was read.'],
    ]
  for (const [vessel, kinds, says] of wants) {
    // Where single readings are taken, they are entered with what is worked out of them.
    const named = draft.reads
      .filter(({ sentence }) => !draft.settings.has(sentence.block))
      .flatMap(({ mentions }) => ofKind(mentions, 'vessel'))
      .find((one) => one.vessel === vessel)
    // "Tip all of it from its tube" is no test.
    if (vessel === 'tube' && !/\b(?:test|boiling)[- ]?tubes?\b/i.test(draft.words)) continue
    if (!named || draft.parts.some(({ kind }) => kinds.includes(kind))) continue
    yield {
      id: `left.glass.${vessel}`,
      from: named.from,
      to: named.to,
      says,
      candidates: [
        ...kinds.slice(0, 1).map((kind) => ({ value: `begin.${kind}`, says: 'Add that step.' })),
        nothing('Nothing to record with it.'),
      ],
      blocks: true,
    }
  }
  if (
    draft.parts.length === 0 &&
    draft.settings.size === 0 &&
    draft.reads.length > 0 &&
    !wants.some(([vessel]) => draft.reads.some(({ mentions }) => ofKind(mentions, 'vessel').some((one) => one.vessel === vessel)))
  )
    yield {
      id: 'left.parts',
      from: 0,
      to: 0,
      says: 'No step with a reading was found in this sheet. What is done?',
      candidates: (['titration', 'heating', 'series', 'rack', 'chromatogram'] as const).map((kind) => ({
        value: `begin.${kind}`,
        says: SAYS[kind],
      })),
      blocks: true,
    }
}

const SAYS = {
  titration: 'A titration.',
  heating: 'Heating to constant mass.',
  series: 'A run of readings.',
  rack: 'Tests in tubes.',
  chromatogram: 'A chromatogram.',
} as const

/** A question that names a quantity and was only taken as words. */
function* askedInWords(draft: Draft, questions: readonly AskedQuestion[]): Generator<Gap> {
  for (const { find, text, sentence } of questions) {
    if (find.quantity !== 'words' || quantityIn(text) === undefined) continue
    if (findsInWords(text)) continue
    const read = draft.reads.find((one) => one.sentence.n === sentence)
    yield {
      id: `asked.${text.slice(0, 60)}`,
      from: read?.sentence.from ?? 0,
      to: read?.sentence.to ?? 0,
      says: `“${text.slice(0, 90)}” is kept as a question in words. Is it answered so?`,
      candidates: [nothing('Yes, in words.')],
      blocks: false,
    }
  }
}
