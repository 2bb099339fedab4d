import { ChemistryError } from '../../problem/index.ts'
import { proposeBefore, proposeEquation } from '../../proposal/index.ts'
import { dissociate, parseEquation, parseFormula, speciesKey } from '../../substance/index.ts'
import { isAsked } from '../ask/asked.ts'
import type { Draft } from '../draft/Draft.ts'
import type { DraftEquation, DraftPartOf } from '../draft/parts.ts'
import type { Read } from '../label/said.ts'
import { type MentionOf, ofKind } from '../mention/mention.ts'

type Titration = DraftPartOf<'titration'>

/** A formula with the ions it gives, as keys that can be compared. */
function speciesOf(formula: string | undefined): ReadonlySet<string> {
  if (formula === undefined) return new Set()
  try {
    const whole = parseFormula(formula.split('.')[0] ?? formula)
    const ions = dissociate(whole) ?? []
    // Of edta the anion that equations write keeps two of its protons (common practice).
    const kept = /H2Y$/.test(formula.split('.')[0] ?? '') ? [parseFormula('H2Y^2-')] : []
    return new Set([whole, ...ions.map(({ ion }) => ion), ...kept].map(speciesKey))
  } catch (error) {
    if (error instanceof ChemistryError) return new Set()
    throw error
  }
}

/** Ions that only look on, and must not make an equation look as if it were about a bottle. */
const ONLOOKERS: ReadonlySet<string> = new Set(
  ['Na+', 'K+', 'H+', 'SO4^2-', 'Cl-', 'NO3-'].map((ion) => speciesKey(parseFormula(ion))),
)

/** Whether a bottle's substance stands on the left of an equation. */
function reactsIn(equation: string, solute: string | undefined): boolean {
  const species = speciesOf(solute)
  return parseEquation(equation).reactants.some(
    ({ formula }) => species.has(speciesKey(formula)) && (!ONLOOKERS.has(speciesKey(formula)) || isAcid(solute)),
  )
}
const isAcid = (solute: string | undefined) => solute !== undefined && /^H(?!2O)/.test(solute)

/** Manganate is its own indicator, whatever the sheet calls its colour (common practice). */
export function assignIndicators(draft: Draft): void {
  for (const titration of draft.of('titration'))
    if (/MnO4/.test(draft.materials.get(titration.burette ?? '')?.solute ?? '')) titration.indicator ??= 'manganate(VII) itself'
}

/** Gives every titration of a draft its equations: those of the sheet by what reacts in them, else one that is proposed. */
export function assignEquations(draft: Draft): void {
  for (const titration of draft.of('titration')) {
    const given = equationsNear(draft, titration)
    const solute = draft.materials.get(titration.burette ?? '')?.solute
    const flask = flaskSolutes(draft, titration)
    const own = given.filter(({ equation }) => reactsIn(equation, solute))
    const usable = chooseOwn(draft, titration, own)
    const before = given.filter((one) => !own.includes(one) && couldBeBefore(draft, titration, one.equation, flask, usable))
    const equations: DraftEquation[] = [
      ...before.map(({ equation }) => ({ equation, role: 'before' as const, proposed: false })),
      ...usable.map(({ equation }) => ({ equation, role: 'titration' as const, proposed: false })),
    ]
    for (const one of [...before, ...usable]) draft.land(one, `an equation of ${titration.id}`)
    titration.equations =
      usable.length > 0 ? equations : [...equations, ...proposed(draft, titration, solute, flask, before.length > 0)]
  }
}

/**
 * What is used up before a solution is made up happens in its own flask, and not in that of the titration: the acid in excess,
 * measured in, of a back titration in portions.
 */
export function placeReactions(draft: Draft): void {
  for (const titration of draft.of('titration')) {
    const made = draft.of('solution').find(({ gives }) => titration.flask.some(({ material }) => material === gives))
    const measured = made?.sources.filter(({ weighing, volume }) => weighing === undefined && volume !== undefined) ?? []
    if (!made || measured.length === made.sources.length) continue
    const happensBefore = ({ role, equation }: DraftEquation) =>
      role === 'before' && measured.some(({ material }) => reactsIn(equation, draft.materials.get(material)?.solute))
    const moved = titration.equations.filter(happensBefore)
    if (moved.length === 0) continue
    made.reactions = moved.map(({ equation }) => equation)
    titration.equations = titration.equations.filter((one) => !moved.includes(one))
  }
}

/** Equations that stand in the same question of the sheet; all of them where it has none. */
function equationsNear(draft: Draft, titration: Titration): readonly MentionOf<'equation'>[] {
  const own = draft.reads
    .filter(({ sentence }) => sentence.block === titration.block)
    .flatMap(({ mentions }) => ofKind(mentions, 'equation'))
  return own.length > 0 ? own : draft.reads.flatMap(({ mentions }) => ofKind(mentions, 'equation'))
}

