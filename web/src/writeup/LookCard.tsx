import { writePath } from '@hop-lark/core/record'
import type { Look } from '@hop-lark/core/writeup'
import { useGoTo } from './useGoTo.ts'

/** Remarks shown at once; the rest comes when these are mended. */
const MOST_AT_ONCE = 6

/** What an examiner would mark down, each leading to its place; and what is right as it is. */
export function LookCard({ look: { remarks, right } }: { readonly look: Look }) {
  const go = useGoTo()
  return (
    <>
      {remarks.length > 0 && (
        <section aria-label="As an examiner reads it" className="flex flex-col gap-3">
          <h2 className="eyebrow text-iodine">As an examiner reads it</h2>
          {remarks.slice(0, MOST_AT_ONCE).map(({ code, at, says, mend }) => (
            <button
              key={`${code} ${writePath(at)} ${says}`}
              type="button"
              title="Go there"
              className="block border-l-3 border-iodine pl-3 text-left hover:bg-hair"
              onClick={() => go(at)}
            >
              <span className="block text-[0.95rem]">{says}</span>
              <span className="block text-sm text-ink-soft">{mend}</span>
            </button>
          ))}
          {remarks.length > MOST_AT_ONCE && <p className="text-sm text-ink-soft">and {remarks.length - MOST_AT_ONCE} more</p>}
        </section>
      )}
      {right.length > 0 && (
        <section aria-label="Right as it is">
          <h2 className="eyebrow">Right as it is</h2>
          <ul className="mt-1 text-[0.95rem] text-ink-soft">
            {right.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
        </section>
      )}
    </>
  )
}
