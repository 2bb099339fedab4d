import type { SampleVerdict, StepMeaning } from '@hop-lark/core/identify'
import { ionsNamed, meaningOf } from '@hop-lark/core/rack'
import { stepName } from '@hop-lark/core/record'
import type { Tube } from './rackEdits.ts'

/** What a step means, and the equations of it. */
export interface Meant {
  readonly says: string
  /** Ions that the student's own meaning claims and this step speaks against. */
  readonly against: readonly string[]
  readonly equations: readonly string[]
}

/** What each step of a tube means, each in the light of the one before. */
export function meaningsIn(tube: Tube, identification: SampleVerdict | undefined): readonly (Meant | undefined)[] {
  let left: readonly string[] = []
  return tube.steps.map(({ means }, index) => {
    const at = stepName(tube.id, index)
    const meaning: StepMeaning | undefined = identification?.steps.find((one) => one.at === at)
    if (!meaning) return undefined
    const gases = identification?.gases.filter((one) => one.at === at).map(({ gas }) => gas) ?? []
    const says = meaningOf(meaning, [...new Set(gases)], left)
    const still = left.filter((ion) => meaning.explains.includes(ion))
    left = still.length > 0 ? still : meaning.explains.length > 0 ? meaning.explains : left
    const claimed = means === undefined ? [] : ionsNamed(means)
    return { says, against: claimed.filter((ion) => meaning.rulesOut.includes(ion)), equations: meaning.equations }
  })
}
