import { ionsNamed } from '@hop-lark/core/rack'
import { Fragment } from 'react'
import { Formula } from '../ui/Chem.tsx'

/** The ions that a student's conclusion names, as formulae. */
export function ConcludedIons({ conclusion }: { readonly conclusion: string | undefined }) {
  const ions = conclusion ? ionsNamed(conclusion) : []
  if (ions.length === 0) return <span className="whitespace-nowrap text-ink-soft">not yet</span>
  return (
    <span className="font-semibold">
      {ions.map((ion, index) => (
        <Fragment key={ion}>
          {index > 0 && ', '}
          <Formula text={ion} />
        </Fragment>
      ))}
    </span>
  )
}
