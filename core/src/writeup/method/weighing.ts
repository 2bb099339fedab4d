import { materialLabel, type PartOf, path } from '../../record/index.ts'
import { weighedMass } from '../../titration/index.ts'
import type { Facts } from '../facts.ts'
import type { Proposed } from '../report.ts'
import { listed, measured, propose } from '../words.ts'

const LIDS: Readonly<Record<string, string>> = {
  both: ', with the lid on both times',
  true: ', with the lid on both times',
  neither: ', without the lid both times',
  false: ', without the lid both times',
  first: ', with the lid on the first time only',
  second: ', with the lid on the second time only',
}

type Weighing = PartOf<'weighing'>

/** By difference, in a container of known mass, or on the tared balance. */
function wayOf({ withSample, withResidue }: Weighing): 'difference' | 'container' | 'tared' {
  if (withSample === undefined) return 'tared'
  return withResidue === undefined ? 'container' : 'difference'
}

const howOf = (part: Weighing) => `${wayOf(part)} ${String(part.lid)}`

/** How the weighings of one material were done that were done alike, once their masses are known. */
function doneAlike(weighings: readonly Weighing[], label: string): Proposed | undefined {
  const known = weighings.flatMap((part) => {
    const taken = weighedMass(part)
    return taken ? [{ part, mass: measured(taken.text, 'g') }] : []
  })
  const [first] = known
  if (!first) return undefined
  const { part } = first
  const masses = listed(known.map(({ mass }) => mass))
  const were = known.length === 1 ? 'was' : 'were'
  const lid = part.lid === undefined ? '' : (LIDS[String(part.lid)] ?? '')
  const says = {
    tared: `${masses} of ${label} ${were} weighed on the tared balance`,
    container: `${label} was weighed in a container of known mass${lid}: ${masses} ${were} taken`,
    difference: `${label} was weighed by difference, with its container before and after it was tipped out${lid}: ${masses} ${were} taken`,
  }[wayOf(part)]
  return propose(`method ${part.id} weighed`, says, path('parts', part.id))
}

/** How a material was weighed, once the mass is known; weighings of it that were done in one way make one sentence. */
export function weighingDone(weighings: readonly Weighing[], { task }: Facts): readonly Proposed[] {
  const [first] = weighings
  if (!first) return []
  const ways = [...new Set(weighings.map(howOf))]
  const alike = ways.map((way) => weighings.filter((part) => howOf(part) === way))
  return alike.flatMap((group) => doneAlike(group, materialLabel(task, first.of)) ?? [])
}
