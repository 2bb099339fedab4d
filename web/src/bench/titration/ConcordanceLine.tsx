import type { PartOf } from '@hop-lark/core/record'
import { runName } from '@hop-lark/core/titration'
import { useWidth } from '../../instruments/useWidth.ts'
import { useTask, useTitration } from '../../notebook/derived.ts'
import { layOutLine, stackLabels } from './lineLayout.ts'

/** Wide enough for its labels, not so wide that the eye has to wander. */
const WIDEST = 600
const EDGE = 26
const AXIS = 78
const HEIGHT = 118
/** Titres that are named one by one, at most: more names would lie on one another. */
const MOST_NAMED = 40

/** Every accurate titre as a dot, and a bracket as wide as the concordance limit closed over those in the mean. */
export function ConcordanceLine({ part }: { readonly part: PartOf<'titration'> }) {
  const { conventions } = useTask()
  const { assessment } = useTitration(part)
  const dots = assessment.runs
    .filter(({ run, compared, inMean }) => compared && (run.kind === 'accurate' || inMean))
    .map((assessed) => ({ ...assessed, volume: assessed.compared?.toNumber() ?? 0, name: runName(part.runs, assessed.index) }))
    .toSorted((a, b) => a.volume - b.volume)
  const [frame, { width, growth }] = useWidth(WIDEST)
  if (dots.length === 0) return null
  const within = Number(conventions.concordance.within)
  const { from, to, ticks } = layOutLine(
    dots.map(({ volume }) => volume),
    within,
    Math.floor(width / 45),
  )
  const x = (volume: number) => EDGE + ((volume - from) / (to - from)) * (width - 2 * EDGE)
  const used = dots.filter(({ inMean }) => inMean).map(({ volume }) => volume)
  // Of many titres those that fall on one spot are one dot, the last of them in front.
  const spots = [...new Map(dots.map((dot) => [`${Math.round(x(dot.volume))} ${dot.inMean}`, dot])).values()]
  const heights = stackLabels(
    spots.map(({ volume }) => x(volume)),
    46,
  )
  const places = ticks.length > 1 && (ticks[1]?.at ?? 1) - (ticks[0]?.at ?? 0) >= 1 ? 0 : 2
  return (
    <div ref={frame}>
      <svg
        viewBox={`0 0 ${width} ${HEIGHT}`}
        width={width * growth}
        height={HEIGHT * growth}
        role="img"
        aria-label={`Titres on a line: ${readOut(dots)}`}
      >
        <line x1={EDGE - 8} x2={width - EDGE + 8} y1={AXIS} y2={AXIS} stroke="var(--ink)" strokeWidth="1.5" />
        {ticks.map(({ at, labelled }) => (
          <g key={at}>
            <line x1={x(at)} x2={x(at)} y1={AXIS} y2={AXIS + (labelled ? 9 : 5)} stroke="var(--ink)" />
            {labelled && (
              <text x={x(at)} y={AXIS + 26} textAnchor="middle" className="num fill-ink-soft text-[13px]">
                {at.toFixed(places)}
              </text>
            )}
          </g>
        ))}
        {assessment.concordant && used.length > 1 && (
          <Bracket used={used} within={within} x={x} limit={conventions.concordance.within} />
        )}
        {spots.map(({ index, volume, inMean, name }, place) => (
          <g key={index} data-run={name}>
            <circle
              cx={x(volume)}
              cy={AXIS}
              r="7"
              fill={inMean ? 'var(--hop)' : 'var(--sheet)'}
              stroke={inMean ? 'var(--hop)' : 'var(--iodine)'}
              strokeWidth="2.500"
            />
            {!inMean && dots.length <= MOST_NAMED && (
              <text
                x={x(volume)}
                y={AXIS - 16 - 15 * (heights[place] ?? 0)}
                textAnchor="middle"
                className="fill-iodine text-[13px] font-bold"
              >
                {name}
              </text>
            )}
          </g>
        ))}
      </svg>
    </div>
  )
}

function readOut(dots: readonly { readonly name: string; readonly volume: number; readonly inMean: boolean }[]): string {
  if (dots.length > MOST_NAMED) {
    const inMean = dots.filter((dot) => dot.inMean).length
    return `${dots.length} of them, from ${dots[0]?.volume.toFixed(2)} to ${dots.at(-1)?.volume.toFixed(2)}; ${inMean} in the mean`
  }
  return dots.map(({ name, volume, inMean }) => `${name} ${volume.toFixed(2)}${inMean ? ', in the mean' : ''}`).join('; ')
}

interface BracketProps {
  readonly used: readonly number[]
  readonly within: number
  readonly limit: string
  readonly x: (volume: number) => number
}

function Bracket({ used, within, limit, x }: BracketProps) {
  const middle = (Math.min(...used) + Math.max(...used)) / 2
  const [left, right] = [x(middle - within / 2), x(middle + within / 2)]
  // Dots at the very ends of the limit still lie inside the bracket.
  const [outer, end] = [Math.min(left, x(Math.min(...used)) - 10), Math.max(right, x(Math.max(...used)) + 10)]
  return (
    <g className="slides">
      <path d={`M${outer} ${AXIS - 16}v-11H${end}v11`} fill="none" stroke="var(--hop)" strokeWidth="2.500" />
      <text x={(outer + end) / 2} y={AXIS - 36} textAnchor="middle" className="fill-hop text-[13.500px] font-bold">
        within {limit}
      </text>
    </g>
  )
}
