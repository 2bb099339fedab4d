import { isDecimalText } from '@hop-lark/core/number'
import { findMaterial, materialLabel, type PartOf, partTitle, path, weighingOf } from '@hop-lark/core/record'
import { colourOfSolution } from '@hop-lark/core/substance'
import { massOfWeighing } from '@hop-lark/core/titration'
import { useState } from 'react'
import { Sheet } from '../../app/Sheet.tsx'
import { Flask } from '../../instruments/Flask.tsx'
import { useTask } from '../../notebook/derived.ts'
import { type PartChange, usePartChange } from '../../notebook/usePartChange.ts'
import { MaterialPicker } from '../../ui/AddMaterial.tsx'
import { Button } from '../../ui/Button.tsx'
import { EquationField } from '../../ui/EquationField.tsx'
import { TakeOutButton } from '../../ui/IconButton.tsx'
import { MaterialCard } from '../../ui/MaterialCard.tsx'
import { ReadingCell } from '../../ui/ReadingCell.tsx'
import { Select } from '../../ui/Select.tsx'
import { TextField } from '../../ui/TextField.tsx'

type Solution = PartOf<'solution'>
type Source = Solution['from'][number]
type Change = PartChange<'solution'>

const FLASKS = ['50.0', '100.0', '200.0', '250.0', '500.0', '1000.0']

/** A solution made up to the mark: what went in, the flask, and what the solution is called. */
export function MakeUpPage({ part }: { readonly part: Solution }) {
  const task = useTask()
  const change = usePartChange(part)
  const gives = findMaterial(task, part.gives)
  const dilution = part.from.some((source) => 'material' in source)
  return (
    <Sheet
      title={partTitle(task, part)}
      says={
        dilution
          ? 'A measured portion, made up to the mark with water.'
          : 'What was weighed, dissolved and made up to the mark with washings.'
      }
      now={{
        title: part.flask === undefined ? 'Which flask is it made up in?' : 'To the mark, then turn it over 20 times.',
        says: dilution
          ? 'Rinse the pipette with the solution, drain it against the wall, fill to the mark with a dropper at eye level, stopper, mix.'
          : 'Dissolve in a beaker in less water, transfer with washings, fill to the mark with a dropper at eye level, stopper, mix.',
        caution:
          'Acid goes into water, never water into acid. Use a pipette filler. Follow your laboratory’s rules and your supervisor.',
      }}
      about={[part.id]}
    >
      <div className="flex items-start gap-8 max-[699px]:flex-col">
        <Flask
          capacity={part.flask}
          label={materialLabel(task, part.gives)}
          look={colourOfSolution(gives?.solute)}
          filled={part.flask !== undefined && part.from.length > 0}
        />
        <div className="min-w-0 flex-1">
          <h2 className="border-b-[1.5px] border-ink pb-1 text-lg font-bold">Into the flask</h2>
          <Sources part={part} change={change} />
          <h2 className="mt-6 mb-2 text-lg font-bold">Made up to</h2>
          <FlaskVolume part={part} change={change} />
          <h2 className="mt-6 mb-2 text-lg font-bold">Called</h2>
          <MaterialPicker
            label="The solution made"
            value={part.gives}
            forms={['solution']}
            onChange={(id) =>
              change('choose the solution', (found) => {
                found.gives = id
              })
            }
          />
          {gives && <MaterialCard material={gives} />}
          <ReactedBefore part={part} change={change} />
        </div>
      </div>
    </Sheet>
  )
}

/** What was used up in the flask before it was made up, as in a back titration in portions. */
function ReactedBefore({ part, change }: { readonly part: Solution; readonly change: Change }) {
  const [equation = ''] = part.reactions ?? []
  return (
    <section aria-label="Reacted before" className="mt-6">
      <h2 className="mb-2 text-lg font-bold">Reacted before it was made up</h2>
      <EquationField
        label="Equation, if something was used up"
        value={equation}
        at={path('parts', part.id, 'reactions')}
        placeholder="CaCO3 + 2HCl -> CaCl2 + H2O + CO2"
        onWrite={(says, text) =>
          change(says, (found) => {
            if (text.trim() === '') delete found.reactions
            else found.reactions = [text, ...(found.reactions ?? []).slice(1)]
          })
        }
      />
    </section>
  )
}

