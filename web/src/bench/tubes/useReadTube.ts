import { type ReadStep, readTubes, type StepContext } from '@hop-lark/core/observe'
import type { Action } from '@hop-lark/core/rack'
import { type PartOf, sampleForms, tubeLine, tubesById } from '@hop-lark/core/record'
import { useTask } from '../../notebook/derived.ts'
import type { Tube } from './rackEdits.ts'

/** The steps of a tube as they are read where they stand, and where the next one will stand. */
export interface ReadTube {
  readonly steps: readonly ReadStep[]
  readonly next: (action: Action) => StepContext
}

type Forms = ReturnType<typeof sampleForms>

/** Whether a tube, or the one it was begun from, holds the solid from its jar. */
function isDry(part: PartOf<'rack'>, first: Tube, forms: Forms): boolean {
  const home = part.samples.find(({ tubes }) => tubes.some(({ id }) => id === first.id))
  return first.cm3 === undefined && home !== undefined && forms[home.material] === 'solid'
}

/** Reads a tube of a rack, after those it was begun from. */
export function readTube(part: PartOf<'rack'>, tube: Tube, forms: Forms): ReadTube {
  const line = tubeLine(tube, tubesById(part.samples))
  const { tubes, next } = readTubes(line, isDry(part, line[0] ?? tube, forms))
  return { steps: tubes.at(-1) ?? [], next }
}

/** The same of the open task. */
export function useReadTube(part: PartOf<'rack'>, tube: Tube): ReadTube {
  return readTube(part, tube, sampleForms(useTask()))
}
