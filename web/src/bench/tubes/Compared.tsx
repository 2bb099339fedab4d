import { ionName, type SampleVerdict } from '@hop-lark/core/identify'
import { type JudgedLiquid, judgeLiquid } from '@hop-lark/core/liquids'
import { coachConclusion, compareConclusion, type JudgedClaim } from '@hop-lark/core/rack'
import type { PartOf } from '@hop-lark/core/record'
import { Steps } from './Steps.tsx'

interface ComparedProps {
  readonly part: PartOf<'rack'>
  readonly conclusion: string
  readonly identification: SampleVerdict
  readonly onShow: (step: string) => void
}

/** What is said beside a claim, by what it claims and how it stands. */
const SAYS: Readonly<Record<JudgedClaim['says'], Readonly<Partial<Record<JudgedClaim['judged'], (ion: string) => string>>>>> = {
  present: {
    agrees: (ion) => `The record shows ${ion} too`,
    disagrees: (ion) => `The record speaks against ${ion}`,
    'not shown': (ion) => `The record does not yet show ${ion}: which test says so?`,
  },
  absent: {
    agrees: (ion) => `The record rules ${ion} out too`,
    disagrees: (ion) => `The record shows ${ion}, which you rule out`,
    'not shown': (ion) => `Nothing of the record rules ${ion} out yet`,
  },
  perhaps: {
    agrees: (ion) => `The record leaves ${ion} open too`,
    'shown already': (ion) => `The record already shows ${ion}`,
    'ruled out already': (ion) => `The record already rules ${ion} out`,
  },
}

/** Whether a claim wants another look. */
const isDoubtful = ({ judged }: JudgedClaim) => judged !== 'agrees'

const SAYS_OF_LIQUID: Readonly<Record<JudgedLiquid['judged'], (names: string) => string>> = {
  agrees: (names) => `The record shows ${names} too`,
  disagrees: (names) => `The record speaks against ${names}`,
  'not shown': (names) => `The record does not yet show ${names}: which test says so?`,
}

/** A liquid's name in a conclusion beside the record. */
function ComparedLiquid({ part, conclusion, identification: { liquid }, onShow }: ComparedProps) {
  const found = liquid && judgeLiquid(conclusion, liquid)
  if (!liquid) return null
  if (!found) return <li className="text-ink-soft">No liquid is named in it. The record says: {liquid.says}.</li>
  return (
    <li className={found.judged === 'agrees' ? 'text-hop' : 'text-iodine'}>
      {SAYS_OF_LIQUID[found.judged](found.names)}
      {found.steps.length > 0 ? (
        <>
          : <Steps rack={part} steps={found.steps.slice(0, MOST_STEPS)} onShow={onShow} />
        </>
      ) : (
        found.judged !== 'not shown' && '.'
      )}
    </li>
  )
}

/** A conclusion beside the record: each claim with the steps that speak for it or against it, what it leaves out, how to put it. */
export function Compared(props: ComparedProps) {
  const { part, conclusion, identification, onShow } = props
  const { claims, missed } = compareConclusion(conclusion, identification)
  const coaching = coachConclusion(conclusion)
  return (
    <ul className="mt-1.5 text-[0.95rem]" data-testid="compared" aria-live="polite">
      {claims.map((claim) => (
        <li key={claim.ion} className={isDoubtful(claim) ? 'text-iodine' : 'text-hop'}>
          {SAYS[claim.says][claim.judged]?.(ionName(claim.ion))}
          {claim.steps.length > 0 && (
            <>
              : <Steps rack={part} steps={claim.steps.slice(0, MOST_STEPS)} onShow={onShow} />
            </>
          )}
          {claim.steps.length === 0 && claim.judged !== 'not shown' && '.'}
        </li>
      ))}
      <ComparedLiquid {...props} />
      {missed.length > 0 && <li className="text-iodine">The record also shows {missed.map(ionName).join(', ')}.</li>}
      {coaching.map(({ code, says }) => (
        <li key={code} className="text-iodine">
          {says}
        </li>
      ))}
      {claims.length + missed.length === 0 && !identification.liquid && (
        <li className="text-ink-soft">No ion is named in it, and the record shows none yet.</li>
      )}
    </ul>
  )
}

/** Steps shown beside a claim, at most: the most telling. */
const MOST_STEPS = 3
