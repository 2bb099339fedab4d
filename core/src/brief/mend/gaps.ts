import { indicatorNamed } from '../../indicator/index.ts'
import type { Draft } from '../draft/Draft.ts'
import type { DraftPart, DraftPartOf, Held } from '../draft/parts.ts'
import type { SheetMaterial } from '../label/material.ts'
import { ofKind } from '../mention/mention.ts'
import type { Candidate, Gap } from './gap.ts'

type Of<Kind extends DraftPart['kind']> = DraftPartOf<Kind>

/** A slot of a part that is empty. */
type Empty = Pick<Gap, 'says' | 'candidates' | 'blocks'> & { readonly slot: string; readonly typed: NonNullable<Gap['typed']> }

/** Every slot of a draft that is empty, those first without which nothing can be recorded. */
export function gapsOf(draft: Draft): readonly Gap[] {
  const found = draft.parts.flatMap((part) => [...emptyIn(draft, part)].map((empty) => gapAt(draft, part, empty)))
  return [...found.filter(({ blocks }) => blocks), ...found.filter(({ blocks }) => !blocks)]
}

function gapAt(draft: Draft, part: DraftPart, { slot, ...asked }: Empty): Gap {
  const read = draft.reads.find(({ sentence }) => sentence.n === part.sentence)
  return { id: `${part.id}.${slot}`, from: read?.sentence.from ?? 0, to: read?.sentence.to ?? 0, ...asked }
}

function emptyIn(draft: Draft, part: DraftPart): Iterable<Empty> {
  switch (part.kind) {
    case 'titration':
      return titrationGaps(draft, part)
    case 'solution':
      return solutionGaps(draft, part)
    case 'heating':
      return heatingGaps(draft, part)
    case 'series':
      return seriesGaps(part)
    case 'rack':
      return rackGaps(draft, part)
    case 'chromatogram':
      return chromatogramGaps(draft, part)
    default:
      return []
  }
}

/** Bottles and solids of the sheet as candidates. */
function labels(draft: Draft, fits: (material: SheetMaterial) => boolean = () => true): readonly Candidate[] {
  return [...draft.materials.values()]
    .filter(fits)
    .map(({ label, solute }) => ({ value: label, says: solute === undefined ? label : `${label}, ${solute}` }))
}

const LOSABLE: readonly Candidate[] = [
  { value: 'H2O', says: 'water' },
  { value: 'CO2', says: 'carbon dioxide' },
  { value: 'O2', says: 'oxygen' },
]

function* heatingGaps(draft: Draft, { of, lost }: Of<'heating'>): Generator<Empty> {
  const solids = labels(draft, ({ form }) => form !== 'liquid')
  if (of === undefined) yield { slot: 'of', says: 'What is heated?', candidates: solids, typed: 'label', blocks: true }
  if (lost === undefined)
    yield {
      slot: 'lost',
      says: `What does ${of ?? 'the solid'} lose in the heat?`,
      candidates: LOSABLE,
      typed: 'text',
      blocks: false,
    }
}

function* seriesGaps({ planned, x, y }: Of<'series'>): Generator<Empty> {
  if (planned.length > 0) return
  const listed = x.name !== 'time' && x.name !== 'volume added'
  const says = listed
    ? `At which ${x.name} is ${y.name} read? (10, 20, 30)`
    : `Up to which ${x.name} is ${y.name} read, and how often?`
  yield { slot: 'planned', says, candidates: [], typed: 'places', blocks: false }
}

function* rackGaps(draft: Draft, { samples }: Of<'rack'>): Generator<Empty> {
  const says = 'Which samples are tested in the tubes?'
  if (samples.length === 0) yield { slot: 'samples', says, candidates: labels(draft), typed: 'label', blocks: true }
}

function* chromatogramGaps(draft: Draft, { spots, solvent }: Of<'chromatogram'>): Generator<Empty> {
  const says = 'What is spotted on the paper?'
  if (spots.length === 0) yield { slot: 'spots', says, candidates: labels(draft), typed: 'text', blocks: true }
  if (solvent === undefined)
    yield { slot: 'solvent', says: 'In which solvent does the paper stand?', candidates: [], typed: 'text', blocks: false }
}

