import type { IonVerdict } from '@hop-lark/core/identify'
import { useEffect, useRef, useState } from 'react'

/** How long it is shown what a step changed, ms: long enough for a look up from the tube. */
const A_MOMENT = 5000

type Verdicts = ReadonlyMap<string, IonVerdict['verdict']>

const verdictsOf = (ions: readonly IonVerdict[]): Verdicts => new Map(ions.map(({ ion, verdict }) => [ion, verdict]))

/**
 * The ions of which something else is said than before, for a moment.
 *
 * @param of - what they are said of: another sample is no change
 */
export function useChanged(of: string, ions: readonly IonVerdict[]): ReadonlySet<string> {
  const [changed, setChanged] = useState<ReadonlySet<string>>(new Set())
  const before = useRef<{ readonly of: string; readonly verdicts: Verdicts }>(undefined)
  useEffect(() => {
    const earlier = before.current?.of === of ? before.current.verdicts : undefined
    const verdicts = verdictsOf(ions)
    before.current = { of, verdicts }
    const now = earlier ? [...verdicts].flatMap(([ion, verdict]) => (earlier.get(ion) === verdict ? [] : [ion])) : []
    setChanged(new Set(now))
    if (now.length === 0) return
    const timer = setTimeout(() => setChanged(new Set()), A_MOMENT)
    return () => clearTimeout(timer)
  }, [of, ions])
  return changed
}
