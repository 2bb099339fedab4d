import { type PartOf, path } from '@hop-lark/core/record'
import { USUAL_DROPS } from '@hop-lark/core/tube'
import { memo } from 'react'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { Segments } from '../../ui/Segments.tsx'
import { TextField } from '../../ui/TextField.tsx'
import { AllowedReagents } from './AllowedReagents.tsx'
import { ListedIons } from './ListedIons.tsx'

const ROUTES = [
  { value: 'spot tests', says: 'Spot tests' },
  { value: 'scheme', says: 'Scheme of groups' },
] as const
const BOARDS = [
  { value: 'open', says: 'Verdict as I go' },
  { value: 'after conclusion', says: 'Verdict after my conclusion' },
] as const

/** How the rack is worked through: reagents on the bench, the way, when the board may be read. */
export const RackSettings = memo(function RackSettings({ part }: { readonly part: PartOf<'rack'> }) {
  const change = usePartChange(part)
  return (
    <>
      <AllowedReagents part={part} />
      <ListedIons part={part} />
      <div className="mt-4 flex flex-wrap items-end gap-3">
        <TextField
          label="Drops to 1 cm³"
          at={path('parts', part.id, 'dropsPerCm3')}
          value={part.dropsPerCm3 ?? ''}
          placeholder={String(USUAL_DROPS)}
          className="w-32"
          onCommit={(text) =>
            change('measure the dropper', (found) => {
              if (text === '') delete found.dropsPerCm3
              else found.dropsPerCm3 = text
            })
          }
        />
        <Segments
          label="Way through the unknowns"
          value={part.route ?? 'spot tests'}
          choices={ROUTES}
          onChange={(route) =>
            change('choose the way', (found) => {
              found.route = route
            })
          }
        />
        <Segments
          label="When the verdict board may be read"
          value={part.board ?? 'open'}
          choices={BOARDS}
          onChange={(board) =>
            change('open or shut the board', (found) => {
              found.board = board
            })
          }
        />
      </div>
    </>
  )
})
