import { findReagent } from '@hop-lark/core/rack'
import type { PartOf } from '@hop-lark/core/record'
import { memo, useState } from 'react'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { TextField } from '../../ui/TextField.tsx'

/** The reagents that the sheet allows: further tests are advised from these alone. */
export const AllowedReagents = memo(function AllowedReagents({ part }: { readonly part: PartOf<'rack'> }) {
  const change = usePartChange(part)
  const [unknown, setUnknown] = useState<readonly string[]>([])
  const write = (text: string) => {
    const names = text
      .split(/[,;]/)
      .map((name) => name.trim())
      .filter((name) => name !== '')
    const found = names.map((name) => [name, findReagent(name)?.formula] as const)
    setUnknown(found.flatMap(([name, formula]) => (formula === undefined ? [name] : [])))
    const allowed = [...new Set(found.flatMap(([, formula]) => formula ?? []))]
    change('say which reagents are allowed', (rack) => {
      if (allowed.length > 0) rack.allowed = allowed
      else delete rack.allowed
    })
  }
  return (
    <TextField
      label="Reagents on the bench"
      value={(part.allowed ?? []).join(', ')}
      placeholder="all of them; or: NaOH, ammonia, dilute nitric acid, silver nitrate"
      hint="Further tests are advised from these alone."
      error={unknown.length > 0 ? `Not known here: ${unknown.join(', ')}. The others are kept.` : undefined}
      className="mt-4 max-w-xl"
      onCommit={write}
    />
  )
})
