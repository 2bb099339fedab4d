import { adviseLiquid, identifyLiquid, type LiquidFinding, type LiquidTube } from '../liquids/index.ts'
import type { NextTest } from './nextTests.ts'
import type { RackKnown, SampleRecord } from './record.ts'
import { speaksOfIons } from './thresholds.ts'

const tubesOf = ({ tubes }: SampleRecord): readonly LiquidTube[] =>
  tubes.map(({ before, steps }) => ({
    steps: [...before.map((step) => ({ at: '', step, facts: [], saw: '' })), ...steps],
  }))

const isCalledLiquid = ({ material, root = material }: SampleRecord, { liquids = [] }: RackKnown) => liquids.includes(root)

/** What a sample is as a liquid, and how far it is a solution of ions. */
export interface AsLiquid {
  /** Only where something tells of it, and it is called a liquid or may well be one. */
  readonly liquid?: LiquidFinding
  /** How likely it is that ions are what is to be found in it. */
  readonly ofIons: number
  /** It is called a liquid, and nothing tells yet which. */
  readonly untold?: true
}

/** Looks at a sample as a liquid. */
export function asLiquid(record: SampleRecord, known: RackKnown): AsLiquid {
  const called = isCalledLiquid(record, known)
  if (record.tubes.some(({ form }) => form === 'solid')) return { ofIons: 1 }
  const liquid = identifyLiquid(tubesOf(record), called)
  if (!liquid || (!called && speaksOfIons(liquid.aqueous))) return { ofIons: 1, ...(called ? { untold: true } : {}) }
  return { liquid, ofIons: liquid.aqueous }
}

/** Tests that tell which liquid it is, where that is the question; undefined where the ions are. */
export function liquidTests(
  record: SampleRecord,
  known: RackKnown,
  { liquid, ofIons, untold }: AsLiquid,
  allowed: ReadonlySet<string> | undefined,
): readonly NextTest[] | undefined {
  const called = isCalledLiquid(record, known)
  if (!(untold && record.tubes.length > 0) && (!liquid || speaksOfIons(ofIons))) return undefined
  return adviseLiquid(tubesOf(record), called, allowed).map((test) => ({ ...test, tells: tellsOf(test.apart) }))
}

const tellsOf = ([one, other]: NextTest['apart']) => {
  const side = (kinds: readonly string[]) => (kinds.length > 0 ? kinds.join(' or ') : 'the others')
  return `${side(one)} from ${side(other)}`
}
