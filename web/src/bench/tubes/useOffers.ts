import { knownOf, type Offer, type SampleVerdict } from '@hop-lark/core/identify'
import type { Action } from '@hop-lark/core/rack'
import type { PartOf } from '@hop-lark/core/record'
import { useEffect, useRef, useState } from 'react'
import { useTask } from '../../notebook/derived.ts'
import { chemistry } from './chemistry.ts'

interface OffersFor {
  readonly part: PartOf<'rack'>
  readonly tubeId: string
  readonly action: Action | undefined
  /** Nothing is offered where something is already written. */
  readonly wanted: boolean
  readonly identification: SampleVerdict | undefined
}

/** The usual outcomes of what has just been done, the likelier first. */
export function useOffers({ part, tubeId, action, wanted, identification }: OffersFor): readonly Offer[] {
  const task = useTask()
  const [offers, setOffers] = useState<{ readonly of: string; readonly offers: readonly Offer[] }>()
  const of = wanted && action ? JSON.stringify([tubeId, action]) : ''
  // Only another act asks anew: an identification that comes later must not move the offers under the finger.
  const ask = useRef(() => Promise.resolve<readonly Offer[]>([]))
  ask.current = async () => {
    if (!action) return []
    const probabilities = Object.fromEntries((identification?.ions ?? []).map(({ ion, probability }) => [ion, probability]))
    return chemistry().offers(part.samples, tubeId, action, probabilities, knownOf(task, part))
  }
  useEffect(() => {
    if (of === '') return
    let still = true
    ask.current().then(
      (found) => {
        if (still) setOffers({ of, offers: found })
      },
      // Without offers the line is typed as ever.
      () => undefined,
    )
    return () => {
      still = false
    }
  }, [of])
  return offers?.of === of ? offers.offers : []
}
