import { equilibrate, totalsOf } from '../aqueous/index.ts'
import { Memory } from '../memory/index.ts'
import { Exact, parseUnit, UNITS } from '../number/index.ts'
import { ChemistryError, type Problem } from '../problem/index.ts'
import { entryText, findMaterial, type Material, materialLabel, type PartOf, path, type Task } from '../record/index.ts'
import { parseEquation, parseFormula, sameSpecies } from '../substance/index.ts'
import { recordProblem } from './says.ts'

type Titration = PartOf<'titration'>

/** Strength of a bottle that states none, mol/dm³; and the volume of a portion that states none, cm³. */
const STRENGTH = 0.05
const PORTION = '25'
/** So much of a solid is seen, mol/dm³. */
const SEEN = 1e-3

/** A labelled portion of a solution, as it is mixed. */
interface Portion {
  readonly material: string
  readonly solute: string
  readonly strength: number
  readonly volume: number
}

function strengthOf({ strength }: Material): number {
  if (!strength) return STRENGTH
  const { dimension, inBase } = UNITS[parseUnit(strength.unit)]
  return dimension === 'concentration' ? new Exact(strength.value).mul(inBase).toNumber() : STRENGTH
}

function portionsOf(task: Task, { flask }: Titration): readonly Portion[] {
  return flask.flatMap((content): Portion[] => {
    if (!('material' in content)) return []
    const material = findMaterial(task, content.material)
    if (!material?.solute || material.form === 'solid') return []
    const volume = Number(content.volume === undefined ? PORTION : entryText(content.volume))
    return [{ material: material.id, solute: material.solute, strength: strengthOf(material), volume }]
  })
}

const MIXED = new Memory<string, readonly string[]>(200)

/** Solids that fall out where portions are mixed, by the model; what the model does not know it says nothing about. */
function solidsFrom(portions: readonly Portion[]): readonly string[] {
  const whole = portions.reduce((total, { volume }) => total + volume, 0)
  const mixed: Record<string, number> = {}
  for (const { solute, strength, volume } of portions) mixed[solute] = (mixed[solute] ?? 0) + (strength * volume) / whole
  return MIXED.recall(JSON.stringify(mixed), () => {
    try {
      const { solids } = equilibrate(totalsOf(mixed))
      return [...solids].flatMap(([solid, amount]) => (amount > SEEN ? [solid] : []))
    } catch (error) {
      if (!(error instanceof ChemistryError)) throw error
      return []
    }
  })
}

/** Whether an equation of the titration speaks of a solid, so that it is meant to be there. */
function isMeant(solid: string, { reactions }: Titration): boolean {
  const formula = parseFormula(solid)
  return reactions.some(({ equation }) => {
    try {
      const { reactants, products } = parseEquation(equation)
      return [...reactants, ...products].some((term) => sameSpecies(term.formula, formula))
    } catch (error) {
      if (!(error instanceof ChemistryError)) throw error
      return false
    }
  })
}

/** A solid that falls out when the portions meet, before the burette is opened: what is in it is titrated late or not at all. */
export function checkMixedInFlask(task: Task, part: Titration): readonly Problem[] {
  const portions = portionsOf(task, part)
  if (portions.length < 2) return []
  const alone = new Set(portions.flatMap((one) => solidsFrom([one])))
  const fallen = solidsFrom(portions).filter((solid) => !alone.has(solid) && !isMeant(solid, part))
  if (fallen.length === 0) return []
  const labels = portions.map(({ material }) => materialLabel(task, material)).join(' and ')
  return [recordProblem('flask.precipitate', path('parts', part.id, 'flask'), { labels, solid: fallen.join(' and ') })]
}
