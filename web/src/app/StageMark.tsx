import type { StageState } from '@hop-lark/core/stages'
import { useId } from 'react'

const SAYS: Readonly<Record<StageState, string>> = { empty: 'not begun', partly: 'begun', done: 'done' }

/** A small conical flask: neck, shoulders, base. */
const FLASK = 'M8 2.5v5L3.4 15.6a1.7 1.7 0 0 0 1.5 2.5h10.2a1.7 1.7 0 0 0 1.5-2.5L12 7.5v-5'
/** How high it stands in the flask. */
const LEVEL: Readonly<Record<StageState, number | undefined>> = { empty: undefined, partly: 13, done: 8.5 }

/** How far a stage is: an empty flask, one that is being filled, a full one with its stopper in. */
export function StageMark({ state }: { readonly state: StageState }) {
  const glass = useId()
  const level = LEVEL[state]
  const line = state === 'empty' ? 'var(--glass)' : 'var(--hop)'
  return (
    <svg width="20" height="20" viewBox="0 0 20 20" role="img" aria-label={SAYS[state]} className="shrink-0">
      <clipPath id={glass}>
        <path d={FLASK} />
      </clipPath>
      <path d={FLASK} fill="var(--sheet)" />
      {level !== undefined && <rect x="0" y={level} width="20" height={20 - level} fill="var(--hop)" clipPath={`url(#${glass})`} />}
      <path d={FLASK} fill="none" stroke={line} strokeWidth="1.5" strokeLinejoin="round" strokeLinecap="round" />
      {state === 'done' ? (
        <path d="M7 1.1h6l-.6 3H7.6z" fill="var(--hop)" />
      ) : (
        <path d="M6.8 2.5h6.4" stroke={line} strokeWidth="1.5" strokeLinecap="round" />
      )}
    </svg>
  )
}
