import type { Chromatogram, ReadSpot } from '@hop-lark/core/chromatogram'
import { CHEMICAL_COLOURS, type ChemicalColour } from '@hop-lark/core/palette'
import { useWidth } from './useWidth.ts'

interface PaperProps {
  readonly chromatogram: Chromatogram
  /** Colour of a spot by its place in the record. */
  readonly colourOf: (index: number) => string | undefined
  readonly unit: string
}

const HEIGHT = 440
const WIDEST = 560
const EDGE = { left: 54, right: 14, top: 26, bottom: 56 }
/** Widest a tick of the ruler may lie from the next, in px. */
const LARGEST_TICK = 70

const DRAWN = HEIGHT - EDGE.top - EDGE.bottom

/** A step of 1, 2 or 5 that leaves the ruler readable. */
function rulerStep(reach: number, height: number): number {
  const most = (LARGEST_TICK / height) * reach
  const power = 10 ** Math.floor(Math.log10(most))
  return [5, 2, 1].map((one) => one * power).find((step) => step <= most) ?? power
}

/** The paper as it was run: pencil line, front, a lane a sample, spots where they were measured. */
export function Paper({ chromatogram, colourOf, unit }: PaperProps) {
  const [frame, { width, growth }] = useWidth(WIDEST)
  const { front, lanes, spots } = chromatogram
  const farthest = Math.max(0, ...spots.map(({ distance }) => distance.toNumber()))
  const reach = front?.gt(0) ? front.toNumber() : Math.max(1, farthest * 1.15)
  const heightOf = (distance: number) => EDGE.top + DRAWN * (1 - distance / reach)
  const laneAt = (index: number) => EDGE.left + ((width - EDGE.left - EDGE.right) * (index + 0.5)) / Math.max(1, lanes.length)
  const xOf = (spot: ReadSpot) => laneAt(lanes.findIndex(({ label }) => label === spot.label))
  const crowded = lanes.length > 3
  const matches = spots.flatMap((spot) =>
    spot.matches.slice(0, 1).flatMap((label) => {
      const reference = spots.find((other) => other.known && other.label === label)
      return reference ? [{ spot, reference }] : []
    }),
  )
  return (
    <div ref={frame}>
      <svg
        viewBox={`0 0 ${width} ${HEIGHT}`}
        width={width * growth}
        height={HEIGHT * growth}
        role="img"
        aria-label={describe(chromatogram)}
      >
        <rect
          x={EDGE.left - 8}
          y="6"
          width={width - EDGE.left - EDGE.right + 16}
          height={HEIGHT - 12}
          rx="3"
          fill="var(--paper-white)"
          stroke="var(--rule)"
        />
        <Ruler reach={reach} heightOf={heightOf} unit={unit} />
        <path d={`M${EDGE.left - 8} ${heightOf(0)}H${width - EDGE.right + 8}`} stroke="var(--pencil)" strokeWidth="1.6" />
        {front && <Front y={heightOf(reach)} width={width} />}
        {matches.map(({ spot, reference }) => (
          <path
            key={`${spot.index}-${reference.index}`}
            d={`M${xOf(spot)} ${heightOf(spot.distance.toNumber())}L${xOf(reference)} ${heightOf(reference.distance.toNumber())}`}
            stroke="var(--hop)"
            strokeWidth="1.4"
            strokeDasharray="2 4"
          />
        ))}
        {spots.map((spot) => (
          <Spot key={spot.index} spot={spot} x={xOf(spot)} y={heightOf(spot.distance.toNumber())} colour={colourOf(spot.index)} />
        ))}
        {lanes.map(({ label, known }, index) => (
          <text
            key={label}
            x={laneAt(index)}
            y={HEIGHT - 34 + (crowded && index % 2 === 1 ? 19 : 0)}
            textAnchor="middle"
            className={`fill-(--pencil) text-[15px] ${known ? '' : 'font-bold'}`}
          >
            {label.length > 14 ? `${label.slice(0, 13)}…` : label}
          </text>
        ))}
      </svg>
    </div>
  )
}

interface RulerProps {
  readonly reach: number
  readonly heightOf: (distance: number) => number
  readonly unit: string
}

/** Distances from the pencil line, along the left edge. */
function Ruler({ reach, heightOf, unit }: RulerProps) {
  const step = rulerStep(reach, DRAWN)
  const ticks = Array.from({ length: Math.floor(reach / step + 1e-9) + 1 }, (_, index) => index * step)
  return (
    <>
      {ticks.map((tick) => (
        <g key={tick}>
          <path d={`M${EDGE.left - 16} ${heightOf(tick)}h8`} stroke="var(--ink-soft)" />
          <text x={EDGE.left - 20} y={heightOf(tick) + 4.5} textAnchor="end" className="num fill-ink-soft text-[13px]">
            {Number(tick.toPrecision(6))}
          </text>
        </g>
      ))}
      <text x={EDGE.left - 20} y={HEIGHT - 20} textAnchor="end" className="fill-ink-soft text-[13px]">
        {unit}
      </text>
    </>
  )
}

/** How far the solvent ran. */
const Front = ({ y, width }: { readonly y: number; readonly width: number }) => (
  <>
    <path d={`M${EDGE.left - 8} ${y}H${width - EDGE.right + 8}`} stroke="var(--lark)" strokeWidth="1.6" strokeDasharray="6 4" />
    <text x={width - EDGE.right + 2} y={y - 6} textAnchor="end" className="fill-(--pencil) text-[13px]">
      front
    </text>
  </>
)

interface SpotProps {
  readonly spot: ReadSpot
  readonly x: number
  readonly y: number
  readonly colour: string | undefined
}

/** A spot as it looks, its Rf beside it.  */
function Spot({ spot, x, y, colour }: SpotProps) {
  const known = colour !== undefined && Object.hasOwn(CHEMICAL_COLOURS, colour)
  const fill = known ? CHEMICAL_COLOURS[colour as ChemicalColour] : 'var(--ink-soft)'
  return (
    <g>
      <ellipse cx={x} cy={y} rx="11" ry="9" fill={fill} fillOpacity="0.85" stroke="var(--pencil)" strokeOpacity="0.5" />
      {spot.rf && (
        <text x={x} y={y + 23} textAnchor="middle" className="num fill-(--pencil) text-[13px]">
          {spot.rf.text}
        </text>
      )}
    </g>
  )
}

function describe({ lanes }: Chromatogram): string {
  const said = lanes.map(({ label, spots }) => `${label} at Rf ${spots.map(({ rf }) => rf?.text ?? 'not known').join(', ')}`)
  return `Chromatogram with ${lanes.length} lanes: ${said.join('; ')}`
}
