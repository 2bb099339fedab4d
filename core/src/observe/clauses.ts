import { Clause } from './clause.ts'
import { Cutting, isJoin } from './cutting.ts'
import type { Join, Token } from './tokens.ts'

const HARD: ReadonlySet<Join | string> = new Set(['.', ';', '!', '?', ',', 'but', 'next', 'which'])

/** Words up to the next joint. */
function untilJoint(tokens: readonly Token[], from: number): readonly Token[] {
  let to = from
  while (to < tokens.length && tokens[to]?.sort !== 'join') to++
  return tokens.slice(from, to)
}

const SAYS_MORE: ReadonlySet<Token['sort']> = new Set(['verb', 'not', 'colour', 'state', 'degree'])

/** Whether a denial goes on over "and": only to a bare noun ("no gas and smell", not "no gas and pungent smell"). */
const isBareNoun = (tokens: readonly Token[]) => !tokens.some(({ sort }) => SAYS_MORE.has(sort))

/**
 * The clauses of a line: cut at stops, "but", "then", "which", "and", "or". "Or" and "nor" hand a denial on. Hurried lines
 * run on without any: "no ppt no fizz", "went red not bleached".
 */
export function clausesOf(tokens: readonly Token[]): readonly Clause[] {
  let last = new Cutting(false, false)
  const cuts = [last]
  const cut = (handedOn = false, relative = false) => {
    last = new Cutting(handedOn, relative)
    cuts.push(last)
  }
  tokens.forEach((token, index) => {
    const before = tokens[index - 1]
    const isNor = token.sort === 'not' && token.text.toLowerCase() === 'nor'
    if (isJoin(token, ',') && last.isAmongAdjectives(before, tokens.slice(index + 1, index + 4))) return
    if (isJoin(token, ':')) return
    // "Ppt? None." asks and answers.
    if (isJoin(token, '?') && tokens[index + 1]?.sort === 'not') return
    // "No change (pale green)" says something else in brackets; "white ppt (curdy)" goes on.
    if (isJoin(token, '(')) {
      if (last.deniedThing || last.deniedChange) cut()
      return
    }
    if (token.sort === 'join' && HARD.has(token.is)) {
      const listGoesOn = isJoin(token, ',') && last.deniedThing && isInDeniedList(tokens, index + 1)
      cut(listGoesOn, token.is === 'which')
    } else if (isJoin(token, 'or', 'and') || isNor) {
      const goesOn = !isJoin(token, 'and') || isBareNoun(untilJoint(tokens, index + 1))
      last.goesOn = true
      cut(goesOn && (last.handedOn || last.not))
    } else if (isOnly(token, tokens[index + 1]) && last.deniedColour) {
      cut()
    } else if (
      (token.sort === 'not' && (last.said || last.deniedThing) && !(before && isJoin(before, '?'))) ||
      isRunOn(token, last, tokens, index)
    ) {
      cut()
      last.put(token)
    } else {
      last.put(token)
      if (answers(token, tokens[index + 1]) || (token.sort === 'not' && before && isJoin(before, '?'))) cut()
    }
  })
  return withHandedBack(joined(cuts.filter(({ tokens: words }) => words.length > 0)))
}

/** "Bubbles and smell both absent" denies both. */
function withHandedBack(cuts: readonly Cutting[]): readonly Clause[] {
  const clauses: Clause[] = []
  for (const cut of cuts.toReversed()) {
    const isNoun = cut.thing && !cut.tokens.some(({ sort }) => sort === 'verb' || sort === 'not')
    const handedBack = cut.goesOn && isNoun && clauses[0]?.reachesBack === true
    clauses.unshift(new Clause(cut.tokens, cut.handedOn || handedBack, cut.relative))
  }
  return clauses
}

const isAnswer = ({ tokens }: Cutting) => tokens.length === 1 && tokens[0]?.sort === 'not' && /^no$/i.test(tokens[0].text)
const isShade = ({ tokens }: Cutting) => tokens.length === 1 && tokens[0]?.sort === 'shade'
const isDegree = ({ tokens }: Cutting) =>
  tokens.some(({ sort }) => sort === 'degree') && tokens.every(({ sort }) => sort === 'degree' || sort === 'idle')

/** "Milkiness, very slight" is one clause; "no, it stayed orange" answers what was asked, and denies nothing more. */
function joined(cuts: readonly Cutting[]): readonly Cutting[] {
  const whole: Cutting[] = []
  for (const cut of cuts) {
    const last = whole.at(-1)
    if (last && isShade(cut)) last.shade(cut.tokens[0] as Token)
    else if (last && isDegree(cut)) for (const token of cut.tokens) last.put(token)
    else whole.push(cut)
  }
  const said = whole.filter((cut) => !isAnswer(cut))
  return said.length > 0 ? said : whole
}

/** "No red just yellow". */
const isOnly = (token: Token, next: Token | undefined) => /^just$/i.test(token.text) && next?.sort === 'colour'

/** "No it stayed orange", "no still there": the no is an answer. */
const answers = (token: Token, next: Token | undefined) =>
  token.sort === 'not' &&
  /^no$/i.test(token.text) &&
  next !== undefined &&
  /^(?:it|they|still|just|the\s+same|stayed|stays|remained)$/i.test(next.text)

/** "No change it stayed yellow": what is denied is said in full, and another verb leads to a colour or a state. */
function isRunOn(token: Token, last: Cutting, tokens: readonly Token[], index: number): boolean {
  if (token.sort !== 'verb' || !(last.deniedThing || last.deniedChange)) return false
  if (token.is === 'out' || token.is === 'relight' || token.is === 'bleach') return true
  if (token.is !== 'remain' && token.is !== 'become') return false
  const ahead = untilJoint(tokens, index + 1)
  // "No gas turned the litmus blue" denies all of it.
  if (last.deniedGas && ahead.some(({ sort }) => sort === 'thing')) return false
  return ahead.some(({ sort }) => sort === 'colour' || sort === 'state')
}

/** "No ppt, gas or smell": bare nouns up to an "or". */
function isInDeniedList(tokens: readonly Token[], from: number): boolean {
  for (let at = from; at < tokens.length; at++) {
    const token = tokens[at] as Token
    if (isJoin(token, 'or') || (token.sort === 'not' && token.text.toLowerCase() === 'nor')) return true
    if (token.sort !== 'thing' && token.sort !== 'idle' && !isJoin(token, ',')) return false
  }
  return false
}
