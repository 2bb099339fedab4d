/** Forms that no rule gives: the past and the participle, apart by a stroke where they differ. */
const IRREGULAR: Readonly<Record<string, string>> = {
  arise: 'arose/arisen',
  become: 'became/become',
  blow: 'blew/blown',
  burn: 'burnt/burned',
  burst: 'burst',
  catch: 'caught',
  come: 'came/come',
  die: 'died',
  fall: 'fell/fallen',
  feel: 'felt',
  find: 'found',
  get: 'got',
  give: 'gave/given',
  go: 'went/gone',
  hear: 'heard',
  hold: 'held',
  keep: 'kept',
  leave: 'left',
  light: 'lit/lighted',
  lose: 'lost',
  make: 'made',
  occur: 'occurred',
  put: 'put',
  relight: 'relit/relighted',
  rise: 'rose/risen',
  see: 'saw/seen',
  take: 'took/taken',
  throw: 'threw/thrown',
}
const PRESENT_PARTICIPLES: Readonly<Record<string, string>> = { die: 'dying', occur: 'occurring' }

/** Verbs of one syllable double their last letter: "popped". */
const DOUBLES = /^(?:[^aeiou]*|re)[aeiou][bdgmnpt]$/
const VOWEL_BEFORE_Y = /[aeiou]y$/

function pastOf(base: string): readonly string[] {
  const irregular = IRREGULAR[base]
  if (irregular) return irregular.split('/')
  if (base.endsWith('e')) return [`${base}d`]
  if (base.endsWith('y') && !VOWEL_BEFORE_Y.test(base)) return [`${base.slice(0, -1)}ied`]
  return [DOUBLES.test(base) ? `${base}${base.at(-1)}ed` : `${base}ed`]
}

function presentOf(base: string): string {
  if (/(?:s|sh|ch|x|z|[^aeiou]o|^go|^do)$/.test(base)) return `${base}es`
  return base.endsWith('y') && !VOWEL_BEFORE_Y.test(base) ? `${base.slice(0, -1)}ies` : `${base}s`
}

function participleOf(base: string): string {
  const given = PRESENT_PARTICIPLES[base]
  if (given) return given
  if (base.endsWith('e') && !base.endsWith('ee')) return `${base.slice(0, -1)}ing`
  return DOUBLES.test(base) ? `${base}${base.at(-1)}ing` : `${base}ing`
}

/**
 * Every form of a verb that is written with its other words: `come back` gives `comes back`, `came back`, `coming back`.
 *
 * @param phrase - a verb in its base form, first in its phrase
 */
export function inflected(phrase: string): readonly string[] {
  const [base = '', ...rest] = phrase.split(' ')
  return [base, presentOf(base), ...pastOf(base), participleOf(base)].map((form) => [form, ...rest].join(' '))
}
