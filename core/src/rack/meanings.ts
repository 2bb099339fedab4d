import type { SampleVerdict, StepMeaning } from '../identify/index.ts'
import { stepName, type Tube } from '../record/index.ts'
import { ionsNamed } from './comparison.ts'
import { meaningOf } from './meaning.ts'

/** What a step means, and the equations of it. */
export interface Meant {
  readonly says: string
  /** Ions that the student's own meaning claims and this step speaks against. */
  readonly against: readonly string[]
  readonly equations: readonly string[]
}

/** What each step of a tube means, each in the light of the one before. */
export function meaningsIn(tube: Tube, identification: SampleVerdict | undefined): readonly (Meant | undefined)[] {
  // What the whole record shows to be there is not denied by one step of it.
  const there = new Set(identification?.ions.filter(({ verdict }) => verdict === 'present').map(({ ion }) => ion))
  let left: readonly string[] = []
  return tube.steps.map(({ means }, index) => {
    const at = stepName(tube.id, index)
    const meaning: StepMeaning | undefined = identification?.steps.find((one) => one.at === at)
    if (!meaning) return undefined
    const gases = identification?.gases.filter((one) => one.at === at).map(({ gas }) => gas) ?? []
    const says = meaningOf({ ...meaning, rulesOut: meaning.rulesOut.filter((ion) => !there.has(ion)) }, [...new Set(gases)], left)
    const still = left.filter((ion) => meaning.explains.includes(ion))
    left = still.length > 0 ? still : meaning.explains.length > 0 ? meaning.explains : left
    const claimed = means === undefined ? [] : ionsNamed(means)
    return { says, against: claimed.filter((ion) => meaning.rulesOut.includes(ion)), equations: meaning.equations }
  })
}
