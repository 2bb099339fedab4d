import { drawnAxis, type SeriesReading, unitPer } from '../../curve/index.ts'
import { Exact, formatFigures } from '../../number/index.ts'
import { type PartOf, path } from '../../record/index.ts'
import type { Proposed } from '../report.ts'
import { counted, measured, propose } from '../words.ts'

const FIGURES = 3
const three = (value: number) => formatFigures(new Exact(value), FIGURES)

/** What the lines of a graph say, in sentences. */
export function seriesSays(
  part: PartOf<'series'>,
  { line, twoLines, mixing, smooth, doubtful }: SeriesReading,
): readonly Proposed[] {
  const [x, y] = [drawnAxis(part.x), drawnAxis(part.y)]
  const at = path('parts', part.id)
  const per = unitPer({ x, y })
  const slope = ({ slope: value }: { readonly slope: number }) => measured(three(value), per)
  const odd =
    doubtful.length === 0
      ? []
      : [
          propose(
            `results ${part.id} odd`,
            `${counted(doubtful.length, 'point')} ${doubtful.length === 1 ? 'does' : 'do'} not fit and ${doubtful.length === 1 ? 'is' : 'are'} ringed`,
            at,
          ),
        ]
  const of = (what: string, text: string) => [propose(`results ${part.id} ${what}`, text, at), ...odd]
  if (twoLines)
    return of(
      'crossing',
      `The two lines cross at ${measured(three(twoLines.crossing.x), x.unit)}, where the ${y.name} is ${measured(three(twoLines.crossing.y), y.unit)}`,
    )
  if (mixing)
    return of(
      'mixing',
      `Drawn on to the moment of mixing, the lines stand at ${measured(three(mixing.from), y.unit)} and ${measured(three(mixing.to), y.unit)}`,
    )
  if (line) return of('line', `The points lie on a straight line of gradient ${slope(line)}`)
  return smooth ? of('curve', 'A smooth curve was drawn through the points') : odd
}
