import { byKind, type Part, type Path, path, writePath } from '@hop-lark/core/record'

const WEIGHED = ['withSample', 'withResidue', 'container', 'mass'] as const

/** Places of a part that a photograph can show: the part itself, its readings, its runs, its tubes and their steps. */
const inside = byKind<readonly Path[]>({
  weighing: (part) => WEIGHED.filter((field) => part[field] !== undefined).map((field) => path('parts', part.id, field)),
  solution: () => [],
  titration: ({ id, runs }) =>
    runs.flatMap((run) => {
      const at = path('parts', id, 'runs', run.id)
      return [at, ...(['initial', 'final'] as const).filter((field) => run[field] !== undefined).map((field) => [...at, field])]
    }),
  heating: ({ id, masses }) => masses.map((one) => path('parts', id, 'masses', one.id)),
  series: ({ id, points }) => points.map((point) => path('parts', id, 'points', point.id)),
  rack: ({ id, samples }) =>
    samples.flatMap(({ material, tubes }) =>
      tubes.flatMap((tube) => {
        const at = path('parts', id, 'samples', material, 'tubes', tube.id)
        return [at, ...tube.steps.map((step) => [...at, 'steps', step.id])]
      }),
    ),
  chromatogram: ({ id, spots }) => spots.map((spot) => path('parts', id, 'spots', spot.id)),
  note: () => [],
})

/** What a photograph of some parts can be of, as written paths. */
export const placesIn = (parts: readonly Part[]): readonly string[] =>
  parts.flatMap((part) => [path('parts', part.id), ...inside(part)]).map(writePath)
