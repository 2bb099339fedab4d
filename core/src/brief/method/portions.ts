import type { Held } from '../draft/parts.ts'
import { type MentionOf, ofKind } from '../mention/mention.ts'
import type { Bench, Place } from './Bench.ts'
import { type Clause, targetOf, vesselIn } from './clause.ts'

/** Where a clause puts things: the vessel it names, or the one spoken of last. */
function placeOf(bench: Bench, { mentions, deeds }: Clause): Place {
  const volumetric = vesselIn(mentions, 'volumetric flask')
  if (volumetric) {
    if (volumetric.capacity !== undefined) bench.capacity = volumetric.capacity
    bench.draft.land(volumetric, 'the volumetric flask')
    return 'volumetric'
  }
  const flask = vesselIn(mentions, 'conical flask')
  if (flask || deeds.has('titrate')) {
    bench.draft.land(flask, 'the flask of the titration')
    return 'flask'
  }
  if (vesselIn(mentions, 'beaker')) return 'beaker'
  return vesselIn(mentions, 'flask') && bench.place === 'beaker' ? 'flask' : bench.place
}

/** How a volume is measured: a pipette's has a decimal, a cylinder's is said to be about so much. */
function byWhat(bench: Bench, { read, mentions, text }: Clause, volume: MentionOf<'quantity'>): NonNullable<Held['by']> {
  if (vesselIn(mentions, 'cylinder')) return 'cylinder'
  const isFine = /\.\d/.test(volume.value)
  if (vesselIn(mentions, 'pipette') || PIPETTES.test(text)) return 'pipette'
  const before = read.sentence.text.slice(0, volume.to - read.sentence.from)
  if (PIPETTES.test(before) && (isFine || !read.mentions.some(({ kind }) => kind === 'indicator' || kind === 'substance')))
    return 'pipette'
  if (vesselIn(read.mentions, 'cylinder')) return 'cylinder'
  if (PIPETTES.test(bench.draft.words.slice(read.sentence.from, read.sentence.to)) && isFine) return 'pipette'
  return isFine && !volume.about ? 'pipette' : 'cylinder'
}

const PIPETTES = /\bpipett?(?:e|es|ed|ing)?\b/i

/** Portions that a clause puts into a vessel: a volume of a bottle, of a substance, or of what was made last. */
export function portion(bench: Bench, clause: Clause): boolean {
  const { draft } = bench
  let found = false
  for (const volume of ofKind(clause.mentions, 'quantity').filter(({ of, unit }) => of === 'volume' && unit === 'cm3')) {
    const target = targetOf(volume, clause.mentions, draft.words)
    if (!target) continue
    const material =
      target.kind === 'label' ? target.mention.label : target.kind === 'it' ? (bench.lastMade() ?? bench.spoken) : undefined
    if (target.kind === 'substance') {
      found = putSubstance(bench, clause, volume, target.mention) || found
      continue
    }
    if (material === undefined) continue
    found = true
    putPortion(bench, clause, volume, material)
    if (target.kind === 'label') draft.land(target.mention, 'measured out')
  }
  return found
}

function putPortion(bench: Bench, clause: Clause, volume: MentionOf<'quantity'>, material: string): void {
  const { draft } = bench
  const indicator = draft.materials.get(material)?.indicator
  if (indicator !== undefined) {
    bench.indicator ??= indicator
    if (bench.titration) bench.titration.indicator ??= indicator
    draft.land(volume, 'indicator')
    draft.mark(clause.read.sentence.n, 'handling')
    return
  }
  const place = placeOf(bench, clause)
  const by = byWhat(bench, clause, volume)
  if (place === 'flask' && by === 'pipette') beginAnew(bench, material, clause.read.sentence.text)
  if (bench.titration && place === 'flask' && bench.titration.burette === material) return
  if (by === 'cylinder') draft.helpers.add(material)
  // Of "between 19.50 and 20.50 cm3" the volume is read when it is run in.
  const isRead = volume.most !== undefined && place === 'volumetric'
  bench.put(place, { material, ...(isRead ? { isRead } : { volume: volume.value }), by })
  draft.land(volume, `${volume.value} cm³ of ${material} by ${by}`)
  draft.mark(clause.read.sentence.n, 'portion')
}

/** Another bottle pipetted after a titration is another titration. */
function beginAnew(bench: Bench, material: string, text: string): void {
  const { titration } = bench
  if (!titration || titration.flask.some((one) => one.material === material)) return
  delete bench.titration
  bench.holds.flask = []
  bench.perRun = false
  if (!/same way|as before|similarly|likewise|same (?:indicator|method|procedure)/i.test(text)) delete bench.indicator
}

const WATER = 'H2O'

/** A substance without a label: water is only handled, anything else is a bottle of its own. */
function putSubstance(
  bench: Bench,
  clause: Clause,
  volume: MentionOf<'quantity'>,
  { formula, from, to }: MentionOf<'substance'>,
): boolean {
  const { draft } = bench
  if (formula === WATER) {
    draft.land(volume, 'water, which changes no amount')
    return false
  }
  if (/\bbuffer\b/i.test(draft.words.slice(volume.to, to + 20))) {
    draft.land(volume, 'how much buffer')
    draft.mark(clause.read.sentence.n, 'handling')
    return false
  }
  const strength = ofKind(clause.mentions, 'strength').find((one) => one.from >= volume.to && one.to <= from)
  const label = draft.materialOf(formula, 'solution', draft.words.slice(from, to), from)
  const material = draft.materials.get(label)
  if (material && strength && !material.strength && !strength.about) material.strength = strength.strength
  if (strength) draft.land(strength, `the strength of ${label}`)
  if (material?.indicator !== undefined) return false
  putPortion(bench, clause, volume, label)
  return true
}

const SOME = /\b(?:stir|shake|add|mix)\b[^.;]*\b(?:spatula|spatula measure|scoop|some|an excess|a little)(?: of)?\b/i

/** A mass of a reagent that is put in without being weighed out with care: it is in excess, and no amount of the task. */
export function putIn(bench: Bench, { read, text, mentions }: Clause): void {
  const { draft } = bench
  // "Stir a spatula of K with water": so much of it that some is left over, and no amount of the task.
  const [label] = ofKind(mentions, 'label')
  if (label && SOME.test(text)) {
    draft.helpers.add(label.label)
    for (const mention of mentions) draft.land(mention, 'some of it')
    draft.mark(read.sentence.n, 'handling')
  }
  for (const mass of ofKind(mentions, 'quantity')) {
    if (mass.of !== 'mass' || draft.landed.has(mass) || targetOf(mass, mentions, draft.words)?.kind !== 'substance') continue
    draft.land(mass, 'a reagent in excess')
    draft.mark(read.sentence.n, 'handling')
  }
}
