import type { PartOf, Task } from '../../record/index.ts'
import { type Formula, sameSpecies, speciesKey, type Term } from '../../substance/index.ts'
import type { Reacting, Roles } from './roles.ts'

/** A whole-number fraction. */
export interface Ratio {
  readonly over: number
  readonly under: number
}

/** Several things of one solution, told apart by as many titrations: each says what the sum of their amounts by its own ratios is. */
export interface Mixture {
  readonly titrations: readonly PartOf<'titration'>[]
  readonly unknowns: readonly Formula[]
  /** What each titration takes of each unknown: amount of titrant to one of it. */
  readonly takes: readonly (readonly Ratio[])[]
}

type AllRoles = ReadonlyMap<string, Roles>

/** Amounts of unknowns that something comes from, by species: so much of it from one of each. */
type Origins = ReadonlyMap<string, { readonly formula: Formula; readonly ratio: Ratio }>

const times = (a: Ratio, b: Ratio): Ratio => ({ over: a.over * b.over, under: a.under * b.under })
const plus = (a: Ratio, b: Ratio): Ratio => ({ over: a.over * b.under + b.over * a.under, under: a.under * b.under })
const ONE: Ratio = { over: 1, under: 1 }
const reactionsOf = (role: Roles): readonly Reacting[] => [role, ...role.also]

function add(into: Map<string, { formula: Formula; ratio: Ratio }>, formula: Formula, ratio: Ratio): void {
  const key = speciesKey(formula)
  const there = into.get(key)
  into.set(key, { formula, ratio: there ? plus(there.ratio, ratio) : ratio })
}

const termOf = (terms: readonly Term[], formula: Formula) => terms.find((term) => sameSpecies(term.formula, formula))

/** One group of titrations of a solution being laid out as equations. */
class Equations {
  private readonly group: readonly PartOf<'titration'>[]
  private readonly roles: AllRoles
  /** Species that were in the solution from the start. */
  private readonly original = new Map<string, Formula>()

  constructor(group: readonly PartOf<'titration'>[], roles: AllRoles) {
    this.group = group
    this.roles = roles
    for (const part of group) this.noteOriginals(part)
    this.fillUp()
  }

  /** What was titrated at once, or before a reaction made what was titrated, was there from the start. */
  private noteOriginals(part: PartOf<'titration'>): void {
    const role = this.roles.get(part.id)
    if (!role) return
    const analyte = role.before.at(-1)?.analyte
    if (analyte) this.note(analyte.formula)
    else if (part.continues === undefined) for (const { titrated } of reactionsOf(role)) this.note(titrated.formula)
  }

  /** What the first titration left behind may also have been there from the start, as far as there are titrations to tell. */
  private fillUp(): void {
    for (const part of this.group) {
      const role = this.roles.get(part.id)
      if (!role || part.continues === undefined) continue
      for (const { titrated } of reactionsOf(role)) if (this.original.size < this.group.length) this.note(titrated.formula)
    }
  }

  private note(formula: Formula): void {
    this.original.set(speciesKey(formula), formula)
  }

  get unknowns(): readonly Formula[] {
    return [...this.original.values()]
  }

  /** What the amount of a species in a flask comes from. */
  private originsOf(part: PartOf<'titration'>, formula: Formula): Origins {
    const found = new Map<string, { formula: Formula; ratio: Ratio }>()
    if (this.original.has(speciesKey(formula))) add(found, formula, ONE)
    const role = this.roles.get(part.id)
    for (const { kind, linked, analyte } of role?.before ?? [])
      if (kind === 'made' && sameSpecies(linked.formula, formula))
        add(found, analyte.formula, { over: linked.count, under: analyte.count })
    const earlier = this.group.find(({ id }) => id === part.continues)
    const earlierRole = earlier && this.roles.get(earlier.id)
    if (!earlier || !earlierRole) return found
    for (const { equation, titrated } of reactionsOf(earlierRole)) {
      const product = termOf(equation.products, formula)
      if (!product) continue
      const ratio = { over: product.count, under: titrated.count }
      for (const origin of this.originsOf(earlier, titrated.formula).values())
        add(found, origin.formula, times(ratio, origin.ratio))
    }
    return found
  }

  rowOf(part: PartOf<'titration'>): readonly Ratio[] {
    const role = this.roles.get(part.id)
    const taken = new Map<string, { formula: Formula; ratio: Ratio }>()
    for (const { burette, titrated } of role ? reactionsOf(role) : []) {
      const each = { over: burette.count, under: titrated.count }
      for (const { formula, ratio } of this.originsOf(part, titrated.formula).values()) add(taken, formula, times(each, ratio))
    }
    return this.unknowns.map((formula) => taken.get(speciesKey(formula))?.ratio ?? { over: 0, under: 1 })
  }
}

/** The solution whose portion is in the flask, or whose portion was there in the titration that this one goes on with. */
function solutionOf(task: Task, part: PartOf<'titration'>): string | undefined {
  const portion = part.flask.find((content) => 'material' in content)
  if (portion && 'material' in portion) return portion.material
  const earlier = task.parts.find(({ id }) => id === part.continues)
  return earlier?.kind === 'titration' && earlier.continues === undefined ? solutionOf(task, earlier) : undefined
}

/** Whether the titrations of a solution have to be looked at together: several things share a titre, or one is there twice over. */
function isMixed(group: readonly PartOf<'titration'>[], roles: AllRoles): boolean {
  const direct = group.flatMap((part) =>
    roles.get(part.id)?.before.length === 0 ? reactionsOf(roles.get(part.id) as Roles) : [],
  )
  return group.some((part) => {
    const role = roles.get(part.id)
    if (!role) return false
    if (role.also.length > 0 || part.continues !== undefined) return true
    const made = role.before.filter(({ kind }) => kind === 'made').map(({ linked }) => linked.formula)
    return made.some((formula) => direct.some(({ titrated }) => sameSpecies(titrated.formula, formula)))
  })
}

/** The mixtures of a task: solutions whose titrations have to be solved together. */
export function mixturesOf(task: Task, roles: AllRoles): readonly Mixture[] {
  const groups = new Map<string, PartOf<'titration'>[]>()
  for (const part of task.parts) {
    if (part.kind !== 'titration' || !roles.has(part.id)) continue
    const isBack = roles.get(part.id)?.before.some(({ kind }) => kind === 'leftOver')
    const material = isBack ? undefined : solutionOf(task, part)
    if (material !== undefined) groups.set(material, [...(groups.get(material) ?? []), part])
  }
  return [...groups.values()]
    .filter((group) => isMixed(group, roles))
    .map((group) => {
      const equations = new Equations(group, roles)
      return { titrations: group, unknowns: equations.unknowns, takes: group.map((part) => equations.rowOf(part)) }
    })
}
