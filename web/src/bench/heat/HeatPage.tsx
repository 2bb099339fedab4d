import { checkFormula } from '@hop-lark/core/check'
import { assessHeating, checkHeating, type HeatingAssessment } from '@hop-lark/core/heating'
import { isDecimalText } from '@hop-lark/core/number'
import {
  type Entry,
  entryText,
  findMaterial,
  freshId,
  materialLabel,
  type PartOf,
  type Path,
  partTitle,
  path,
} from '@hop-lark/core/record'
import { focusAt } from '../../app/goTo.ts'
import { Sheet } from '../../app/Sheet.tsx'
import { Staircase } from '../../instruments/Staircase.tsx'
import type { Now } from '../../margin/Margin.tsx'
import { useDerived, useTask } from '../../notebook/derived.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { MaterialPicker } from '../../ui/AddMaterial.tsx'
import { EquationField } from '../../ui/EquationField.tsx'
import { TakeOutButton } from '../../ui/IconButton.tsx'
import { MaterialCard } from '../../ui/MaterialCard.tsx'
import { NextReading } from '../../ui/NextReading.tsx'
import { goOnward } from '../../ui/nextAsked.ts'
import { ReadingCell } from '../../ui/ReadingCell.tsx'
import { TextField } from '../../ui/TextField.tsx'

/** Heating to constant mass: the weighings, the staircase they make, and whether to heat again. */
export function HeatPage({ part }: { readonly part: PartOf<'heating'> }) {
  const task = useTask()
  const change = usePartChange(part)
  const assessment = assessHeating(part)
  const material = findMaterial(task, part.of)
  const [fault] = part.lost ? checkFormula(part.lost, path('parts', part.id, 'lost')) : []
  return (
    <Sheet
      title={partTitle(task, part)}
      says="Heat, cool, weigh, and again, until two masses agree."
      now={nowOf(part, assessment, materialLabel(task, part.of))}
      about={[part.id]}
      first={path('parts', part.id, part.container === undefined ? 'container' : 'masses')}
    >
      <div className="mb-4 flex flex-wrap items-end gap-3">
        <MaterialPicker
          label="What is heated"
          value={part.of}
          forms={['solid']}
          onChange={(id) =>
            change('choose what is heated', (found) => {
              found.of = id
            })
          }
        />
        <TextField
          label="Driven off"
          at={path('parts', part.id, 'lost')}
          value={part.lost ?? 'H2O'}
          mono
          className="w-32"
          error={fault?.says}
          onCommit={(text) =>
            change('what is driven off', (found) => {
              if (text) found.lost = text
              else delete found.lost
            })
          }
        />
        <TextField
          label="Constant within"
          at={path('parts', part.id, 'within')}
          value={part.within ?? ''}
          placeholder={assessment.within}
          unit="g"
          mono
          inputMode="decimal"
          className="w-36"
          onCommit={(text) =>
            change('limit of constant mass', (found) => {
              if (isDecimalText(text)) found.within = text
              else delete found.within
            })
          }
        />
      </div>
      <div className="mb-2 max-w-[40rem]">
        <EquationField
          label="Equation of what happens, if the solid falls apart"
          value={part.equation ?? ''}
          at={path('parts', part.id, 'equation')}
          placeholder="CuCO3 -> CuO + CO2"
          onWrite={(says, text) =>
            change(says, (found) => {
              if (text.trim() === '') delete found.equation
              else found.equation = text
            })
          }
        />
      </div>
      <div className="flex gap-8 @max-[30rem]/main:flex-col">
        <div className="w-72 shrink-0 @max-[30rem]/main:w-full">
          <Masses part={part} />
        </div>
        <div className="min-w-0 flex-1">
          {assessment.steps.length > 0 && (
            <Staircase
              masses={assessment.steps.map(({ mass }) => mass.toNumber())}
              labels={part.masses.map(({ mass }) => entryText(mass))}
              constant={assessment.constant}
            />
          )}
          <Verdict assessment={assessment} />
        </div>
      </div>
      {material && <MaterialCard material={material} />}
    </Sheet>
  )
}

