import type { Draft } from '../draft/Draft.ts'
import type { DraftChromatogram } from '../draft/parts.ts'
import type { Read } from '../label/said.ts'
import { ofKind } from '../mention/mention.ts'

const ABOUT_IT =
  /\bspots?\b|\bpencil|\bfront\b|\bsolvent|\bpaper\b|\bdistance|\bmeasure|\bRf\b|\bdip\b|\bstand\b|\bdry\b|\bspray|\bplate\b|\bchromatogra|\bstrip\b|\bliquid\b|\bput 1 ?cm of\b|\brisen\b|\bcompared\b/i
const REFERENCES = [
  /\bspots? of ((?:[a-z][\w' -]*, )+[a-z][\w' -]*? and [a-z][\w' -]*?)(?: inks?| dyes?| pigments?| colou?rs?| solutions?)? and (?:(?:one )?of )?(?:the )?(?:unknown |sample |ink )?[A-Z]\d?\b/i,
  /\b(?:known (?:dyes|pigments|samples|inks|amino acids|food dyes|colours)|references?(?: (?:solutions|dyes|pigments|spots))?(?: of)?|standards?(?: of)?|single dyes|authentic samples of|permitted dyes|pure dyes)[,:]?\s+((?!and\b|are\b|is\b)[^.;]+?)(?=,? (?:on|at|along|in|near)\b|,? are\b|\.|;|$)/i,
  /\b(?:compared|run (?:beside|alongside|against)|beside|alongside|next to)(?: with| to)?\s+([^.;]+?)(?=,? (?:on|at|along|in)\b|\.|;|$)/i,
  /\b(?:with|apply|spot|put|place|using|run) ((?:(?!\b(?:apply|spot|put|place)\b)[^.;])+?) as (?:the )?(?:references?|standards?)\b/i,
]
const SOLVENTS = [
  /\b(?:beaker|jar|tank|chamber|dish|tube)s? (?:with|holding|containing|of) (?:about |a little )?(?:\d+(?:\.\d+)? ?(?:cm|mm|cm3|mL) (?:depth )?of )?(?:the |a )?((?:(?! and (?:cover|leave|let|close|put|wait)\b| until\b| so that\b)(?:[^.;,]|,(?= ?\d ?: ?\d)))+)/i,
  /\b(?:depth of|plate in|paper in|strip of paper in|edge of the paper in|solvent is|run in|develop(?:ed)? (?:the \w+ )?(?:in|with)|beaker of|jar of|tank of|using|chamber of)\s+(?!the solvent|a beaker|a jar|a tank|the beaker)([a-z0-9%][^.;(]*?)(?=\s*(?:\(|\.|;|,? (?:run|so that|until|as the solvent|and (?:leave|let|wait|cover)|below|with|not|making|keeping|then)|,? which|$))/i,
  /\b(?:put|pour|place) (?:about )?\d+(?:\.\d+)? ?(?:cm3|mL|cm|mm) (?:depth )?of ([a-z][^.;]*?) (?:in|into) (?:the |a )?(?:\w+ ){0,2}(?:tube|jar|beaker|tank|dish)\b/i,
  /\blet ([a-z][^.;]*?) (?:run|rise|climb|soak)\b/i,
  /\bwith ([a-z][^.;,]*?) as (?:the )?solvent/i,
  /\bsolvent[:,]? (?:is |was )?(?!front|is near|has|reach|line|level)([a-z][^.;,]*)/i,
]
const NOT_A_SOLVENT = /^(?:the|a|an|pencil|paper|water level|capillary|fine)\b|\bruler\b|\bspots?\b/i

const listOf = (text: string) =>
  text
    .split(/,\s*(?:and\s+)?|\s+and\s+(?:of\s+)?/)
    .map((one) => one.trim().replace(/^(?:the|of)\s+/, ''))
    .filter((one) => one !== '' && one.length < 40)

/** A chromatogram of a question: what is spotted, which spots are known, what it runs in. */
export function readChromatogramOf(draft: Draft, reads: readonly Read[]): void {
  const spotting = reads.find(({ sentence }) => /\bspots?\b|\bcompared with|\bchromatogra/i.test(sentence.text)) ?? reads[0]
  if (!spotting) return
  const text = reads
    .filter(({ sentence }) => !sentence.text.endsWith('?'))
    .map(({ sentence }) => sentence.text)
    .join('\n')
  const part = draft.begin('chromatogram', spotting, { spots: [] })
  const references = REFERENCES.map((pattern) => pattern.exec(text)?.[1]).find((found) => found !== undefined)
  const known = listOf(references ?? '').filter((name) => !/^all\b|^it$|^each\b/.test(name))
  const codes = new Set(known.flatMap((name) => /\(([A-Z]\d?)\)/.exec(name)?.[1] ?? []))
  for (const code of codes) draft.materials.delete(code)
  part.spots = [
    ...samplesOf(draft, reads, codes).map((label) => ({ label, known: false })),
    ...known.map((name) => ({ label: name.replace(/\s*\([^)]*\)/, ''), known: true })),
  ]
  const solvent = solventIn(text)
  if (solvent !== undefined) part.solvent = solvent
  const unit = /\bin (cm|mm)\b/.exec(text)?.[1]
  if (unit === 'cm' || unit === 'mm') part.unit = unit
  land(draft, part, reads)
}

/** Words of which a solvent is made (common practice). */
const IS_SOLVENT =
  /\b(?:water|alcohol|ethanol|methanol|propan\w*|butan\w*|hexane|pentane|ethanoate|ethanoic|acetone|acetate|acetic|ether|petrol\w*|spirit|brine|salt|solution|ammonia|acid|toluene|vinegar)\b/i

/** What it runs in: of what the patterns find, what is made of a solvent goes first. */
function solventIn(text: string): string | undefined {
  const found = SOLVENTS.flatMap((pattern) =>
    [...text.matchAll(new RegExp(pattern.source, 'gi'))].map((match) => match[1]?.trim()),
  )
    .filter((one) => one !== undefined && !NOT_A_SOLVENT.test(one))
    .map((one) => one?.replace(/^(?:an? |the )?(?:mixture|solution) of (?=.* and )/i, ''))
  return found.find((one) => IS_SOLVENT.test(one ?? '')) ?? found[0]
}

function samplesOf(draft: Draft, reads: readonly Read[], codes: ReadonlySet<string>): readonly string[] {
  const labels = [...new Set(reads.flatMap(({ mentions }) => ofKind(mentions, 'label').map(({ label }) => label)))].filter(
    (label) => !codes.has(label),
  )
  for (const label of labels) {
    const material = draft.materials.get(label)
    if (!material) continue
    delete material.solute
  }
  // Inks beside the ink of a note are all liquids.
  const areLiquid = labels.some((label) => draft.materials.get(label)?.form === 'liquid')
  for (const label of labels) {
    const material = draft.materials.get(label)
    if (areLiquid && material && !material.formSaid) material.form = 'liquid'
  }
  return labels
}

function land(draft: Draft, part: DraftChromatogram, reads: readonly Read[]): void {
  for (const { sentence, mentions } of reads) {
    if (!ABOUT_IT.test(sentence.text)) continue
    draft.mark(sentence.n, 'chromatogram')
    draft.touch(sentence.n, part.id)
    for (const mention of mentions) draft.land(mention, 'on the paper')
  }
}
