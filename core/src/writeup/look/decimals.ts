import { decimalPlaces } from '../../number/index.ts'
import { byKind, type Entry, entryText, type Part, type Path, path } from '../../record/index.ts'
import { listed } from '../words.ts'
import type { Remark } from './remark.ts'

/** Readings of one instrument. */
interface Read {
  readonly what: string
  readonly readings: readonly { readonly entry: Entry | undefined; readonly at: Path }[]
}

const readOf = byKind<readonly Read[]>({
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

const plural = (places: number) => `${places === 0 ? 'no' : places} ${places === 1 ? 'decimal' : 'decimals'}`

function differing({ what, readings }: Read): readonly Remark[] {
  const read = readings.flatMap(({ entry, at }) => (entry === undefined ? [] : [{ at, text: entryText(entry) }]))
  const places = read.map(({ text }) => decimalPlaces(text))
  const most = Math.max(0, ...places)
  const odd = read.filter((_, index) => (places[index] ?? 0) < most)
  const [first] = odd
  if (!first) return []
  const named = odd.slice(0, 3).map(({ text }) => text)
  return [
    {
      code: 'look.decimals',
      at: first.at,
      says: `The ${what} have different numbers of decimals: ${listed(named)} beside others with ${plural(most)}.`,
      mend: 'One instrument is read to the same number of decimals every time: 21.5 on a burette is 21.50.',
    },
  ]
}

/** Readings of one instrument that were not written to the same number of decimals. */
export const lookAtDecimals = (parts: readonly Part[]): readonly Remark[] =>
  parts.flatMap((part) => readOf(part).flatMap(differing))
