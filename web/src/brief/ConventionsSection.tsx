import { isDecimalText } from '@hop-lark/core/number'
import { type Conventions, MOST_FIGURES, MOST_THAT_AGREE } from '@hop-lark/core/record'
import type { ReactNode } from 'react'
import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { choicesFrom, choicesOf } from '../ui/choices.ts'
import { Select } from '../ui/Select.tsx'
import { TextField } from '../ui/TextField.tsx'
import { PRESETS } from './presets.ts'

const COUNTS = ['', 'one', 'two', 'three', 'four', 'five', 'six']

const CHOICES = {
  unit: choicesOf<Conventions['volumeUnit']>({ cm3: 'cm³ and dm³', mL: 'mL and L' }),
  step: choicesOf<Conventions['burette']['step']>({
    '0.1': 'to 0.1',
    '0.05': 'to 0.05, half a division',
    '0.02': 'to 0.02',
    '0.01': 'to 0.01',
  }),
  glass: choicesOf<Conventions['burette']['class']>({ A: 'class A', B: 'class B' }),
  rule: choicesOf<Conventions['concordance']['rule']>({
    'largest-set': 'the largest set that agrees',
    'closest-pair': 'the closest pair',
    'every-accurate': 'every accurate run',
  }),
  runs: choicesFrom(1, MOST_THAT_AGREE, (count) => (count === 1 ? 'one is enough' : `${COUNTS[count] ?? count} must agree`)),
  limit: choicesOf<'at-most' | 'less'>({ 'at-most': 'at most', less: 'less than' }),
  figures: choicesFrom(1, MOST_FIGURES, (count) => `${count} figure${count === 1 ? '' : 's'}`),
  carry: choicesOf<Conventions['carry']>({ unrounded: 'carry the full value', rounded: 'carry the rounded value' }),
  masses: choicesOf<Conventions['atomicMasses']>({ 'one-decimal': 'to one decimal: Fe 55.8', standard: 'standard: Fe 55.845' }),
  working: choicesOf<Conventions['working']>({
    moles: 'line by line, n = cV',
    ratio: 'in one line, a₁M₁V₁ = a₂M₂V₂',
    proportion: 'in one line, CV over CV = n over n',
    chain: 'one chain, units cancelling',
  }),
}

/** The school's ways of doing things, on one short page, with presets for the common ones. */
export function ConventionsSection() {
  const { conventions } = useTask()
  const edit = useNotebook((state) => state.edit)
  const change = (act: (draft: Conventions) => void) => edit('change a convention', (task) => act(task.conventions))
  const { burette, concordance } = conventions
  return (
    <section aria-label="Conventions" className="mt-8">
      <h2 className="border-b-[1.5px] border-ink pb-2 text-xl font-bold">How your school does it</h2>
      <div className="mt-3 grid grid-cols-2 gap-2 max-[699px]:grid-cols-1">
        {PRESETS.map(({ name, says, conventions: preset }) => {
          const current =
            JSON.stringify({ ...conventions, volumeUnit: undefined }) === JSON.stringify({ ...preset, volumeUnit: undefined })
          return (
            <button
              key={name}
              type="button"
              aria-pressed={current}
              className={`rounded-lg border p-3 text-left ${current ? 'border-hop bg-hop-wash' : 'border-rule hover:border-ink-soft'}`}
              onClick={() =>
                edit(`take the preset ${name}`, (task) => {
                  task.conventions = { ...structuredClone(preset), volumeUnit: task.conventions.volumeUnit }
                })
              }
            >
              <span className="block font-semibold">{name}</span>
              <span className="block text-sm text-ink-soft">{says}</span>
            </button>
          )
        })}
      </div>
      <dl className="mt-4">
        <Line term="Burette">
          <Amount
            label="Capacity"
            value={burette.capacity}
            onChange={(text) =>
              change((draft) => {
                draft.burette.capacity = text
              })
            }
          />
          <Select
            label="Read to"
            value={burette.step}
            choices={CHOICES.step}
            onChange={(value) =>
              change((draft) => {
                draft.burette.step = value
              })
            }
          />
          <Select
            label="Class"
            value={burette.class}
            choices={CHOICES.glass}
            onChange={(value) =>
              change((draft) => {
                draft.burette.class = value
              })
            }
          />
        </Line>
        <Line term="Titres agree when their spread is">
          <Select
            label="Limit"
            value={concordance.strict ? 'less' : 'at-most'}
            choices={CHOICES.limit}
            onChange={(value) =>
              change((draft) => {
                draft.concordance.strict = value === 'less'
              })
            }
          />
          <Amount
            label="Widest spread"
            value={concordance.within}
            onChange={(text) =>
              change((draft) => {
                draft.concordance.within = text
              })
            }
          />
          <Select
            label="How many"
            value={String(concordance.runs)}
            choices={CHOICES.runs}
            onChange={(value) =>
              change((draft) => {
                draft.concordance.runs = Number(value)
              })
            }
          />
        </Line>
        <Line term="The mean takes">
          <Select
            label="Rule of the mean"
            value={concordance.rule}
            choices={CHOICES.rule}
            onChange={(value) =>
              change((draft) => {
                draft.concordance.rule = value
              })
            }
          />
        </Line>
        <Line term="Answers">
          <Select
            label="Figures"
            value={String(conventions.figures)}
            choices={CHOICES.figures}
            onChange={(value) =>
              change((draft) => {
                draft.figures = Number(value)
              })
            }
          />
          <Select
            label="Carry"
            value={conventions.carry}
            choices={CHOICES.carry}
            onChange={(value) =>
              change((draft) => {
                draft.carry = value
              })
            }
          />
        </Line>
        <Line term="Working">
          <Select
            label="Working"
            value={conventions.working}
            choices={CHOICES.working}
            onChange={(value) =>
              change((draft) => {
                draft.working = value
              })
            }
          />
          <Select
            label="Atomic masses"
            value={conventions.atomicMasses}
            choices={CHOICES.masses}
            onChange={(value) =>
              change((draft) => {
                draft.atomicMasses = value
              })
            }
          />
        </Line>
        <Line term="Volumes in">
          <Select
            label="Volume unit"
            value={conventions.volumeUnit}
            choices={CHOICES.unit}
            onChange={(value) =>
              change((draft) => {
                draft.volumeUnit = value
              })
            }
          />
        </Line>
      </dl>
    </section>
  )
}

function Line({ term, children }: { readonly term: string; readonly children: ReactNode }) {
  return (
    <div className="flex flex-wrap items-center justify-between gap-2 border-b border-hair py-2">
      <dt className="font-semibold">{term}</dt>
      <dd className="flex flex-wrap gap-2">{children}</dd>
    </div>
  )
}

function Amount({
  label,
  value,
  onChange,
}: {
  readonly label: string
  readonly value: string
  readonly onChange: (text: string) => void
}) {
  const set = (text: string) => {
    const tidy = text.replace(',', '.')
    if (isDecimalText(tidy) && Number(tidy) > 0) onChange(tidy)
  }
  return <TextField label={label} hideLabel value={value} mono inputMode="decimal" unit="cm³" className="w-28" onCommit={set} />
}
