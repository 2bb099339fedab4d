import type { Part, Question, Task } from '../../record/index.ts'

/** Materials and parts that a part speaks of: they come with it when it is accepted. */
export function neededBy(part: Part): { readonly materials: readonly string[]; readonly parts: readonly string[] } {
  switch (part.kind) {
    case 'weighing':
    case 'heating':
      return { materials: [part.of], parts: [] }
    case 'solution': {
      const materials = part.from.flatMap((source) => ('material' in source ? [source.material] : []))
      return {
        materials: [part.gives, ...materials],
        parts: part.from.flatMap((source) => ('weighing' in source ? [source.weighing] : [])),
      }
    }
    case 'titration': {
      const materials = part.flask.flatMap((content) => ('material' in content ? [content.material] : []))
      const weighings = part.runs.flatMap(({ weighing }) => weighing ?? [])
      return {
        materials: [...(part.burette === undefined ? [] : [part.burette]), ...materials],
        parts: [...weighings, ...(part.continues === undefined ? [] : [part.continues])],
      }
    }
    case 'rack':
      return { materials: part.samples.map(({ material }) => material), parts: [] }
    default:
      return { materials: [], parts: [] }
  }
}

/** Parts and materials that a question speaks of. */
export function neededFor({ find }: Question): readonly string[] {
  const place = 'in' in find ? find.in : find.quantity === 'molarMass' ? find.of : undefined
  return place === undefined ? [] : [place.split('/')[0] ?? place]
}

type Item = { readonly id: string }

/** A list with another item put in where it stands in the list it comes from. */
export function putInOrder<One extends Item>(list: readonly One[], item: One, order: readonly Item[]): readonly One[] {
  if (list.some(({ id }) => id === item.id)) return list
  const place = order.findIndex(({ id }) => id === item.id)
  const later = new Set(order.slice(place + 1).map(({ id }) => id))
  const before = list.findIndex(({ id }) => later.has(id))
  return before < 0 ? [...list, item] : [...list.slice(0, before), item, ...list.slice(before)]
}

/** What of one task there is in another, by the names of things: the rest is not for comparing. */
export function sharedWith(task: Task, other: Task): Task {
  const only = <One extends Item>(list: readonly One[], within: readonly Item[]) => {
    const ids = new Set(within.map(({ id }) => id))
    return list.filter(({ id }) => ids.has(id))
  }
  return {
    ...task,
    materials: only(task.materials, other.materials),
    parts: only(task.parts, other.parts),
    questions: only(task.questions, other.questions),
  }
}
