import { INDICATORS } from '@hop-lark/core/indicator'
import { Shelf } from './Shelf.tsx'
import { Swatch } from './Swatch.tsx'

/** Indicators with their colours and ranges. */
export function IndicatorShelf({ sought }: { readonly sought: string }) {
  const rows = INDICATORS.map(({ name, also, kind, first, middle, last, range, note }) => ({
    key: name,
    words: `${name} ${also.join(' ')} ${kind}`,
    name,
    says: (
      <>
        <span className="flex flex-wrap items-center gap-x-2">
          <Swatch colour={first} />
          {middle && (
            <>
              → <Swatch colour={middle} />
            </>
          )}
          → <Swatch colour={last} />
          {range && <span className="num text-ink-soft">pH {range.join(' to ')}</span>}
        </span>
        {note && <span className="block text-ink-soft">{note}</span>}
      </>
    ),
  }))
  return <Shelf rows={rows} sought={sought} />
}
