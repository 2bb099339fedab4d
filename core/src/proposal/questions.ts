import { checkHeating } from '../heating/index.ts'
import { reactingIn, readFormula, reckonTask } from '../reckon/index.ts'
import { buretteOf, byKind, findMaterial, makerOf, type PartOf, type Question, type Task, weighingOf } from '../record/index.ts'
import { type Formula, hasSomeWater, standInsOf } from '../substance/index.ts'

type Find = Question['find']

/** A question that the record can answer. */
export interface ProposedQuestion {
  readonly find: Find
  /** What it still has to be told: the salt whose water is asked for. */
  readonly lacks?: 'of'
}

/** Of an ion the element that papers ask the percentage of; anything else as it is. */
function percentOf({ text, charge, parts }: Formula): string {
  const [first, ...more] = parts
  const monatomic = charge !== 0 && more.length === 0 && first?.kind === 'element' && first.count === 1
  return monatomic ? first.symbol : text
}

/** What papers ask of what was weighed, by what is known of it. */
function ofWeighed(task: Task, material: string, analyte: Formula): readonly Find[] {
  const solute = readFormula(findMaterial(task, material)?.solute ?? '')
  const percent: Find = { quantity: 'massPercent', of: percentOf(analyte), in: material }
  if (!solute) return [percent, ...(analyte.charge === 0 ? [{ quantity: 'molarMass', of: material } as const] : [])]
  const [letter] = standInsOf(solute)
  return [
    ...(hasSomeWater(solute)
      ? [{ quantity: 'hydration', of: solute.text.split(/[.·]/)[0] ?? solute.text, in: material } as const]
      : []),
    ...(letter === undefined ? [] : [{ quantity: 'unknownMass', of: letter, in: material } as const]),
    percent,
  ]
}

/** What papers ask of a solution, back to what it was made of. */
function ofSolution(task: Task, material: string, analyte: Formula): readonly Find[] {
  const maker = makerOf(task, material)
  const concentration = (of: string): Find => ({ quantity: 'concentration', of: analyte.text, in: of })
  const sources = maker?.from ?? []
  return [
    concentration(material),
    ...(maker ? [{ quantity: 'amount', of: analyte.text, in: material } as const] : []),
    ...sources.flatMap((source) => {
      if ('material' in source) return [concentration(source.material)]
      const weighing = weighingOf(task, source.weighing)
      return weighing ? ofWeighed(task, weighing.of, analyte) : []
    }),
  ]
}

function ofTitration(part: PartOf<'titration'>, task: Task): readonly Find[] {
  const roles = reactingIn(task, part)
  if (!roles) return []
  const burette = buretteOf(part)
  const analyte = (roles.before.at(-1)?.analyte ?? roles.titrated).formula
  const weighed = [...part.flask, ...part.runs].flatMap((content) => ('weighing' in content ? (content.weighing ?? []) : []))
  const solids = weighed.flatMap((id) => weighingOf(task, id)?.of ?? [])
  const portions = part.flask.flatMap((content) => ('material' in content && content.by !== 'cylinder' ? [content.material] : []))
  return [
    // Its strength stands on its label, unless it is what is to be found.
    ...(findMaterial(task, burette)?.strength
      ? []
      : [{ quantity: 'concentration', of: roles.burette.formula.text, in: burette } as const]),
    { quantity: 'amount', of: roles.burette.formula.text, in: `${part.id}/titre` },
    { quantity: 'amount', of: analyte.text, in: `${part.id}/flask` },
    ...portions.flatMap((material) => ofSolution(task, material, analyte)),
    ...[...new Set(solids)].flatMap((material) => ofWeighed(task, material, analyte)),
  ]
}

function ofHeating(part: PartOf<'heating'>, task: Task): readonly Find[] {
  // Nothing is built on masses that cannot be.
  if (checkHeating(part).some(({ level }) => level === 'error')) return []
  const { id, of, lost = 'H2O' } = part
  const solute = findMaterial(task, of)?.solute
  const salt = solute?.split(/[.·]/)[0] ?? ''
  return [
    { quantity: 'mass', of: lost, in: id },
    { quantity: 'massPercent', of: lost, in: of },
    ...(lost === 'H2O' ? [{ quantity: 'hydration', of: salt, in: of } as const] : []),
  ]
}

function ofSeries({ id, reading = 'line', y, unknowns = [] }: PartOf<'series'>): readonly Find[] {
  switch (reading) {
    case 'two-lines':
      return [
        { quantity: 'crossing', in: id },
        { quantity: 'crossing', in: id, axis: 'y' },
        ...(y.unit.includes('°') ? [{ quantity: 'rise', in: id } as const] : []),
      ]
    case 'curve':
      return [{ quantity: 'gradient', in: id }]
    case 'curve-through-points':
      return [
        { quantity: 'equivalence', in: id },
        { quantity: 'halfEquivalence', in: id },
      ]
    default:
      return [
        { quantity: 'gradient', in: id },
        ...unknowns.map((unknown): Find => ({ quantity: 'xAt', in: id, y: { unknown: unknown.id } })),
      ]
  }
}

/** What papers ask of each kind of part, in their order (common practice). */
const candidatesOf = byKind<readonly Find[], [task: Task]>({
  weighing: () => [],
  solution: ({ gives }, task) => {
    const solute = findMaterial(task, gives)?.solute
    return solute === undefined ? [] : [{ quantity: 'concentration', of: solute, in: gives }]
  },
  titration: ofTitration,
  heating: ofHeating,
  series: ofSeries,
  rack: ({ samples }) => samples.map(({ material }): Find => ({ quantity: 'ions', in: material })),
  chromatogram: () => [],
  note: () => [],
})

const same = (one: Find, other: Find) => JSON.stringify(one) === JSON.stringify(other)
const ID = 'proposed'

/** Whether what was recorded answers a question; of tubes it does as soon as there are any. */
function isAnswered(task: Task, find: Find): boolean {
  if (find.quantity === 'ions')
    return task.parts.some(
      (part) =>
        part.kind === 'rack' &&
        part.samples.some(({ material, tubes }) => material === find.in && tubes.some(({ steps }) => steps.length > 0)),
    )
  const { answers } = reckonTask({ ...task, questions: [{ id: ID, find }] })
  return answers[0]?.value !== undefined && answers[0].value !== null
}

/**
 * Questions that what was recorded can answer, part by part, in the order in which papers ask them; those that are asked
 * already are left out.
 *
 * @returns what each finds; a salt whose water is asked for may have to be named first
 */
export function proposeQuestions(task: Task): readonly ProposedQuestion[] {
  const all = task.parts.flatMap((part) => candidatesOf(part, task))
  const open = all.filter(
    (find, index) =>
      !all.slice(0, index).some((earlier) => same(earlier, find)) && !task.questions.some((asked) => same(asked.find, find)),
  )
  return open.flatMap((find): readonly ProposedQuestion[] => {
    if (find.quantity === 'hydration' && find.of === '')
      // Water that was driven off is enough to ask for x, once the salt is named.
      return isAnswered(task, { quantity: 'massPercent', of: 'H2O', in: find.in }) ? [{ find, lacks: 'of' }] : []
    return isAnswered(task, find) ? [{ find }] : []
  })
}
