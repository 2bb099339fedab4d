import { concludeFrom, eliminateFrom, type SampleVerdict, wholeSalts } from '@hop-lark/core/identify'
import { materialLabel, type PartOf } from '@hop-lark/core/record'
import { useTask } from '../../notebook/derived.ts'
import { Formula } from '../../ui/Chem.tsx'
import type { Sample } from './rackEdits.ts'

interface WholeSaltProps {
  readonly part: PartOf<'rack'>
  readonly sample: Sample
  readonly identification: SampleVerdict
}

/** The salt that the ions make, and the conclusions as they would be written down. */
export function WholeSalt({ part, sample, identification }: WholeSaltProps) {
  const task = useTask()
  // What is in a product came with the reagents too, so that it is no salt of its own.
  const salts = sample.tubes.every(({ from }) => from !== undefined) ? [] : wholeSalts(identification)
  const label = materialLabel(task, sample.material)
  const conclusions = concludeFrom(identification, part.samples, label)
  const others = eliminateFrom(identification, part.samples)
  if (conclusions.length === 0) return null
  return (
    <div className="rounded-lg bg-hop-wash px-3 py-2 text-[0.95rem]" data-testid="whole-salt">
      {salts.map(({ formula, name }) => (
        <p key={formula}>
          Together: <strong className="font-semibold">{name}</strong>, <Formula text={formula} />, if nothing else is in it.
        </p>
      ))}
      <details>
        <summary className="cursor-pointer text-sm text-ink-soft">as a conclusion, with the evidence</summary>
        {conclusions.map(({ ion, says }) => (
          <p key={ion} className="mt-1">
            {says}
          </p>
        ))}
      </details>
      {others.length > 0 && (
        <details>
          <summary className="cursor-pointer text-sm text-ink-soft">what is ruled out or likely, with the evidence</summary>
          {others.map(({ ion, says }) => (
            <p key={ion} className="mt-1">
              {says}
            </p>
          ))}
        </details>
      )}
    </div>
  )
}
