import { inSmallLetters, phrasebook, type WordAt, withPlainSigns } from '../../wording/index.ts'
import { ION_BOOK, ionsOfFormula, mendIon, type NamedIons } from './names.ts'

/** What the words of a conclusion do. */
type Sort =
  | 'ion'
  /** Denies what comes after it. */
  | 'not'
  /** Denies what came before it: "absent". */
  | 'absent'
  /** Affirms what came before it. */
  | 'present'
  | 'doubt'
  /** Nothing is decided of what is named with it: "cannot be told from". */
  | 'undecided'
  /** The evidence begins. */
  | 'because'
  /** A conclusion from what was said before. */
  | 'so'
  /** Claims outright, after evidence that began the sentence. */
  | 'claims'
  /** Something that is seen: evidence, in which reagents are named. */
  | 'seen'
  | 'or'
  | 'and'
  | 'comma'
  | 'but'
  | 'colon'
  | 'stop'
  | 'idle'
  | 'other'

export interface ConclusionToken {
  readonly sort: Sort
  readonly named?: NamedIons
  readonly word: string
  readonly span: readonly [from: number, to: number]
}

/** The words of conclusions (common practice). */
const WORDS: Readonly<Partial<Record<Sort, string>>> = {
  idle: `as the cation, as the anion, as cation, as anion, as a cation, as an anion, as its cation, as its anion, as the salt, as a salt, unknown, a, an, the, it, is, are, was, were, be, ion, ions, salt, anion, cation, that, this, its, of, in, to, i, we, jar, sample, solution, contains, contain, containing,
    has, have, got, there, as well, both, so far, def, deffo, definitely, certainly, clearly, certain, am, only, also, identified as, must, must be, sure, conclude, conclusion, known as, p, q, r, x,
    aqueous, dissolved, found to be, made of, up, consists, consist, well, just, ions of, identity, called, its a, it's, its got, answer`,
  not: `negative for, negative test for, test negative for, tested negative for, tests negative for, negative result for, cannot contain, can't contain, cant contain, could not contain, no, not, neither, nor, without, cannot be, can't be, cant be, couldn't be, couldnt be, could not be, does not contain, doesn't contain, doesnt contain, do not contain, contains no,
    contain no, no trace of, absence of, free of, free from, rules out, rule out, ruling out, ruled out the, excludes, exclude, excluding, lacks, lack of, isn't, isnt, aren't, arent, never, rather than,
    instead of, no evidence of, no evidence that, no sign that, there is no evidence that, there was no evidence that, there is no sign that, no indication of, no indication that, no sign of, ain't, aint, didn't find, didnt find, did not find, wasn't, wasnt, there is no, there are no, there was no, there is no evidence of, there is no evidence for, there was no evidence of, definitely not, def not, no evidence for, it is not,
    they are not, is not a, is not an, are not any, does not have, doesnt have, doesn't have, hasn't got, hasnt got, has no, have no, not any, is free of, must not be, won't be, without any, none of, minus`,
  absent: `could not be found, cannot be found, can't be found, couldn't be found, failed the test, fails the test, failed its test, absent, abs, is absent, are absent, ruled out, excluded, missing, not present, isn't present, isnt present, aren't present, is not present, are not present, not there, isn't there, isnt there, is not there, not found,
    not detected, not in it, isn't in it, isnt in it, not seen, cannot be present, can't be present, cant be present, cannot be there, ✗, negative, neg, impossible, not possible, eliminated, can be ruled out, can be excluded, could not be detected, was not detected,
    were not detected, not shown, was not found, were not found, are not there, aren't there, cannot be there, is out, not in, has been ruled out, have been ruled out, can't be there, was absent, were absent, nope, ve neg, wasn't there, not it`,
  present:
    'is there, are there, is in it, are in it, present, ✓, yes, positive, confirmed, found, detected, shown, there too, proved, proven, identified, yep',
  doubt: `probable, consistent with, compatible with, agrees with, agree with, fits, fit with, first thought, thought, i reckon, reckon, probably, prob, maybe, perhaps, possibly, possible, may be, may, might be, might, likely, most likely, either, i think, think, suspect, suspected, could be, could b, could, poss, seems, seems to be, appears to be, looks like,
    apparently, thought to be, believed to be, is thought, i guess, guess, presumably, unlikely, perhaps a, more likely than, likelier than, more likely, mb, probs, approx`,
  undecided: `cannot rule out, can't rule out, cant rule out, could not rule out, couldn't rule out, cannot be ruled out, can't be ruled out, cant be ruled out, could not be ruled out, couldn't be ruled out,
    cannot exclude, can't exclude, cannot be excluded, can't be excluded, could not be excluded, not ruled out, not excluded, unclear, not clear, uncertain, doubtful, cannot be certain, can't be certain, cant be certain,
    can't be sure, cant be sure, not proof, does not prove, doesn't prove, doesnt prove, is no proof, not enough to say, more tests needed, more tests are needed, needs another test, needs more tests, did not test, didn't test,
    didnt test, no test was done, was not tested, were not tested, wasn't tested, not been tested, not conclusive, hard to say, hard to tell, open, not settled, not decided, nothing shows that, nothing shows, nothing suggests, nothing proves, impossible to distinguish, impossible to tell, impossible to say, not possible to say, not possible to tell, not possible to decide, not possible to know, it is not possible to say, it is not possible to tell, it is not possible to decide, it is not possible to know, remains possible, is still possible, are still possible, is possible, are possible, no idea, no clue, dunno if, cannot be told, can't be told, cant be told, cannot tell, can't tell, cant tell, could not tell, couldn't tell, do not distinguish, does not distinguish, don't distinguish, dont distinguish, did not distinguish, cannot distinguish, can't distinguish,
    no conclusion, not sure, unsure, not certain, cannot decide, cannot be decided, can't decide, cant decide, undecided, not tested, untested, inconclusive, not proved, not known, cannot be distinguished, can't be distinguished, or else, cannot say, can't say, cant say,
    don't know, dont know, do not know, need another test, not confirmed, no test, still open, cannot be sure, not enough evidence, nothing can be said`,
  because:
    'because, as, since, due to, when, on adding, after adding, cos, coz, bc, given that, on warming, judging by, based on, as shown by, as there, evidence, for there, seeing that, as it, as the, as no, as a, as nothing, from the, with, after, by the, as we, as i',
  so: 'so, therefore, hence, thus, ∴, >, which means, means, shows, show, shows that, proves, prove, indicates, indicate, indicating, showing, suggests, suggesting, confirms, confirming, implies, tells us, tells me, points to, proving, meaning, ergo',
  claims:
    'it contains, it is, it must be, contains, it must contain, must contain, it has, it holds, sample contains, solution contains',
  seen: `precipitate, precipitates, ppt, ppts, white, cream, yellow, green, blue, brown, red, orange, lilac, purple, pink, black, grey, colourless, gas, flame, litmus, limewater, fizzes, fizzed, fizz, bubbles, effervescence, dissolves, dissolved, dissolve, soluble, insoluble,
    sol, insol, turned, turns, formed, forms, gave, gives, splint, smell, pops, pop, relit, colour, cloudy, milky, reaction, fumes, pungent, solid, crimson, apple, brick, excess, xs, added`,
  or: 'or, /',
  and: 'and, &, plus, with the, as well as, along with, together with',
  but: 'but, however, although, though, yet, whereas, while, only not',
}
const SIGNS: Readonly<Record<string, Sort>> = {
  ',': 'comma',
  ';': 'stop',
  '.': 'stop',
  ':': 'colon',
  '?': 'doubt',
  '!': 'stop',
  '\n': 'stop',
}

