import { CANDIDATES, ionName } from '@hop-lark/core/identify'
import { ION_LISTS, readIons } from '@hop-lark/core/rack'
import { type PartOf, path } from '@hop-lark/core/record'
import { memo } from 'react'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { TextField } from '../../ui/TextField.tsx'

const isIon = (said: string) => CANDIDATES.some(({ ion }) => ion === said)

/** The ions that the sheet’s notes cover: no other is thought of. */
export const ListedIons = memo(function ListedIons({ part }: { readonly part: PartOf<'rack'> }) {
  const change = usePartChange(part)
  const listed = part.listed ?? []
  const unknown = listed.filter((said) => !isIon(said))
  const keep = (ions: readonly string[]) =>
    change('say which ions the sheet covers', (rack) => {
      if (ions.length > 0) rack.listed = [...ions]
      else delete rack.listed
    })
  const write = (text: string) => {
    const { ions, unknown: others } = readIons(text)
    // What names no ion that is known here stays as it was written.
    keep([...ions, ...others])
  }
  return (
    <div className="mt-4 max-w-xl">
      <TextField
        label="Ions that the notes cover"
        at={path('parts', part.id, 'listed')}
        value={listed.map((said) => (isIon(said) ? ionName(said) : said)).join(', ')}
        placeholder="any; or: ammonium, iron(II), Cu2+, chloride, sulfate"
        hint="Names or formulae, parted by commas. No other cation is then thought of where it names cations, no other anion where it names anions."
        error={unknown.length > 0 ? `No ion that is known here: ${unknown.join(', ')}. The others count.` : undefined}
        onCommit={write}
      />
      <p className="mt-1 flex flex-wrap gap-x-3 text-sm text-ink-soft">
        Ready lists:
        {ION_LISTS.map(({ name, ions }) => (
          <button
            key={name}
            type="button"
            className="in-text underline underline-offset-2 hover:text-ink"
            onClick={() => keep(ions)}
          >
            {name}
          </button>
        ))}
      </p>
    </div>
  )
})
