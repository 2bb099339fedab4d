import { AMOUNT, isAtMouth, isTrivial, readAction } from './readAction.ts'
import { findReagent } from './reagentWords.ts'

/** What an acidified reagent is acidified with (common practice): the acid that brings no ion which it would show. */
const ACID_FOR: Readonly<Record<string, string>> = {
  'AgNO3(aq)': 'HNO3',
  'Ba(NO3)2(aq)': 'HNO3',
  'BaCl2(aq)': 'HCl',
  'KMnO4(aq)': 'H2SO4',
  'K2Cr2O7(aq)': 'H2SO4',
}

/** A plus that joins two reagents, not the charge of an ion. */
const JOINS = /(\s*(?:;|&|\s\+\s|(?<=[a-z)\d])\+(?=[A-Z])|,(?=\s*\D)|\b(?:followed\s+by|and\s+then|then|and)\b)\s*)/i

/** `acidified silver nitrate`: the acid, then the reagent. */
function withAcidFirst(text: string): string {
  const acidified = /\bacidified\s+/i.exec(text)
  if (!acidified || isAtMouth(text)) return text
  const acid = ACID_FOR[findReagent(text)?.formula ?? '']
  return acid === undefined ? text : `${acid} then ${text.replace(acidified[0], '')}`
}

/** `warm with sodium hydroxide`: what is added, then the act. */
function withReagentFirst(text: string): string {
  const [, act, , reagents] = /^(.*\b(warm|heat|boil)\w*(?:\s+\w+ly)?)\s+with\s+(.+)$/i.exec(text) ?? []
  return act === undefined || reagents === undefined || isAtMouth(reagents) || !findReagent(reagents)
    ? text
    : `${reagents} then ${act}`
}

const isAmountAlone = (part: string) => isTrivial(part) && AMOUNT.some((pattern) => pattern.test(part))
const isAct = (part: string) => {
  const read = readAction(part)
  return read.kind === 'action' && !['add', 'dissolve', 'gas'].includes(read.action.do)
}
const isPaper = (part: string) => /litmus|universal|\bpH\s+paper/i.test(part)

/** Whether a part belongs to the one before it: its amount, the test of its gas, the way round. */
function belongs(part: string, joint: string, before: string): boolean {
  const goesOn = /then|followed/i.test(joint)
  if (isAmountAlone(part)) return !goesOn
  if (/\b(?:sample|it|solution)\s+(?:in)?to\b|\bwaft/i.test(part)) return true
  return isAct(before) && (isAtMouth(part) || isPaper(part)) && !isAtMouth(before)
}

/**
 * The acts of a line, one by one, each as it is typed: `HNO3 then AgNO3`, `NaOH + Al foil, warm`,
 * `acidified barium chloride`. Each has an observation of its own.
 */
export function splitActs(text: string): readonly string[] {
  const pieces = withAcidFirst(withReagentFirst(text.trim())).split(JOINS)
  const acts: string[] = []
  for (let index = 0; index < pieces.length; index += 2) {
    const part = pieces[index]?.trim() ?? ''
    const joint = pieces[index - 1] ?? ''
    const before = acts.at(-1)
    if (part === '' || (isTrivial(part) && !isAmountAlone(part))) continue
    if (before !== undefined && belongs(part, joint, before)) acts[acts.length - 1] = `${before}, ${part}`
    else acts.push(part)
  }
  return acts.length > 0 ? acts : [text.trim()]
}
