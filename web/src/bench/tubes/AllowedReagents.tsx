import { findReagent } from '@hop-lark/core/rack'
import { type PartOf, path } from '@hop-lark/core/record'
import { memo } from 'react'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { TextField } from '../../ui/TextField.tsx'

/** The reagents that the sheet allows: further tests are advised from these alone. */
export const AllowedReagents = memo(function AllowedReagents({ part }: { readonly part: PartOf<'rack'> }) {
  const change = usePartChange(part)
  const allowed = part.allowed ?? []
  const unknown = allowed.filter((name) => findReagent(name) === undefined)
  const write = (text: string) => {
    const names = text
      .split(/[,;]/)
      .map((name) => name.trim())
      .filter((name) => name !== '')
      // A bottle that is not known here stays on the list as it was written.
      .map((name) => findReagent(name)?.formula ?? name)
    change('say which reagents are allowed', (rack) => {
      if (names.length > 0) rack.allowed = [...new Set(names)]
      else delete rack.allowed
    })
  }
  return (
    <TextField
      label="Reagents on the bench"
      at={path('parts', part.id, 'allowed')}
      value={allowed.join(', ')}
      placeholder="all of them; or: NaOH, ammonia, dilute nitric acid, silver nitrate"
      hint="Further tests are advised from these alone."
      error={
        unknown.length > 0 ? `Not known here: ${unknown.join(', ')}. No test with it is advised; the others count.` : undefined
      }
      className="mt-4 max-w-xl"
      onCommit={write}
    />
  )
})
