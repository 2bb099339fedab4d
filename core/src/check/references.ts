import type { Problem } from '../problem/index.ts'
import { byKind, type Part, type Path, path, type Task } from '../record/index.ts'
import { recordProblem } from './says.ts'

interface Reference {
  readonly at: Path
  readonly id: string
  readonly to: 'material' | 'weighing' | 'titration' | 'series'
}

const reference =
  (to: Reference['to']) =>
  (part: Part, id: string, ...at: readonly (string | number)[]): Reference => ({ at: path('parts', part.id, ...at), id, to })
const [material, weighing, titration] = [reference('material'), reference('weighing'), reference('titration')]
const series = reference('series')

/** A reference to a weighing, or else to a material. */
const either = (
  part: Part,
  content: { readonly weighing: string } | { readonly material: string },
  list: string,
  index: number,
) => ('weighing' in content ? weighing(part, content.weighing, list, index) : material(part, content.material, list, index))

const NONE = () => []

const referencesOf = byKind<readonly Reference[]>({
  weighing: (part) => [material(part, part.of, 'of')],
  solution: (part) => [
    ...part.from.map((source, index) => either(part, source, 'from', index)),
    material(part, part.gives, 'gives'),
  ],
  titration: (part) => [
    ...(part.burette === undefined ? [] : [material(part, part.burette, 'burette')]),
    ...(part.continues === undefined ? [] : [titration(part, part.continues, 'continues')]),
    ...(part.crossingOf === undefined ? [] : [series(part, part.crossingOf, 'crossingOf')]),
    ...part.flask.map((content, index) => either(part, content, 'flask', index)),
    ...part.runs.flatMap((run) => (run.weighing === undefined ? [] : [weighing(part, run.weighing, 'runs', run.id, 'weighing')])),
  ],
  heating: (part) => [material(part, part.of, 'of')],
  series: NONE,
  rack: (part) => part.samples.map((sample) => material(part, sample.material, 'samples', sample.material)),
  chromatogram: NONE,
  note: NONE,
})

/** Names of materials and weighings that are used but are not in the record. */
export function checkReferences(task: Task): readonly Problem[] {
  const known = {
    material: new Set(task.materials.map(({ id }) => id)),
    weighing: new Set(task.parts.flatMap((part) => (part.kind === 'weighing' ? [part.id] : []))),
    series: new Set(task.parts.flatMap((part) => (part.kind === 'series' ? [part.id] : []))),
    titration: new Set(task.parts.flatMap((part) => (part.kind === 'titration' ? [part.id] : []))),
  }
  return task.parts
    .flatMap((part) => referencesOf(part))
    .flatMap(({ at, id, to }): Problem[] => {
      if (known[to].has(id)) return []
      const there = [...known[to]].join(', ') || 'none yet'
      return [recordProblem(`reference.${to}`, at, { id, there })]
    })
}
