/** Our bird, over a line of ground. */
export function Lark({ size = 24 }: { readonly size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 32 32" aria-hidden="true">
      <path d="M5 24c8 2 15-1 18-7l5-2-4-2c-1-4-6-5-8-1-3 4-8 4-12 3 1 3 4 5 7 5-2 2-4 3-6 4z" fill="var(--lark)" />
      <circle cx="22" cy="12.5" r="1" fill="var(--sheet)" />
      <path d="M4 27c7 2 16 1 22-3" fill="none" stroke="var(--hop)" strokeWidth="2" strokeLinecap="round" />
    </svg>
  )
}
