import { CHEMICAL_COLOURS } from '@hop-lark/core/palette'
import type { SolutionLook } from '@hop-lark/core/substance'
import { divisionsAround } from './buretteScale.ts'
import { inkOn } from './inkOn.ts'

interface MagnifierProps {
  readonly reading: number
  readonly capacity: number
  readonly look: SolutionLook
  /** Height of the centre of the glass. */
  readonly y: number
  /** Where the level is, so that a line leads there. */
  readonly from: { readonly x: number; readonly y: number }
}

const CENTRE = 194
const RADIUS = 46
/** How much of the scale is seen above and below the level, cm³. */
const REACH = 0.55
const CURVE = 7
/** How far from the centre a number is still seen whole. */
const WHOLE = RADIUS - 8

/** Nearer to the level than this a number lies on both, the liquid and what is above it. */
const ON_THE_EDGE = 14
const PLATE = { digit: 9, height: 16 }

interface WholeProps {
  readonly at: number
  readonly y: number
  /** What it is written with; without it, on a plate of its own. */
  readonly ink: string | undefined
}

/** The number of a whole division. */
function Whole({ at, y, ink }: WholeProps) {
  return (
    <>
      {ink === undefined && (
        <rect
          x={CENTRE - 2}
          y={y - PLATE.height / 2}
          width={String(at).length * PLATE.digit + 4}
          height={PLATE.height}
          rx="3"
          fill="var(--sheet)"
        />
      )}
      <text x={CENTRE} y={y + 5} className="num text-[14px] font-semibold" fill={ink ?? 'var(--ink)'}>
        {at}
      </text>
    </>
  )
}

/** The divisions around the meniscus as an eye at the right level sees them. */
export function Magnifier({ reading, capacity, look, y, from }: MagnifierProps) {
  const perUnit = RADIUS / REACH
  const colour = CHEMICAL_COLOURS[look.colour]
  // The edge that is read lies at the reading: the lowest point of the curve, or its rim where the solution is dark.
  const rim = look.dark ? y : y - CURVE
  return (
    <g>
      <path d={`M${from.x + 1} ${from.y}L${CENTRE - RADIUS + 2} ${y}`} stroke="var(--glass)" fill="none" />
      <clipPath id="magnifier">
        <circle cx={CENTRE} cy={y} r={RADIUS} />
      </clipPath>
      <circle cx={CENTRE} cy={y} r={RADIUS} fill="var(--sheet)" />
      <g clipPath="url(#magnifier)">
        <path
          d={`M${CENTRE - RADIUS} ${rim}Q${CENTRE} ${rim + CURVE * 2} ${CENTRE + RADIUS} ${rim}V${y + RADIUS}H${CENTRE - RADIUS}z`}
          fill={colour}
        />
        {divisionsAround(reading, REACH, capacity).map((at) => {
          const height = y + (at - reading) * perUnit
          const whole = Math.abs(at - Math.round(at)) < 1e-6
          const stroke = at > reading ? inkOn(look) : 'var(--ink)'
          return (
            <g key={at}>
              <line
                x1={CENTRE - RADIUS}
                x2={CENTRE - (whole ? 8 : 22)}
                y1={height}
                y2={height}
                stroke={stroke}
                strokeWidth={whole ? 2 : 1.3}
              />
              {whole && Math.abs(height - y) <= WHOLE && (
                <Whole at={Math.round(at)} y={height} ink={Math.abs(height - y) < ON_THE_EDGE ? undefined : stroke} />
              )}
            </g>
          )
        })}
      </g>
      <circle cx={CENTRE} cy={y} r={RADIUS} fill="none" stroke="var(--ink)" strokeWidth="1.8" />
      <text x={CENTRE} y={y + RADIUS + 16} textAnchor="middle" className="fill-ink-soft text-[11.500px]">
        {look.dark ? 'dark: read' : 'read the'}
      </text>
      <text x={CENTRE} y={y + RADIUS + 30} textAnchor="middle" className="fill-ink-soft text-[11.500px]">
        {look.dark ? 'the top edge' : 'bottom edge'}
      </text>
    </g>
  )
}
