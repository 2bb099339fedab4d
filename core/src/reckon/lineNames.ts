import { type LinePlace, lineName, type Task } from '../record/index.ts'
import type { Network } from './network.ts'
import type { Place } from './place.ts'
import type { Key } from './quantity.ts'

/** The words for the places that are not a titration's. */
const ROLES = { weighing: 'weighed', heating: 'heated', material: 'material', solution: 'put in', series: 'line' } as const

/** Counts the things of a kind; done once for a task, since every line asks. */
class Numbering {
  private readonly numbers = new Map<string, number>()

  constructor({ parts, materials }: Task) {
    const counts = new Map<string, number>()
    const count = (kind: string, id: string) => {
      const number = (counts.get(kind) ?? 0) + 1
      counts.set(kind, number)
      this.numbers.set(`${kind} ${id}`, number)
    }
    for (const { kind, id } of parts) count(kind, id)
    for (const { id } of materials) count('material', id)
  }

  placeOf({ kind, id, role, run, item }: Place): LinePlace | undefined {
    if (kind === 'question') return undefined
    return {
      role: kind === 'titration' ? (role ?? '') : ROLES[kind],
      number: this.numbers.get(`${kind} ${id}`) ?? 1,
      ...(run === undefined ? {} : { run: run + 1 }),
      ...(item === undefined ? {} : { item: item + 1 }),
    }
  }
}

const numberings = new WeakMap<Task, Numbering>()

/** The stable name of the line of working for a quantity (see `lineName`). */
export function lineNameOf(task: Task, network: Network, key: Key): string {
  const { what, species, place, detail } = network.quantities.get(key)?.of ?? {}
  if (what === undefined) return key
  const numbering = numberings.get(task) ?? new Numbering(task)
  numberings.set(task, numbering)
  const where = place && numbering.placeOf(place)
  return lineName({
    what: detail === undefined ? what : `${what} ${detail}`,
    ...(species === undefined ? {} : { species }),
    ...(where ? { where } : {}),
  })
}
