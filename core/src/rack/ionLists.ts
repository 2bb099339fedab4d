import { ionsOfFormula, ionsOfName } from './conclude/names.ts'
import { conclusionTokens } from './conclude/tokens.ts'

/** Ions that were named, and words that name none. */
export interface ReadIons {
  readonly ions: readonly string[]
  readonly unknown: readonly string[]
}

/**
 * Reads a list of ions as a sheet gives it, by names or formulae: `aluminium, iron(II), NH4+, sulfate`.
 *
 * @param text - parted by commas, semicolons or lines
 */
export function readIons(text: string): ReadIons {
  const parts = text
    .split(/[,;\n]/)
    .map((part) => part.trim())
    .filter((part) => part !== '')
  const found = parts.map((said) => {
    const byFormula = ionsOfFormula(said.replaceAll(' ', ''))
    return { said, ions: byFormula.length > 0 ? byFormula : ionsOfName(said) }
  })
  return {
    ions: [...new Set(found.flatMap(({ ions }) => ions))],
    unknown: found.filter(({ ions }) => ions.length === 0).map(({ said }) => said),
  }
}

/** Ions that a sentence speaks of, each once, in its order; a bare "iron" is either of two. */
export interface SpokenIons {
  readonly ions: readonly string[]
  /** How many it names: "iron" counts once. */
  readonly named: number
  /** Nothing else is said: it is an entry of a list. */
  readonly only: boolean
}

const BINDS = new Set(['or', 'and', 'comma', 'colon', 'stop', 'idle'])

/** Reads which ions a sentence of a sheet speaks of, and whether of anything else. */
export function ionsSpokenOf(text: string): SpokenIons {
  const tokens = conclusionTokens(text)
  const found = tokens.flatMap(({ named }) => (named ? [named.ions] : []))
  return {
    ions: [...new Set(found.flat())],
    named: new Set(found.map((ions) => ions.join())).size,
    only: found.length > 0 && tokens.every(({ sort, named }) => named !== undefined || BINDS.has(sort)),
  }
}

const FIRST = 'Na+ K+ Li+ NH4+ Mg2+ Ca2+ Ba2+ Al3+ Zn2+ Cu2+ Fe2+ Fe3+ Cl- Br- I- SO4^2- SO3^2- CO3^2- NO3-'
const FURTHER = 'Pb2+ Ag+ Cr3+ Mn2+ Ni2+ Co2+ Sr2+ H+ OH- NO2- CrO4^2- S2O3^2- CH3COO-'

/** Lists of ions that the notes to practical tasks usually cover (common practice). */
export const ION_LISTS: readonly { readonly name: string; readonly ions: readonly string[] }[] = [
  { name: 'a first course', ions: FIRST.split(' ') },
  { name: 'a full course', ions: `${FIRST} ${FURTHER}`.split(' ') },
]
