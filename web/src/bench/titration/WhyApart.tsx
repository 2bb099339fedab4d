import type { PartOf } from '@hop-lark/core/record'
import { explainTitre } from '@hop-lark/core/slips'
import { runName } from '@hop-lark/core/titration'
import { useTask, useTitration } from '../../notebook/derived.ts'
import { Disclosure } from '../../ui/Disclosure.tsx'
import { Num } from '../../ui/Num.tsx'

/** Runs that are asked about, the last ones: nobody asks about hundreds. */
const MOST_ASKED = 8

/** For each accurate run that does not agree: the slips that would set it apart, and how large each would have been. */
export function WhyApart({ part }: { readonly part: PartOf<'titration'> }) {
  const { assessment } = useTitration(part)
  const apart = assessment.runs.filter(({ run, titre, inMean }) => run.kind === 'accurate' && titre && !inMean)
  return (
    <>
      {apart.slice(-MOST_ASKED).map(({ index }) => (
        <Disclosure key={index} title={`What could explain ${runName(part.runs, index)}?`}>
          {() => <Explanations part={part} run={index} />}
        </Disclosure>
      ))}
      {apart.length > MOST_ASKED && (
        <p className="mt-2 text-sm text-ink-soft">
          The last {MOST_ASKED} of {apart.length} runs that stand apart.
        </p>
      )}
    </>
  )
}

function Explanations({ part, run }: { readonly part: PartOf<'titration'>; readonly run: number }) {
  const task = useTask()
  const found = explainTitre(task, part, run)
  if (found.length === 0)
    return <p className="py-1 text-ink-soft">Nothing to compare it with yet, or no slip of the list is large enough.</p>
  return (
    <ul className="max-w-2xl">
      {found.map(({ slip, size }) => (
        <li key={slip.id} className="flex justify-between gap-4 border-b border-hair py-1.5">
          <span>
            {slip.says}
            <span className="block text-sm text-ink-soft">{slip.because}</span>
          </span>
          {size !== undefined && slip.size && (
            <span className="whitespace-nowrap">
              <Num text={size} className="font-semibold" /> {slip.size.unit}
            </span>
          )}
        </li>
      ))}
    </ul>
  )
}
