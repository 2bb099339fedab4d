import { inflected } from '../../wording/index.ts'
import { waysOf } from '../../wording/testing/ways.ts'

/** What may be seen where, and the fact of its not being seen, in the short form of the rounds. */
export interface Topic<Said> {
  readonly where: string
  readonly denial: string
  readonly said: readonly Said[]
}

/** Nouns of what was not seen. */
export const NOUNS: readonly Topic<string>[] = [
  { where: 'add NaOH(aq)', denial: '-p', said: ['precipitate', 'ppt', 'white precipitate', 'solid'] },
  { where: 'add HCl(aq)', denial: '-g', said: ['effervescence', 'fizzing', 'bubbles'] },
  { where: 'gas damp red litmus', denial: '-g:red litmus blue', said: ['colour change', 'change in the litmus', 'blue colour'] },
  { where: 'gas limewater', denial: '-g:limewater milky', said: ['milkiness', 'cloudiness', 'white precipitate'] },
  { where: 'gas lighted splint', denial: '-g:pops', said: ['pop', 'squeaky pop', 'sound'] },
  { where: 'add HNO3(aq)', denial: '-g:brown gas', said: ['brown fumes', 'brown gas'] },
  { where: 'smell', denial: '-m', said: ['smell', 'odour'] },
  { where: 'flame', denial: 'f:none', said: ['colour', 'flame colour', 'coloured flame'] },
  { where: 'flame', denial: '-f:lilac', said: ['lilac', 'lilac colour', 'lilac flame'] },
  { where: 'heat', denial: '-w', said: ['droplets', 'condensation', 'moisture'] },
  { where: 'add KSCN(aq)', denial: '-s:blood red', said: ['blood red colour', 'blood red colouration'] },
  { where: 'add HCl(aq)', denial: 'n', said: ['reaction', 'visible change', 'observable change'] },
]

/** What did not happen: a verb in its base form, with its other words. */
export const VERBS: readonly Topic<string>[] = [
  { where: 'gas damp red litmus', denial: '-g:red litmus blue', said: ['turn blue', 'go blue', 'change', 'change colour'] },
  { where: 'gas damp blue litmus', denial: '-g:blue litmus red', said: ['turn red', 'go pink'] },
  { where: 'gas damp blue litmus', denial: '-g:litmus bleached', said: ['bleach', 'go white'] },
  { where: 'gas limewater', denial: '-g:limewater milky', said: ['turn milky', 'go cloudy', 'cloud over'] },
  { where: 'gas lighted splint', denial: '-g:pops', said: ['pop', 'squeak'] },
  {
    where: 'gas glowing splint',
    denial: '-g:relights splint',
    said: ['relight', 'rekindle', 'reignite', 'light up', 'come back'],
  },
  { where: 'gas manganate paper', denial: '-g:manganate paper decolourised', said: ['decolourise', 'turn colourless'] },
  { where: 'gas lead ethanoate paper', denial: '-g:lead paper black', said: ['blacken', 'turn black', 'darken'] },
  { where: 'gas cobalt(II) chloride paper', denial: '-g:cobalt paper pink', said: ['turn pink', 'change'] },
  { where: 'add HCl(aq)', denial: '-g', said: ['fizz', 'bubble', 'effervesce', 'give off gas', 'evolve a gas'] },
  { where: 'add HCl(aq)', denial: 'n', said: ['react', 'change'] },
  { where: 'add HCl(aq)', denial: '-k', said: ['get hot', 'warm up'] },
  { where: 'add AgNO3(aq)', denial: '-p', said: ['turn cloudy', 'go milky', 'precipitate', 'form a precipitate'] },
  { where: 'add NaOH(aq) excess {ppt white}', denial: 'i', said: ['dissolve', 'redissolve', 'disappear', 'clear'] },
  { where: 'add KMnO4(aq)', denial: '-x', said: ['decolourise', 'fade', 'lose its colour', 'go colourless'] },
  { where: 'add KSCN(aq)', denial: '-s:blood red', said: ['turn blood red'] },
  { where: 'heat', denial: '-l', said: ['melt'] },
  { where: 'heat', denial: '-u', said: ['sublime'] },
  { where: 'heat {dry}', denial: '-h:black', said: ['turn black', 'blacken'] },
  { where: 'stand {ppt green}', denial: '-t:brown', said: ['turn brown', 'go brown on top', 'brown'] },
  { where: 'flame', denial: '-f:lilac', said: ['turn lilac', 'give a lilac flame'] },
  { where: 'warm', denial: '-m:pungent', said: ['smell pungent', 'smell of ammonia'] },
]

