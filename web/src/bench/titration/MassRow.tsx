import { path } from '@hop-lark/core/record'
import { type AssessedRun, massOfWeighing } from '@hop-lark/core/titration'
import { Link, useParams } from 'react-router'
import { stageOf } from '../../app/goTo.ts'
import { useDerived, useTask } from '../../notebook/derived.ts'
import { Cells } from './Cells.tsx'
import { RowHead } from './RowHead.tsx'
import type { Columns } from './useColumns.ts'

/** The mass in each flask, where every run has a weighed solid of its own; it leads to the weighing. */
export function MassRow({ runs, columns }: { readonly runs: readonly AssessedRun[]; readonly columns: Columns }) {
  const { stages } = useDerived()
  const task = useTask()
  const { taskId } = useParams()
  return (
    <tr className="border-b border-hair">
      <RowHead says="Mass in the flask" unit="g" />
      <Cells columns={columns}>
        {(index) => {
          const weighing = runs[index]?.run.weighing
          return (
            <td key={index} className="num py-2 pr-1.5 text-right text-lg">
              {weighing === undefined ? (
                <span className="text-ink-soft">–</span>
              ) : (
                <Link
                  to={`/task/${taskId}/${stageOf(path('parts', weighing), stages)}`}
                  className="underline decoration-rule underline-offset-4 hover:decoration-hop"
                >
                  {massOfWeighing(task, weighing)?.text ?? 'weigh'}
                </Link>
              )}
            </td>
          )
        }}
      </Cells>
    </tr>
  )
}
