import { byKind, type Part, type Path, path, writePath } from '@hop-lark/core/record'

/** Places of a part that a photograph can show: the part itself, its runs, its tubes and their steps. */
const inside = byKind<readonly Path[]>({
  weighing: () => [],
  solution: () => [],
  titration: ({ id, runs }) => runs.map((run) => path('parts', id, 'runs', run.id)),
  heating: () => [],
  series: () => [],
  rack: ({ id, samples }) =>
    samples.flatMap(({ material, tubes }) =>
      tubes.flatMap((tube) => {
        const at = path('parts', id, 'samples', material, 'tubes', tube.id)
        return [at, ...tube.steps.map((step) => [...at, 'steps', step.id])]
      }),
    ),
  chromatogram: () => [],
  note: () => [],
})

/** What a photograph of some parts can be of, as written paths. */
export const placesIn = (parts: readonly Part[]): readonly string[] =>
  parts.flatMap((part) => [path('parts', part.id), ...inside(part)]).map(writePath)