const BOOK = phrasebook(
  (Object.entries(WORDS) as [Sort, string][]).flatMap(([sort, words]) =>
    words.split(',').map((word) => [word.trim().replace(/\s+/g, ' '), sort] as const),
  ),
)

/** Words, formulae of ions and salts with their charges, and signs. */
const PIECES =
  /[A-Z][a-z]?\((?:I{1,3}|IV|VI?)\)|(?:[A-Z(][A-Za-z0-9()]*(?:\^?\d?[+-]|\s\d[+-])(?![a-zA-Z\d]))|[a-z][a-z']*(?:\d[a-z0-9]*)?|\d+|[+-]ve|[✓✗∴&/>,;:?!\n]|\.(?=\s|$)/gi
const FORMULA = /^(?:[A-Z][a-z]?\d*|\([A-Z][A-Za-z0-9]*\)\d*)+(?:\^?\s?\d?[+-])?$/

interface Piece extends WordAt {
  readonly written: string
}

const asWord = (written: string): string => {
  const small = inSmallLetters(written)
  if (small === '+ve' || small === '-ve') return small
  return ION_BOOK.words.has(small) || BOOK.words.has(small) ? small : (mendIon(small) ?? small)
}

function formulaAt({ written }: Piece): readonly string[] {
  const bare = written.replace(/\s/g, '')
  // A word in small letters is a word; "In", "No", "I" and "As" begin sentences.
  if (/^[A-Z][a-z]?\([IV]+\)$/.test(bare)) return ionsOfFormula(bare)
  return /^[A-Z(]/.test(bare) && FORMULA.test(bare) && !/^(?:I|In|No|As|At|He|So|P|C|S|Y|U|W|K|H|B|V|F|N|O|Co)$/.test(bare)
    ? ionsOfFormula(bare)
    : []
}

/** The words of a conclusion with what they do. */
export function conclusionTokens(text: string): readonly ConclusionToken[] {
  const plain = withPlainSigns(text).replace(/\b(prob|poss|approx|def)\./gi, '$1 ')
  const pieces = [...plain.matchAll(PIECES)].map(
    (match): Piece => ({ word: asWord(match[0]), written: match[0], from: match.index, to: match.index + match[0].length }),
  )
  const tokens: ConclusionToken[] = []
  for (let at = 0; at < pieces.length; ) {
    const first = pieces[at] as Piece
    const ions = formulaAt(first)
    const named = ions.length > 0 ? undefined : ION_BOOK.at(pieces, at)
    const phrase = BOOK.at(pieces, at)
    const put = (sort: Sort, took: number, of?: NamedIons) => {
      const last = pieces[at + took - 1] as Piece
      tokens.push({ sort, word: first.word, span: [first.from, last.to], ...(of ? { named: of } : {}) })
      at += took
    }
    if (ions.length > 0) put('ion', 1, { ions, any: false })
    else if (named && named.took >= (phrase?.took ?? 0)) put('ion', named.took, named.entry)
    else if (phrase) put(phrase.entry, phrase.took)
    else if (first.word === '+ve') put('present', 1)
    else if (first.word === '-ve') put('absent', 1)
    else put(SIGNS[first.word] ?? 'other', 1)
  }
  return tokens
}
