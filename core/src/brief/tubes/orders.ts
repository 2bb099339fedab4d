import type { SheetBottle } from '../../rack/index.ts'
import { readActs } from '../../rack/index.ts'
import { reagentNamed } from '../../tube/index.ts'
import type { DraftAct } from '../draft/parts.ts'

/** What a sheet names before it orders something: `Halide test:`, `To about 1 cm3 of each`. */
const NAME = /^(?:[A-Z][\w-]*(?: [\w-]+){0,3}):\s+(?=[a-zA-Z])/
const INTO =
  /^(?:then\s+|now\s+|next,?\s+)?(?:to|into|in|using|with)\s+[^;:]*?(?:,\s*|\s+)(?=(?:add|put|place|pour|dissolve|warm|heat|shake|drop|carefully|slowly)\b)/i
const PLACES =
  /^(?:place|put|take|pour|measure|transfer)\b[^;.]*?\b(?:test|boiling|hard-glass|dry)?[ -]?(?:tubes?|tile)\b[^;.]*?(?:,?\s*(?:and|then)\s+|[,;]\s*)(?=\w)/i
const STRENGTH = /\b\d+(?:\.\d+)?\s*(?:M|mol\s*(?:dm-3|\/dm3|\/L|L-1))(?=\s)/g
const GRADUALLY =
  /\buntil\b|\bdrop ?wise\b|\bdrop by drop\b|\blittle (?:at a time|by little)\b|\bslowly\b|\bgradually\b|\bwith shaking\b/i
const AT_ONCE = /\bstrongly alkaline\b|\bthen (?:add )?(?:an )?excess\b|^(?:then|now) add/i

/** Of an acid nobody looks at the first drops. */
const ACID = /^(?:HCl|HNO3|H2SO4|CH3COOH)\(aq\)$/

const LOOKS = /^(?:note|describe|record|state|look at|observe)\b[^,;.]*\b(?:colou?rs?|appearance)\b/i
/** Words without which nothing is ordered to be done in a tube. */
const ORDERS =
  /\b(?:add|adding|warm|heat|boil|shake|stir|test|hold|dissolve|filter|cool|flame|excess|place|put|bubble|pass|drops?|pour|mix|leave|dip|insert|smell|treat|acidify|dilute|repeat)\b/i

const BARE_LITMUS =
  /(?<!\b(?:red|blue|and blue|or blue) )(?:\b(?:damp|moist)(?:ened)? )?\blitmus(?: paper)?\b(?! solution)(?!,? (?:red|blue))/i

/** Acts that a sentence orders to be done in a tube. */
export interface Ordered {
  readonly acts: readonly DraftAct[]
  /** Words of it that were not understood. */
  readonly notRead: readonly string[]
}

interface OrderContext {
  readonly samples: readonly string[]
  readonly bottles: readonly SheetBottle[]
  /** The bottle that was added last in the tube the sentence goes on with. */
  readonly last?: string | undefined
  /** What has been done in that tube. */
  readonly before?: readonly DraftAct[]
}

/** Reads a sentence of a sheet as acts in a tube. What orders nothing there gives none. */
export function ordersIn(sentence: string, { samples, bottles, last, before = [] }: OrderContext): Ordered {
  const text = sentence
    .replace(BARE_LITMUS, 'damp litmus paper')
    .replace(NAME, '')
    .replace(INTO, '')
    .replace(PLACES, '')
    .replace(STRENGTH, '')
  if (/\bdamp litmus paper\b/.test(text)) return withLitmus(text, { samples, bottles, last, before })
  if (LOOKS.test(text)) return { acts: [{ do: 'look' }], notRead: [] }
  if (!ORDERS.test(text)) return { acts: [], notRead: [] }
  const read = readActs(text, { samples, sheet: bottles, ...(last === undefined ? {} : { last }) })
  if (read.kind !== 'acts') return { acts: [], notRead: [] }
  const notRead: string[] = []
  const acts = read.acts.flatMap(({ action, text: words }): DraftAct[] => {
    // One looks at a tube all the time: it is no act of its own in the middle of others.
    if (action.do === 'look' && read.acts.length > 1) return []
    const known = action.reagent === undefined || reagentNamed(action.reagent) !== undefined || action.do !== 'add'
    if (!known) {
      notRead.push(words)
      return []
    }
    return [action]
  })
  return { acts: inStages(withoutGentle(acts), text, before), notRead }
}

/** Litmus of which no colour is said: which one, the student decides at the tube. */
function withLitmus(text: string, context: OrderContext): Ordered {
  const [before = ''] = text.split(/\b(?:test|hold|place|put)\b/i)
  const { acts, notRead } = ordersIn(before.trim(), context)
  return { acts: [...acts, { do: 'gas', reagent: 'damp litmus paper' }], notRead }
}

/** "Heat gently, then strongly" is one heating, looked at all the time. */
function withoutGentle(acts: readonly DraftAct[]): readonly DraftAct[] {
  return acts.filter(
    (act, index) =>
      !(act.do === 'warm' && act.reagent === undefined && acts[index + 1]?.do === 'heat') &&
      !(act.do === 'heat' && acts[index - 1]?.do === 'heat'),
  )
}

/** What is added gradually until it is in excess is looked at after some drops, too. */
function inStages(acts: readonly DraftAct[], text: string, before: readonly DraftAct[]): readonly DraftAct[] {
  return acts.flatMap((act, index): DraftAct[] => {
    if (act.do !== 'add' || act.amount !== 'excess' || !GRADUALLY.test(text) || AT_ONCE.test(text)) return [act]
    if (ACID.test(act.reagent ?? '')) return [act]
    const last = [...before, ...acts.slice(0, index)].findLast((one) => one.do === 'add')
    if (last?.reagent === act.reagent && last?.amount !== 'excess') return [act]
    return [{ ...act, amount: 'drops' }, act]
  })
}
