import { indicatorNamed } from '../../indicator/index.ts'
import type { Draft } from '../draft/Draft.ts'
import type { DraftPart, DraftPartOf, Held } from '../draft/parts.ts'
import { ofKind } from '../mention/mention.ts'
import type { Candidate, Gap } from './gap.ts'

type Of<Kind extends DraftPart['kind']> = DraftPartOf<Kind>

/** Every slot of a draft that is empty, those first without which nothing can be recorded. */
export function gapsOf(draft: Draft): readonly Gap[] {
  const found = draft.parts.flatMap((part) => [...gapsIn(draft, part)])
  return [...found.filter(({ blocks }) => blocks), ...found.filter(({ blocks }) => !blocks)]
}

function* gapsIn(draft: Draft, part: DraftPart): Generator<Gap> {
  switch (part.kind) {
    case 'titration':
      yield* titrationGaps(draft, part)
      break
    case 'solution':
      yield* solutionGaps(draft, part)
      break
    case 'heating':
      if (part.of === undefined)
        yield gapAt(
          draft,
          part,
          'of',
          'What is heated?',
          labels(draft, ({ form }) => form !== 'liquid'),
          'label',
          true,
        )
      if (part.lost === undefined)
        yield gapAt(draft, part, 'lost', `What does ${part.of ?? 'the solid'} lose in the heat?`, LOSABLE, 'text', false)
      break
    case 'series':
      if (part.planned.length === 0)
        yield gapAt(
          draft,
          part,
          'planned',
          `Up to which ${part.x.name} is ${part.y.name} read, and how often?`,
          [],
          'places',
          false,
        )
      break
    case 'rack':
      if (part.samples.length === 0)
        yield gapAt(
          draft,
          part,
          'samples',
          'Which samples are tested in the tubes?',
          labels(draft, () => true),
          'label',
          true,
        )
      break
    case 'chromatogram':
      if (part.spots.length === 0)
        yield gapAt(
          draft,
          part,
          'spots',
          'What is spotted on the paper?',
          labels(draft, () => true),
          'text',
          true,
        )
      if (part.solvent === undefined)
        yield gapAt(draft, part, 'solvent', 'In which solvent does the paper stand?', [], 'text', false)
      break
    default:
  }
}

const LOSABLE: readonly Candidate[] = [
  { value: 'H2O', says: 'water' },
  { value: 'CO2', says: 'carbon dioxide' },
  { value: 'O2', says: 'oxygen' },
]

function gapAt(
  draft: Draft,
  part: DraftPart,
  slot: string,
  says: string,
  candidates: readonly Candidate[],
  typed: NonNullable<Gap['typed']>,
  blocks: boolean,
): Gap {
  const read = draft.reads.find(({ sentence }) => sentence.n === part.sentence)
  return { id: `${part.id}.${slot}`, from: read?.sentence.from ?? 0, to: read?.sentence.to ?? 0, says, candidates, typed, blocks }
}

function labels(
  draft: Draft,
  fits: (material: { form: string; label: string; strength?: unknown }) => boolean,
): readonly Candidate[] {
  return [...draft.materials.values()]
    .filter(fits)
    .map(({ label, solute }) => ({ value: label, says: solute === undefined ? label : `${label}, ${solute}` }))
}

function* titrationGaps(draft: Draft, part: Of<'titration'>): Generator<Gap> {
  const inFlask = new Set(part.flask.map(({ material }) => material))
  const solutions = labels(draft, ({ form, label }) => form === 'solution' && !inFlask.has(label))
  if (part.burette === undefined)
    yield gapAt(draft, part, 'burette', 'Which solution is in the burette?', solutions, 'label', true)
  if (part.flask.length === 0 && part.weighings.length === 0) {
    const others = labels(draft, ({ label }) => label !== part.burette)
    yield gapAt(draft, part, 'flask', 'What is pipetted into the flask?', others, 'label', true)
  }
  for (const held of part.flask)
    if (held.volume === undefined)
      yield gapAt(
        draft,
        part,
        `volume of ${held.material}`,
        `How much of ${held.material} is pipetted into the flask?`,
        volumes(draft, held),
        'volume',
        true,
      )
  if (part.indicator === undefined)
    yield gapAt(draft, part, 'indicator', 'Which indicator shows the end-point?', indicators(draft, part), 'text', false)
  if (part.equations.every(({ role }) => role !== 'titration')) {
    const flask = part.flask[0]?.material ?? 'the flask'
    yield gapAt(
      draft,
      part,
      'equation',
      `What is the equation of the titration of ${flask} with ${part.burette ?? 'the burette'}?`,
      equations(draft),
      'equation',
      false,
    )
  }
}

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

function indicators(draft: Draft, part: Of<'titration'>): readonly Candidate[] {
  const named = draft.reads.flatMap(({ mentions }) => ofKind(mentions, 'indicator').map(({ name }) => name))
  const solute = draft.materials.get(part.burette ?? '')?.solute ?? ''
  const usual = /MnO4/.test(solute)
    ? ['manganate(VII) itself']
    : /S2O3|^I2/.test(solute)
      ? ['starch']
      : /H2Y|EDTA/.test(solute)
        ? ['eriochrome black T']
        : ['methyl orange', 'phenolphthalein', 'bromothymol blue']
  return [...new Set([...named, ...usual])].slice(0, 5).map((name) => ({ value: name, says: indicatorNamed(name)?.name ?? name }))
}

function* solutionGaps(draft: Draft, part: Of<'solution'>): Generator<Gap> {
  if (part.sources.length === 0)
    yield gapAt(
      draft,
      part,
      'from',
      'What is made up in the volumetric flask?',
      labels(draft, ({ label }) => label !== part.gives),
      'label',
      true,
    )
  for (const source of part.sources)
    if (source.weighing === undefined && source.volume === undefined)
      yield gapAt(
        draft,
        part,
        `volume of ${source.material}`,
        `How much of ${source.material} goes into the volumetric flask?`,
        volumes(draft, source),
        'volume',
        true,
      )
  if (part.flask === undefined) {
    const capacities = draft.reads
      .flatMap(({ mentions }) => ofKind(mentions, 'vessel'))
      .flatMap(({ vessel, capacity }) => (vessel === 'volumetric flask' && capacity !== undefined ? [capacity] : []))
    const choices = [...new Set([...capacities, '250', '100'])].map((value) => ({ value, says: `${value} cm³` }))
    yield gapAt(draft, part, 'flask', `What does the flask of ${part.gives ?? 'the solution'} hold?`, choices, 'volume', false)
  }
  if (part.gives === undefined) {
    const free = labels(
      draft,
      ({ label }) =>
        draft.parts.every((other) => other.kind !== 'solution' || other.gives !== label) &&
        draft.parts.every((other) => other.kind !== 'weighing' || other.of !== label),
    )
    yield gapAt(draft, part, 'gives', 'What is the made-up solution called?', free, 'label', true)
  }
}
