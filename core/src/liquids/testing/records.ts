import { readFileSync } from 'node:fs'
import { readTubes, type SeenStep } from '../../observe/index.ts'
import { identifyLiquid, type LiquidFinding } from '../index.ts'

/** A record of a liquid, with what really was in the bottle. */
export interface LiquidRecord {
  readonly truth: string
  readonly isLiquid: boolean
  readonly lines: readonly string[]
}

const ACTS = /^(?:warm|heat|boil|smell|flame|look|shake|stand)$/

/** `H2SO4(aq), K2Cr2O7(aq), warm: turned green`: several acts under one observation, which is written at the last. */
function stepsOf(line: string): readonly SeenStep[] {
  const at = line.indexOf(': ')
  const acts = line.slice(0, at).split(/, (?=[A-Z]|[a-z]{3}|2,4)/)
  return acts.map((act, index): SeenStep => {
    const saw = index === acts.length - 1 ? { saw: line.slice(at + 2) } : {}
    return ACTS.test(act) ? { do: act, ...saw } : { do: 'add', reagent: act, amount: 'drops', ...saw }
  })
}

/** The records of a file beside this one: `@kind; called what`, then a line a tube. */
export function recordsOf(file: string): readonly LiquidRecord[] {
  return readFileSync(new URL(file, import.meta.url), 'utf8')
    .replace(/^#.*\n/gm, '')
    .split('@')
    .filter((block) => block.trim() !== '')
    .map((block) => {
      const [head = '', ...lines] = block.trim().split('\n')
      const [truth = '', called = ''] = head.split('; ')
      return { truth, isLiquid: called === 'liquid', lines }
    })
}

/** What is made of a record, tube by tube from its lines. */
export function foundIn({ lines, isLiquid }: Pick<LiquidRecord, 'lines' | 'isLiquid'>): LiquidFinding | undefined {
  const tubes = lines.map((line, index) => ({ id: `P${index + 1}`, steps: stepsOf(line) }))
  return identifyLiquid(
    tubes.map((tube) => {
      const [read = []] = readTubes([tube]).tubes
      return {
        steps: tube.steps.map((step, index) => ({
          at: `${tube.id}.${index + 1}`,
          step,
          facts: read[index]?.observation.facts.map(({ fact }) => fact) ?? [],
          saw: step.saw ?? '',
        })),
      }
    }),
    isLiquid,
  )
}