function Masses({ part }: { readonly part: PartOf<'heating'> }) {
  const change = usePartChange(part)
  const derived = useDerived()
  const masses = path('parts', part.id, 'masses')
  /** The cell of a weighing; beyond the last one is the open row. */
  const massAt = (index: number) => {
    const mass = part.masses[index]
    return mass ? [...masses, mass.id, 'mass'] : masses
  }
  const cell = (at: Path, label: string, entry: Entry | undefined, onDone: () => void) => (
    <ReadingCell at={at} label={`${label}, g`} entry={entry} unit="g" problem={derived.worstAt(at)} onDone={onDone} />
  )
  return (
    <div className="border-t-[1.5px] border-ink">
      <Row says="Empty container">
        {cell(path('parts', part.id, 'container'), 'empty container', part.container, () => focusAt(massAt(0)))}
      </Row>
      {part.masses.map(({ id, mass }, index) => (
        <Row
          key={id}
          says={index === 0 ? 'With solid, before' : `Heated ${index}×`}
          takeOut={() =>
            change('take out a weighing', (found) => {
              found.masses.splice(index, 1)
            })
          }
        >
          {cell(massAt(index), index === 0 ? 'container and solid before heating' : `after heating ${index}`, mass, () =>
            focusAt(massAt(index + 1)),
          )}
        </Row>
      ))}
      <div className="screen-only">
        <Row says={part.masses.length === 0 ? 'With solid, before' : `Heated ${part.masses.length}×`}>
          <NextReading
            label="next mass, g"
            unit="g"
            at={masses}
            onReading={(value) => {
              let isConstant = false
              change('weigh', (found) => {
                const id = freshId(
                  'm',
                  found.masses.map((mass) => mass.id),
                )
                found.masses.push({ id, mass: { value, at: new Date().toISOString() } })
                isConstant = assessHeating(found).constant
              })
              // The flame goes out: no mass is asked for any more.
              if (isConstant) goOnward(masses)
            }}
          />
        </Row>
      </div>
    </div>
  )
}

function Row({
  says,
  takeOut,
  children,
}: {
  readonly says: string
  readonly takeOut?: () => void
  readonly children: React.ReactNode
}) {
  return (
    <div className="grid grid-cols-[1fr_8rem_2.25rem] items-center border-b border-hair py-1">
      <span className="leading-tight">
        <span className="block font-semibold">{says}</span>
        <span className="text-sm text-ink-soft">g</span>
      </span>
      {children}
      {takeOut && <TakeOutButton says={`Take out: ${says}`} onClick={takeOut} />}
    </div>
  )
}

function Verdict({ assessment }: { readonly assessment: HeatingAssessment }) {
  const { lost, constant, within } = assessment
  if (!lost) return null
  if (lost.mass.isNegative())
    return (
      <p className="rounded-xl bg-lark-wash px-4 py-3 text-[1.05rem]" data-testid="constant">
        By these masses nothing was driven off: look at them again.
      </p>
    )
  return (
    <p className={`rounded-xl px-4 py-3 text-[1.05rem] ${constant ? 'bg-hop-wash' : 'bg-lark-wash'}`} data-testid="constant">
      {constant ? (
        <>
          Two masses agree within <span className="num">{within}</span> g: constant mass.{' '}
        </>
      ) : (
        'Not constant yet. '
      )}
      <strong>
        Driven off: <span className="num">{lost.text} g</span>
      </strong>
    </p>
  )
}

function nowOf(part: PartOf<'heating'>, { constant, steps }: HeatingAssessment, label: string): Now {
  const caution =
    'Hot glass and porcelain look like cold: use tongs, and a heatproof mat. Heat gently first, or the solid spits; eye protection. Follow your laboratory’s rules and your supervisor.'
  if (part.container === undefined) return { title: 'Weigh the empty container.', says: 'Clean and dry, and cold.', caution }
  if (steps.length === 0) return { title: `Weigh it with ${label} in it.`, says: 'This is the mass before heating.', caution }
  if (checkHeating(part).some(({ level }) => level === 'error'))
    return { title: 'Put the masses right first.', says: 'As they stand, there would be no solid in the container.', caution }
  if (constant)
    return { title: 'Constant mass. Stop heating.', says: 'All that heat can drive off is off. Go on to the working.', caution }
  return {
    title: steps.length === 1 ? 'Heat, cool, weigh.' : 'Heat again.',
    says: 'Let it cool before weighing: warm air lifts the pan and the mass reads low.',
    caution,
  }
}
