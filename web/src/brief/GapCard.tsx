import type { Gap } from '@hop-lark/core/brief'
import { useState } from 'react'
import { Key } from '../keys/KeyHint.tsx'
import { mend } from './useReading.ts'

const HINTS: Readonly<Record<NonNullable<Gap['typed']>, string>> = {
  label: 'its label',
  volume: 'cm³, for example 25.0',
  equation: 'HCl + NaOH -> NaCl + H2O',
  places: '0 to 45 by 5',
  text: 'type it',
}

interface GapCardProps {
  readonly gap: Gap
  /** Whether it is the one that the number keys answer. */
  readonly current: boolean
}

/** One thing the sheet left open, asked in a line, with what it may be: a key answers it. */
export function GapCard({ gap, current }: GapCardProps) {
  const [typed, setTyped] = useState('')
  const answer = (value: string) => mend(`answer: ${gap.says}`, { gap: gap.id, value })
  return (
    <div data-gap={gap.id} className="mt-2 border-l-3 border-iodine bg-iodine-wash px-3 py-2">
      <p className="text-[0.95rem] font-semibold">{gap.says}</p>
      <div className="mt-1.5 flex flex-wrap items-center gap-2">
        {gap.candidates.map(({ value, says }, index) => (
          <button
            key={value}
            type="button"
            className="inline-flex min-h-9 items-center gap-2 rounded-lg border border-rule bg-sheet px-2.5 text-left text-[0.92rem] hover:border-ink-soft"
            onClick={() => answer(value)}
          >
            {current && index < 9 && <Key name={String(index + 1)} />}
            {says}
          </button>
        ))}
        {gap.typed && (
          <input
            aria-label={`${gap.says} Another answer`}
            value={typed}
            placeholder={HINTS[gap.typed]}
            className="min-h-9 w-40 flex-1 rounded-lg border border-rule bg-sheet px-2.5 placeholder:text-ink-soft"
            onChange={(event) => setTyped(event.target.value)}
            onBlur={() => typed.trim() !== '' && answer(typed.trim())}
            onKeyDown={(event) => {
              if (event.key === 'Enter' && typed.trim() !== '') answer(typed.trim())
              if (event.key === 'Escape') setTyped('')
            }}
          />
        )}
      </div>
    </div>
  )
}
