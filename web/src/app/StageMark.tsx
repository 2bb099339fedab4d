import type { StageState } from '@hop-lark/core/stages'
import { useId } from 'react'

const SAYS: Readonly<Record<StageState, string>> = { empty: 'not begun', partly: 'begun', done: 'done' }

/** A test tube with its rim. */
const TUBE = 'M6.2 2.6v11.1a3.8 3.8 0 0 0 7.6 0V2.6'
const RIM = 'M4.8 2.6h10.4'
/** From where down it is filled. */
const LEVEL: Readonly<Record<StageState, number | undefined>> = { empty: undefined, partly: 10.6, done: 6.2 }

/** How far a stage is: an empty test tube, one half filled, a full one with its stopper in. */
export function StageMark({ state }: { readonly state: StageState }) {
  const glass = useId()
  const level = LEVEL[state]
  const line = state === 'empty' ? 'var(--glass)' : 'var(--hop)'
  return (
    <svg width="20" height="20" viewBox="0 0 20 20" role="img" aria-label={SAYS[state]} className="shrink-0">
      <clipPath id={glass}>
        <path d={TUBE} />
      </clipPath>
      <path d={TUBE} fill="var(--sheet)" />
      {level !== undefined && (
        <rect x="0" y={level} width="20" height={20 - level} fill="var(--hop)" clipPath={`url(#${glass})`} />
      )}
      <path d={TUBE} fill="none" stroke={line} strokeWidth="1.5" strokeLinecap="round" />
      {state === 'done' ? (
        <path d="M5 0.7h10l-1.3 3.6H6.3z" fill="var(--lark)" />
      ) : (
        <path d={RIM} stroke={line} strokeWidth="1.5" strokeLinecap="round" />
      )}
    </svg>
  )
}
