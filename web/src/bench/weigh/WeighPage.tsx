import { canonicalEntry, freshId, materialLabel, type PartOf, type Path, partTitle, path } from '@hop-lark/core/record'
import { weighedMass } from '@hop-lark/core/titration'
import { Plus } from 'lucide-react'
import { Sheet } from '../../app/Sheet.tsx'
import { Balance } from '../../instruments/Balance.tsx'
import { usePageAction } from '../../keys/pageActions.ts'
import type { Now } from '../../margin/Margin.tsx'
import { useTask } from '../../notebook/derived.ts'
import { useNotebook } from '../../notebook/store.ts'
import { Button } from '../../ui/Button.tsx'
import { fieldLabel, METHODS, methodOf, type WeighingField } from './method.ts'
import { WeighingCard } from './WeighingCard.tsx'

/** The weighings of one material. */
export function WeighPage({ weighings }: { readonly weighings: readonly PartOf<'weighing'>[] }) {
  const task = useTask()
  const edit = useNotebook((state) => state.edit)
  const [first] = weighings
  const now = useNow(weighings)
  const again = () =>
    edit('weigh another portion', (draft) => {
      const last = draft.parts.findIndex(({ id }) => id === weighings.at(-1)?.id)
      const id = freshId(
        'w',
        draft.parts.map((part) => part.id),
      )
      draft.parts.splice(last + 1, 0, { id, kind: 'weighing', of: first?.of ?? '', title: `Weighing ${weighings.length + 1}` })
    })
  usePageAction({ says: 'Weigh another portion', words: 'add weighing', act: again })
  if (!first) return null
  const label = materialLabel(task, first.of)
  return (
    <Sheet
      title={weighings.length === 1 ? partTitle(task, first) : `Weigh ${label}`}
      says="Write every digit the balance shows. Weigh with the lid both times, or neither."
      actions={
        <Button icon={<Plus size={16} />} onClick={again}>
          Another portion
        </Button>
      }
      now={now}
      about={weighings.map(({ id }) => id)}
      first={nextCell(weighings)}
    >
      <div className="flex items-start gap-8 @max-[30rem]/main:flex-col">
        <Balance shows={lastReading(weighings)} />
        <div className="flex w-full min-w-0 flex-1 flex-col gap-8">
          {weighings.map((weighing) => (
            <WeighingCard key={weighing.id} weighing={weighing} titled={weighings.length > 1} />
          ))}
        </div>
      </div>
    </Sheet>
  )
}

/** What the balance showed last: the newest reading by its time, else the last in order. */
function lastReading(weighings: readonly PartOf<'weighing'>[]): string | undefined {
  const readings = weighings.flatMap(({ container, withSample, withResidue, mass }) => [container, withSample, withResidue, mass])
  const taken = readings.filter((entry) => entry !== undefined).map(canonicalEntry)
  const newest = taken.toSorted((a, b) => (a.at ?? '').localeCompare(b.at ?? '')).at(-1)
  return newest?.value
}

/** The first reading that is not there yet. */
function nextReading(
  weighings: readonly PartOf<'weighing'>[],
): { readonly id: string; readonly field: WeighingField } | undefined {
  for (const weighing of weighings) {
    const field = METHODS[methodOf(weighing)].fields.find((name) => weighing[name] === undefined)
    if (field !== undefined) return { id: weighing.id, field }
  }
  return undefined
}

function nextCell(weighings: readonly PartOf<'weighing'>[]): Path | undefined {
  const missing = nextReading(weighings)
  return missing && path('parts', missing.id, missing.field)
}

function useNow(weighings: readonly PartOf<'weighing'>[]): Now {
  const task = useTask()
  const label = materialLabel(task, weighings[0]?.of ?? '')
  const caution =
    'Keep solids off the balance pan; brush up what was spilled. Eye protection. Follow your laboratory’s rules and your supervisor.'
  const missing = nextReading(weighings)
  if (missing) {
    const { field } = missing
    return { title: `Weigh: ${fieldLabel(field, label)}.`, says: adviceFor(field, label), caution }
  }
  const masses = weighings.map(weighedMass)
  if (masses.includes(undefined))
    return { title: 'Put the masses right first.', says: 'As they stand, no sample would have been taken.', caution }
  const says =
    masses.length === 1
      ? `${masses[0]?.text} g of ${label} taken. Go on to the next stage.`
      : 'All portions are weighed. Go on to the next stage.'
  return { title: 'Weighed.', says, caution }
}

function adviceFor(field: string, label: string): string {
  switch (field) {
    case 'withSample':
      return `Put about the right amount of ${label} into the container and write down the whole mass.`
    case 'withResidue':
      return `Tip ${label} out and weigh the container again with what stayed in it: the difference is what was really taken.`
    case 'container':
      return 'The container must be clean and dry.'
    default:
      return 'Press tare with the empty boat on the pan, then add the solid.'
  }
}
