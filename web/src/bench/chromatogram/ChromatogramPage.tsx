import { laneSentence, type Chromatogram as Read, readChromatogram } from '@hop-lark/core/chromatogram'
import { type PartOf, partTitle, path } from '@hop-lark/core/record'
import { Sheet } from '../../app/Sheet.tsx'
import { Paper } from '../../instruments/Paper.tsx'
import type { Now } from '../../margin/Margin.tsx'
import { useTask } from '../../notebook/derived.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { ReadingCell } from '../../ui/ReadingCell.tsx'
import { Segments } from '../../ui/Segments.tsx'
import { TextField } from '../../ui/TextField.tsx'
import { SpotTable } from './SpotTable.tsx'

const UNITS = [
  { value: 'cm', says: 'cm' },
  { value: 'mm', says: 'mm' },
] as const

/** A chromatogram: the paper as it was run, its spots, their Rf, and which references they match. */
export function ChromatogramPage({ part }: { readonly part: PartOf<'chromatogram'> }) {
  const task = useTask()
  const change = usePartChange(part)
  const read = readChromatogram(part)
  const unit = part.unit ?? 'cm'
  return (
    <Sheet
      title={partTitle(task, part)}
      says="Measure from the pencil line: to the solvent front, and to the middle of each spot."
      now={nowOf(part, read)}
      about={[part.id]}
      first={path('parts', part.id, part.front === undefined ? 'front' : 'spots')}
    >
      <div className="mb-4 flex flex-wrap items-end gap-x-4 gap-y-3">
        <div>
          <span className="mb-1 block text-sm font-semibold">Solvent front / {unit}</span>
          <div className="w-28 rounded-md border border-rule bg-sheet">
            <ReadingCell
              at={path('parts', part.id, 'front')}
              label="solvent front"
              entry={part.front}
              unit={unit}
              size="normal"
            />
          </div>
        </div>
        <Segments
          label="Unit of the distances"
          value={unit}
          choices={UNITS}
          onChange={(chosen) =>
            change('unit of the distances', (found) => {
              found.unit = chosen
            })
          }
        />
        <TextField
          label="Solvent"
          at={path('parts', part.id, 'solvent')}
          value={part.solvent ?? ''}
          placeholder="ethanol and water, 3 : 1"
          className="w-56"
          onCommit={(text) =>
            change('name the solvent', (found) => {
              if (text) found.solvent = text
              else delete found.solvent
            })
          }
        />
      </div>
      <div className="flex gap-6 @max-[30rem]/main:flex-col">
        <div className="min-w-0 flex-1">
          {part.spots.length === 0 && part.front === undefined ? (
            <p className="rounded-xl border border-rule p-6 text-ink-soft">The paper is drawn from the first measurement on.</p>
          ) : (
            <Paper chromatogram={read} colourOf={(index) => part.spots[index]?.colour} unit={unit} />
          )}
          <Sentences read={read} />
        </div>
        <div className="w-[27.5rem] shrink-0 @max-[30rem]/main:w-full">
          <SpotTable part={part} read={read} />
        </div>
      </div>
    </Sheet>
  )
}

/** What each sample contains, as it would be written down. */
function Sentences({ read }: { readonly read: Read }) {
  const sentences = read.lanes.flatMap((lane) => laneSentence(lane) ?? [])
  if (sentences.length === 0) return null
  return (
    <div className="mt-3 flex flex-col gap-1.5 rounded-xl bg-hop-wash px-4 py-3" data-testid="lanes">
      {sentences.map((sentence) => (
        <p key={sentence}>{sentence}</p>
      ))}
    </div>
  )
}

const CAUTION =
  'Solvents burn and their vapour is not for breathing: no flame near, lid on, good air. Follow your laboratory’s rules and your supervisor.'

function nowOf(part: PartOf<'chromatogram'>, { spots, lanes }: Read): Now {
  if (part.front === undefined)
    return {
      title: 'Mark the front, then measure it.',
      says: 'Pencil line above the solvent, lid on. Take the paper out before the front reaches the edge and mark it at once: it dries away.',
      caution: CAUTION,
    }
  if (spots.length === 0)
    return {
      title: 'Measure each spot to its middle.',
      says: 'The name of the sample, Enter, the distance, Enter. A star after the name makes it a reference: red*. Spots of one sample share its name.',
      caution: CAUTION,
    }
  if (part.front !== undefined && spots.some(({ rf }) => rf === undefined))
    return {
      title: 'Measure the marked spot again.',
      says: 'No spot goes further than the solvent, or back behind the pencil line. Nothing is told from it until it is mended.',
      caution: CAUTION,
    }
  if (!lanes.some(({ known }) => known))
    return {
      title: 'Tick the references.',
      says: 'A spot is matched to the references run on the same paper: an Rf alone changes with solvent, paper and temperature.',
      caution: CAUTION,
    }
  return {
    title: 'Next spot, or you are done.',
    says: 'Two spots match where their Rf agree within 0.03 on the same paper. Look at the colour too.',
    caution: CAUTION,
  }
}
