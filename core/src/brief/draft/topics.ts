import { isAsked } from '../ask/asked.ts'
import type { Read } from '../label/said.ts'
import { ofKind } from '../mention/mention.ts'
import { deedsIn } from '../method/verbs.ts'
import { isAlong } from '../series/along.ts'

/** What is done in a question of a sheet. */
export type Topic = 'titration' | 'heating' | 'temperature' | 'gas' | 'readings' | 'tubes' | 'chromatogram'

const ASKS_ONLY = /^(?:calculate|explain|suggest|why|what|which|state|find|deduce|work out)\b/i

/** How much speaks for each kind of work in some sentences. */
export function topicsOf(reads: readonly Read[]): ReadonlySet<Topic> {
  const done = reads.filter(({ sentence }) => !ASKS_ONLY.test(sentence.text) || !isAsked(sentence.text))
  const text = done.map(({ sentence }) => sentence.text).join('\n')
  const vessels = new Set(done.flatMap(({ mentions }) => ofKind(mentions, 'vessel').map(({ vessel }) => vessel)))
  const indicators = done.some(({ mentions }) => mentions.some(({ kind }) => kind === 'indicator'))
  const has = (pattern: RegExp) => pattern.test(text)
  const topics = new Set<Topic>()
  const titrates = has(/\btitrat(?!ion curve)/i) && !has(/\bthermometric titration/i)
  const temperature =
    has(/\btemperature/i) &&
    (has(
      /after each|each (?:addition|portion)|each time|every|at once|at intervals|\d ?(?:cm3|mL) (?:portions|at a time)|portions? of/i,
    ) ||
      has(/plot|graph/i)) &&
    (vessels.has('cup') ||
      (!indicators && has(/highest temperature|temperature (?:of|after|each|rise|change|against)|note the temperature/i)))
  if (temperature && !(vessels.has('syringe') && !vessels.has('cup'))) topics.add('temperature')
  if (
    has(
      /\b(?:volume of (?:the )?(?:gas|hydrogen|oxygen|carbon dioxide)|gas (?:volume|syringe)|syringe|collected over water|gas collected)\b/i,
    ) &&
    has(/\bevery\b|\bintervals?\b|\beach (?:minute|half)/i)
  )
    topics.add('gas')
  if (has(/\bchromatogra|\bRf\b|\bsolvent front|\bspots? of\b|\bpencil line|\bstart line/i)) topics.add('chromatogram')
  const inCrucible = done.some(
    ({ sentence, mentions }) =>
      deedsIn(sentence.text).size > 0 && ofKind(mentions, 'vessel').some(({ vessel }) => vessel === 'crucible'),
  )
  if (inCrucible && has(/\bheat|\bignite|\broast|flame/i)) topics.add('heating')
  else if (has(/\bconstant mass\b/i) && has(/\bheat/i)) topics.add('heating')
  if (isAlong(text) && !vessels.has('cup') && !vessels.has('syringe')) {
    topics.delete('temperature')
    topics.add('readings')
  }
  const tubes =
    vessels.has('tube') ||
    has(
      /\b(?:fresh|separate) (?:portion|sample)|\bflame test|\bthe following tests|\bthese tests|\btests? in the table|\bto (?:a |about )?\d ?cm depth|\bspot tests?|\beach test\b/i,
    )
  const tests = has(
    /\blitmus|\blimewater|\bsplint|\bsilver nitrate|\bAgNO3|\bbarium (?:chloride|nitrate)|\baqueous ammonia|\bdropwise|\bin excess|\bflame test|\bsodium hydroxide solution|\baqueous sodium hydroxide|\bportions?\b|\bpiece of (?:magnesium|zinc|iron|copper|lead|silver|metal)\b/i,
  )
  if (tubes && tests) topics.add('tubes')
  if (titrates || (vessels.has('burette') && indicators) || (indicators && vessels.has('conical flask'))) {
    if (!temperature || indicators) topics.add('titration')
  } else if (vessels.has('volumetric flask')) topics.add('titration')
  return topics
}
