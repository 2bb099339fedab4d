import { Button } from './Button.tsx'
import { type SaidOfReading, sayYes } from './lastSaid.ts'

/** What is said of a reading that was kept: what it is written as, or what it may have been meant for. */
export function SaidWords({ said }: { readonly said: SaidOfReading }) {
  if ('typed' in said)
    return (
      <>
        {said.typed} is written {said.kept}
      </>
    )
  return (
    <>
      Meant{' '}
      <Button look="quiet" action="sayYes" className="num" onClick={() => sayYes()}>
        {said.better}?
      </Button>
    </>
  )
}
