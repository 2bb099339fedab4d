import { ionName } from '@hop-lark/core/identify'
import { ION_LISTS, readIons } from '@hop-lark/core/rack'
import { type PartOf, path } from '@hop-lark/core/record'
import { memo, useState } from 'react'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { TextField } from '../../ui/TextField.tsx'

/** The ions that the sheet’s notes cover: no other is thought of. */
export const ListedIons = memo(function ListedIons({ part }: { readonly part: PartOf<'rack'> }) {
  const change = usePartChange(part)
  const [unknown, setUnknown] = useState<readonly string[]>([])
  const listed = part.listed ?? []
  const keep = (ions: readonly string[]) =>
    change('say which ions the sheet covers', (rack) => {
      if (ions.length > 0) rack.listed = [...ions]
      else delete rack.listed
    })
  const write = (text: string) => {
    const read = readIons(text)
    setUnknown(read.unknown)
    keep(read.ions)
  }
  return (
    <div className="mt-4 max-w-xl">
      <TextField
        label="Ions that the notes cover"
        at={path('parts', part.id, 'listed')}
        value={listed.map(ionName).join(', ')}
        placeholder="any; or: ammonium, iron(II), Cu2+, chloride, sulfate"
        hint="Names or formulae, parted by commas. No other ion is then thought of."
        error={unknown.length > 0 ? `No ion that is known here: ${unknown.join(', ')}. The others count.` : undefined}
        onCommit={write}
      />
      <p className="mt-1 flex flex-wrap gap-x-3 text-sm text-ink-soft">
        Ready lists:
        {ION_LISTS.map(({ name, ions }) => (
          <button
            key={name}
            type="button"
            className="underline underline-offset-2 hover:text-ink"
            onClick={() => {
              setUnknown([])
              keep(ions)
            }}
          >
            {name}
          </button>
        ))}
      </p>
    </div>
  )
})