/** Ways of saying that there was none of it; `%` is the noun, `a %` has its article. */
const NONE = `no %|no % at all|no % seen|no % was seen|there was no %|there is no %|% did not appear|% did not occur|% absent|absence of %|
  %: none|% - none|without %|saw no %|I saw no %|couldn't see any %|not any %|no sign of a %|no signs of any %|no trace of %|no % detected|
  no % could be detected|no % whatsoever|never any %|did not give a %|gave no %|showed no %|produced no %|no hint of %|% failed to appear|
  %? no|%? none|zero %|% wasn't there|I did not observe a %|% not observed|% was not observed|% not obtained|no noticeable %|no % to be seen|
  no obvious %|not even a faint %|no % noticed|no evidence of %|there wasn't any %|there was not any %|there werent any %|no % resulted|
  no % yet|no % even after a minute|no % on standing|no % here|still no %|no % is produced|no % formed|it had no %|did not have a %|
  does not show any %|lacks %|no real %|no visible %`

/** Ways of saying that it did not happen: `base`, `past`, `done` and `ing` are the forms of the verb. */
const NEVER = `did not base|didn't base|didnt base|does not base|doesnt base|wouldn't base|never past|failed to base|fails to base|refuses to base|
  it did not base|has not done|hasn't done|isn't ing|not ing|won't base|base? no|still hasn't done|does not appear to base|did not seem to base|
  didn't base at all|did not visibly base|did not even base|at no point did it base|could not get it to base|without ing|didn't really base|
  did not base even after shaking|did not base when warmed|not seen to base|no ing|hasnt done yet|did not base this time|it doesn't base any more|
  not done|it was not done`

/** A noun in every way of saying that there was none. */
export const withoutNoun = (noun: string): readonly string[] =>
  waysOf(NONE).map((way) => way.replace(/\ba %/, /^[aeiou]/.test(noun) ? `an ${noun}` : `a ${noun}`).replace('%', noun))

/** A verb in every way of saying that it did not happen. */
export function withoutVerb(phrase: string): readonly string[] {
  const forms = inflected(phrase)
  const [base = '', , past = '', done = past] = forms
  const ing = forms.at(-1) ?? ''
  const participle = done === ing ? past : done
  return waysOf(NEVER).map((way) =>
    way.replace(/\b(?:base|past|done|ing)\b/, (form) => ({ base, past, done: participle, ing })[form] ?? form),
  )
}

/** Two things that one line speaks of, each with its fact and its denial. */
export interface Seen {
  readonly noun: string
  readonly fact: string
  readonly denial: string
}

/** What may be seen together after an acid. */
export const TOGETHER: readonly Seen[] = [
  { noun: 'effervescence', fact: 'e', denial: '-g' },
  { noun: 'a pungent smell', fact: 'm:pungent', denial: '-m:pungent' },
  { noun: 'a white precipitate', fact: 'p:white', denial: '-p' },
  { noun: 'brown fumes', fact: 'g:brown gas', denial: '-g:brown gas' },
]

/** Lines that say the first and deny the second, by joints of every kind; `#1` and `#2` have no article. */
export const FIRST_ONLY =
  waysOf(`#1 but no #2|%1, no #2|#1; #2 not seen|#1 and no #2|%1 without any #2|#1 although no #2|#1. No #2.|saw %1 but not %2|
  #1 seen, #2 was not|%1 with no #2|got #1 but didnt get #2|#1 (no #2)|#1 - no #2|#1 yes, #2 no|#1 however there was no #2|#1 formed, no #2 formed`)
/** Lines that deny the first and say the second. */
export const SECOND_ONLY =
  waysOf(`no #1 but #2|no #1, #2|no #1; %2 seen|no #1, only %2|no #1, just #2|there was no #1 but there was %2|#1 was not seen but %2 was|
  no #1 then #2|no #1 was seen, %2 was|no #1 at first, then #2|no #1 although %2 appeared|#2, not #1|%2 rather than %1|%2 instead of #1|didn't see %1 but got #2`)
/** Lines that deny both. */
export const NEITHER =
  waysOf(`no #1 or #2|no #1 and no #2|neither #1 nor #2|no #1, no #2|no #1 nor #2|not %1 or %2|there was no #1 or #2|
  #1 and #2 not seen|#1 and #2 both absent|no #1 & no #2|there wasn't any #1 or #2|no #1/#2`)

/** A line of two things. */
export const ofBoth = (way: string, one: Seen, other: Seen): string =>
  [one, other].reduce(
    (line, { noun }, index) => line.replaceAll(`%${index + 1}`, noun).replaceAll(`#${index + 1}`, noun.replace(/^an? /, '')),
    way,
  )
