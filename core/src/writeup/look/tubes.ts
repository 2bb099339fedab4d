import { coachConclusion, ionsNamed, mayBeRead } from '../../rack/index.ts'
import { materialLabel, type PartOf, path, type Sample, stepName } from '../../record/index.ts'
import type { Facts } from '../facts.ts'
import { listed } from '../words.ts'
import type { Remark } from './remark.ts'

type Rack = PartOf<'rack'>

/** Words by which a conclusion tells why. */
const EVIDENCE =
  /\b(because|since|as|with|from|gave|gives|give|precipitates?|ppts?|turn(?:s|ed)?|dissolv\w*|fizz\w*|effervescence|flame|litmus|limewater|splint|test|colou?r|white|blue|green|yellow|brown|insoluble|soluble|relit|milky|[A-Z]\d+\.\d+)\b|:/i

/** Acts that change something to look at. */
const IS_LOOKED_AT = new Set(['add', 'dissolve', 'warm', 'heat', 'boil', 'flame', 'gas', 'look', 'smell', 'filter'])

/** Steps that were done and of which nothing was written down; the last of a tube may still be on its way. */
function unseen(rack: Rack, { material, tubes }: Sample): readonly Remark[] {
  return tubes.flatMap(({ id, steps }) =>
    steps.flatMap((step, index): Remark[] =>
      step.saw?.trim() || !IS_LOOKED_AT.has(step.do)
        ? []
        : [
            {
              code: 'look.noObservation',
              at: path('parts', rack.id, 'samples', material, 'tubes', id, 'steps', step.id),
              says: `Nothing is written down for ${stepName(id, index)}.`,
              mend: 'Write what was seen; no visible change is an observation, too.',
            },
          ],
    ),
  )
}

function conclusionOf({ task, verdicts }: Facts, rack: Rack, sample: Sample): readonly Remark[] {
  const at = path('parts', rack.id, 'samples', sample.material, 'conclusion')
  const label = materialLabel(task, sample.material)
  const tested = sample.tubes.some(({ steps }) => steps.some(({ saw }) => saw?.trim()))
  const conclusion = sample.conclusion?.trim() ?? ''
  if (conclusion === '')
    return tested
      ? [
          {
            code: 'look.noConclusion',
            at,
            says: `${label} was tested, and nothing is concluded.`,
            mend: 'Name the ions and quote the test that shows each.',
          },
        ]
      : []
  const coaching = coachConclusion(conclusion).map(
    ({ code, says }): Remark => ({ code, at, says, mend: 'Put it so in the conclusion.' }),
  )
  const named = ionsNamed(conclusion)
  const evidence: readonly Remark[] =
    named.length > 0 && !EVIDENCE.test(conclusion.replace(/^[^:]*:\s*/, ''))
      ? [
          {
            code: 'look.noEvidence',
            at,
            says: `The conclusion on ${label} names ions and no evidence.`,
            mend: 'Quote for each ion the test and what was seen in it.',
          },
        ]
      : []
  const verdict = mayBeRead(rack, sample) ? verdicts.get(sample.material) : undefined
  const against = named.filter((ion) =>
    verdict?.ions.some((one) => one.ion === ion && one.verdict === 'absent' && one.against.length > 0),
  )
  const denied: readonly Remark[] =
    against.length === 0
      ? []
      : [
          {
            code: 'look.denied',
            at,
            says: `The record of ${label} speaks against ${listed(against)}.`,
            mend: 'Look at the tests once more: which of them is right?',
          },
        ]
  return [...coaching, ...evidence, ...denied]
}

/** What is missing in tubes and conclusions. */
export function lookAtTubes(facts: Facts): readonly Remark[] {
  const racks = facts.task.parts.filter((part) => part.kind === 'rack')
  return racks.flatMap((rack) =>
    rack.samples.flatMap((sample) => [...unseen(rack, sample), ...conclusionOf(facts, rack, sample)]),
  )
}
