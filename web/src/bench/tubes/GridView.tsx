import { gridOf } from '@hop-lark/core/rack'
import { materialLabel, type PartOf, sampleForms } from '@hop-lark/core/record'
import { useTask } from '../../notebook/derived.ts'
import { ColumnHeads } from '../../ui/ColumnHeads.tsx'
import { DidText } from './DidText.tsx'
import { findTube } from './rackEdits.ts'
import { SawText } from './SawText.tsx'
import { readTube } from './useReadTube.ts'

interface GridViewProps {
  readonly part: PartOf<'rack'>
  readonly onShow: (tubeId: string) => void
}

/** Samples across, tests down; a cell that is empty says why. */
export function GridView({ part, onShow }: GridViewProps) {
  const task = useTask()
  const rows = gridOf(part)
  const forms = sampleForms(task)
  const readIn = (tubeId: string) => {
    const tube = findTube(part, tubeId)?.tube
    return tube ? readTube(part, tube, forms).steps : []
  }
  if (rows.length === 0) return <p className="text-ink-soft">The grid fills with the first step that is recorded.</p>
  return (
    <div className="overflow-x-auto">
      <table className="w-full border-collapse text-[0.92rem] leading-snug" data-testid="grid">
        <ColumnHeads
          columns={[
            { says: 'Test' },
            ...part.samples.map(({ material }) => ({ id: material, says: materialLabel(task, material), width: 'min-w-24' })),
          ]}
        />
        <tbody>
          {rows.map(({ test, from, actions, cells }) => (
            <tr key={test} className="border-b border-hair align-top">
              <th scope="row" className="py-2 pr-3 text-left font-semibold">
                {from !== undefined && <span className="block font-normal text-ink-soft">from {from}</span>}
                {actions.map((action, step) => (
                  <span key={`${step}${action.do}`} className="block">
                    <DidText action={action} />
                  </span>
                ))}
              </th>
              {cells.map((cell, index) => (
                <td key={part.samples[index]?.material} className="py-2 pr-3">
                  {cell ? (
                    <button
                      type="button"
                      className="on-paper text-left hover:text-hop"
                      onClick={() => onShow(cell.tube)}
                      title={`Tube ${cell.tube}`}
                    >
                      {cell.saw.map((saw, step) => (
                        <span key={`${step}${saw}`} className="block">
                          {saw === undefined ? (
                            <em className="text-iodine">not written down</em>
                          ) : (
                            <SawText
                              text={saw}
                              observation={readIn(cell.tube)[step]?.observation ?? { facts: [], notUnderstood: [] }}
                            />
                          )}
                        </span>
                      ))}
                    </button>
                  ) : (
                    <em className="text-ink-soft">not done</em>
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
