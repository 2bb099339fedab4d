import type { StageState } from '@hop-lark/core/stages'

const SAYS: Readonly<Record<StageState, string>> = { empty: 'not begun', partly: 'begun', done: 'done' }

/** How far a stage is: an open ring, a half-filled one, a full one with a tick. */
export function StageMark({ state }: { readonly state: StageState }) {
  return (
    <svg width="20" height="20" viewBox="0 0 20 20" role="img" aria-label={SAYS[state]} className="shrink-0">
      <circle
        cx="10"
        cy="10"
        r="8"
        fill={state === 'done' ? 'var(--hop)' : 'var(--sheet)'}
        stroke={state === 'empty' ? 'var(--glass)' : 'var(--hop)'}
        strokeWidth="1.6"
      />
      {state === 'partly' && <path d="M10 3.5a6.5 6.5 0 0 1 0 13z" fill="var(--hop)" />}
      {state === 'done' && (
        <path
          d="M6 10.4l2.7 2.7L14 7.6"
          fill="none"
          stroke="var(--sheet)"
          strokeWidth="2"
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      )}
    </svg>
  )
}
