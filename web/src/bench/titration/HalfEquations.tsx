import { ChemistryError } from '@hop-lark/core/problem'
import { type JoinedHalves, joinHalves } from '@hop-lark/core/substance'
import { useState } from 'react'
import { Button } from '../../ui/Button.tsx'
import { EquationText, Formula } from '../../ui/Chem.tsx'
import { choicesOf } from '../../ui/choices.ts'
import { Select } from '../../ui/Select.tsx'
import { TextField } from '../../ui/TextField.tsx'

const MEDIA = choicesOf<'acid' | 'alkali'>({
  acid: 'in acid',
  alkali: 'in alkali',
})

function tryToJoin(first: string, second: string, medium: 'acid' | 'alkali'): JoinedHalves | string | undefined {
  if (first.trim() === '' || second.trim() === '') return undefined
  try {
    return joinHalves(first, second, medium)
  } catch (error) {
    if (error instanceof ChemistryError) return error.message
    throw error
  }
}

/** Two half-equations, completed and joined: the equation, the electrons and the mole ratio. */
export function HalfEquations({ onTake }: { readonly onTake: (equation: string) => void }) {
  const [first, setFirst] = useState('')
  const [second, setSecond] = useState('')
  const [medium, setMedium] = useState<'acid' | 'alkali'>('acid')
  const joined = tryToJoin(first, second, medium)
  return (
    <div className="mt-3 rounded-xl border border-rule p-4">
      <p className="mb-2 text-sm text-ink-soft">
        What is reduced or oxidised, and what becomes of it. Water, H⁺ and electrons are filled in.
      </p>
      <div className="flex flex-wrap items-end gap-2">
        <TextField
          label="One half"
          value={first}
          mono
          placeholder="MnO4- -> Mn2+"
          className="min-w-56 flex-1"
          onCommit={setFirst}
        />
        <TextField
          label="Other half"
          value={second}
          mono
          placeholder="Fe2+ -> Fe3+"
          className="min-w-56 flex-1"
          onCommit={setSecond}
        />
        <Select label="Medium" value={medium} choices={MEDIA} onChange={setMedium} />
      </div>
      {typeof joined === 'string' && <p className="mt-2 text-litmus">{joined}</p>}
      {typeof joined === 'object' && (
        <div className="mt-3 flex flex-col gap-1.5">
          <p>
            <EquationText text={joined.reduction.text} />
          </p>
          <p className="border-b border-ink pb-1.5">
            <EquationText text={joined.oxidation.text} />
          </p>
          <p className="font-semibold">
            <EquationText text={joined.equation.text} />
          </p>
          <p className="text-[0.95rem]">
            One <Formula text={joined.reduction.subject.formula.text} /> takes up {electrons(joined.electrons.oxidant)}, one{' '}
            <Formula text={joined.oxidation.subject.formula.text} /> gives {electrons(joined.electrons.reductant)}: they react{' '}
            <span className="num">
              {joined.ratio.oxidant} : {joined.ratio.reductant}
            </span>
            .
          </p>
          <Button look="main" className="w-fit" onClick={() => onTake(joined.equation.text)}>
            Use this equation
          </Button>
        </div>
      )}
    </div>
  )
}

const electrons = (count: number) => `${count} electron${count === 1 ? '' : 's'}`
