import { CHEMICAL_COLOURS } from '@hop-lark/core/palette'
import { Swatch } from './Swatch.tsx'

/** Every colour that is drawn, by name: nothing on a page is told by colour alone. */
export function ColourShelf({ sought }: { readonly sought: string }) {
  const found = Object.keys(CHEMICAL_COLOURS).filter((name) => name.includes(sought))
  if (found.length === 0) return <p className="text-ink-soft">No colour by the name of “{sought}”.</p>
  return (
    <>
      <p className="mb-3 text-[0.95rem]">The words for colours that are understood, as they are drawn here.</p>
      <ul className="grid grid-cols-2 gap-2 min-[500px]:grid-cols-3">
        {found.map((colour) => (
          <li key={colour}>
            <Swatch colour={colour} />
          </li>
        ))}
      </ul>
    </>
  )
}
