import { TitrationModel } from '../aqueous/index.ts'
import { INDICATORS, type Indicator, indicatorNamed } from '../indicator/index.ts'
import { Memory } from '../memory/index.ts'
import { formatPlaces } from '../number/index.ts'
import { ChemistryError, type Problem } from '../problem/index.ts'
import { expectedTitre, reactingIn } from '../reckon/index.ts'
import { buretteOf, findMaterial, materialLabel, type PartOf, path, type Task, weighingOf } from '../record/index.ts'
import { countIn, type Formula, parseFormula } from '../substance/index.ts'
import { checkMixedInFlask } from './mixedInFlask.ts'
import { recordProblem } from './says.ts'

type Titration = PartOf<'titration'>

/** Usual strength in school, of the flask and of the burette, mol/dm³, and volume of a portion, cm³. */
const STRENGTH = 0.1
const PORTION = 25
/** An indicator may show the end so far from where it is (common practice: half a per cent). */
const TOLERANCE = 0.005
/** Titres much smaller are read too coarsely. */
const LEAST_TITRE = 5

/** A species in water with what makes up its charge. */
function dissolved({ text, charge }: Formula): Readonly<Record<string, number>> {
  if (charge === 0) return { [text]: STRENGTH }
  return { [text]: STRENGTH, [charge > 0 ? 'Cl-' : 'Na+']: STRENGTH * Math.abs(charge) }
}

/** The pH just before and just past the equivalence. */
type Jump = readonly [number, number]

const JUMPS = new Memory<string, Jump | undefined>(200)

function jumpOf(titrated: Formula, burette: Formula, each: number): Jump | undefined {
  return JUMPS.recall(`${titrated.text} ${burette.text} ${each}`, () => {
    try {
      const model = new TitrationModel({ flask: dissolved(titrated), volume: PORTION, burette: dissolved(burette) })
      const equivalence = PORTION * each
      const around = [model.pHAt(equivalence * (1 - TOLERANCE)), model.pHAt(equivalence * (1 + TOLERANCE))]
      return [Math.min(...around), Math.max(...around)]
    } catch (error) {
      // What the model does not know it says nothing about.
      if (!(error instanceof ChemistryError)) throw error
      return undefined
    }
  })
}

const changesWithin = ({ range }: Indicator, [low, high]: Jump) => range !== undefined && range[0] <= high && range[1] >= low

/** A change of pH about the equivalence that can be told from the slow one before and after it. */
const LEAST_JUMP = 1
/** No acid or base of school takes up more than three. */
const MOST_TO_ONE = 3

/** How many of the titrant have reacted with each where the indicator changes, if those are more than the equation says. */
function moreReacts(titrated: Formula, burette: Formula, each: number, indicator: Indicator): number | undefined {
  for (let number = each + 1; number <= MOST_TO_ONE; number++) {
    const jump = jumpOf(titrated, burette, number)
    if (jump && jump[1] - jump[0] > LEAST_JUMP && changesWithin(indicator, jump)) return number
  }
  return undefined
}

function checkIndicator(task: Task, part: Titration): readonly Problem[] {
  const { indicator: named = '' } = part
  const at = path('parts', part.id, 'indicator')
  if (/\buniversal\b/i.test(named)) return [recordProblem('indicator.noEnd', at, { named })]
  const indicator = indicatorNamed(named)
  const roles = indicator?.range ? reactingIn(task, part) : undefined
  if (!indicator?.range || !roles || roles.before.length > 0 || roles.also.length > 0 || part.continues !== undefined) return []
  const { titrated, burette } = roles
  const each = burette.count / titrated.count
  const jump = jumpOf(titrated.formula, burette.formula, each)
  if (!jump || changesWithin(indicator, jump)) return []
  const more = moreReacts(titrated.formula, burette.formula, each, indicator)
  if (more !== undefined) {
    const facts = {
      indicator: indicator.name,
      each: `${each}`,
      more: `${more}`,
      of: titrated.formula.text,
      burette: burette.formula.text,
    }
    return [recordProblem('equation.moreReacts', at, facts)]
  }
  const better = INDICATORS.filter((one) => changesWithin(one, jump)).map(({ name }) => name)
  const [from, to] = jump.map((pH) => pH.toFixed(1)) as [string, string]
  const [first, last] = indicator.range.map((pH) => pH.toFixed(1)) as [string, string]
  return [
    recordProblem('indicator.off', at, {
      indicator: indicator.name,
      first,
      last,
      from,
      to,
      better: better.join(' or ') || 'a pH meter',
    }),
  ]
}

const PROTON = parseFormula('H+')
const CHLORIDE = parseFormula('Cl-')
const MANGANATE = parseFormula('MnO4-')

/** Labels of what is in the flask, or undefined where one is not labelled. */
function labelsInFlask(task: Task, { flask }: Titration): readonly (Formula | undefined)[] {
  return flask.map((content) => {
    const material = 'weighing' in content ? weighingOf(task, content.weighing)?.of : content.material
    const solute = material === undefined ? undefined : findMaterial(task, material)?.solute
    try {
      return solute === undefined ? undefined : parseFormula(solute)
    } catch (error) {
      if (!(error instanceof ChemistryError)) throw error
      return undefined
    }
  })
}

/** Manganate wants sulfuric acid: without acid it goes to brown manganese dioxide, and it oxidises chloride too. */
function checkManganate(task: Task, part: Titration): readonly Problem[] {
  const roles = reactingIn(task, part)
  if (!roles || countIn(MANGANATE, roles.burette.formula) === 0) return []
  const labels = labelsInFlask(task, part)
  const acids = labels.filter((label) => label && countIn(PROTON, label) > 0)
  const at = path('parts', part.id, 'flask')
  if (acids.some((acid) => acid && countIn(CHLORIDE, acid) > 0)) return [recordProblem('manganate.chloride', at, {})]
  const allKnown = labels.length > 0 && labels.every((label) => label !== undefined)
  return allKnown && acids.length === 0 ? [recordProblem('manganate.noAcid', at, {})] : []
}

function checkExpected(task: Task, part: Titration): readonly Problem[] {
  const expected = expectedTitre(task, part)
  const { capacity } = task.conventions.burette
  if (!expected || expected.isNegative() || (expected.lte(capacity) && expected.gte(LEAST_TITRE))) return []
  const facts = { expected: formatPlaces(expected, 1), capacity, burette: materialLabel(task, buretteOf(part)) }
  return [recordProblem(expected.gt(capacity) ? 'titre.willNotFit' : 'titre.tooSmall', path('parts', part.id, 'flask'), facts)]
}

/** What is wrong with the chemistry of a titration before its first run: the indicator, the acid, the size of the titre, a solid in the flask. */
export function checkSetUp(task: Task, part: Titration): readonly Problem[] {
  return [
    ...checkIndicator(task, part),
    ...checkManganate(task, part),
    ...checkExpected(task, part),
    ...checkMixedInFlask(task, part),
  ]
}
