import { type ChainFraction, type ChainTerm, unitsThatCancel } from '@hop-lark/core/reckon'
import { Formula } from '../ui/Chem.tsx'
import { Num } from '../ui/Num.tsx'
import { ReadingButton } from './ReadingButton.tsx'

/** A chain of fractions over and under a line, with the units that cancel struck through. */
export function ChainLine({ chain }: { readonly chain: readonly ChainFraction[] }) {
  const struck = unitsThatCancel(chain)
  return (
    <span className="inline-flex flex-wrap items-center gap-y-2 not-italic">
      {chain.map(({ top, bottom }, index) => (
        <span key={index} className="inline-flex items-center">
          {index > 0 && <span className="px-1.5">×</span>}
          {bottom ? (
            <span className="inline-flex flex-col items-center leading-tight">
              <span className="border-b border-ink-soft px-1 pb-0.5">
                <Term term={top} cancelled={struck[index]?.top ?? false} />
              </span>
              <span className="px-1 pt-0.5">
                <Term term={bottom} cancelled={struck[index]?.bottom ?? false} />
              </span>
            </span>
          ) : (
            <Term term={top} cancelled={struck[index]?.top ?? false} />
          )}
        </span>
      ))}
    </span>
  )
}

function Term({ term, cancelled }: { readonly term: ChainTerm; readonly cancelled: boolean }) {
  const { text, unit, of, at, says } = term
  return (
    <span className="whitespace-nowrap">
      {at ? <ReadingButton link={{ text, says: says ?? text, at }} /> : <Num text={text} className="font-sans" />}
      {unit && (
        <> {cancelled ? <s className="decoration-litmus decoration-2">{unit}</s> : <span className="text-ink">{unit}</span>}</>
      )}
      {of && (
        <>
          {' '}
          <Formula text={of} />
        </>
      )}
    </span>
  )
}
