import { CHEMICAL_COLOURS } from '@hop-lark/core/palette'
import type { SolutionLook } from '@hop-lark/core/substance'
import { type BuretteScale, heightOf, marksOf } from './buretteScale.ts'
import { inkOn } from './inkOn.ts'
import { Magnifier } from './Magnifier.tsx'

interface BuretteProps {
  readonly capacity: number
  /** Where the liquid stands; undefined while nothing is read. */
  readonly reading: string | undefined
  readonly quickTo?: string | undefined
  readonly endNear?: string | undefined
  readonly look: SolutionLook
}

const TUBE = { left: 74, width: 34 }
const HEIGHT = 640

/** A burette drawn to its scale: the level is the last reading, the marks say where to slow down and where the end should be. */
export function Burette({ capacity, reading, quickTo, endNear, look }: BuretteProps) {
  const scale: BuretteScale = { capacity, top: 34, bottom: 566 }
  const level = reading === undefined ? scale.top : heightOf(Number(reading), scale)
  const right = TUBE.left + TUBE.width
  const colour = CHEMICAL_COLOURS[look.colour]
  return (
    <svg
      viewBox={`12 0 230 ${HEIGHT}`}
      className="h-auto w-full max-w-[15.5rem]"
      role="img"
      aria-label={describe({ reading, quickTo, endNear, look })}
    >
      <path
        d={`M${TUBE.left} 6V${scale.bottom + 14}q0 14 10 18l4 0v22h6v-22l4 0q10-4 10-18V6`}
        fill="var(--sheet)"
        stroke="var(--glass)"
        strokeWidth="2"
      />
      <clipPath id="burette-inside">
        <path d={`M${TUBE.left + 1} 6V${scale.bottom + 14}q0 13 9.500 17l4 0v23h5v-23l4 0q9.500-4 9.500-17V6z`} />
      </clipPath>
      <g clipPath="url(#burette-inside)">
        <rect className="liquid" x={TUBE.left} y={level} width={TUBE.width} height={HEIGHT - level} fill={colour} />
        <ellipse
          className="liquid"
          cx={TUBE.left + TUBE.width / 2}
          cy={level}
          rx={TUBE.width / 2}
          ry="3"
          fill={look.dark ? colour : 'var(--sheet)'}
        />
      </g>
      {marksOf(capacity).map(({ reading: at, size }) => (
        <Mark key={at} at={at} size={size} y={heightOf(at, scale)} below={heightOf(at, scale) > level ? look : undefined} />
      ))}
      <rect x={TUBE.left - 2} y={scale.bottom + 36} width={TUBE.width + 4} height="7" rx="3.500" fill="var(--ink)" />
      {quickTo !== undefined && <QuickMark y={heightOf(Number(quickTo), scale)} reading={quickTo} />}
      {endNear !== undefined && (
        <g>
          <line
            x1={TUBE.left - 4}
            x2={right + 6}
            y1={heightOf(Number(endNear), scale)}
            y2={heightOf(Number(endNear), scale)}
            stroke={look.dark ? '#F2B8C6' : 'var(--hop)'}
            strokeWidth="2"
            strokeDasharray="4 3"
          />
          <text x={right + 32} y={heightOf(Number(endNear), scale) + 4} className="fill-hop text-[12px] font-bold">
            end
          </text>
        </g>
      )}
      {reading !== undefined && (
        <Magnifier
          reading={Number(reading)}
          capacity={capacity}
          look={look}
          y={Math.min(Math.max(level, 60), 500)}
          from={{ x: right, y: level }}
        />
      )}
    </svg>
  )
}

function describe({ reading, quickTo, endNear, look }: Omit<BuretteProps, 'capacity'>): string {
  const level = reading === undefined ? 'Burette, filled' : `Burette, ${look.colour} solution standing at ${reading}`
  return [level, quickTo && `run quickly to ${quickTo}`, endNear && `end expected near ${endNear}`].filter(Boolean).join(', ')
}

function Mark({
  at,
  size,
  y,
  below,
}: {
  readonly at: number
  readonly size: 'small' | 'middle' | 'large'
  readonly y: number
  readonly below: SolutionLook | undefined
}) {
  const length = { small: 8, middle: 13, large: 18 }[size]
  const right = TUBE.left + TUBE.width
  return (
    <>
      <line
        x1={right - length}
        x2={right}
        y1={y}
        y2={y}
        stroke={below === undefined ? 'var(--ink-soft)' : inkOn(below)}
        strokeWidth={size === 'large' ? 1.6 : 1}
      />
      {size === 'large' && (
        <text x={right + 7} y={y + 4.5} className="num fill-ink-soft text-[13px]">
          {at}
        </text>
      )}
    </>
  )
}

function QuickMark({ y, reading }: { readonly y: number; readonly reading: string }) {
  return (
    <g className="fill-lark">
      <path d={`M${TUBE.left - 3} ${y}l-9-5v10z`} />
      <text x={TUBE.left - 16} y={y - 2} textAnchor="end" className="text-[12px] font-bold">
        fast to
      </text>
      <text x={TUBE.left - 16} y={y + 12} textAnchor="end" className="num text-[13px]">
        {reading}
      </text>
    </g>
  )
}
