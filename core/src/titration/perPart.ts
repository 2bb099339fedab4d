import type { Conventions, PartOf } from '../record/index.ts'
import type { TitrationSetting } from './setting.ts'

type Titration = PartOf<'titration'>
type Work<Value> = (part: Titration, setting: TitrationSetting) => Value

/**
 * Remembers what was worked out for a titration. Parts and conventions are never changed in place, so at a keystroke
 * all titrations but one are as they were. Runs with weighed solids of their own rest on other parts too: nothing is
 * remembered for them.
 */
export function rememberPerPart<Value>(work: Work<Value>): Work<Value> {
  const remembered = new WeakMap<Titration, { readonly conventions: Conventions; readonly value: Value }>()
  return (part, setting) => {
    const known = remembered.get(part)
    if (known?.conventions === setting.conventions) return known.value
    const value = work(part, setting)
    if (part.runs.every(({ weighing }) => weighing === undefined))
      remembered.set(part, { conventions: setting.conventions, value })
    return value
  }
}
