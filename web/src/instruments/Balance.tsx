/** A balance whose display shows the last reading. */
export function Balance({ shows }: { readonly shows: string | undefined }) {
  return (
    <svg
      viewBox="0 0 190 150"
      className="h-auto w-44 shrink-0"
      role="img"
      aria-label={shows === undefined ? 'Balance, nothing weighed' : `Balance showing ${shows} g`}
    >
      <ellipse cx="95" cy="30" rx="62" ry="9" fill="var(--sheet)" stroke="var(--glass)" strokeWidth="2.5" />
      <path d="M82 39l-3 21h32l-3-21" fill="none" stroke="var(--glass)" strokeWidth="2.5" />
      <path d="M28 60h134l14 72a8 8 0 0 1-8 9H22a8 8 0 0 1-8-9z" fill="var(--paper)" stroke="var(--glass)" strokeWidth="2.5" />
      <rect x="38" y="84" width="114" height="38" rx="4" fill="#dfe6d6" stroke="var(--ink)" strokeWidth="1.5" />
      <text x="144" y="111" textAnchor="end" className="num text-[21px] font-semibold" fill="#1c2733">
        {shows ?? '0.00'} g
      </text>
    </svg>
  )
}
