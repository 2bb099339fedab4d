import type { Material, Part, PartOf, Task } from './types.ts'

/** The material with an id, or undefined. */
export function findMaterial(task: Task, id: string): Material | undefined {
  return task.materials.find((material) => material.id === id)
}

/** What a material is called in a sentence: its label, else its id. */
export function materialLabel(task: Task, id: string): string {
  return findMaterial(task, id)?.label || id
}

/** How the samples of a task came, by their ids: as solids, or dissolved. */
export function sampleForms(task: Task): Readonly<Record<string, 'solid' | 'solution'>> {
  return Object.fromEntries(task.materials.map(({ id, form }) => [id, form === 'solid' ? 'solid' : 'solution']))
}

/** What was concluded of a sample, in the student's words. */
export function conclusionOf(task: Task, material: string): string | undefined {
  return task.parts.flatMap((part) => (part.kind === 'rack' ? part.samples : [])).find((sample) => sample.material === material)
    ?.conclusion
}

/** The part of a kind with an id, or undefined. */
export function findPart<Kind extends Part['kind']>(task: Task, kind: Kind, id: string): PartOf<Kind> | undefined {
  return task.parts.find((part): part is PartOf<Kind> => part.kind === kind && part.id === id)
}

const indexes = new WeakMap<Task['parts'], ReadonlyMap<string, Part>>()

/**
 * The parts of a task by id, for work that asks for many of them. It is remembered with the list, which is never changed
 * in place; a draft that is still being edited is asked with `findPart`.
 */
export function partsById({ parts }: Pick<Task, 'parts'>): ReadonlyMap<string, Part> {
  const known = indexes.get(parts)
  if (known) return known
  // Where two bear one id the first counts, as for `findPart`.
  const made = new Map(parts.toReversed().map((part) => [part.id, part]))
  indexes.set(parts, made)
  return made
}

const makers = new WeakMap<Task['parts'], ReadonlyMap<string, PartOf<'solution'>>>()

/** The part in which a material was made up, if one was; remembered like `partsById`. */
export function makerOf({ parts }: Pick<Task, 'parts'>, material: string): PartOf<'solution'> | undefined {
  const known = makers.get(parts)
  if (known) return known.get(material)
  const made = new Map(parts.toReversed().flatMap((part) => (part.kind === 'solution' ? [[part.gives, part] as const] : [])))
  makers.set(parts, made)
  return made.get(material)
}

/** The weighing with an id, or undefined. */
export function weighingOf(task: Task, id: string): PartOf<'weighing'> | undefined {
  const part = partsById(task).get(id)
  return part?.kind === 'weighing' ? part : undefined
}

/** What a part is called: its own title, else what is done in it. */
export function partTitle(task: Task, part: Part): string {
  if (part.title) return part.title
  switch (part.kind) {
    case 'weighing':
      return `Weigh ${materialLabel(task, part.of)}`
    case 'solution':
      return `Make up ${materialLabel(task, part.gives)}`
    case 'titration':
      return 'Titrate'
    case 'heating':
      return `Heat ${materialLabel(task, part.of)}`
    case 'series':
      return `Measure ${part.y.name}`
    case 'rack':
      return 'Tubes'
    case 'chromatogram':
      return 'Chromatogram'
    case 'note':
      return 'Note'
  }
}
