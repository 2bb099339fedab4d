import type { SampleVerdict } from '@hop-lark/core/identify'
import { mayBeRead } from '@hop-lark/core/rack'
import { findMaterial, materialLabel, type PartOf } from '@hop-lark/core/record'
import { useTask } from '../../notebook/derived.ts'
import { usePrinting } from '../../ui/usePrinting.ts'
import { RecordTable } from './RecordTable.tsx'

interface PaperRackProps {
  readonly part: PartOf<'rack'>
  readonly found: ReadonlyMap<string, SampleVerdict>
}

/** The whole rack as it is handed in: every sample with its tubes and what was concluded; on the screen one tube is open at a time. */
export function PaperRack({ part, found }: PaperRackProps) {
  const task = useTask()
  if (!usePrinting()) return null
  return (
    <div className="paper-only">
      {part.samples.map((sample) => {
        const { material, tubes, conclusion } = sample
        const looks = findMaterial(task, material)?.note
        return (
          <section key={material} aria-label={materialLabel(task, material)} className="mb-6">
            <h2 className="text-xl font-bold">
              {materialLabel(task, material)}
              {looks && <span className="font-normal">, {looks}</span>}
            </h2>
            {tubes
              .filter(({ steps }) => steps.length > 0)
              .map((tube) => (
                <div key={tube.id} className="mt-2">
                  <h3 className="font-bold">
                    {tube.id}
                    {tube.from !== undefined && ` from ${tube.from}`}
                  </h3>
                  <RecordTable part={part} tube={tube} identification={found.get(material)} shut={!mayBeRead(part, sample)} />
                </div>
              ))}
            <p className="mt-2">
              <strong>Conclusion:</strong> {conclusion ?? 'none yet'}
            </p>
          </section>
        )
      })}
    </div>
  )
}
