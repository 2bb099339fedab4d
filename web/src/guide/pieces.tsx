import type { ReactNode } from 'react'

/** The paper of a drawing: 240 wide, 230 high, its bench at 210. */
export function Paper({ says, children }: { readonly says: string; readonly children: ReactNode }) {
  return (
    <svg viewBox="0 0 240 230" className="h-auto w-full max-w-72" role="img" aria-label={says}>
      {children}
    </svg>
  )
}

export const Bench = () => <path d="M8 210h224" stroke="var(--ink)" strokeWidth="2" />

/** Glass, drawn by its outline. */
export const Glass = ({ d, fill = 'none' }: { readonly d: string; readonly fill?: string }) => (
  <path d={d} fill={fill} stroke="var(--glass)" strokeWidth="2.5" strokeLinejoin="round" strokeLinecap="round" />
)

/** Liquid in a glass: its area, with the line of its surface. */
export const Liquid = ({ d }: { readonly d: string }) => <path d={d} fill="var(--hop-wash)" stroke="none" />
export const Solid = ({ d }: { readonly d: string }) => <path d={d} fill="var(--lark)" stroke="none" />
export const Metal = ({ d }: { readonly d: string }) => (
  <path d={d} fill="none" stroke="var(--ink-soft)" strokeWidth="3" strokeLinecap="round" strokeLinejoin="round" />
)

/** Which way something is moved. */
export function Arrow({ d, to }: { readonly d: string; readonly to: readonly [x: number, y: number, turn: number] }) {
  const [x, y, turn] = to
  return (
    <g stroke="var(--lark)" strokeWidth="2.5" fill="none" strokeLinecap="round" strokeLinejoin="round">
      <path d={d} />
      <path d="M-7-5L0 0L-7 5" transform={`translate(${x} ${y}) rotate(${turn})`} />
    </g>
  )
}

/** What is to be noticed, with a line to it. */
export function Word({
  x,
  y,
  children,
  end = false,
}: {
  readonly x: number
  readonly y: number
  readonly children: string
  readonly end?: boolean
}) {
  return (
    <text x={x} y={y} textAnchor={end ? 'end' : 'start'} className="fill-ink text-[12.5px]">
      {children}
    </text>
  )
}

export const Pointer = ({ d }: { readonly d: string }) => <path d={d} stroke="var(--ink-soft)" strokeWidth="1.2" fill="none" />

/** An eye that looks along the bench. */
export const Eye = ({ x, y }: { readonly x: number; readonly y: number }) => (
  <g transform={`translate(${x} ${y})`} stroke="var(--ink)" strokeWidth="1.8" fill="none">
    <path d="M0 0q9-9 18 0q-9 9-18 0z" />
    <circle cx="9" cy="0" r="2.6" fill="var(--ink)" />
    <path d="M-8 0H-60" strokeDasharray="4 4" strokeWidth="1.2" />
  </g>
)

/** A burner with its flame; the tip of the flame at the place given. */
export const Burner = ({ x, y }: { readonly x: number; readonly y: number }) => (
  <g transform={`translate(${x} ${y})`}>
    <path d="M0 0c10 16 12 24 0 38c-12-14-10-22 0-38z" fill="var(--iodine-wash)" stroke="var(--iodine)" strokeWidth="2" />
    <path d="M0 18c4 7 5 12 0 19c-5-7-4-12 0-19z" fill="var(--sheet)" stroke="var(--iodine)" strokeWidth="1.2" />
    <path d="M-6 39h12v34h-12zM-18 73h36v7h-36z" fill="var(--sheet)" stroke="var(--ink-soft)" strokeWidth="2" />
    <circle cx="0" cy="58" r="3" fill="var(--ink-soft)" />
  </g>
)

/** A beaker: left edge, bottom, width, height. */
export const beaker = (x: number, bottom: number, w: number, h: number) =>
  `M${x - 4} ${bottom - h}l4 4V${bottom - 4}q0 4 4 4h${w - 8}q4 0 4-4V${bottom - h + 4}l4-4`
export const beakerLiquid = (x: number, bottom: number, w: number, h: number) =>
  `M${x} ${bottom - h}V${bottom - 4}q0 4 4 4h${w - 8}q4 0 4-4V${bottom - h}z`
/** A conical flask standing on the bench. */
export const conical = (x: number, bottom: number) =>
  `M${x + 22} ${bottom - 78}h20M${x + 25} ${bottom - 78}v22L${x} ${bottom - 8}q-2 8 6 8h52q8 0 6-8L${x + 39} ${bottom - 56}v-22`
export const conicalLiquid = (x: number, bottom: number) =>
  `M${x + 11} ${bottom - 28}L${x} ${bottom - 8}q-2 8 6 8h52q8 0 6-8L${x + 53} ${bottom - 28}z`
/** A test-tube, upright, its mouth at the top. */
export const tube = (x: number, top: number, h: number) => `M${x - 2} ${top}h24M${x} ${top}v${h - 10}a10 10 0 0 0 20 0V${top}`
export const tubeLiquid = (x: number, level: number, bottom: number) => `M${x} ${level}V${bottom - 10}a10 10 0 0 0 20 0V${level}z`
