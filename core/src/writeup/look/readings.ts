import { byKind, type Entry, type Part, type Path, path, type Task } from '../../record/index.ts'

/** Readings of one instrument. */
export interface Read {
  readonly what: string
  readonly readings: readonly { readonly entry: Entry | undefined; readonly at: Path }[]
}

/** What each instrument of a part is read for; of what has not been read, the entry is undefined. */
export const readOf = byKind<readonly Read[]>({
  weighing: (part) => [
    {
      what: 'masses of this weighing',
      readings: (['container', 'withSample', 'withResidue', 'mass'] as const).map((field) => ({
        entry: part[field],
        at: path('parts', part.id, field),
      })),
    },
  ],
  solution: () => [],
  titration: (part) => [
    {
      what: 'burette readings',
      readings: part.runs.flatMap((run) =>
        (['initial', 'final'] as const).map((field) => ({
          entry: run[field],
          at: path('parts', part.id, 'runs', run.id, field),
        })),
      ),
    },
  ],
  heating: (part) => [
    {
      what: 'masses of this heating',
      readings: [
        { entry: part.container, at: path('parts', part.id, 'container') },
        ...part.masses.map(({ id, mass }) => ({ entry: mass, at: path('parts', part.id, 'masses', id, 'mass') })),
      ],
    },
  ],
  series: (part) =>
    (['x', 'y'] as const).map((axis) => ({
      what: `readings of ${part[axis].name || axis}`,
      readings: part.points.map((point) => ({ entry: point[axis], at: path('parts', part.id, 'points', point.id, axis) })),
    })),
  rack: () => [],
  chromatogram: (part) => [
    {
      what: 'distances',
      readings: [
        { entry: part.front, at: path('parts', part.id, 'front') },
        ...part.spots.map(({ id, distance }) => ({ entry: distance, at: path('parts', part.id, 'spots', id, 'distance') })),
      ],
    },
  ],
  note: () => [],
})

/** Whether an instrument of a part was read. */
export const isRead = (part: Part): boolean =>
  readOf(part).some(({ readings }) => readings.some(({ entry }) => entry !== undefined))

function isWrittenDown(part: Part): boolean {
  if (part.kind === 'rack')
    return part.samples.some(({ tubes }) => tubes.some(({ steps }) => steps.some(({ saw }) => saw?.trim())))
  if (part.kind === 'note') return part.text.trim() !== ''
  return isRead(part)
}

/** Whether anything was read, seen, noted, answered in words or photographed: before that there is nothing to look at. */
export const isBegun = ({ parts, questions, photographs = [] }: Task): boolean =>
  photographs.length > 0 || questions.some(({ answer }) => answer?.trim()) || parts.some(isWrittenDown)
