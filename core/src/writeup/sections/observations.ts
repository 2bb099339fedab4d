import { concludeFrom, eliminateFrom, type SampleVerdict, wholeSalts } from '../../identify/index.ts'
import { mayBeRead } from '../../rack/index.ts'
import { materialLabel, type PartOf, path, type Sample } from '../../record/index.ts'
import type { Facts } from '../facts.ts'
import { photographBlocks } from '../photographs.ts'
import type { Block, Proposed, Section } from '../report.ts'
import { sampleTable } from '../results/rack.ts'
import { listed, propose } from '../words.ts'
import { written } from '../written.ts'

type Rack = PartOf<'rack'>

const withEvidence = (says: string, evidence: readonly string[]) =>
  evidence.length === 0
    ? says
    : `${says.replace(/\.$/, '')} (${evidence.length === 1 ? 'test' : 'tests'} ${listed([...new Set(evidence)])})`

/** Tests in the sample's own tubes are quoted before those of the tubes it came from. */
function ownTestsFirst(verdict: SampleVerdict, { tubes }: Sample): SampleVerdict {
  const own = (at: string) => tubes.some(({ id }) => at.slice(0, at.lastIndexOf('.')) === id)
  const sorted = (steps: readonly string[]) => [...steps.filter(own), ...steps.filter((at) => !own(at))]
  return { ...verdict, ions: verdict.ions.map((ion) => ({ ...ion, for: sorted(ion.for), against: sorted(ion.against) })) }
}

/** What the student concludes, as it was written; and what the record shows, with the tests it rests on. */
function conclusionsOf({ task, verdicts }: Facts, rack: Rack, sample: Sample): readonly Proposed[] {
  const at = path('parts', rack.id, 'samples', sample.material, 'conclusion')
  const label = materialLabel(task, sample.material)
  const own = sample.conclusion?.trim()
  const id = (what: string) => `observations ${rack.id} ${sample.material} ${what}`
  const named = own?.toLowerCase().startsWith(label.toLowerCase()) ? own : `${label}: ${own}`
  const concluded = own ? [{ ...propose(id('concluded'), named, at), said: true }] : []
  const found = verdicts.get(sample.material)
  if (!found || !mayBeRead(rack, sample)) return concluded
  const verdict = ownTestsFirst(found, sample)
  const shown = concludeFrom(verdict, rack.samples, label).map((one) =>
    propose(id(one.ion), withEvidence(written(one.says), one.evidence), at),
  )
  const salts = wholeSalts(verdict).map(({ formula, name }) =>
    propose(id(`salt ${formula}`), `${label} may therefore be ${name}`, at),
  )
  // What is not there matters only where something is: a list of absences alone answers nothing.
  const open = eliminateFrom(verdict, rack.samples)
    .filter(({ says }) => says.startsWith('It may'))
    .map((one) => propose(id(`open ${one.ion}`), withEvidence(written(one.says.replace(/^It/, label)), one.evidence), at))
  return [...concluded, ...shown, ...salts, ...open]
}

function blocksOf(facts: Facts, rack: Rack, sample: Sample): readonly Block<Proposed>[] {
  const table = sampleTable(facts, rack, sample)
  const sentences = conclusionsOf(facts, rack, sample)
  return [
    ...(table ? [{ kind: 'table', table } as const] : []),
    ...(sentences.length > 0 ? [{ kind: 'sentences', as: 'paragraph', sentences } as const] : []),
  ]
}

/** Tests, observations and inferences in the order in which they were done, and what follows. */
export function observationsSection(facts: Facts): Section<Proposed> | undefined {
  const racks = facts.task.parts.filter((part) => part.kind === 'rack')
  const blocks = racks.flatMap((rack) => [
    ...rack.samples.flatMap((sample) => blocksOf(facts, rack, sample)),
    ...photographBlocks(facts.task, [rack.id]),
  ])
  return blocks.length === 0 ? undefined : { id: 'observations', heading: 'Observations and conclusions', blocks }
}
