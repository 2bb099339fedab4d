import { type MentionOf, ofKind } from '../mention/mention.ts'
import { numberSaid } from '../mention/quantities.ts'
import type { Bench } from './Bench.ts'
import { type Clause, targetOf, vesselIn } from './clause.ts'

const INTO_EACH = /\b(?:each of|into|in)\s+(?:the\s+)?(two|three|four|five|\d)\b(?!\s*(?:cm|mL|g\b))/i
const PORTIONS =
  /\b(two|three|four|five|\d)\s+(?:separate\s+|accurate\s+|equal\s+|(?:about\s+)?\d[\d.]*[ -]?m?g\s+)*(?:portions|samples|lots)\b/i
const ANOTHER =
  /\b(?:second|another|fresh|new|further|third)\s+(?:\w+\s+)?(?:sample|portion|lot)\b|\b(?:whole|entire) (?:procedure|experiment|titration) (?:twice|again)|\b(?:do|repeat) (?:everything|this|the (?:whole|experiment)).{0,20}\btwice\b/i

const countIn = (text: string) => Number(numberSaid(INTO_EACH.exec(text)?.[1] ?? PORTIONS.exec(text)?.[1] ?? '1'))

/** What a clause weighs: what a mass is of, or what "weigh" has for its object. */
function weighedIn(
  bench: Bench,
  { read, text, from: clauseFrom, mentions, deeds }: Clause,
): { readonly material: string; readonly mass?: MentionOf<'quantity'> } | undefined {
  const { draft, weighed } = bench
  for (const mass of ofKind(mentions, 'quantity').filter(({ of }) => of === 'mass')) {
    const target = targetOf(mass, mentions, draft.words)
    if (target?.kind === 'label') return { material: target.mention.label, mass }
    if (
      target?.kind === 'substance' &&
      target.mention.formula !== 'H2O' &&
      (deeds.has('weigh') || mass.most !== undefined || /\.\d/.test(mass.value))
    ) {
      const { formula, from, to } = target.mention
      return { material: draft.materialOf(formula, 'solid', draft.words.slice(from, to), from), mass }
    }
  }
  const [mass] = ofKind(mentions, 'quantity').filter(({ of }) => of === 'mass')
  const object = ofKind(mentions, 'label').find(
    ({ label }) =>
      draft.materials.get(label)?.form === 'solid' ||
      /\bweigh\w*\s+(?:\w+\s+){0,6}$/i.test(draft.words.slice(0, mentions[0]?.from)),
  )
  const weighs = deeds.has('weigh') && !/\b(?:reweigh|re-weigh)\b/i.test(text)
  if (weighs && object) return { material: object.label, ...(mass ? { mass } : {}) }
  // "Crush five tablets T and weigh the powder": what the sentence spoke of before.
  const spoken = weighs && /\bweigh\w*\s+(?:the|this|all|them|it|your)\b/i.test(text) ? solidOf(bench, read) : undefined
  if (spoken !== undefined && ofKind(mentions, 'vessel').length === 0) return { material: spoken, ...(mass ? { mass } : {}) }
  // "Determine the mass of one tablet": it has no other name.
  const named = /\b(?:mass of|weigh) (?:one|a|an|each|the) (?:\w+ )?(tablet|pill|lozenge|shell)\b/i.exec(text)?.[1]
  if (named !== undefined && weighed.length === 0 && !onlySolid(bench))
    return { material: draft.unlabelled(named.toLowerCase(), clauseFrom), ...(mass ? { mass } : {}) }
  const things = weighs && !mass && THINGS.test(text) ? onlySolid(bench) : undefined
  if (things !== undefined) return { material: things }
  if (!weighs && !mass) return undefined
  const unsaid = weighs && mass ? onlyUnsaid(bench) : undefined
  if (unsaid !== undefined && ofKind(mentions, 'substance').length === 0)
    return { material: unsaid, mass: mass as MentionOf<'quantity'> }
  const substance = ofKind(mentions, 'substance').find(({ formula }) => formula !== 'H2O')
  if (weighs && substance && (mass || PORTIONS.test(text)))
    return {
      material: draft.materialOf(substance.formula, 'solid', draft.words.slice(substance.from, substance.to), substance.from),
      ...(mass ? { mass } : {}),
    }
  return undefined
}

