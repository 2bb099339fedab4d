import type { Draft } from '../draft/Draft.ts'
import type { DraftPartOf } from '../draft/parts.ts'
import type { Read } from '../label/said.ts'
import { ofKind } from '../mention/mention.ts'

const HEATS =
  /\bcrucible|\bheat|\breweigh|\bre-weigh|\bcool|\bweigh|\bdesiccator|\bmass(?:es)?\b|\bdish\b|\blid\b|\bflame\b|\bignite/i
const WITHIN = /\b(?:within|no more than|by less than|less than|differ by|to the nearest)\s+(?:\w+ )?(\d\.\d+)\s*g\b/i
const LOST: readonly (readonly [pattern: RegExp, lost: string])[] = [
  [
    /carbon dioxide (?:is|was|gas is|has been)?\s*(?:driven|given|lost|evolved|released|escapes)|loss of carbon dioxide|lost (?:as )?carbon dioxide/i,
    'CO2',
  ],
  [/oxygen (?:is|was|gas is|has been)?\s*(?:driven|given|lost|evolved|released|escapes)/i, 'O2'],
]
const GASES: Readonly<Record<string, string>> = { CO2: 'CO2', H2O: 'H2O', O2: 'O2', SO3: 'SO3', SO2: 'SO2', NO2: 'NO2' }

const HYDRATED = /\bhydrat|\bwater\b|\bcrystal|\bdry\b(?! )|\bdamp\b|\bmoist/i
const isHydrate = (draft: Draft, reads: readonly Read[]) =>
  [...draft.materials.values()].some(({ solute }) => /H2O$/.test(solute ?? '')) ||
  reads.some(({ mentions }) => ofKind(mentions, 'substance').some(({ formula }) => /\.\w*H2O$/.test(formula)))

/** What a solid loses: as the sheet says it, or as its equation does; water where nothing is said. */
function lostIn(draft: Draft, reads: readonly Read[], text: string): { readonly lost?: string; readonly equation?: string } {
  const given = reads.flatMap(({ mentions }) => ofKind(mentions, 'equation')).find((one) => !/\+.*->/.test(one.equation))
  draft.land(given, 'what happens in the heat')
  const equation = given?.equation
  const products =
    equation
      ?.split('->')[1]
      ?.split(/\s\+\s/)
      .map((one) => one.trim().replace(/^\d+/, '')) ?? []
  const gas = products.map((one) => GASES[one]).find((one) => one !== undefined)
  const said = LOST.find(([pattern]) => pattern.test(text))?.[1]
  const lost = said ?? gas ?? (HYDRATED.test(text) || isHydrate(draft, reads) ? 'H2O' : undefined)
  return { ...(lost === undefined ? {} : { lost }), ...(equation !== undefined && gas !== undefined ? { equation } : {}) }
}

/** What is heated: what a mass is of, what goes into the crucible, or the one solid of the question. */
function heatedIn(draft: Draft, reads: readonly Read[]): string | undefined {
  const into = reads.flatMap(({ sentence, mentions }) => {
    if (!/\bcrucible|\bdish|\bweigh|\bput\b|\badd\b|\btransfer\b|\bplace\b|\bg of\b|\bheat\b/i.test(sentence.text)) return []
    return ofKind(mentions, 'label').map(({ label }) => label)
  })
  const solids = [...draft.materials.values()].filter(
    ({ form, label }) =>
      form === 'solid' && reads.some(({ mentions }) => ofKind(mentions, 'label').some((one) => one.label === label)),
  )
  const named =
    into.find((label) => draft.materials.get(label)?.form === 'solid') ??
    into[0] ??
    (solids.length === 1 ? solids[0]?.label : undefined)
  if (named !== undefined) return named
  for (const { sentence, mentions } of reads) {
    if (!/\bcrucible|\bdish|\bg of\b|\bheat/i.test(sentence.text)) continue
    const salt = ofKind(mentions, 'substance').find(({ formula }) => !/^(?:H2O|CO2|O2)$/.test(formula))
    if (salt) return draft.materialOf(salt.formula, 'solid', draft.words.slice(salt.from, salt.to), salt.from)
  }
  return undefined
}

/** Heating to constant mass, of a question that does it. */
export function readHeating(draft: Draft, reads: readonly Read[]): void {
  const [first] = reads.filter(({ sentence }) => /\bcrucible|\bdish|\bheat/i.test(sentence.text))
  if (!first) return
  const text = reads.map(({ sentence }) => sentence.text).join('\n')
  const of = heatedIn(draft, reads)
  const within = WITHIN.exec(text)?.[1]
  const part = draft.begin('heating', first, {
    ...(of === undefined ? {} : { of }),
    ...lostIn(draft, reads, text),
    ...(within === undefined ? {} : { within }),
  })
  const material = of === undefined ? undefined : draft.materials.get(of)
  if (material && !material.strength) material.form = 'solid'
  readAgain(draft, part, reads)
  for (const { sentence, mentions } of reads) {
    if (!HEATS.test(sentence.text)) continue
    draft.mark(sentence.n, 'heat')
    draft.touch(sentence.n, part.id)
    for (const mention of mentions) draft.land(mention, 'how it is heated')
  }
}

const AGAIN =
  /\b(?:do the same|repeat(?: (?:this|all this|the (?:whole |entire )?(?:procedure|experiment|method)|part \(\w\)|\(\w\)))?|likewise|in the same way)\b[^.]{0,40}?\b(?:with|for|using|on)\b/i

/** "Do the same with H": another heating of another solid. */
function readAgain(draft: Draft, first: DraftPartOf<'heating'>, reads: readonly Read[]): void {
  for (const read of reads) {
    if (!AGAIN.test(read.sentence.text)) continue
    const other = ofKind(read.mentions, 'label').find(({ label }) => label !== first.of)
    if (!other) continue
    const { of: _of, id: _id, kind: _kind, sentence: _sentence, block: _block, ...same } = first
    draft.begin('heating', read, { ...same, of: other.label })
    draft.land(other, 'heated, too')
    draft.mark(read.sentence.n, 'heat')
  }
}
