interface MarkProps {
  readonly cx?: number
  readonly cy?: number
  readonly payload?: { readonly doubtful: boolean }
  readonly marks: 'crosses' | 'ringed-dots'
  readonly colour: string
}

/** A point as it is plotted by hand: a small cross, or a dot in a ring; one that does not fit has a wide ring around it. */
export function Mark({ cx = 0, cy = 0, payload, marks, colour }: MarkProps) {
  const stroke = payload?.doubtful ? 'var(--iodine)' : colour
  return (
    <g stroke={stroke} strokeWidth="1.8" fill="none">
      {marks === 'crosses' ? (
        <path d={`M${cx - 5} ${cy - 5}l10 10M${cx - 5} ${cy + 5}l10-10`} />
      ) : (
        <>
          <circle cx={cx} cy={cy} r="1.4" fill={stroke} />
          <circle cx={cx} cy={cy} r="5" />
        </>
      )}
      {payload?.doubtful && <circle cx={cx} cy={cy} r="10" />}
    </g>
  )
}

/** A wide ring around the point that is looked at by keys. */
export function LookedAt({ cx = 0, cy = 0 }: { readonly cx?: number; readonly cy?: number }) {
  return <circle cx={cx} cy={cy} r="12" fill="none" stroke="var(--hop)" strokeWidth="2.5" />
}
