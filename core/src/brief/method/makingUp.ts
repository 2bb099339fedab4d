import type { Held } from '../draft/parts.ts'
import { ofKind } from '../mention/mention.ts'
import type { Bench } from './Bench.ts'
import { type Clause, vesselIn } from './clause.ts'

const MAKES =
  /\b(?:make|makes|made|making) (?:it |the (?:\w+ )?(?:solution|liquid|volume|contents) |this |them |everything )?up\b|\bto (?:the |its )?(?:\w+ )?mark\b|\bto the (?:line|graduation)\b|\bto volume\b|\bup to (?:exactly )?\d|\bdilut(?:e|ed) (?:it |this )?(?:to|with|until)|\bmake \d+(?:\.\d+)? ?(?:cm3|mL) of (?:a )?solution/i
const UP_TO = /\b(?:up to|to|make|in) (?:exactly )?(\d+(?:\.\d+)?) ?(?:cm3|mL)\b/i

/** What others have done before: "it has already been diluted". */
const DONE = /\b(?:has|have|had) (?:already |just )?been\b|\bwas (?:already|before)\b/i

/** Whether a clause makes a solution up to a known volume. */
const makesUp = ({ text, mentions }: Clause) =>
  MAKES.test(text) && !DONE.test(text) && !(vesselIn(mentions, 'burette') && !vesselIn(mentions, 'volumetric flask'))

/** Moves what has been dissolved into the volumetric flask. */
export function transfer(bench: Bench, clause: Clause): boolean {
  const volumetric = vesselIn(clause.mentions, 'volumetric flask')
  if (!volumetric) return false
  if (volumetric.capacity !== undefined) bench.capacity = volumetric.capacity
  bench.draft.land(volumetric, 'the volumetric flask')
  if (clause.deeds.has('transfer') || clause.deeds.has('rinse') || /\binto\b|\bto the\b/i.test(clause.text)) gather(bench)
  bench.place = 'volumetric'
  bench.draft.mark(clause.read.sentence.n, 'make up')
  return true
}

/** What stands in beaker and flask goes into the volumetric flask. */
function gather(bench: Bench): void {
  const from = bench.holds.beaker.length > 0 || bench.weighed.length > 0 ? bench.empty('beaker') : []
  const rest = bench.titration ? [] : bench.empty('flask')
  for (const held of [...from, ...rest]) bench.put('volumetric', held)
  if (!bench.titration) bench.perRun = false
}

/** A solution that a clause makes up. */
export function makeUp(bench: Bench, clause: Clause): boolean {
  const { draft } = bench
  const { read, text } = clause
  if (!makesUp(clause)) return false
  draft.mark(read.sentence.n, 'make up')
  land(bench, clause)
  if (bench.place !== 'volumetric' || bench.holds.volumetric.length === 0) gather(bench)
  const [...held] = bench.empty('volumetric')
  const isOpen = bench.solution !== undefined && bench.solution.gives === undefined && bench.titration === undefined
  const sources = [...weighingsOf(bench), ...held.filter(({ by }) => by !== 'cylinder')]
  if (!isOpen || (bench.solution?.sources.length ?? 0) === 0) {
    if (!isOpen) bench.solution = draft.begin('solution', read, { sources })
    else if (bench.solution) bench.solution.sources = sources
  }
  const flask = vesselIn(clause.mentions, 'volumetric flask')?.capacity ?? UP_TO.exec(text)?.[1] ?? bench.capacity
  if (bench.solution && flask !== undefined) bench.solution.flask ??= flask
  for (const volume of ofKind(clause.mentions, 'quantity')) if (volume.value === flask) draft.land(volume, 'what the flask holds')
  bench.place = 'flask'
  return true
}

/** "To the mark with the acid FH 2": what only fills the flask up is no source of what is made. */
function land({ draft }: Bench, { text, from, mentions }: Clause): void {
  const filling = /\bwith\b/i.exec(text)?.index ?? text.length
  for (const label of ofKind(mentions, 'label').filter((one) => one.from - from > filling)) {
    draft.helpers.add(label.label)
    draft.land(label, 'what it is made up with')
  }
}

/** Weighings that went into no solution yet. */
function weighingsOf(bench: Bench): readonly Held[] {
  const used = new Set(bench.draft.of('solution').flatMap(({ sources }) => sources.map(({ weighing }) => weighing)))
  return bench.weighed.filter(({ id }) => !used.has(id)).map(({ material, id }) => ({ material, weighing: id }))
}

/** The name that a sentence gives to what has just been made. */
export function nameProduct(bench: Bench, label: string, clause: Clause): boolean {
  const { draft, solution } = bench
  if (!solution || (solution.gives !== undefined && draft.materials.get(solution.gives)?.product !== true)) return false
  if (solution.gives !== undefined && solution.gives !== label && !solution.gives.startsWith('solution of ')) return false
  solution.gives = label
  const material = draft.materials.get(label)
  if (material) {
    material.form = 'solution'
    material.product = true
  }
  draft.mark(clause.read.sentence.n, 'make up')
  draft.touch(clause.read.sentence.n, solution.id)
  return true
}
