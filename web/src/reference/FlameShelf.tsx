import { ionName } from '@hop-lark/core/identify'
import { FLAME_COLOURS } from '@hop-lark/core/tube'
import { Formula } from '../ui/Chem.tsx'
import { Shelf } from './Shelf.tsx'
import { Swatch } from './Swatch.tsx'

/** Flame colours, and what covers what. */
export function FlameShelf({ sought }: { readonly sought: string }) {
  const rows = FLAME_COLOURS.map(({ ion, colour }) => ({
    key: ion,
    words: `${ion} ${ionName(ion)} ${colour}`,
    name: (
      <>
        {ionName(ion)}{' '}
        <span className="font-normal text-ink-soft">
          <Formula text={ion} />
        </span>
      </>
    ),
    says: <Swatch colour={colour} />,
  }))
  return (
    <>
      <p className="mb-2 text-[0.95rem]">
        A clean wire or a soaked splint, the hottest part of the flame. Sodium covers everything: look through cobalt-blue glass,
        which takes its yellow away, and potassium shows lilac.
      </p>
      <Shelf rows={rows} sought={sought} />
    </>
  )
}
