import { Exact, formatPlaces, symbolOf } from '@hop-lark/core/number'
import { predictTitre } from '@hop-lark/core/reckon'
import type { PartOf } from '@hop-lark/core/record'
import { useState } from 'react'
import { useTask, useTitration } from '../../notebook/derived.ts'
import { Disclosure } from '../../ui/Disclosure.tsx'
import { Num } from '../../ui/Num.tsx'
import { Segments } from '../../ui/Segments.tsx'

const TIMES = [
  { value: '0.1', says: 'a tenth' },
  { value: '0.5', says: 'half' },
  { value: '2', says: 'twice' },
] as const

/** What the titre would be with half or twice of what is analysed in the flask, everything else alike. */
export function PredictTitre({ part }: { readonly part: PartOf<'titration'> }) {
  const { assessment } = useTitration(part)
  // Where every run has a solid of its own there is no one titre to foretell.
  if (assessment.mean === undefined) return null
  return <Disclosure title="With half the sample?">{() => <Prediction part={part} />}</Disclosure>
}

function Prediction({ part }: { readonly part: PartOf<'titration'> }) {
  const task = useTask()
  const [times, setTimes] = useState<(typeof TIMES)[number]['value']>('0.5')
  const titre = predictTitre(task, part.id, new Exact(times))
  const back = part.reactions.some(({ role }) => role === 'before')
  const unit = symbolOf(task.conventions.volumeUnit)
  return (
    <div className="flex flex-wrap items-center gap-3 py-1">
      <Segments label="How much of the sample" value={times} choices={TIMES} onChange={setTimes} />
      {titre === undefined ? (
        <span className="text-ink-soft">Known once the titres agree and the equation is there.</span>
      ) : titre.isNegative() ? (
        <span>Nothing would be left over to titrate.</span>
      ) : (
        <span>
          would take about <Num text={formatPlaces(titre, 2)} unit={unit} className="font-semibold" />
          {back && <span className="text-ink-soft">: what is titrated is what the sample leaves over</span>}
        </span>
      )}
    </div>
  )
}
