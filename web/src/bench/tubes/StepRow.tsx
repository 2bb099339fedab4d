import { ionName } from '@hop-lark/core/identify'
import type { Observation } from '@hop-lark/core/observe'
import type { Meant } from '@hop-lark/core/rack'
import { type Path, writePath } from '@hop-lark/core/record'
import { Pencil } from 'lucide-react'
import { EquationText } from '../../ui/Chem.tsx'
import { IconButton, TakeOutButton } from '../../ui/IconButton.tsx'
import { Grip, useOrdered } from '../../ui/order/Grip.tsx'
import { DidText } from './DidText.tsx'
import type { Step } from './rackEdits.ts'
import { SawText } from './SawText.tsx'

interface StepRowProps {
  readonly at: Path
  readonly step: Step
  /** What was read of what was seen, where it stands. */
  readonly observation: Observation
  readonly number: number
  readonly means: Meant | undefined
  readonly shut: boolean
  readonly onCorrect: () => void
  readonly onTakeOut: () => void
  readonly onStep: (by: 1 | -1) => void
}

/** A step of the record as it stands: corrected, moved or taken out by the buttons at its end. */
export function StepRow({ at, step, observation, number, means, shut, onCorrect, onTakeOut, onStep }: StepRowProps) {
  const { place, grip } = useOrdered(step.id)
  return (
    <tr
      {...place}
      data-at={writePath(at)}
      tabIndex={-1}
      className="scroll-mb-36 border-b bg-sheet data-[lifted]:relative data-[lifted]:z-10 border-hair align-top data-[pointed]:bg-iodine-wash max-[599px]:flex max-[599px]:flex-wrap max-[599px]:py-2"
    >
      <td className="py-2 pr-3 font-semibold break-words max-[599px]:basis-full max-[599px]:py-0">
        {(step.was ?? []).flatMap(({ did }, index) => (did ? [<Old key={`${index}${did}`} text={did} />] : []))}
        <DidText action={step} />
      </td>
      <td className="py-2 pr-3 break-words max-[599px]:basis-full max-[599px]:py-0.5">
        {(step.was ?? []).flatMap(({ saw }, index) => (saw ? [<Old key={`${index}${saw}`} text={saw} />] : []))}
        {step.saw ? (
          <SawText text={step.saw} observation={observation} />
        ) : (
          <button type="button" className="in-text text-iodine underline underline-offset-2" onClick={onCorrect}>
            not written down yet
          </button>
        )}
      </td>
      <td className="py-2 pr-2 break-words max-[599px]:flex-1 max-[599px]:py-0 max-[599px]:text-ink-soft">
        <Meaning step={step} means={means} shut={shut} />
      </td>
      <td className="py-1 text-right whitespace-nowrap">
        <Grip says={`Move step ${number}`} grip={grip} onStep={onStep} />
        <IconButton says={`Correct step ${number}`} onClick={onCorrect}>
          <Pencil size={16} aria-hidden="true" />
        </IconButton>
        <TakeOutButton says={`Take out step ${number}`} onClick={onTakeOut} />
      </td>
    </tr>
  )
}

function Meaning({ step, means, shut }: Pick<StepRowProps, 'step' | 'means' | 'shut'>) {
  if (step.means)
    return (
      <>
        {step.means} <span className="text-sm text-ink-soft">(yours)</span>
        {!shut && means && means.against.length > 0 && (
          <span className="block text-sm text-iodine">This step speaks against {means.against.map(ionName).join(', ')}.</span>
        )}
      </>
    )
  if (shut) return <span className="text-ink-soft">after your conclusion</span>
  return (
    <>
      {means?.says}
      {means?.equations.map((equation) => (
        <span key={equation} className="block text-[0.9rem] text-ink-soft">
          <EquationText text={equation} />
        </span>
      ))}
    </>
  )
}

const Old = ({ text }: { readonly text: string }) => (
  <s className="block text-sm font-normal text-ink-soft" title="corrected">
    {text}
  </s>
)
