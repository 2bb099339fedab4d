import { equationsWith, proposeBefore, proposeEquation } from '@hop-lark/core/proposal'
import { buretteOf, findMaterial, type PartOf, type Task, weighingOf } from '@hop-lark/core/record'
import { useTask } from '../../notebook/derived.ts'
import type { PartChange } from '../../notebook/usePartChange.ts'
import { EquationText } from '../../ui/Chem.tsx'
import { goToNextAsked } from '../../ui/nextAsked.ts'
import { OfferList } from '../../ui/OfferList.tsx'

type Titration = PartOf<'titration'>

/** An equation that is usual, with what happens in the flask before it. */
interface Proposed {
  readonly before: string | undefined
  readonly titration: string
}

/** What the flask holds, by formula: what was pipetted in before what a cylinder brought. */
function inFlask(task: Task, { flask }: Titration): readonly string[] {
  return flask
    .toSorted((one, other) => Number('by' in one && one.by === 'cylinder') - Number('by' in other && other.by === 'cylinder'))
    .flatMap((content) => {
      const material = 'weighing' in content ? (weighingOf(task, content.weighing)?.of ?? '') : content.material
      return findMaterial(task, material)?.solute ?? []
    })
}

/** Equations for what the labels name; where nothing is known of the flask, those that are usual with the burette. */
function proposedFor(task: Task, part: Titration): readonly Proposed[] {
  const burette = findMaterial(task, buretteOf(part))?.solute
  if (burette === undefined) return []
  const named = inFlask(task, part)
  const fitting = named.flatMap((solute): Proposed[] => {
    const titration = proposeEquation(burette, solute)
    return titration === undefined ? [] : [{ before: proposeBefore(burette, solute), titration }]
  })
  if (fitting.length > 0 || named.length > 0) return fitting.slice(0, 1)
  return equationsWith(burette).map((titration) => ({ before: undefined, titration }))
}

interface ProposedEquationsProps {
  readonly part: Titration
  readonly change: PartChange<'titration'>
}

/** The equations that follow from the labels: one key takes one. */
export function ProposedEquations({ part, change }: ProposedEquationsProps) {
  const task = useTask()
  const proposed = proposedFor(task, part)
  if (proposed.length === 0) return null
  const take = ({ before, titration }: Proposed, button: HTMLElement) => {
    change('take the proposed equation', (found) => {
      found.reactions = [
        ...(before === undefined ? [] : [{ equation: before, role: 'before' as const }]),
        ...found.reactions.filter(({ equation }) => equation.trim() !== ''),
        { equation: titration, role: 'titration' },
      ]
    })
    goToNextAsked(button)
  }
  return (
    <OfferList
      label="Usual equations"
      says={proposed.length === 1 ? 'By the labels:' : 'What is titrated? Usual with this burette:'}
      offers={proposed.map((one) => ({
        key: one.titration,
        says: (
          <>
            {one.before && (
              <span className="block text-ink-soft">
                first <EquationText text={one.before} />
              </span>
            )}
            <EquationText text={one.titration} />
          </>
        ),
        take: (button: HTMLElement) => take(one, button),
      }))}
    />
  )
}