function FlaskVolume({ part, change }: { readonly part: Solution; readonly change: Change }) {
  const [wrong, setWrong] = useState<string>()
  const set = (text: string) => {
    const value = text.replace(',', '.')
    setWrong(value === '' || isDecimalText(value) ? undefined : text)
    if (value === '')
      change('no flask', (found) => {
        delete found.flask
      })
    else if (isDecimalText(value))
      change('choose the flask', (found) => {
        found.flask = value
      })
  }
  return (
    <fieldset aria-label="Made up to" className="flex flex-wrap items-end gap-2">
      {FLASKS.map((volume) => (
        <button
          key={volume}
          type="button"
          aria-pressed={part.flask === volume}
          onClick={() => set(volume)}
          className={`num min-h-9 rounded-lg border px-3 ${part.flask === volume ? 'border-hop bg-hop-wash font-semibold' : 'border-rule'}`}
        >
          {volume}
        </button>
      ))}
      <TextField
        label="Other volume"
        placeholder="other"
        hideLabel
        value={wrong ?? (FLASKS.includes(part.flask ?? '') ? '' : (part.flask ?? ''))}
        onCommit={set}
        mono
        unit="cm³"
        inputMode="decimal"
        className="w-36"
        at={path('parts', part.id, 'flask')}
        error={wrong === undefined ? undefined : 'digits and a point only'}
      />
    </fieldset>
  )
}

interface SourcesProps {
  readonly part: Solution
  readonly change: Change
}

function Sources({ part, change }: SourcesProps) {
  const task = useTask()
  const weighing = task.parts.find(({ kind }) => kind === 'weighing')
  const solution = task.materials.find(({ form }) => form === 'solution')
  const add = (says: string, source: Source) => change(says, (found) => void found.from.push(source))
  return (
    <>
      {part.from.length === 0 && (
        <p className="py-3 text-ink-soft">Nothing yet. Add what was weighed, or a measured portion of a solution.</p>
      )}
      {part.from.map((source, index) => (
        <div key={index} className="flex flex-wrap items-center gap-3 border-b border-hair py-2">
          {'weighing' in source ? (
            <WeighedIn weighing={source.weighing} index={index} change={change} />
          ) : (
            <PortionIn part={part} portion={source} index={index} change={change} />
          )}
          <TakeOutButton
            says={`Take out: ${'weighing' in source ? 'what was weighed' : materialLabel(task, source.material)}`}
            onClick={() => change('take out of the flask', (found) => void found.from.splice(index, 1))}
          />
        </div>
      ))}
      <div className="mt-3 flex flex-wrap gap-2">
        {weighing && <Button onClick={() => add('add a weighed solid', { weighing: weighing.id })}>Add what was weighed</Button>}
        <Button onClick={() => add('add a portion', { material: solution?.id ?? '', volume: '25.0' })}>
          Add a portion of a solution
        </Button>
      </div>
    </>
  )
}

interface WeighedInProps {
  readonly weighing: string
  readonly index: number
  readonly change: Change
}

function WeighedIn({ weighing, index, change }: WeighedInProps) {
  const task = useTask()
  const choices = task.parts
    .filter(({ kind }) => kind === 'weighing')
    .map(({ id, title }) => ({
      value: id,
      says: title ?? `${materialLabel(task, weighingOf(task, id)?.of ?? '')} weighed`,
    }))
  return (
    <>
      <Select
        label="Weighing"
        value={weighing}
        choices={choices}
        onChange={(id) =>
          change('choose the weighing', (found) => {
            found.from[index] = { weighing: id }
          })
        }
      />
      <span className="num ml-auto text-xl font-semibold">{massOfWeighing(task, weighing)?.text ?? '–'}&nbsp;g</span>
    </>
  )
}

interface PortionInProps extends SourcesProps {
  readonly portion: Extract<Source, { material: string }>
  readonly index: number
}

function PortionIn({ part, portion, index, change }: PortionInProps) {
  return (
    <>
      <MaterialPicker
        label="Solution"
        value={portion.material}
        forms={['solution', 'liquid']}
        onChange={(id) =>
          change('choose the solution', (found) => {
            const here = found.from[index]
            if (here && 'material' in here) here.material = id
          })
        }
      />
      <div className="ml-auto w-32">
        <ReadingCell
          at={path('parts', part.id, 'from', index, 'volume')}
          label="Volume put in, cm³"
          entry={portion.volume}
          unit="cm3"
          size="normal"
        />
      </div>
      <span className="text-sm text-ink-soft">cm³</span>
    </>
  )
}
