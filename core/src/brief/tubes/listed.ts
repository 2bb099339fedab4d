import { ionsSpokenOf } from '../../rack/index.ts'
import { isAsked } from '../ask/asked.ts'
import type { Draft } from '../draft/Draft.ts'
import type { Read } from '../label/said.ts'
import { isOrdered } from '../method/verbs.ts'
import { limitsReagents } from './allowed.ts'

/** "One of the following ions", "may contain", "the only ions to look for": what follows are ions that may be there. */
const OFFERS =
  /\b(?:one|two|three|some|any|more|all|each|which|chosen|taken|selected|drawn|come)\b(?:(?!\b(?:of|from|among)\b)[^.;]){0,20}\b(?:of|from|among)\b|\b(?:possible|only|following)\b[^.;:]*\b(?:cations?|anions?|ions?)\b|\b(?:may|might|could|can) (?:only )?(?:contain|hold|be|include|have)\b|\bnotes?\b[^.;:]*\b(?:cover|list|include)|\b(?:cations?|anions?|ions?)\b[^.;:]*\b(?:among|from|one of|to (?:be )?(?:look(?:ed)? for|think of|thought of|considered?))\b/i
/** The same up to where the first ion is named. */
const OFFERS_UP_TO = new RegExp(String.raw`(?:${OFFERS.source})\s*$`, 'i')
/** What may stand between: "of the following cations: ". */
const BETWEEN =
  /^(?:the|these|this|following|possible|list|named|metal|that|are|is|here|below|at|end|(?:cat|an)?ions?|[\s:,(–-])+/i
const OF_IONS = /\b(?:cat|an)?ions?\b/i
/** What ions do is told, not which there may be. */
const TELLS = /\bprecipitates?\b|\bppts?\b|\bgives?\b|\bflames?\b|\b(?:in)?soluble\b|\bcolou?rs?\b|\breacts?\b|\btests?\b/i
/** Before the entries of a list that stands on lines of its own. */
const OPENS = /:\s*$/
/** "Cations: ": what an entry of a list is called. */
const CALLED = /^(?:possible )?(?:cat|an)ions?\s*:/i
const HEADS_COLUMN = /^(?:possible )?(?:cat|an)?ions?$/i

/** Whether what is offered is the ions: "one of the tablets with iron(II) and chloride ions" offers tablets. */
function offersIons(text: string): boolean {
  const { named } = ionsSpokenOf(text)
  if (named === 0) return OFFERS.test(text)
  return [...text.matchAll(/\b[a-z]+\b/gi)].some((word) => {
    const to = word.index + word[0].length
    const [first = '', second = ''] = text
      .slice(to)
      .replace(BETWEEN, '')
      .split(/[\s,;]+/)
    return OFFERS_UP_TO.test(text.slice(0, to)) && ionsSpokenOf(`${first} ${second}`).named > 0
  })
}

const offers = (text: string) =>
  OF_IONS.test(text) && offersIons(text) && !TELLS.test(text) && !limitsReagents(text) && !isAsked(text) && !isOrdered(text)

/** Ions in the first column of a table that is headed so. */
function ionsOfTables(reads: readonly Read[]): readonly Read[] {
  let column: number | undefined
  let row = -1
  return reads.filter(({ sentence: { cell, text } }) => {
    if (!cell) {
      column = undefined
      return false
    }
    if (HEADS_COLUMN.test(text.trim())) {
      column = cell.column
      row = cell.row
      return false
    }
    return column !== undefined && cell.column === column && cell.row > row && ionsSpokenOf(text).only
  })
}

/** Sentences that say which ions there may be, with the lines of a list that they open. */
function offering(reads: readonly Read[]): readonly Read[] {
  let open = false
  return reads.filter(({ sentence: { text } }) => {
    const { named, only } = ionsSpokenOf(text.replace(CALLED, ''))
    const offered = offers(text)
    const entry = open && only
    open = entry || (offered && (OPENS.test(text) || named === 0))
    return entry || (offered && named > 1)
  })
}

/** Ions that a sheet says may be in its samples; none where it does not say so. */
export function listedIn(draft: Draft, reads: readonly Read[]): string[] {
  const found = [...offering(reads), ...ionsOfTables(reads)]
  for (const { sentence, mentions } of found) {
    // It is no step of the run.
    draft.mark(sentence.n, 'story')
    for (const mention of mentions) draft.land(mention, 'an ion that may be there')
  }
  const ions = [...new Set(found.flatMap(({ sentence }) => ionsSpokenOf(sentence.text).ions))]
  // One name alone limits nothing.
  return ions.length > 1 ? ions : []
}
