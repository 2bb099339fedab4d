import { ionsOfFormula, ionsOfName } from './conclude/names.ts'

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

const FIRST = 'Na+ K+ Li+ NH4+ Mg2+ Ca2+ Ba2+ Al3+ Zn2+ Cu2+ Fe2+ Fe3+ Cl- Br- I- SO4^2- SO3^2- CO3^2- NO3-'
const FURTHER = 'Pb2+ Ag+ Cr3+ Mn2+ Ni2+ Co2+ Sr2+ H+ OH- NO2- CrO4^2- S2O3^2- CH3COO-'

/** Lists of ions that the notes to practical tasks usually cover (common practice). */
export const ION_LISTS: readonly { readonly name: string; readonly ions: readonly string[] }[] = [
  { name: 'a first course', ions: FIRST.split(' ') },
  { name: 'a full course', ions: `${FIRST} ${FURTHER}`.split(' ') },
]
