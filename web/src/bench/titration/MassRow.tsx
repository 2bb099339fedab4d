import type { PartOf } from '@hop-lark/core/record'
import { type AssessedRun, massOfWeighing } from '@hop-lark/core/titration'
import { Link, useParams } from 'react-router'
import { stageOf } from '../../app/goTo.ts'
import { useDerived, useTask } from '../../notebook/derived.ts'
import { RowHead } from './RowHead.tsx'

/** The mass in each flask, where every run has a weighed solid of its own; it leads to the weighing. */
export function MassRow({ runs }: { readonly part: PartOf<'titration'>; readonly runs: readonly AssessedRun[] }) {
  const { stages } = useDerived()
  const task = useTask()
  const { taskId } = useParams()
  return (
    <tr className="border-b border-hair">
      <RowHead says="Mass in the flask" unit="g" />
      {runs.map(({ index, run }) => (
        <td key={index} className="num py-2 pr-1.5 text-right text-lg">
          {run.weighing === undefined ? (
            <span className="text-ink-soft">–</span>
          ) : (
            <Link
              to={`/task/${taskId}/${stageOf(`parts.${run.weighing}`, stages)}`}
              className="underline decoration-rule underline-offset-4 hover:decoration-hop"
            >
              {massOfWeighing(task, run.weighing)?.text ?? 'weigh'}
            </Link>
          )}
        </td>
      ))}
    </tr>
  )
}
