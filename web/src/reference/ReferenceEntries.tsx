import { GASES } from '@hop-lark/core/gas'
import { CANDIDATES, ionName } from '@hop-lark/core/identify'
import { INDICATORS } from '@hop-lark/core/indicator'
import { REAGENTS } from '@hop-lark/core/tube'
import type { ReactNode } from 'react'
import { type Shelf, useReference } from './useReference.ts'

const ENTRIES: readonly { readonly shelf: Shelf; readonly sought: string; readonly says: string }[] = [
  ...Object.entries(REAGENTS).map(([name, { says }]) => ({ shelf: 'reagents' as const, sought: name, says: `${name}, ${says}` })),
  ...CANDIDATES.map(({ ion }) => ({ shelf: 'ions' as const, sought: ion, says: `${ionName(ion)} ${ion}` })),
  ...GASES.map(({ gas, name }) => ({ shelf: 'gases' as const, sought: name, says: `${name} ${gas}` })),
  ...INDICATORS.map(({ name }) => ({ shelf: 'indicators' as const, sought: name, says: name })),
]

interface ReferenceEntriesProps {
  /** Draws one entry of the palette. */
  readonly item: (value: string, onSelect: () => void, children: ReactNode) => ReactNode
  readonly done: () => void
}

/** Every reagent, ion, gas and indicator, for the palette. */
export function ReferenceEntries({ item, done }: ReferenceEntriesProps) {
  const show = useReference((state) => state.show)
  return ENTRIES.map(({ shelf, sought, says }) =>
    item(
      `${says} ${shelf}`,
      () => {
        done()
        show(shelf, sought)
      },
      <>
        {says} <span className="ml-auto text-sm text-ink-soft">{shelf}</span>
      </>,
    ),
  )
}
