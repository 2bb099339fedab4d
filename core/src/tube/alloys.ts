import { ALLOYS, type Alloy, isAlloy } from './alloyTable.ts'
import { type Contents, NONE, settle } from './contents.ts'
import { LESS_REACTIVE, type MetalsDid, reactMetals } from './metals.ts'
import { dissolveInNitricAcid, nitricIn } from './nitricAcid.ts'
import { ACID, ALKALI } from './thresholds.ts'

/** Least of an alloy, or of an ion beside it, that is worth telling, mol. */
const LEAST = 1e-7

/** What a liquid does to the alloy that lies in it; metals that lie there by themselves react as metals do. */
export function reactAlloys(contents: Contents, warming: boolean): MetalsDid {
  const name = Object.keys(contents.dry).find(isAlloy)
  const alloy = name === undefined ? undefined : ALLOYS[name]
  if (name === undefined || !alloy || contents.volume === 0) return reactMetals(contents, warming)
  const nitric = nitricIn(contents)
  if (nitric === 'dilute' || nitric === 'concentrated') {
    const amount = contents.dry[name] ?? 0
    const { used, ...did } = dissolveInNitricAcid(contents, alloy.holds, amount, nitric === 'concentrated')
    return { ...did, contents: withLeft(did.contents, name, amount - used) }
  }
  // A piece of metal that was put in beside it reacts as it does anywhere.
  const did = reactMetals(contents, warming)
  return isUnknown(contents, alloy) ? { ...did, unknown: true } : did
}

function withLeft(contents: Contents, name: string, left: number): Contents {
  const { [name]: _, ...others } = contents.dry
  const dry = left > LEAST ? { ...others, [name]: left } : others
  return { ...contents, dry: Object.keys(dry).length > 0 ? dry : NONE }
}

/** Whether no rule says what happens: ions that it might put out of solution, and for some hot acid or alkali. */
function isUnknown(contents: Contents, { holds, whenHot }: Alloy): boolean {
  const among = LESS_REACTIVE.some((component) => !(component in holds) && (contents.amounts[component] ?? 0) > LEAST)
  if (among || whenHot === 'nothing' || !contents.hot) return among
  const { pH } = settle(contents)
  return pH < ACID || pH > ALKALI
}
