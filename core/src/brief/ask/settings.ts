import type { Draft } from '../draft/Draft.ts'
import type { Read } from '../label/said.ts'
import { ofKind } from '../mention/mention.ts'
import { deedsIn } from '../method/verbs.ts'

/** Practicals in which only a few single readings are taken: they are entered with the calculations that they go into. */
export type Setting = 'heat' | 'gas' | 'precipitate' | 'equilibrium'

const CUP = /\b(?:cup|calorimeter)\b/i
const GAS = /\bsyringe\b|\bgas\b[^.]*\bcollect|\bcollected over water\b/i
const SOLID = /\b(?:precipitate|white solid|comes? down|came down)\b/i

/** What kind of single readings a question takes; undefined where it takes none, or something else is recorded in it. */
function settingOf(draft: Draft, reads: readonly Read[]): Setting | undefined {
  const text = reads.map(({ sentence }) => sentence.text).join(' ')
  if (draft.parts.some(({ block }) => block === reads[0]?.sentence.block)) return undefined
  if (CUP.test(text) && /\btemperature/i.test(text)) return 'heat'
  if (GAS.test(text)) return 'gas'
  if (/\bfilter/i.test(text) && SOLID.test(text)) return 'precipitate'
  if (/\bequilibrium constant\b|\bK ?c\b/.test(text)) return 'equilibrium'
  return undefined
}

/** Notes what kind of single readings a question takes, and that they are entered with what is worked out. */
export function readSetting(draft: Draft, reads: readonly Read[]): void {
  const setting = settingOf(draft, reads)
  const block = reads[0]?.sentence.block
  if (setting === undefined || block === undefined) return
  draft.settings.set(block, setting)
  for (const { sentence, mentions } of reads) {
    for (const equation of ofKind(mentions, 'equation')) draft.land(equation, 'what it is worked out by')
    if (draft.kinds.get(sentence.n) === 'material' || sentence.text.endsWith('?')) continue
    if (deedsIn(sentence.text).size === 0 && !/\bnote\b|\bread\b/i.test(sentence.text)) continue
    draft.mark(sentence.n, 'measure')
    for (const mention of mentions) draft.land(mention, 'entered with the calculation')
  }
}
