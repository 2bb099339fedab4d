import { COMPONENTS, type Equilibrium, type System } from '../aqueous/index.ts'
import type { SeenColour } from '../palette/index.ts'

/** Dissolved species of one colour: from which concentration together they show, mol/dm³. */
interface Coloured {
  readonly of: readonly string[]
  readonly from: number
  readonly colour: SeenColour
}

/** Colours of solutions (common practice; concentrations at which they show: judgement). Strongest shades first. */
export const COLOURED: readonly Coloured[] = [
  { of: ['MnO4-'], from: 2e-5, colour: 'purple' },
  { of: ['Fe(SCN)^2+', 'Fe(SCN)2+'], from: 1e-5, colour: 'blood red' },
  { of: ['I2'], from: 3e-4, colour: 'brown' },
  { of: ['Br2'], from: 1e-3, colour: 'orange' },
  { of: ['HCrO4-', 'Cr2O7^2-'], from: 2e-4, colour: 'orange' },
  { of: ['CrO4^2-'], from: 2e-4, colour: 'yellow' },
  { of: ['Cu(NH3)3^2+', 'Cu(NH3)4^2+'], from: 3e-4, colour: 'deep blue' },
  { of: ['Cu(OH)4^2-'], from: 2e-3, colour: 'deep blue' },
  { of: ['CuCl3-', 'CuCl4^2-'], from: 2e-2, colour: 'yellow-green' },
  { of: ['CoCl4^2-'], from: 3e-3, colour: 'blue' },
  { of: ['Co(NH3)3^2+', 'Co(NH3)4^2+', 'Co(NH3)5^2+', 'Co(NH3)6^2+'], from: 3e-3, colour: 'yellow-brown' },
  { of: ['Ni(NH3)3^2+', 'Ni(NH3)4^2+', 'Ni(NH3)5^2+', 'Ni(NH3)6^2+'], from: 6e-3, colour: 'blue' },
  { of: ['Fe(CN)6^3-'], from: 1e-3, colour: 'yellow' },
  { of: ['Fe(CN)6^4-'], from: 2e-2, colour: 'pale yellow' },
  {
    of: ['Fe3+', 'FeOH^2+', 'Fe2(OH)2^4+', 'Fe3(OH)4^5+', 'FeCl^2+', 'Fe(SO4)+', 'Fe(C2O4)', 'Fe(C2O4)2-', 'Fe(C2O4)3^3-'],
    from: 3e-3,
    colour: 'yellow',
  },
  { of: ['Cr3+', 'CrOH^2+', 'Cr(OH)2+', 'Cr2(OH)2^4+', 'Cr3(OH)4^5+'], from: 3e-3, colour: 'green' },
  { of: ['Cr(OH)4-'], from: 3e-3, colour: 'green' },
  { of: ['Cu2+', 'Cu(NH3)^2+', 'Cu(NH3)2^2+', 'CuCl+', 'Cu(SO4)', 'Cu(CH3COO)+', 'Cu(CH3COO)2'], from: 5e-3, colour: 'blue' },
  { of: ['Ni2+', 'Ni(SO4)'], from: 8e-3, colour: 'green' },
  { of: ['Co2+', 'CoCl+', 'Co(SO4)'], from: 6e-3, colour: 'pink' },
  { of: ['Fe2+', 'Fe(SO4)'], from: 4e-2, colour: 'pale green' },
]

const ROW_OF: ReadonlyMap<string, number> = new Map(
  COLOURED.flatMap(({ of }, row) => of.map((species) => [species, row] as const)),
)

/** What of a system has a colour: places of species with their rows, and spectators by formula with theirs. */
interface ColouredIn {
  readonly places: readonly (readonly [place: number, row: number])[]
  readonly spectators: readonly (readonly [formula: string, row: number])[]
}

const colouredIn = new WeakMap<System, ColouredIn>()

/** Looked up once for each system: most species have no colour. */
function colouredSpecies(system: System): ColouredIn {
  const known = colouredIn.get(system)
  if (known) return known
  const rowed = (species: string) => ROW_OF.get(species) ?? -1
  const found: ColouredIn = {
    places: system.species.map((name, place) => [place, rowed(name)] as const).filter(([, row]) => row >= 0),
    spectators: system.spectators
      .map((name) => [COMPONENTS[name].formula, rowed(COMPONENTS[name].formula)] as const)
      .filter(([, row]) => row >= 0),
  }
  colouredIn.set(system, found)
  return found
}

/** The colour of a solution: of what is plainest, by how far above the concentration at which it shows it is. */
export function colourOf(state: Equilibrium): SeenColour {
  const { places, spectators } = colouredSpecies(state.system)
  if (places.length === 0 && spectators.length === 0) return 'colourless'
  const sums = new Float64Array(COLOURED.length)
  for (const [place, row] of places) sums[row] = (sums[row] as number) + (state.concentrations[place] as number)
  for (const [formula, row] of spectators) sums[row] = (sums[row] as number) + (state.species.get(formula) ?? 0)
  let [plainest, colour]: [number, SeenColour] = [1, 'colourless']
  COLOURED.forEach((row, index) => {
    const shows = (sums[index] as number) / row.from
    if (shows > plainest) [plainest, colour] = [shows, row.colour]
  })
  return colour
}
