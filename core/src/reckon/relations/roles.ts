import { buretteOf, type PartOf } from '../../record/index.ts'
import { countIn, type Equation, type Formula, speciesKey, type Term } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import { readEquation, readFormula } from '../species.ts'
import { isMedium } from './holders.ts'

/** One step between the analyte in the flask and what the burette titrates. */
export interface Before {
  readonly equation: Equation
  /** The species whose amount follows: the other reactant of a back titration, the source of a product. */
  readonly analyte: Term
  /** The species on the burette's side of this step. */
  readonly linked: Term
  /** `leftOver`: linked was put in and partly used up. `made`: linked is a product. */
  readonly kind: 'leftOver' | 'made'
}

/** One reaction of a titration: what the burette supplies and what it reacts with. */
export interface Reacting {
  readonly equation: Equation
  readonly burette: Term
  readonly titrated: Term
}

/** Who does what in a titration. */
export interface Roles extends Reacting {
  readonly before: readonly Before[]
  /** More reactions that run to the same end-point, where several things are titrated together. */
  readonly also: readonly Reacting[]
}

const sameTerm = (one: Term, other: Term) => speciesKey(one.formula) === speciesKey(other.formula)
const among = (term: Term, list: readonly Term[]) => list.some((other) => sameTerm(term, other))

function materialsInFlask(bench: Bench, part: PartOf<'titration'>): readonly string[] {
  const weighed = [
    ...part.flask.flatMap((content) => ('weighing' in content ? [content.weighing] : [])),
    ...part.runs.flatMap(({ weighing }) => weighing ?? []),
  ]
  const fromWeighings = weighed.flatMap((id) => bench.weighing(id)?.of ?? [])
  return [...part.flask.flatMap((content) => ('material' in content ? [content.material] : [])), ...fromWeighings]
}

/** What a pipette or burette brought into the flask. */
const measuredOut = (part: PartOf<'titration'>): readonly string[] =>
  part.flask.flatMap((content) =>
    'material' in content && (content.by === 'pipette' || content.by === 'burette') ? [content.material] : [],
  )

function heldBy(bench: Bench, term: Term, materials: readonly string[]): boolean {
  return materials.some((material) => {
    const solute = bench.solute(material)
    return solute !== undefined && countIn(term.formula, solute) > 0
  })
}

/** Leaves out what counts as in excess: what `inExcess` names, then hydrogen ions and water unless nothing else is left. */
function withoutExcess(terms: readonly Term[], part: PartOf<'titration'>): readonly Term[] {
  const named = (part.inExcess ?? []).flatMap((text) => readFormula(text) ?? [])
  const left = terms.filter(({ formula }) => !named.some((other: Formula) => speciesKey(other) === speciesKey(formula)))
  const telling = left.filter(({ formula }) => !isMedium(formula))
  return telling.length > 0 ? telling : left
}

/** The reactant the burette supplies: the one its solute is or holds; failing that, the one that is not in the flask. */
function buretteTerm(bench: Bench, part: PartOf<'titration'>, reactants: readonly Term[]): Term | undefined {
  const solute = bench.solute(buretteOf(part))
  const held = solute ? reactants.filter((term) => countIn(term.formula, solute) > 0) : []
  const [exact] = solute ? held.filter((term) => speciesKey(term.formula) === speciesKey(solute)) : []
  const [telling] = held.filter(({ formula }) => !isMedium(formula))
  if (exact ?? telling ?? held[0]) return exact ?? telling ?? held[0]
  const inFlask = materialsInFlask(bench, part)
  const made = part.reactions
    .filter(({ role }) => role === 'before')
    .flatMap(({ equation }) => {
      const read = readEquation(equation)
      return read ? [...read.products, ...read.reactants] : []
    })
  const elsewhere = reactants.filter((term) => !heldBy(bench, term, inFlask) && !among(term, made))
  const candidates = withoutExcess(elsewhere.length > 0 ? elsewhere : [], part)
  return candidates.length === 1 ? candidates[0] : undefined
}

function titratedTerm(bench: Bench, part: PartOf<'titration'>, equation: Equation, burette: Term): Term | undefined {
  const others = withoutExcess(
    equation.reactants.filter((term) => !sameTerm(term, burette)),
    part,
  )
  if (others.length < 2) return others[0]
  return others.find((term) => heldBy(bench, term, materialsInFlask(bench, part))) ?? others[0]
}

/**
 * The reactant that a reaction before the titration says something about: not what is in excess, nor a reagent of known formula
 * beside an unknown; where everything in the flask is known, what was measured out with care (iodate, and not the iodide).
 */
function analyteOf(bench: Bench, part: PartOf<'titration'>, reactants: readonly Term[]): Term | undefined {
  const candidates = withoutExcess(reactants, part)
  if (candidates.length < 2) return candidates[0]
  const reagents = materialsInFlask(bench, part)
  const unknown = candidates.filter((term) => !heldBy(bench, term, reagents))
  const allKnown = reagents.length > 0 && reagents.every((material) => bench.solute(material) !== undefined)
  const measured = allKnown ? candidates.find((term) => heldBy(bench, term, measuredOut(part))) : undefined
  return measured ?? unknown[0] ?? candidates[0]
}

/** Follows the reactions before the titration back from the titrated species to the analyte. */
function chainBack(bench: Bench, part: PartOf<'titration'>, titrated: Term): readonly Before[] {
  const equations = part.reactions.filter(({ role }) => role === 'before').flatMap(({ equation }) => readEquation(equation) ?? [])
  const chain: Before[] = []
  let species = titrated
  for (const _ of equations) {
    const made = equations.find(({ products }) => among(species, products))
    const used = equations.find(({ reactants }) => among(species, reactants))
    const equation = made ?? used
    if (!equation || chain.some((step) => step.equation === equation)) break
    const linked = [...equation.products, ...equation.reactants].find((term) => sameTerm(term, species))
    const analyte = analyteOf(
      bench,
      part,
      equation.reactants.filter((term) => !sameTerm(term, species)),
    )
    if (!linked || !analyte) break
    chain.push({ equation, analyte, linked, kind: made ? 'made' : 'leftOver' })
    species = analyte
  }
  return chain
}

/** What one equation of a titration says, or in words what it lacks. */
function reactingBy(bench: Bench, part: PartOf<'titration'>, text: string): Reacting | string {
  const equation = readEquation(text)
  if (!equation) return `an equation that can be read for the titration (${part.title ?? part.id})`
  const burette = buretteTerm(bench, part, equation.reactants)
  if (!burette && buretteOf(part) === '') return 'what is in the burette'
  if (!burette) return `what is dissolved in ${bench.label(buretteOf(part))}, as a formula, so that its reactant is known`
  const titrated = titratedTerm(bench, part, equation, burette)
  return titrated ? { equation, burette, titrated } : `an equation with what is titrated beside ${burette.formula.text}`
}

/**
 * Finds out which reactant is in the burette, which is titrated, and how reactions before the titration lead back to
 * the analyte. Says in words what is lacking when it cannot.
 */
export function rolesOf(bench: Bench, part: PartOf<'titration'>): Roles | string {
  const stated = part.reactions.filter(({ role, equation }) => role === 'titration' && equation.trim() !== '')
  const [first, ...more] = stated
  if (!first) return `the equation of the titration (${part.title ?? part.id})`
  const main = reactingBy(bench, part, first.equation)
  if (typeof main === 'string') return main
  const also = more.flatMap(({ equation }) => {
    const found = reactingBy(bench, part, equation)
    return typeof found === 'string' ? [] : [found]
  })
  return { ...main, before: chainBack(bench, part, main.titrated), also }
}
