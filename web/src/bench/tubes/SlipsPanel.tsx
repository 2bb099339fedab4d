import { ionName, type RackKnown, type TubeWhatIf } from '@hop-lark/core/identify'
import type { PartOf } from '@hop-lark/core/record'
import { useEffect, useId, useState } from 'react'
import { chemistry } from './chemistry.ts'
import { samplesWith, type Tube } from './rackEdits.ts'

interface SlipsPanelProps {
  readonly part: PartOf<'rack'>
  readonly tube: Tube
  /** What the sample is supposed to hold. */
  readonly ions: readonly string[]
  readonly known: RackKnown
}

const listed = (ions: readonly string[]) => ions.map(ionName).join(' and ')

/** What the record would then say: the false verdict. */
function falseVerdict({ gained, lost }: TubeWhatIf): string {
  if (gained.length > 0 && lost.length > 0) return `The record would say ${listed(gained)}, and hardly ${listed(lost)} any more.`
  if (gained.length > 0) return `The record would say ${listed(gained)}, which is not there.`
  if (lost.length > 0) return `The record would hardly speak for ${listed(lost)} any more.`
  return 'What the record says of the ions would stay as it is.'
}

/** What a slip of the hands would have shown in this tube, and where it would have led. */
export function SlipsPanel(props: SlipsPanelProps) {
  const { tube } = props
  const { slips, failed } = useSlips(props)
  if (failed !== undefined)
    return (
      <p className="mt-3 text-litmus" role="status">
        What a slip would have shown could not be worked out: {failed} Change the record or open the page anew, and it is tried
        again.
      </p>
    )
  if (slips === undefined)
    return (
      <p className="mt-3 text-ink-soft" role="status">
        Playing the tube with slips …
      </p>
    )
  return (
    <section aria-label="With a slip" className="mt-4">
      <h4 className="eyebrow mb-1">With a slip</h4>
      {slips.length === 0 && <p className="text-ink-soft">No slip of the bench would show in this tube.</p>}
      <ul className="flex flex-col gap-3">
        {slips.map((slip) => (
          <li key={slip.code} className="border-l-3 border-rule pl-3">
            <p className="font-semibold">If {slip.says}</p>
            {slip.steps.map(({ place, right, slipped }) => (
              <p key={place}>
                {tube.id}.{place + 1} shows <em>{slipped}</em>, where it should be <em>{right}</em>.
              </p>
            ))}
            <p>{falseVerdict(slip)}</p>
            <p className="text-ink-soft">{slip.mend}</p>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** What was found of a tube as it is now; nothing while it is being played. */
interface SlipsFound {
  readonly slips?: readonly TubeWhatIf[]
  readonly failed?: string
}

function useSlips({ part, tube, ions, known }: SlipsPanelProps): SlipsFound {
  const asker = useId()
  const asked = JSON.stringify([samplesWith(part, tube), tube.id, ions, known])
  const [found, setFound] = useState<SlipsFound & { readonly asked: string }>()
  useEffect(() => {
    let still = true
    const [samples, tubeId, named, as] = JSON.parse(asked)
    void chemistry()
      .whatIf(asker, samples, tubeId, named, as)
      .then(
        (slips) => still && slips && setFound({ asked, slips }),
        (error: unknown) => still && setFound({ asked, failed: error instanceof Error ? error.message : String(error) }),
      )
    return () => {
      still = false
    }
  }, [asked, asker])
  return found?.asked === asked ? found : {}
}
