import { CHEMICAL_COLOURS, type ChemicalColour } from '@hop-lark/core/palette'
import type { PartOf } from '@hop-lark/core/record'
import { useEndPoint } from './useEndPoint.ts'

/** The colours to look for, before the end-point, at it and past it. */
export function EndPointLine({ part }: { readonly part: PartOf<'titration'> }) {
  const { endPoint } = useEndPoint(part)
  return (
    <div className="mb-3" data-testid="end-point">
      {endPoint ? (
        <p className="flex flex-wrap items-center gap-x-2 gap-y-1 text-[0.95rem]">
          <Chip colour={endPoint.before} />
          <span className="text-ink-soft">stop at {endPoint.stopAt}:</span>
          <Chip colour={endPoint.at} />
          {endPoint.past !== endPoint.at && (
            <>
              <span className="text-ink-soft">past it</span>
              <Chip colour={endPoint.past} />
            </>
          )}
        </p>
      ) : (
        <p className="text-[0.95rem] text-ink-soft">Name the indicator in the set-up to see its colours here.</p>
      )}
    </div>
  )
}

function Chip({ colour }: { readonly colour: ChemicalColour }) {
  return (
    <span className="inline-flex items-center gap-1.5">
      <span
        aria-hidden="true"
        className="size-4.5 rounded-full border border-ink-soft"
        style={{ backgroundColor: CHEMICAL_COLOURS[colour] }}
      />
      <strong className="font-semibold">{colour}</strong>
    </span>
  )
}