/** A solid that a sentence speaks of. */
const solidOf = ({ draft }: Bench, { mentions }: Clause['read']): string | undefined =>
  ofKind(mentions, 'label').find(({ label }) => draft.materials.get(label)?.form === 'solid')?.label

/** "Weigh the five tablets together" */
const THINGS =
  /\bweigh\w*\s+(?:the|all|your)\b.*\b(?:tablets?|pills?|crystals|powder|solid|shells?|sample|lozenges?|ash|stones?)\b/i

function onlySolid({ draft, weighed }: Bench): string | undefined {
  const solids = [...draft.materials.values()].filter(({ form }) => form === 'solid')
  return solids.length === 1 && weighed.length === 0 ? solids[0]?.label : undefined
}

/** The one bottle of which no strength, no solute and no form is said: "two samples are weighed" means it. */
function onlyUnsaid({ draft }: Bench): string | undefined {
  const open = [...draft.materials.values()].filter(
    ({ strength, product, indicator, form, formSaid }) => !strength && !product && !indicator && (form === 'solid' || !formSaid),
  )
  return open.length === 1 ? open[0]?.label : undefined
}

/** Weighings that a clause asks for; a solid weighed into the flask of the titration gives every run its own. */
export function weigh(bench: Bench, clause: Clause): boolean {
  const { draft, weighed } = bench
  const { read, text, mentions } = clause
  const [known] = weighed
  if (known && weighed.length === 1 && ANOTHER.test(text)) {
    addWeighing(bench, clause, known.material)
    for (const label of ofKind(mentions, 'label')) draft.land(label, `weighed again`)
    return true
  }
  if (more(bench, clause)) return true
  const found = weighedIn(bench, clause)
  if (!found) {
    // A vessel that is weighed, empty or full, is a reading of the weighing.
    if (
      clause.deeds.has('weigh') &&
      (ofKind(mentions, 'vessel').length > 0 || /\b(?:re-?weigh|bottle|boat|container|watch ?glass|lid)\b/i.test(text))
    )
      draft.mark(read.sentence.n, 'weigh')
    return false
  }
  const { material, mass } = found
  for (const other of ofKind(mentions, 'quantity'))
    if (other.of === 'mass' && other !== mass) draft.land(other, 'how finely it is weighed')
  draft.land(mass, `how much of ${material} is weighed`)
  draft.mark(read.sentence.n, 'weigh')
  for (const one of mentions) if (one.kind === 'label' && one.label === material) draft.land(one, 'weighed')
  if (weighed.some((one) => one.material === material)) return true
  const known2 = draft.materials.get(material)
  if (known2 && !known2.strength) known2.form = 'solid'
  const intoFlask = vesselIn(mentions, 'conical flask') ?? (PORTIONS.test(text) ? vesselIn(mentions, 'flask') : undefined)
  const count = countIn(text)
  for (let n = 0; n < count; n++) addWeighing(bench, clause, material)
  if (intoFlask || count > 1) {
    bench.perRun = true
    bench.place = 'flask'
    draft.land(intoFlask, 'the flask of each run')
  } else bench.place = 'beaker'
  return true
}

const MORE =
  /\b(?:do the same|repeat(?: this)?|likewise)\b[^.]{0,40}?\b(?:with|for|using)\s+(one|two|three|four|another|a second|\d)\s+(?:more|further|other|new)?\s*(?:\w+ ){0,2}(?:tablets?|samples?|portions?|flasks?|pieces?|lots?)\b/i
const COUNTS: Readonly<Record<string, string>> = { another: '1', 'a second': '1' }

/** "Do the same with two more tablets and flasks": every run has a weighing of its own. */
function more(bench: Bench, clause: Clause): boolean {
  const [known] = bench.weighed
  const said = MORE.exec(clause.text)?.[1]?.toLowerCase()
  if (!known || said === undefined) return false
  bench.perRun = bench.solution === undefined
  bench.place = 'flask'
  for (let n = 0; n < Number(COUNTS[said] ?? numberSaid(said)); n++) addWeighing(bench, clause, known.material)
  for (const mention of clause.mentions) bench.draft.land(mention, 'weighed again')
  return true
}

function addWeighing(bench: Bench, { read }: Clause, material: string): void {
  const { id } = bench.draft.begin('weighing', read, { of: material })
  bench.weighed.push({ material, id })
  bench.draft.mark(read.sentence.n, 'weigh')
  if (bench.perRun) bench.titration?.weighings.push(id)
}
