import { type Axis, type Drawn, unitPer } from '@hop-lark/core/curve'
import { usePlotArea } from 'recharts'
import { Num } from '../../ui/Num.tsx'

interface CrossHairProps {
  readonly x: Axis
  readonly y: Axis
  readonly drawn: readonly Drawn[]
  readonly at: number | undefined
  readonly onMove: (at: number) => void
}

const nearestSquare = (value: number, { from, to, small }: Axis) =>
  Number(Math.min(to, Math.max(from, from + Math.round((value - from) / small) * small)).toPrecision(10))

/** Follows the mouse over the paper, square by square, with a thread down to the axis and across to each line. */
export function CrossHair({ x, y, drawn, at, onMove }: CrossHairProps) {
  const area = usePlotArea()
  if (!area) return null
  const across = (value: number) => area.x + ((value - x.from) / (x.to - x.from)) * area.width
  const up = (value: number) => area.y + area.height - ((value - y.from) / (y.to - y.from)) * area.height
  return (
    <g>
      {at !== undefined && (
        <g stroke="var(--iodine)" strokeWidth="1.3">
          <path d={`M${across(at)} ${area.y}v${area.height}`} />
          {drawn.map(({ name, heightAt }) => {
            const height = heightAt(at)
            return height < y.from || height > y.to ? null : (
              <g key={name}>
                <path d={`M${area.x} ${up(height)}H${across(at)}`} strokeDasharray="3 4" />
                <circle cx={across(at)} cy={up(height)} r="3.5" fill="var(--iodine)" />
              </g>
            )
          })}
        </g>
      )}
      {/* biome-ignore lint/a11y/noStaticElementInteractions: the mouse only; the slider below the paper does the same by keys */}
      <rect
        x={area.x}
        y={area.y}
        width={area.width}
        height={area.height}
        fill="transparent"
        onMouseMove={(event) => {
          const box = event.currentTarget.getBoundingClientRect()
          onMove(nearestSquare(x.from + ((event.clientX - box.left) / box.width) * (x.to - x.from), x))
        }}
      />
    </g>
  )
}

interface ReadOffProps {
  readonly x: Axis
  readonly y: Axis
  readonly xName: string
  readonly xUnit: string
  readonly yUnit: string
  readonly drawn: readonly Drawn[]
  readonly at: number | undefined
  readonly onMove: (at: number) => void
}

/** Figures a curve's gradient is read to. */
const GRADIENT_FIGURES = 3

/** Reads heights off the lines by keys: a slider that goes from small square to small square. */
export function ReadOff({ x, y, xName, xUnit, yUnit, drawn, at, onMove }: ReadOffProps) {
  if (drawn.length === 0) return null
  const here = at ?? x.from
  const written = (value: number, axis: Axis) => value.toFixed(axis.places + 1)
  return (
    <div className="screen-only mt-2 flex flex-wrap items-center gap-x-4 gap-y-1 text-[0.95rem]">
      <label className="flex items-center gap-2">
        <span className="text-sm font-semibold">Read off</span>
        <input
          type="range"
          aria-label={`Read off at ${xName}`}
          className="w-44 accent-(--iodine)"
          min={x.from}
          max={x.to}
          step={x.small}
          value={here}
          onChange={(event) => onMove(Number(event.target.value))}
        />
      </label>
      {at === undefined ? (
        <span className="text-ink-soft">Move over the paper, or use the slider and its arrow keys.</span>
      ) : (
        <output>
          at <Num text={written(here, x)} unit={xUnit} />:{' '}
          {drawn.map(({ name, heightAt, slopeAt }, index) => (
            <span key={name}>
              {index > 0 && ', '}
              {name} <Num text={written(heightAt(here), y)} unit={yUnit} className="font-semibold" />
              {slopeAt && (
                <>
                  , gradient{' '}
                  <Num
                    text={slopeAt(here).toPrecision(GRADIENT_FIGURES)}
                    unit={unitPer({ x: { unit: xUnit }, y: { unit: yUnit } })}
                  />
                </>
              )}
            </span>
          ))}
        </output>
      )}
    </div>
  )
}
