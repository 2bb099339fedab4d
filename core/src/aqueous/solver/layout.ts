import type { System } from '../system.ts'

/** What of a system is the same in every solve, laid out flat in the order in which a solve walks through it. */
export interface Layout {
  /** Place of hydrogen ion among the components: the only one that is ever counted below nought. */
  readonly proton: number
  /**
   * The factors of species i are those from `factorBegin[i]` on: places in the pool of activities, one for each time a
   * component is in the species. In the pool stand the activities and, after them, one over each.
   */
  readonly factorBegin: Int32Array
  readonly factorAt: Int32Array
  /** The second derivatives that species i brings: places in the lower half of the matrix, and ν·ν for each. */
  readonly pairBegin: Int32Array
  readonly pairAt: Int32Array
  readonly pairNu: Float64Array
  /** What solid s is made of. */
  readonly solidBegin: Int32Array
  readonly solidPart: Int32Array
  readonly solidNu: Float64Array
  /** β of each species. */
  readonly beta: Float64Array
  /** Most of each component in one species. */
  readonly most: Float64Array
}

function factorsOf({ components, species, begin, part, count }: System) {
  const n = components.length
  const factorBegin = [0]
  const factorAt: number[] = []
  for (let i = 0; i < species.length; i++) {
    for (let p = begin[i]!; p < begin[i + 1]!; p++) {
      const nu = count[p]!
      // A species is written as a product of activities, which is quicker than a power of e and needs whole numbers.
      if (!Number.isInteger(nu)) throw new Error(`${species[i]} is made of ${nu} of a component, which is no whole number.`)
      for (let time = 0; time < Math.abs(nu); time++) factorAt.push(part[p]! + (nu < 0 ? n : 0))
    }
    factorBegin.push(factorAt.length)
  }
  return { factorBegin: Int32Array.from(factorBegin), factorAt: Int32Array.from(factorAt) }
}

function pairsOf({ components, species, begin, part, count }: System) {
  const n = components.length
  const pairBegin = [0]
  const pairAt: number[] = []
  const pairNu: number[] = []
  for (let i = 0; i < species.length; i++) {
    for (let p = begin[i]!; p < begin[i + 1]!; p++) {
      for (let q = begin[i]!; q < begin[i + 1]!; q++) {
        if (part[q]! > part[p]!) continue
        pairAt.push(part[p]! * n + part[q]!)
        pairNu.push(count[p]! * count[q]!)
      }
    }
    pairBegin.push(pairAt.length)
  }
  return { pairBegin: Int32Array.from(pairBegin), pairAt: Int32Array.from(pairAt), pairNu: Float64Array.from(pairNu) }
}

function solidsOf({ components, solids, solidNu: table }: System) {
  const n = components.length
  const solidBegin = [0]
  const solidPart: number[] = []
  const solidNu: number[] = []
  for (let s = 0; s < solids.length; s++) {
    for (let j = 0; j < n; j++) {
      const nu = table[s * n + j]!
      if (nu === 0) continue
      solidPart.push(j)
      solidNu.push(nu)
    }
    solidBegin.push(solidPart.length)
  }
  return { solidBegin: Int32Array.from(solidBegin), solidPart: Int32Array.from(solidPart), solidNu: Float64Array.from(solidNu) }
}

function layOut(system: System): Layout {
  const most = new Float64Array(system.components.length).fill(1)
  system.part.forEach((j, p) => {
    most[j] = Math.max(most[j]!, Math.abs(system.count[p]!))
  })
  return {
    proton: system.components.indexOf('H'),
    beta: system.lnBeta.map((ln) => Math.exp(ln)),
    most,
    ...factorsOf(system),
    ...pairsOf(system),
    ...solidsOf(system),
  }
}

const layouts = new WeakMap<System, Layout>()

/** The layout of a system, made once for all its solves. */
export function layoutOf(system: System): Layout {
  const known = layouts.get(system)
  if (known) return known
  const made = layOut(system)
  layouts.set(system, made)
  return made
}
