import { COMPONENTS, type Component, type Equilibrium, readMadeOf, SOLIDS, type Stoichiometry } from '../aqueous/index.ts'
import type { SeenColour } from '../palette/index.ts'
import { type Formula, molarMassOf, parseFormula } from '../substance/index.ts'
import { type Contents, NONE } from './contents.ts'
import { colourOfDry } from './drySolids.ts'
import { INERT_COLOURS } from './redox.ts'

interface SolidFacts {
  readonly name: string
  readonly formula: Formula
  readonly madeOf: Stoichiometry
  readonly colour: SeenColour
  /** g/mol */
  readonly mass: number
}

const TABLE: ReadonlyMap<string, SolidFacts> = new Map(
  SOLIDS.map(({ formula: name, madeOf, colour }) => {
    const formula = parseFormula(name)
    return [name, { name, formula, madeOf: readMadeOf(madeOf), colour, mass: molarMassOf(formula, 'standard').toNumber() }]
  }),
)

/** What a solid of the table is made of, its colour and molar mass. */
export function solidFacts(name: string): SolidFacts | undefined {
  return TABLE.get(name)
}

/** A solid as it is seen. */
export interface SeenSolid {
  /** As chemists write it. */
  readonly formula: string
  /** Its name in the table, where equilibrium knows it. */
  readonly name: string
  readonly colour: SeenColour
  /** mol in the tube. */
  readonly amount: number
  /** g/dm³ of the tube. */
  readonly density: number
}

/** g/dm³ that a dry solid counts as: it is not to be overlooked. */
const PLAIN_TO_SEE = 1000

/** Everything solid in a tube, the most first. */
export function solidsIn(contents: Contents, { solids }: Equilibrium): readonly SeenSolid[] {
  const dm3 = contents.volume / 1000
  const settled: SeenSolid[] = []
  for (const [name, concentration] of solids) {
    const facts = TABLE.get(name)
    if (!facts) continue
    const { formula, colour, mass } = facts
    settled.push({ formula: formula.text, name, colour, amount: concentration * dm3, density: concentration * mass })
  }
  if (contents.inert === NONE && contents.dry === NONE && settled.length < 2) return settled
  const inert = Object.entries(contents.inert).flatMap(([formula, amount]): SeenSolid[] => {
    const colour = INERT_COLOURS[formula]
    if (colour === undefined || amount <= 0) return []
    const mass = molarMassOf(parseFormula(formula), 'standard').toNumber()
    return [{ formula, name: formula, colour, amount, density: (amount * mass) / dm3 }]
  })
  const dry = Object.entries(contents.dry).map(([formula, amount]): SeenSolid => {
    const colour = colourOfDry(formula, contents.hot)
    return { formula, name: formula, colour, amount, density: PLAIN_TO_SEE }
  })
  return [...settled, ...inert, ...dry].toSorted((a, b) => b.density - a.density)
}

/** The ions a solid comes from, as formulae; hydroxide for each hydrogen ion less. */
export function ionsOf({ madeOf }: SolidFacts): readonly string[] {
  const ions = Object.keys(madeOf)
    .filter((name) => name !== 'H')
    .map((name) => COMPONENTS[name as Component].formula)
  const protons = madeOf.H ?? 0
  return protons < 0 && !ions.includes('HS-') ? [...ions, 'OH-'] : protons > 0 ? [...ions, 'H+'] : ions
}
