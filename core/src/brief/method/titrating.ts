import { type Mention, ofKind } from '../mention/mention.ts'
import type { Bench } from './Bench.ts'
import { type Clause, vesselIn } from './clause.ts'

const TITRATES =
  /\btitrate[sd]?\b|\btitrating\b|\b(?:carry out|perform|do|make|begin|complete) (?:a |an |one |the |your |at least \w+ )?(?:\w+ )?titrations?\b|\brun(?:ning)? (?:it )?in\b|\brun (?:from|into)\b|\bis (?:then )?(?:run in|added) from (?:a|the) buret/i
const NOT_YET =
  /^(?:explain|suggest|you will|in this)|\b(?:will|would)\b|\bbefore (?:you|the) titrat|\bto be titrated|\btoo \w+ to titrate/i
const WITH = /\b(?:with|using|against)\b/i
const AS_INDICATOR = /\bindicator\b/i

/** A bottle or substance of some mentions, by its label. */
function bottleOf(bench: Bench, mention: Mention | undefined): string | undefined {
  if (mention?.kind === 'label') return mention.label
  if (mention?.kind !== 'substance' || mention.formula === 'H2O') return undefined
  const { draft } = bench
  return draft.materialOf(mention.formula, 'solution', draft.words.slice(mention.from, mention.to), mention.from)
}

const isBottle = (mention: Mention) => mention.kind === 'label' || (mention.kind === 'substance' && mention.formula !== 'H2O')

/** What a clause runs in from the burette. */
function titrantIn(bench: Bench, { text, from, mentions }: Clause): string | undefined {
  const bottles = mentions.filter(isBottle).filter((one) => !isIndicator(bench, one))
  const inFlask = (mention: Mention) =>
    mention.kind === 'label' && bench.holds.flask.some(({ material }) => material === mention.label)
  const withAt = WITH.exec(text)
  const stop = /\buntil\b|\bto (?:the|a|an) (?:first |faint )/i.exec(text)?.index ?? text.length
  if (withAt && withAt.index < stop) {
    const after = bottles.find((one) => one.from - from > withAt.index && one.from - from < stop)
    const isOf = after && AS_INDICATOR.test(text.slice(after.to - from, after.to - from + 14))
    if (after && !isOf && !inFlask(after)) return withStrength(bench, after, mentions)
  }
  const runs = /\b(?:run(?:ning)?(?: it)? in|add|run)\b/i.exec(text)
  const from2 = vesselIn(mentions, 'burette')
  if (runs) {
    const after = bottles.find((one) => one.from - from >= runs.index && !inFlask(one))
    const before = bottles.findLast((one) => one.to - from <= runs.index && !inFlask(one))
    if (after ?? (from2 ? before : before)) return withStrength(bench, (after ?? before) as Mention, mentions)
  }
  return undefined
}

/** The burette's bottle, with a strength that stands beside it. */
function withStrength(bench: Bench, bottle: Mention, mentions: readonly Mention[]): string | undefined {
  const label = bottleOf(bench, bottle)
  const material = label === undefined ? undefined : bench.draft.materials.get(label)
  const strength = ofKind(mentions, 'strength').find(
    (one) => Math.abs(one.to - bottle.from) < 6 || Math.abs(one.from - bottle.to) < 4,
  )
  if (material && strength && !material.strength && !strength.about) material.strength = strength.strength
  if (strength) bench.draft.land(strength, `the strength of ${label}`)
  return label
}

const isIndicator = (bench: Bench, mention: Mention) =>
  mention.kind === 'label' && bench.draft.materials.get(mention.label)?.indicator !== undefined

/** "Wash out the burette and fill it with G": the burette of the clause before. */
const spokenBurette = ({ text, read }: Clause) => (/^fill it with\b/i.test(text) ? vesselIn(read.mentions, 'burette') : undefined)

/** What a clause fills the burette with. */
export function fillBurette(bench: Bench, clause: Clause): boolean {
  const burette = vesselIn(clause.mentions, 'burette') ?? spokenBurette(clause)
  if (
    !burette ||
    !(clause.deeds.has('fill') || clause.deeds.has('add') || clause.deeds.has('rinse') || clause.deeds.has('transfer'))
  )
    return false
  // "Use a burette to transfer 20 cm3 into the volumetric flask" fills it for that alone.
  if (vesselIn(clause.mentions, 'volumetric flask') || /\buse (?:a|the|your) burette to\b/i.test(clause.read.sentence.text)) {
    bench.draft.land(burette, 'what it is measured with')
    return false
  }
  // "Run 5.00 cm3 from the burette" fills nothing.
  if (/\bfrom (?:a|the|your)\b[^,;]*$/i.test(bench.draft.words.slice(clause.from, burette.from + 1))) return false
  bench.draft.land(burette, 'the burette')
  const bottle = clause.mentions.filter(isBottle).find((one) => !isIndicator(bench, one))
  if (!bottle) {
    if (clause.deeds.has('fill')) bench.draft.mark(clause.read.sentence.n, 'titrate')
    return false
  }
  const label = withStrength(bench, bottle, clause.mentions)
  if (label !== undefined) bench.burette = label
  bench.draft.land(bottle, 'in the burette')
  bench.draft.mark(clause.read.sentence.n, 'titrate')
  return label !== undefined
}

