import { knownOf } from '@hop-lark/core/identify'
import type { PartOf } from '@hop-lark/core/record'
import { proxy } from 'comlink'
import { useEffect, useId, useState } from 'react'
import { useTask } from '../../notebook/derived.ts'
import { chemistry } from './chemistry.ts'
import type { SoFar } from './chemistryWork.ts'

/** What the record comes to, and how far it has been worked out. */
export interface Identified {
  /** By material; of the record as it last was, while a later one is worked out. */
  readonly found: ReadonlyMap<string, SoFar>
  /** From 0 to 1 while at work. */
  readonly progress?: number
  readonly failed?: string
}

const NOTHING: Identified = { found: new Map() }

/** Only what bears on the answer: a conclusion or a meaning in the student's words does not. */
function bearing({ samples, allowed }: PartOf<'rack'>): string {
  return JSON.stringify([
    samples.map(({ material, tubes }) => ({
      material,
      tubes: tubes.map(({ steps, ...tube }) => ({ ...tube, steps: steps.map(({ means: _, was: __, ...step }) => step) })),
    })),
    allowed ?? null,
  ])
}

const adviceOf = (before: SoFar | undefined): Pick<SoFar, 'next'> => (before?.next ? { next: before.next } : {})

/**
 * Identifies the samples of a rack in the worker, anew after every step that is kept.
 *
 * @param lookedAt - the sample whose turn is first
 */
export function useIdentification(part: PartOf<'rack'>, lookedAt: string | undefined): Identified {
  const task = useTask()
  const asker = useId()
  const [state, setState] = useState<Identified>(NOTHING)
  const record = bearing(part)
  const known = JSON.stringify(knownOf(task, part))
  useEffect(() => {
    let still = true
    const [samples, allowed] = JSON.parse(record)
    const options = { ...JSON.parse(known), ...(allowed ? { allowed: new Set<string>(allowed) } : {}) }
    const onProgress = (progress: number) => {
      if (still) setState(({ found }) => ({ found, progress }))
    }
    const onFound = (one: SoFar) => {
      if (!still) return
      setState(({ found, progress }) => ({
        // The advice of before stands until there is a new one, so that it does not come and go.
        found: new Map([...found, [one.material, { ...adviceOf(found.get(one.material)), ...one }]]),
        ...(progress === undefined || (one.next && one.material === lookedAt) ? {} : { progress }),
      }))
    }
    chemistry()
      .identify(asker, samples, options, lookedAt, proxy(onProgress), proxy(onFound))
      .catch((error: unknown) => {
        if (still) setState(({ found }) => ({ found, failed: error instanceof Error ? error.message : String(error) }))
      })
    return () => {
      still = false
    }
  }, [record, known, lookedAt, asker])
  return state
}
