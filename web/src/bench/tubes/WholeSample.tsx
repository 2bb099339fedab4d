import type { SampleVerdict } from '@hop-lark/core/identify'
import { Formula } from '../../ui/Chem.tsx'

/** What a sample may be as it came: a metal, an alloy or an oxide, whose ions are there only once acid has dissolved it, or a bottle of the bench. */
export function WholeSample({ whole }: Pick<SampleVerdict, 'whole'>) {
  if (whole.length === 0) return null
  return (
    <p className="rounded-lg bg-hop-wash px-3 py-2 text-[0.95rem]" data-testid="whole-sample">
      As it came:{' '}
      {whole.map(({ formula, name, probability }, index) => (
        <span key={name}>
          {index > 0 && ', or '}
          <strong className="font-semibold">{name}</strong>
          {formula !== undefined && (
            <>
              , <Formula text={formula} />
            </>
          )}{' '}
          <span className="tabular-nums">{probability.toFixed(2)}</span>
        </span>
      ))}
      .{whole.every(({ dry }) => dry) && ' Its ions come only when it dissolves.'}
    </p>
  )
}
