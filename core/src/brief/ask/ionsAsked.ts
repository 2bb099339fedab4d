import type { Draft } from '../draft/Draft.ts'
import type { Read } from '../label/said.ts'
import { ofKind } from '../mention/mention.ts'
import type { AskedFind } from './find.ts'

const IONS = /\b(?:cations?|anions?|ions?)\b/i
const IDENTIFIES = /\b(?:identif(?:y|ies)|name|deduce|which|what|report|give|list|state|suggest|conclude|find|determine|say)\b/i
const MEASURED = /\btest\b|\bconcentration|\bamount|\bmoles|\bmass\b|\bpercent|\bmolarity|\bequation\b|\bexplain\b|\bwhy\b/i

/** The samples whose ions a sentence asks for: those it names, or all that are tested. */
export function ionsIn(draft: Draft, { sentence, mentions }: Read): readonly AskedFind[] {
  const racks = draft.of('rack')
  const rack = draft.of('rack', sentence.block)[0] ?? (racks.length === 1 ? racks[0] : undefined)
  if (
    !rack ||
    /^give (?:the|your|a) (?:evidence|reason)/i.test(sentence.text) ||
    MEASURED.test(sentence.text) ||
    !IDENTIFIES.test(sentence.text)
  )
    return []
  const samples = rack.samples.map(({ material }) => material)
  const named = [...new Set(ofKind(mentions, 'label').map(({ label }) => label))].filter((label) => samples.includes(label))
  const bare =
    named.length > 0 &&
    /^(?:hence,?\s+)?(?:name|identify|what (?:is|are)|say what|deduce the identit(?:y|ies) of|suggest (?:an|the) identit(?:y|ies) (?:of|for))\b[^.]{0,40}[.?]?$/i.test(
      sentence.text,
    )
  const salts = /\bsalts?\b|\bsubstances?\b|\bidentit(?:y|ies)\b|\bformula(?:e|s)?\b|\bcontain/i.test(sentence.text)
  if (!IONS.test(sentence.text) && !bare && !(salts && named.length > 0)) return []
  if (!IONS.test(sentence.text) && /\bgas\b|\bprecipitate|\bcarbonate\?|\bsolid is\b/i.test(sentence.text)) return []
  return (named.length > 0 ? named : samples).map((material) => ({ quantity: 'ions', in: material }))
}
