import { type PartOf, path } from '@hop-lark/core/record'
import { useState } from 'react'
import type { PartChange } from '../../notebook/usePartChange.ts'
import { Button } from '../../ui/Button.tsx'
import { choicesOf } from '../../ui/choices.ts'
import { EquationField } from '../../ui/EquationField.tsx'
import { TakeOutButton } from '../../ui/IconButton.tsx'
import { Select } from '../../ui/Select.tsx'
import { HalfEquations } from './HalfEquations.tsx'
import { ProposedEquations } from './ProposedEquations.tsx'

type Reaction = PartOf<'titration'>['reactions'][number]
const ROLES = choicesOf<Reaction['role']>({
  titration: 'the titration',
  before: 'before the titration',
})

interface ReactionsProps {
  readonly part: PartOf<'titration'>
  readonly change: PartChange<'titration'>
}

/** The reactions: written as an equation, or made from two half-equations. */
export function Reactions({ part, change }: ReactionsProps) {
  const [halves, setHalves] = useState(false)
  const addEquation = (equation: string) =>
    change('add an equation', (found) => {
      found.reactions.push({ equation, role: found.reactions.length === 0 ? 'titration' : 'before' })
    })
  return (
    <section aria-label="Reactions" className="mb-6">
      <h3 className="mb-2 text-lg font-bold">What reacts</h3>
      {!part.reactions.some(({ role, equation }) => role === 'titration' && equation.trim() !== '') && (
        <ProposedEquations part={part} change={change} />
      )}
      {part.reactions.map((reaction, index) => (
        <ReactionFields key={index} part={part} change={change} reaction={reaction} index={index} />
      ))}
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

interface ReactionFieldsProps extends ReactionsProps {
  readonly reaction: Reaction
  readonly index: number
}

function ReactionFields({ part, change, reaction: { equation, role }, index }: ReactionFieldsProps) {
  const changeReaction = (says: string, act: (reaction: Reaction) => void) =>
    change(says, (found) => {
      const here = found.reactions[index]
      if (here) act(here)
    })
  return (
    <EquationField
      value={equation}
      at={path('parts', part.id, 'reactions', index, 'equation')}
      placeholder="MnO4- + H+ + Fe2+ -> Mn2+ + Fe3+ + H2O"
      onWrite={(says, text) =>
        changeReaction(says, (here) => {
          here.equation = text
        })
      }
    >
      <Select
        label="Role"
        value={role}
        choices={ROLES}
        onChange={(chosen) =>
          changeReaction('role of the reaction', (here) => {
            here.role = chosen
          })
        }
      />
      <TakeOutButton
        says="Take the equation out"
        onClick={() => change('take the equation out', (found) => void found.reactions.splice(index, 1))}
      />
    </EquationField>
  )
}
