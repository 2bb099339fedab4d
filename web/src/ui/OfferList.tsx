import { type Path, writePath } from '@hop-lark/core/record'
import type { KeyboardEvent, ReactNode } from 'react'
import { Key } from '../keys/KeyHint.tsx'

/** Something that one key takes. */
interface OfferedItem {
  readonly key: string
  readonly says: ReactNode
  /** Whether it was taken already: it keeps its place, so that no other moves under a finger. */
  readonly taken?: boolean
  /** @param button - what was pressed, from which the cursor goes on */
  readonly take: (button: HTMLElement) => void
}

interface OfferListProps {
  readonly label: string
  readonly says: ReactNode
  readonly offers: readonly OfferedItem[]
  /** Where the cursor comes to the first that can be taken. */
  readonly at?: Path
}

/** More than nine have no digit of their own. */
const DIGITS = 9

/** Things that are offered: Enter takes the one with the cursor, a digit the one it stands beside. */
export function OfferList({ label, says, offers, at }: OfferListProps) {
  const first = offers.findIndex(({ taken }) => !taken)
  const byDigit = (event: KeyboardEvent<HTMLElement>) => {
    // With Alt the digit goes to a stage.
    const place = /^[1-9]$/.test(event.key) && !event.altKey && !event.ctrlKey && !event.metaKey ? Number(event.key) - 1 : -1
    const button = event.currentTarget.querySelectorAll<HTMLButtonElement>('button')[place]
    const offer = offers[place]
    if (!button || !offer) return
    event.preventDefault()
    if (!offer.taken) offer.take(button)
  }
  return (
    <section aria-label={label} className="mb-3" onKeyDown={byDigit}>
      <p className="mb-1.5 text-[0.95rem]">{says}</p>
      <ol className="flex flex-col items-start gap-1.5">
        {offers.map(({ key, says: text, taken = false, take }, index) => (
          <li key={key} className="max-w-full">
            <button
              type="button"
              aria-pressed={taken}
              data-at={at && index === first ? writePath(at) : undefined}
              aria-disabled={taken}
              data-asked={taken ? undefined : ''}
              onClick={(event) => !taken && take(event.currentTarget)}
              className={`flex min-h-11 max-w-full items-center gap-3 rounded-lg border px-3 py-1.5 text-left ${taken ? 'border-hop bg-hop-wash' : 'border-rule bg-sheet hover:border-ink-soft'}`}
            >
              {taken ? <span className="text-hop">✓</span> : index < DIGITS && <Key name={String(index + 1)} />}
              <span className="min-w-0">{text}</span>
            </button>
          </li>
        ))}
      </ol>
    </section>
  )
}