function* titrationGaps(draft: Draft, part: Of<'titration'>): Generator<Empty> {
  const { burette, flask, weighings, indicator } = part
  const inFlask = new Set(flask.map(({ material }) => material))
  const solutions = labels(draft, ({ form, label }) => form === 'solution' && !inFlask.has(label))
  const others = labels(draft, ({ label }) => label !== burette)
  if (burette === undefined)
    yield { slot: 'burette', says: 'Which solution is in the burette?', candidates: solutions, typed: 'label', blocks: true }
  // What only a cylinder measures is no portion: acid and iodide in excess.
  if (flask.every(({ by }) => by === 'cylinder') && weighings.length === 0)
    yield { slot: 'flask', says: 'What is pipetted into the flask?', candidates: others, typed: 'label', blocks: true }
  for (const held of flask) if (held.volume === undefined) yield volumeOf(draft, held, 'is pipetted into the flask')
  if (indicator === undefined && part.crossingOf === undefined)
    yield {
      slot: 'indicator',
      says: 'Which indicator shows the end-point?',
      candidates: indicators(draft, part),
      typed: 'text',
      blocks: false,
    }
  // What reacts is asked when it is known what is there.
  const isKnown = burette !== undefined && (flask.length > 0 || weighings.length > 0)
  if (isKnown && part.equations.every(({ role }) => role !== 'titration')) {
    const says = `What is the equation of the titration of ${flask[0]?.material ?? 'the flask'} with ${burette ?? 'the burette'}?`
    yield { slot: 'equation', says, candidates: equations(draft), typed: 'equation', blocks: false }
  }
}

const volumeOf = (draft: Draft, held: Held, does: string): Empty => ({
  slot: `volume of ${held.material}`,
  says: `How much of ${held.material} ${does}?`,
  candidates: volumes(draft, held),
  typed: 'volume',
  blocks: true,
})

/** Volumes of the sheet that became nothing yet, and the usual one. */
function volumes(draft: Draft, { material }: Held): readonly Candidate[] {
  const said = draft.reads
    .flatMap(({ mentions }) => ofKind(mentions, 'quantity'))
    .filter((one) => one.of === 'volume' && one.unit === 'cm3' && !draft.landed.has(one))
  return [...new Set([...said.map(({ value }) => value), '25.0'])]
    .slice(0, 5)
    .map((value) => ({ value, says: `${value} cm³ of ${material}` }))
}

const equations = (draft: Draft): readonly Candidate[] =>
  [...new Set(draft.reads.flatMap(({ mentions }) => ofKind(mentions, 'equation').map(({ equation }) => equation)))].map(
    (equation) => ({ value: equation, says: equation }),
  )

/** Indicators that are usual with what the burette holds (common practice). */
const USUAL: readonly (readonly [holds: RegExp, names: readonly string[]])[] = [
  [/MnO4/, ['manganate(VII) itself']],
  [/S2O3|^I2/, ['starch']],
  [/H2Y|EDTA/, ['eriochrome black T']],
  [/./, ['methyl orange', 'phenolphthalein', 'bromothymol blue']],
]

function indicators(draft: Draft, { burette }: Of<'titration'>): readonly Candidate[] {
  const named = draft.reads.flatMap(({ mentions }) => ofKind(mentions, 'indicator').map(({ name }) => name))
  const solute = draft.materials.get(burette ?? '')?.solute ?? 'unknown'
  const usual = USUAL.find(([holds]) => holds.test(solute))?.[1] ?? []
  return [...new Set([...named, ...usual])].slice(0, 5).map((name) => ({ value: name, says: indicatorNamed(name)?.name ?? name }))
}

function* solutionGaps(draft: Draft, part: Of<'solution'>): Generator<Empty> {
  const { sources, flask, gives } = part
  const others = labels(draft, ({ label }) => label !== gives)
  if (sources.length === 0)
    yield { slot: 'from', says: 'What is made up in the volumetric flask?', candidates: others, typed: 'label', blocks: true }
  for (const source of sources)
    if (source.weighing === undefined && source.volume === undefined && !source.isRead)
      yield volumeOf(draft, source, 'goes into the volumetric flask')
  if (flask === undefined)
    yield {
      slot: 'flask',
      says: `What does the flask of ${gives ?? 'the solution'} hold?`,
      candidates: capacities(draft),
      typed: 'volume',
      blocks: false,
    }
  if (gives === undefined)
    yield {
      slot: 'gives',
      says: 'What is the made-up solution called?',
      candidates: freeLabels(draft),
      typed: 'label',
      blocks: true,
    }
}

function capacities(draft: Draft): readonly Candidate[] {
  const said = draft.reads
    .flatMap(({ mentions }) => ofKind(mentions, 'vessel'))
    .flatMap(({ vessel, capacity }) => (vessel === 'volumetric flask' && capacity !== undefined ? [capacity] : []))
  return [...new Set([...said, '250', '100'])].map((value) => ({ value, says: `${value} cm³` }))
}

/** Labels that nothing else is called. */
function freeLabels(draft: Draft): readonly Candidate[] {
  const taken = new Set(
    draft.parts.flatMap((part) => (part.kind === 'solution' ? [part.gives] : part.kind === 'weighing' ? [part.of] : [])),
  )
  return labels(draft, ({ label }) => !taken.has(label))
}
