import type { Offer } from '@hop-lark/core/identify'
import { Key } from '../../keys/KeyHint.tsx'

/** The usual outcomes of this test: a digit takes one. */
export function Offers({
  offers,
  onTake,
  onNothing,
}: {
  readonly offers: readonly Offer[]
  readonly onTake: (offer: Offer) => void
  readonly onNothing: () => void
}) {
  return (
    <ul aria-label="Usual outcomes" className="mt-1 flex flex-wrap gap-1.5">
      {!offers.some(({ says }) => says === 'no visible change') && <Chip name="-" says="no visible change" onClick={onNothing} />}
      {offers.map((offer, index) => (
        <Chip key={offer.says} name={String(index + 1)} says={offer.says} onClick={() => onTake(offer)} />
      ))}
    </ul>
  )
}

function Chip({ name, says, onClick }: { readonly name: string; readonly says: string; readonly onClick: () => void }) {
  return (
    <li>
      <button
        type="button"
        onClick={onClick}
        className="flex min-h-9 items-center gap-2 rounded-lg border border-rule bg-sheet px-2.5 text-left text-[0.92rem] hover:border-ink-soft"
      >
        <Key name={name} />
        {says}
      </button>
    </li>
  )
}
