import { CHEMICAL_COLOURS, type ChemicalColour } from '@hop-lark/core/palette'

/** A colour of the bench with its name beside it. */
export function Swatch({ colour }: { readonly colour: string }) {
  const known = Object.hasOwn(CHEMICAL_COLOURS, colour)
  return (
    <span className="inline-flex items-center gap-1.5 whitespace-nowrap">
      {known && (
        <span
          aria-hidden="true"
          className="inline-block size-4 rounded border border-glass"
          style={{ background: CHEMICAL_COLOURS[colour as ChemicalColour] }}
        />
      )}
      {colour}
    </span>
  )
}