/** The indicator that a clause names. */
export function indicate(bench: Bench, clause: Clause): boolean {
  const [named] = ofKind(clause.mentions, 'indicator')
  const bottled = ofKind(clause.mentions, 'label').map(({ label }) => bench.draft.materials.get(label)?.indicator)
  const indicator = named?.name ?? bottled.find((name) => name !== undefined)
  if (indicator === undefined) {
    // The one that the sheet provides, spoken of without its name.
    if (/\badd\b.*\bthe indicator\b/i.test(clause.text)) bench.draft.mark(clause.read.sentence.n, 'handling')
    return false
  }
  const { titration, draft } = bench
  draft.land(named, 'the indicator')
  for (const label of ofKind(clause.mentions, 'label'))
    if (draft.materials.get(label.label)?.indicator) draft.land(label, 'the indicator')
  if (
    titration?.indicator !== undefined &&
    titration.indicator !== indicator &&
    /\bsame (?:flask|solution|mixture)|\bcontinue|\bcarry on|\bgo on|\bthis (?:flask|solution)/i.test(clause.read.sentence.text)
  ) {
    bench.titration = draft.begin('titration', clause.read, {
      ...(titration.burette === undefined ? {} : { burette: titration.burette }),
      flask: [...titration.flask],
      weighings: [...titration.weighings],
      indicator,
      equations: [],
      continues: titration.id,
    })
    draft.mark(clause.read.sentence.n, 'titrate')
    return true
  }
  if (titration) titration.indicator ??= indicator
  bench.indicator ??= indicator
  for (const drops of ofKind(clause.mentions, 'quantity'))
    if (drops.of === 'drops' || drops.of === 'volume') draft.land(drops, 'how much indicator')
  draft.mark(clause.read.sentence.n, 'handling')
  return true
}

/** A titration that a clause carries out. */
export function titrate(bench: Bench, clause: Clause): boolean {
  const { draft } = bench
  if (BLANK.test(clause.text)) {
    draft.mark(clause.read.sentence.n, 'titrate')
    for (const mention of clause.read.mentions) draft.land(mention, 'the blank')
    return false
  }
  const runsIn = TITRATES.test(clause.text) || addsUntil(bench, clause)
  if (!runsIn || NOT_YET.test(clause.read.sentence.text) || isTold(clause)) return false
  // "Air takes it away: titrate at once", before there is anything to titrate.
  if (clause.mentions.length === 0 && bench.isBare()) return false
  const titrant = titrantIn(bench, clause)
  if (titrant !== undefined) bench.burette = titrant
  flaskOf(bench, clause, titrant)
  const burette = bench.burette
  if (!bench.titration) {
    bench.titration = draft.begin('titration', clause.read, {
      ...(burette === undefined ? {} : { burette }),
      flask: bench.holds.flask,
      weighings: bench.perRun ? bench.weighed.map(({ id }) => id) : [],
      ...(bench.indicator === undefined ? {} : { indicator: bench.indicator }),
      equations: [],
    })
  } else if (burette !== undefined) bench.titration.burette ??= burette
  for (const mention of clause.mentions)
    if (mention.kind === 'label' && mention.label === burette) draft.land(mention, 'in the burette')
  draft.land(vesselIn(clause.mentions, 'burette'), 'the burette')
  // What is titrated in it tells more of a sentence than what is measured out.
  draft.kinds.set(clause.read.sentence.n, 'titrate')
  draft.touch(clause.read.sentence.n, bench.titration.id)
  return true
}

/** "Add G until the yellow turns red", with G in the burette. */
const addsUntil = ({ burette }: Bench, { text, mentions }: Clause): boolean =>
  /\badd\b.*\buntil\b/i.test(text) && ofKind(mentions, 'label').some(({ label }) => label === burette)

const BLANK = /\b(?:run|do|carry out|make|titrate) (?:an? )?blank\b/i

/** "In acid it sets iodine free, and the iodine is titrated": the principle is told, and nothing is done. */
const isTold = ({ read: { sentence, mentions } }: Clause): boolean =>
  /\b(?:is|are) titrated\b/i.test(sentence.text) &&
  mentions.every(({ kind }) => kind === 'substance' || kind === 'equation') &&
  !/\buntil\b|\bto (?:the|a|an)\b/i.test(sentence.text)

/** "Titrate W2 with W3": what stands in the flask, of which no volume is said. */
function flaskOf(bench: Bench, { text, from, mentions }: Clause, titrant: string | undefined): void {
  if (bench.holds.flask.length > 0 || bench.perRun) return
  const at = /\btitrat\w*\b/i.exec(text)
  const stop = WITH.exec(text)?.index ?? text.length
  const object = ofKind(mentions, 'label').find(
    (one) => at && one.from - from > at.index && one.from - from < stop && one.label !== titrant,
  )
  if (!object) return
  bench.draft.land(object, 'in the flask')
  bench.put('flask', { material: object.label })
}
