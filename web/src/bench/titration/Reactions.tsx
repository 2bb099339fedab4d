import { checkEquation } from '@hop-lark/core/check'
import { type PartOf, path } from '@hop-lark/core/record'
import { useState } from 'react'
import type { PartChange } from '../../notebook/usePartChange.ts'
import { Button } from '../../ui/Button.tsx'
import { EquationText } from '../../ui/Chem.tsx'
import { choicesOf } from '../../ui/choices.ts'
import { TakeOutButton } from '../../ui/IconButton.tsx'
import { Select } from '../../ui/Select.tsx'
import { TextField } from '../../ui/TextField.tsx'
import { HalfEquations } from './HalfEquations.tsx'

type Reaction = PartOf<'titration'>['reactions'][number]
const ROLES = choicesOf<Reaction['role']>({
  titration: 'the titration',
  before: 'before the titration',
})

/** The reactions: written as an equation, or made from two half-equations. */
export function Reactions({ part, change }: { readonly part: PartOf<'titration'>; readonly change: PartChange<'titration'> }) {
  const [halves, setHalves] = useState(false)
  const addEquation = (equation: string) =>
    change('add an equation', (found) => {
      found.reactions.push({ equation, role: found.reactions.length === 0 ? 'titration' : 'before' })
    })
  return (
    <section aria-label="Reactions" className="mb-6">
      <h3 className="mb-2 text-lg font-bold">What reacts</h3>
      {part.reactions.map(({ equation, role }, index) => {
        const at = path('parts', part.id, 'reactions', index, 'equation')
        const [fault] = checkEquation(equation, at)
        return (
          <div key={index} className="mb-3">
            <div className="flex flex-wrap items-end gap-2">
              <TextField
                label="Equation"
                value={equation}
                mono
                error={fault?.says}
                className="min-w-72 flex-1"
                placeholder="MnO4- + H+ + Fe2+ -> Mn2+ + Fe3+ + H2O"
                at={at}
                onCommit={(text) =>
                  change('write the equation', (found) => {
                    const here = found.reactions[index]
                    if (here) here.equation = text
                  })
                }
              />
              <Select
                label="Role"
                value={role}
                choices={ROLES}
                onChange={(chosen) =>
                  change('role of the reaction', (found) => {
                    const here = found.reactions[index]
                    if (here) here.role = chosen
                  })
                }
              />
              <TakeOutButton
                says="Take the equation out"
                onClick={() =>
                  change('take the equation out', (found) => {
                    found.reactions.splice(index, 1)
                  })
                }
              />
            </div>
            {fault?.offer && (
              <p className="mt-1 text-sm">
                {fault.mend}{' '}
                <Button
                  look="quiet"
                  onClick={() =>
                    change('balance the equation', (found) => {
                      const here = found.reactions[index]
                      const balanced = fault.offer?.set[0]?.text
                      if (here && balanced) here.equation = balanced
                    })
                  }
                >
                  {fault.offer.label}
                </Button>
              </p>
            )}
            {!fault && equation.trim() !== '' && (
              <p className="mt-1 text-ink-soft">
                <EquationText text={equation} />
              </p>
            )}
          </div>
        )
      })}
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => addEquation('')}>Add an equation</Button>
        <Button aria-expanded={halves} onClick={() => setHalves(!halves)}>
          From half-equations
        </Button>
      </div>
      {halves && (
        <HalfEquations
          onTake={(equation) => {
            addEquation(equation)
            setHalves(false)
          }}
        />
      )}
    </section>
  )
}
