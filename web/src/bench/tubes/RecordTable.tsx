import type { SampleVerdict, StepMeaning } from '@hop-lark/core/identify'
import { meaningOf } from '@hop-lark/core/rack'
import { type PartOf, type Path, stepName, stepPath, writePath } from '@hop-lark/core/record'
import { Pencil } from 'lucide-react'
import { memo, useEffect, useRef, useState } from 'react'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { EquationText } from '../../ui/Chem.tsx'
import { ColumnHeads } from '../../ui/ColumnHeads.tsx'
import { IconButton, TakeOutButton } from '../../ui/IconButton.tsx'
import { CorrectStep } from './CorrectStep.tsx'
import { DidText } from './DidText.tsx'
import { correctStep, findTube, type Step, type Tube } from './rackEdits.ts'
import { SawText } from './SawText.tsx'

interface RecordTableProps {
  readonly part: PartOf<'rack'>
  readonly tube: Tube
  readonly identification: SampleVerdict | undefined
  /** While the board is shut, meanings are too. */
  readonly shut: boolean
}

/** The steps of a tube: what was done, what was seen, what it means. */
export const RecordTable = memo(function RecordTable({ part, tube, identification, shut }: RecordTableProps) {
  const change = usePartChange(part)
  const [correcting, setCorrecting] = useState<{ readonly in: string; readonly index: number }>()
  const means = meaningsIn(tube, identification)
  const table = useRef<HTMLTableElement>(null)
  const { length } = tube.steps
  // The line lies over the foot of a long record: what was kept last stays in sight above it.
  useEffect(() => {
    if (length > 0) table.current?.querySelector('tbody tr:last-child')?.scrollIntoView({ block: 'nearest' })
  }, [length])
  if (tube.steps.length === 0)
    return (
      <p className="rounded-xl border border-rule px-4 py-3 text-ink-soft">
        {tube.from === undefined
          ? 'A fresh portion. Type what you do, then what you see.'
          : `Goes on from ${tube.from}${tube.take ? `, the ${tube.take}` : ''}. Type what you do next.`}
      </p>
    )
  return (
    <table ref={table} className="w-full table-fixed border-collapse max-[599px]:block">
      <ColumnHeads
        eyebrow
        className="max-[599px]:sr-only"
        columns={[
          { says: 'Did', width: 'w-[24%]' },
          { says: 'Saw', width: 'w-[33%]' },
          { says: 'Means' },
          { says: 'Correct and take out', unseen: true, width: 'w-[4.2rem]' },
        ]}
      />
      <tbody className="max-[599px]:block">
        {tube.steps.map((step, index) =>
          correcting?.in === tube.id && correcting.index === index ? (
            <CorrectStep
              key={`${tube.id}.${index}`}
              step={step}
              number={index + 1}
              onLeave={() => setCorrecting(undefined)}
              onKeep={(corrected) => {
                change('correct a step', (found) =>
                  correctStep(found as PartOf<'rack'>, tube.id, index, corrected, new Date().toISOString()),
                )
                setCorrecting(undefined)
              }}
            />
          ) : (
            <Row
              key={step.id}
              at={stepPath(part, stepName(tube.id, index)) ?? []}
              step={step}
              number={index + 1}
              means={means[index]}
              shut={shut}
              onCorrect={() => setCorrecting({ in: tube.id, index })}
              onTakeOut={() =>
                change('take out a step', (found) => {
                  findTube(found as PartOf<'rack'>, tube.id)?.tube.steps.splice(index, 1)
                })
              }
            />
          ),
        )}
      </tbody>
    </table>
  )
})

interface Meant {
  readonly says: string
  readonly equations: readonly string[]
}

/** What each step of a tube means, each in the light of the one before. */
function meaningsIn(tube: Tube, identification: SampleVerdict | undefined): readonly (Meant | undefined)[] {
  let left: readonly string[] = []
  return tube.steps.map((_, index) => {
    const at = stepName(tube.id, index)
    const meaning: StepMeaning | undefined = identification?.steps.find((one) => one.at === at)
    if (!meaning) return undefined
    const gases = identification?.gases.filter((one) => one.at === at).map(({ gas }) => gas) ?? []
    const says = meaningOf(meaning, [...new Set(gases)], left)
    const still = left.filter((ion) => meaning.explains.includes(ion))
    left = still.length > 0 ? still : meaning.explains.length > 0 ? meaning.explains : left
    return { says, equations: meaning.equations }
  })
}

interface RowProps {
  readonly at: Path
  readonly step: Step
  readonly number: number
  readonly means: Meant | undefined
  readonly shut: boolean
  readonly onCorrect: () => void
  readonly onTakeOut: () => void
}

function Row({ at, step, number, means, shut, onCorrect, onTakeOut }: RowProps) {
  return (
    <tr
      data-at={writePath(at)}
      tabIndex={-1}
      className="scroll-mb-36 border-b border-hair align-top data-[pointed]:bg-iodine-wash max-[599px]:flex max-[599px]:flex-wrap max-[599px]:py-2"
    >
      <td className="py-2 pr-3 font-semibold break-words max-[599px]:basis-full max-[599px]:py-0">
        {(step.was ?? []).flatMap(({ did }, index) => (did ? [<Old key={`${index}${did}`} text={did} />] : []))}
        <DidText action={step} />
      </td>
      <td className="py-2 pr-3 break-words max-[599px]:basis-full max-[599px]:py-0.5">
        {(step.was ?? []).flatMap(({ saw }, index) => (saw ? [<Old key={`${index}${saw}`} text={saw} />] : []))}
        {step.saw ? (
          <SawText text={step.saw} />
        ) : (
          <button type="button" className="text-iodine underline underline-offset-2" onClick={onCorrect}>
            not written down yet
          </button>
        )}
      </td>
      <td className="py-2 pr-2 break-words max-[599px]:flex-1 max-[599px]:py-0 max-[599px]:text-ink-soft">
        {step.means ? (
          <>
            {step.means} <span className="text-sm text-ink-soft">(yours)</span>
          </>
        ) : shut ? (
          <span className="text-ink-soft">after your conclusion</span>
        ) : (
          <>
            {means?.says}
            {means?.equations.map((equation) => (
              <span key={equation} className="block text-[0.9rem] text-ink-soft">
                <EquationText text={equation} />
              </span>
            ))}
          </>
        )}
      </td>
      <td className="py-1 text-right whitespace-nowrap">
        <IconButton says={`Correct step ${number}`} onClick={onCorrect}>
          <Pencil size={16} aria-hidden="true" />
        </IconButton>
        <TakeOutButton says={`Take out step ${number}`} onClick={onTakeOut} />
      </td>
    </tr>
  )
}

const Old = ({ text }: { readonly text: string }) => (
  <s className="block text-sm font-normal text-ink-soft" title="corrected">
    {text}
  </s>
)
