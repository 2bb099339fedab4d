import { type IonVerdict, ionName } from '@hop-lark/core/identify'
import type { PartOf } from '@hop-lark/core/record'
import { Formula } from '../../ui/Chem.tsx'
import { Steps } from './Steps.tsx'

/** Steps shown beside an ion, at most: the most telling. */
const MOST_STEPS = 3

/** Ions with how likely each is, and the steps that speak for it. */
export function IonBars({
  title,
  ions,
  rack,
  changed,
  onShow,
}: {
  readonly title: string
  readonly ions: readonly IonVerdict[]
  readonly rack: PartOf<'rack'>
  /** Those of which something else was said before. */
  readonly changed: ReadonlySet<string>
  readonly onShow: (step: string) => void
}) {
  return (
    <div>
      <h2 className="eyebrow mb-1">{title}</h2>
      <ul>
        {ions.map(({ ion, probability, for: evidence }) => (
          <li
            key={ion}
            className={`grid grid-cols-[5.5rem_1fr] items-center gap-x-2 border-b border-hair py-1.5 last:border-0 ${changed.has(ion) ? 'bg-hop-wash' : ''}`}
          >
            <span className="text-lg font-semibold" title={ionName(ion)}>
              <Formula text={ion} />
            </span>
            <div>
              <div className="flex min-h-6 flex-wrap items-center gap-x-2 text-[0.92rem]">
                <span className="text-ink-soft">{ionName(ion)}</span>
                {changed.has(ion) && <strong className="text-sm font-semibold text-hop">new</strong>}
                {evidence.length > 0 && <Steps rack={rack} steps={evidence.slice(0, MOST_STEPS)} onShow={onShow} />}
              </div>
              <div className="h-1.5 rounded bg-hair" role="img" aria-label={`${ionName(ion)}: ${percent(probability)}`}>
                <div className="h-1.5 rounded bg-hop" style={{ width: `${Math.round(probability * 100)}%` }} />
              </div>
            </div>
          </li>
        ))}
      </ul>
    </div>
  )
}

const percent = (probability: number) =>
  probability > 0.99 ? 'more than 99 %' : probability < 0.01 ? 'less than 1 %' : `${Math.round(probability * 100)} %`
