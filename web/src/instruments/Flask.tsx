import { CHEMICAL_COLOURS } from '@hop-lark/core/palette'
import type { SolutionLook } from '@hop-lark/core/substance'

/** A volumetric flask drawn full to its mark. */
export function Flask({
  capacity,
  label,
  look,
  filled,
}: {
  readonly capacity: string | undefined
  readonly label: string
  readonly look: SolutionLook
  readonly filled: boolean
}) {
  const outline = 'M86 14h28v108c0 12 58 44 58 102c0 32-30 46-72 46s-72-14-72-46c0-58 58-90 58-102z'
  const mark = 78
  return (
    <svg
      viewBox="0 0 200 290"
      className="h-auto w-44 shrink-0"
      role="img"
      aria-label={`Volumetric flask${capacity ? ` of ${capacity} cm³` : ''}${filled ? `, ${label} to the mark` : ', empty'}`}
    >
      <clipPath id="flask-inside">
        <path d={outline} />
      </clipPath>
      <path d={outline} fill="var(--sheet)" />
      {filled && (
        <g clipPath="url(#flask-inside)">
          <rect x="20" y={mark} width="160" height="220" fill={CHEMICAL_COLOURS[look.colour]} />
          <ellipse cx="100" cy={mark} rx="14" ry="3" fill="var(--sheet)" />
        </g>
      )}
      <path d={outline} fill="none" stroke="var(--glass)" strokeWidth="2.500" />
      <path d="M80 14h40" stroke="var(--glass)" strokeWidth="4" strokeLinecap="round" />
      <line x1="82" x2="118" y1={mark + 3} y2={mark + 3} stroke="var(--ink)" strokeWidth="1.800" />
      <text x="126" y={mark + 8} className="fill-ink-soft text-[13px]">
        the mark
      </text>
      {capacity !== undefined && (
        <text
          x="100"
          y="222"
          textAnchor="middle"
          className="num fill-[#1c2733] text-[19px] font-semibold"
          fill="#1c2733"
          stroke={filled ? 'none' : 'var(--sheet)'}
        >
          {capacity}
        </text>
      )}
    </svg>
  )
}
