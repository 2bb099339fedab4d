import { useWidth } from './useWidth.ts'

interface StaircaseProps {
  /** Masses in the order weighed, g. */
  readonly masses: readonly number[]
  readonly labels: readonly string[]
  readonly constant: boolean
}

const HEIGHT = 250
const EDGE = { left: 16, right: 16, top: 34, bottom: 36 }
const WIDEST = 620

/** Masses of a heating as steps going down; where the last two tread level, constant mass has been reached. */
export function Staircase({ masses, labels, constant }: StaircaseProps) {
  const [frame, { width, growth }] = useWidth(WIDEST)
  const [low, high] = [Math.min(...masses), Math.max(...masses)]
  const tread = (width - EDGE.left - EDGE.right) / Math.max(masses.length, 3)
  const heightOf = (mass: number) =>
    EDGE.top + (high === low ? 0.5 : (high - mass) / (high - low)) * (HEIGHT - EDGE.top - EDGE.bottom)
  const steps = masses.map((mass, index) => ({ mass, index, x: EDGE.left + index * tread, y: heightOf(mass) }))
  const path = steps.map(({ x, y }, index) => `${index === 0 ? 'M' : 'L'}${x} ${y}h${tread}`).join('')
  const [before, last] = steps.slice(-2)
  return (
    <div ref={frame}>
      <svg
        viewBox={`0 0 ${width} ${HEIGHT}`}
        width={width * growth}
        height={HEIGHT * growth}
        role="img"
        aria-label={`Masses on heating: ${labels.join(', ')} g${constant ? ', constant' : ''}`}
      >
        {constant && before && last && (
          <rect
            x={before.x}
            y={Math.min(before.y, last.y) - 8}
            width={2 * tread}
            height={Math.abs(before.y - last.y) + 16}
            rx="6"
            fill="var(--hop-wash)"
          />
        )}
        <path d={path} fill="none" stroke={constant ? 'var(--hop)' : 'var(--ink)'} strokeWidth="2.5" strokeLinejoin="round" />
        {steps.map(({ x, y, index }) => (
          <g key={index}>
            <text x={x + tread / 2} y={y - 12} textAnchor="middle" className="num fill-ink text-[15px] font-semibold">
              {labels[index]}
            </text>
            <text x={x + tread / 2} y={HEIGHT - 10} textAnchor="middle" className="fill-ink-soft text-[13px]">
              {index === 0 ? 'before' : `heated ${index}×`}
            </text>
          </g>
        ))}
      </svg>
    </div>
  )
}