/** Of several stages given for two end-points, each titration takes its own: counted from the start, the second takes both. */
function chooseOwn(draft: Draft, titration: Titration, own: readonly MentionOf<'equation'>[]): readonly MentionOf<'equation'>[] {
  const isFirst = draft.of('titration', titration.block).some(({ continues }) => continues === titration.id)
  if (titration.continues === undefined && !isFirst) return own
  if (own.length < 2) return own
  // What is used up to the second end-point was made on the way to the first: hydrogencarbonate.
  const later = own.filter((one) => usesUp(one.equation, own))
  if (later.length > 0 && later.length < own.length) return isFirst ? own.filter((one) => !later.includes(one)) : later
  return isFirst ? own.slice(0, 1) : own.slice(1)
}

function usesUp(equation: string, all: readonly MentionOf<'equation'>[]): boolean {
  const made = new Set(
    all
      .filter((one) => one.equation !== equation)
      .flatMap((one) => parseEquation(one.equation).products.map(({ formula }) => speciesKey(formula))),
  )
  return parseEquation(equation).reactants.some(({ formula }) => made.has(speciesKey(formula)))
}

const couldBeBefore = (
  draft: Draft,
  titration: Titration,
  equation: string,
  flask: readonly string[],
  own: readonly MentionOf<'equation'>[],
) => {
  if (makesWhatIsTitrated(equation, own)) return true
  const weighed =
    titration.weighings.length > 0 ||
    draft.of('solution').some(({ gives }) => titration.flask.some(({ material }) => material === gives))
  return flask.some((solute) => reactsIn(equation, solute)) || weighed || flask.length === 0
}

/** Iodine that is set free and then titrated. */
function makesWhatIsTitrated(equation: string, own: readonly MentionOf<'equation'>[]): boolean {
  const made = new Set(parseEquation(equation).products.map(({ formula }) => speciesKey(formula)))
  return own.some((one) => parseEquation(one.equation).reactants.some(({ formula }) => made.has(speciesKey(formula))))
}

/** What stands in the flask: the solutes of its bottles, of what was weighed into it, or an ion that the sheet speaks of. */
function flaskSolutes(draft: Draft, titration: Titration): readonly string[] {
  const weighed = titration.weighings.flatMap((id) => draft.of('weighing').find((one) => one.id === id)?.of ?? [])
  const held = [...titration.flask.map(({ material }) => material), ...weighed].flatMap(
    (label) => draft.materials.get(label)?.solute ?? [],
  )
  if (held.length > 0) return held
  const own = draft.reads.filter(({ sentence }) => sentence.block === titration.block)
  return [
    ...askedSubstances(draft, titration),
    ...formulaeIn(own).filter((formula) => /^(?:Ca|Mg|Zn|Fe|Cu|Ni)\d?\+?|C6H8O6|C9H8O4|hard/.test(formula)),
  ]
}

const formulaeIn = (reads: readonly Read[]) =>
  reads.flatMap(({ mentions }) => ofKind(mentions, 'substance').map(({ formula }) => formula))

/** What is asked for is what is titrated: "the percentage of sodium carbonate in K1". */
const askedSubstances = (draft: Draft, { block }: Titration): readonly string[] =>
  formulaeIn(draft.reads.filter(({ sentence }) => sentence.block === block && isAsked(sentence.text))).filter(
    (formula) => !/^(?:[A-Z][a-z]?|H2O)$/.test(formula),
  )

/** What was weighed out for the flask, directly or by way of what was made up. */
const isWeighed = (draft: Draft, { weighings, flask }: Titration): boolean =>
  weighings.length > 0 ||
  draft
    .of('solution')
    .some(
      ({ gives, sources }) =>
        flask.some(({ material }) => material === gives) && sources.some(({ weighing }) => weighing !== undefined),
    )

/** A back titration: of what was put in in known excess some was used up by the weighed sample that is asked about. */
function proposedExcess(draft: Draft, titration: Titration, excess: readonly string[]): readonly DraftEquation[] {
  if (!isWeighed(draft, titration)) return []
  for (const one of excess)
    for (const asked of askedSubstances(draft, titration)) {
      const equation = asked === one ? undefined : proposeEquation(one, asked)
      if (equation !== undefined) return [{ equation, role: 'before', proposed: true }]
    }
  return []
}

function proposed(
  draft: Draft,
  titration: Titration,
  solute: string | undefined,
  flask: readonly string[],
  hasBefore: boolean,
): readonly DraftEquation[] {
  // In a back titration what is left over of the known bottle is titrated.
  const strong = titration.flask.flatMap(({ material }) =>
    draft.materials.get(material)?.strength ? (draft.materials.get(material)?.solute ?? []) : [],
  )
  for (const one of hasBefore ? [...strong, ...flask] : [...flask, ...strong]) {
    const equation = proposeEquation(solute, one)
    if (equation === undefined) continue
    const before = hasBefore ? undefined : proposeBefore(solute, one)
    return [
      ...(before === undefined ? [] : [{ equation: before, role: 'before' as const, proposed: true }]),
      ...(hasBefore || before !== undefined ? [] : proposedExcess(draft, titration, strong)),
      { equation, role: 'titration' as const, proposed: true },
    ]
  }
  return []
}
