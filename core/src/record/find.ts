import { byKind } from './byKind.ts'
import { findById } from './findById.ts'
import type { Material, Part, PartOf, Question, Task } from './types.ts'

/** The material with an id, or undefined. */
export function findMaterial(task: Task, id: string): Material | undefined {
  return findById(task.materials, id)
}

/** What a material is called in a sentence: its label, else its id. */
export function materialLabel(task: Task, id: string): string {
  return findMaterial(task, id)?.label || id || 'a solution still to be named'
}

const IN_TITRATION: Readonly<Record<string, string>> = {
  flask: 'the conical flask',
  titre: 'the mean titre',
  before: 'what reacted before it',
}

/** What a place that a question asks about is called in a sentence: `the conical flask`, `the F1 weighed`, a label. */
export function placeSays(task: Task, name: string): string {
  const [id = '', role = ''] = name.split('/')
  const part = findById<Part>(task.parts, id)
  const title = part?.title ? ` (${part.title})` : ''
  if (part?.kind === 'titration' && IN_TITRATION[role]) return `${IN_TITRATION[role]}${title}`
  if (part?.kind === 'weighing') return `the ${materialLabel(task, part.of)} weighed${title}`
  return materialLabel(task, part?.kind === 'heating' ? part.of : name)
}

/** The material in the burette of a titration; an id that none has while it is open which. */
export function buretteOf({ burette }: Pick<PartOf<'titration'>, 'burette'>): string {
  return burette ?? ''
}

/** How the samples of a task came, by their ids: as solids, or dissolved. */
export function sampleForms(task: Task): Readonly<Record<string, 'solid' | 'solution'>> {
  return Object.fromEntries(task.materials.map(({ id, form }) => [id, form === 'solid' ? 'solid' : 'solution']))
}

/** How samples that came dissolved look, in the student's words, by material. */
export function sampleLooks(task: Task): Readonly<Record<string, string>> {
  return Object.fromEntries(task.materials.flatMap(({ id, form, note }) => (note && form !== 'solid' ? [[id, note]] : [])))
}

/** What was concluded of a sample, in the student's words. */
export function conclusionOf(task: Task, material: string): string | undefined {
  return task.parts.flatMap((part) => (part.kind === 'rack' ? part.samples : [])).find((sample) => sample.material === material)
    ?.conclusion
}

/** What the student answers to a question that is not worked out of readings: in words, or by a conclusion from tubes. */
export function wordsFor(task: Task, { find, answer }: Question): string | undefined {
  const words = find.quantity === 'words' ? answer : find.quantity === 'ions' ? conclusionOf(task, find.in) : undefined
  return words?.trim() ? words : undefined
}

/** The part of a kind with an id, or undefined. */
export function findPart<Kind extends Part['kind']>(task: Task, kind: Kind, id: string): PartOf<Kind> | undefined {
  const part = findById<Part>(task.parts, id)
  return part?.kind === kind ? (part as PartOf<Kind>) : undefined
}

const makers = new WeakMap<Task['parts'], ReadonlyMap<string, PartOf<'solution'>>>()

/** The part in which a material was made up, if one was. Remembered with the list of parts, for work on a task that stands still. */
export function makerOf({ parts }: Pick<Task, 'parts'>, material: string): PartOf<'solution'> | undefined {
  const known = makers.get(parts)
  if (known) return known.get(material)
  const made = new Map(parts.toReversed().flatMap((part) => (part.kind === 'solution' ? [[part.gives, part] as const] : [])))
  makers.set(parts, made)
  return made.get(material)
}

/** The weighing with an id, or undefined. */
export function weighingOf(task: Task, id: string): PartOf<'weighing'> | undefined {
  return findPart(task, 'weighing', id)
}

const USUAL_TITLES = byKind<string, [task: Task]>({
  weighing: ({ of }, task) => `Weigh ${materialLabel(task, of)}`,
  solution: ({ gives }, task) => `Make up ${materialLabel(task, gives)}`,
  titration: () => 'Titrate',
  heating: ({ of }, task) => `Heat ${materialLabel(task, of)}`,
  series: ({ y }) => `Measure ${y.name}`,
  rack: () => 'Tubes',
  chromatogram: () => 'Chromatogram',
  note: () => 'Note',
})

/** What a part is called: its own title, else what is done in it. */
export function partTitle(task: Task, part: Part): string {
  return part.title || USUAL_TITLES(part, task)
}
