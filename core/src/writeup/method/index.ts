import { byKind, type Part, path } from '../../record/index.ts'
import type { Facts } from '../facts.ts'
import type { Proposed } from '../report.ts'
import { propose } from '../words.ts'
import { chromatogramDone } from './chromatogram.ts'
import { heatingDone } from './heating.ts'
import { rackDone } from './rack.ts'
import { seriesDone } from './series.ts'
import { solutionDone } from './solution.ts'
import { titrationDone } from './titration.ts'
import { weighingDone } from './weighing.ts'

/**
 * What was done in a part, as sentences of a method; nothing of what was only laid out.
 *
 * @param group - the other weighings of the same material, which are told in one go
 */
export const methodOf = byKind<readonly Proposed[], [facts: Facts, group: readonly Part[]]>({
  weighing: (part, facts, group) => weighingDone([part, ...group.filter((one) => one.kind === 'weighing')], facts),
  solution: solutionDone,
  titration: titrationDone,
  heating: heatingDone,
  series: seriesDone,
  rack: rackDone,
  chromatogram: chromatogramDone,
  note: ({ id, text }) => (text.trim() ? [{ ...propose(`method ${id} note`, text, path('parts', id)), said: true }] : []),
})
