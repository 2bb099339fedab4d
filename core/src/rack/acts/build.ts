import { reagentNamed } from '../../tube/index.ts'
import type { How } from './action.ts'
import { ACID_FOR, Building, NAMED_COMPANIONS, type Place } from './building.ts'
import { type BuiltAct, built, withBottle } from './builtAct.ts'
import type { ActToken } from './tokens.ts'

/** Acts in which a gas may come off, so that a test beside them is held there. */
const GIVES_GAS: readonly string[] = ['warm', 'heat', 'boil', 'shake', 'stand']

/** An act without where it is done. */
const bareAct = (is: string) => is.replace(' in hot water', '')

const SILENT: readonly string[] = ['idle', 'to', 'with', 'gas', 'sample']

/** Words that end a name: with a word before them that is not known, they are another bottle, "citric acid" or "lead iodide". */
const ENDS_NAME = /^(?:water|acid|alkali|[a-z]+(?:ide|ate|ite))$/i

/** What an amount is of that is no bottle. */
const OF_SAMPLE =
  /^\s*(?:of\s+)?(?:the|your|my|this)\s+(?:solution|sample|mixture|unknown|liquid|original|solid)\b(?!\s+\w+(?:ate|ide|ite)\b)/i

/** Reads the tokens of a line, act by act. */
export class ActBuilder {
  private readonly acts: BuiltAct[] = []
  private now = new Building()
  /** Whether the next bottle goes in with the one before it. */
  private together = false
  /** Whether the next bottle is none of this act: "instead of …". */
  private passOver = false
  private readonly tokens: readonly ActToken[]
  private readonly written: string
  private readonly last: string | undefined
  private readonly atMouth: boolean

  /** @param last - the bottle of the step before, which `xs` alone goes on with */
  constructor(tokens: readonly ActToken[], written: string, last: string | undefined) {
    this.tokens = tokens
    this.written = written
    this.last = last
    this.atMouth = tokens.some(({ kind }) => kind === 'gas')
  }

  build(): readonly BuiltAct[] {
    this.tokens.forEach((token, index) => {
      if (token.kind !== 'join') {
        this.now.from = Math.min(this.now.from, token.span[0])
        this.take(token, index)
        this.now.to = Math.max(this.now.to, token.span[1])
      } else this.join(token, index)
    })
    this.flush()
    return this.acts
  }

  /** The next token that says something. */
  private next(index: number): ActToken | undefined {
    return this.tokens.slice(index + 1, index + 12).find(({ kind }) => !SILENT.includes(kind))
  }

  private take(token: ActToken, index: number): void {
    const { kind, is } = token
    switch (kind) {
      case 'reagent':
        if (this.endsName(token, index)) this.now.unknown.push(token)
        else this.bottle(is, index)
        return
      case 'vague':
        if (this.endsName(token, index)) {
          this.now.unknown.push(token)
          return
        }
        if (!(this.now.bottles.length > 0 && this.isInto(index))) this.now.vague = is
        this.bottle(is, index)
        return
      case 'test':
        this.test(is)
        return
      case 'act':
        this.act(bareAct(is))
        if (is.endsWith('in hot water')) this.now.how.push('in hot water')
        return
      case 'amount':
        this.amount(is, index)
        return
      case 'how':
        if (!this.now.how.includes(is as How)) this.now.how.push(is as How)
        return
      case 'acidified':
        this.acidified(is)
        return
      case 'sample':
        // "Add P to …": what is poured stands before "to" and before the bottle.
        if (this.now.bottles.length === 0 && this.tokens[index + 1]?.kind !== 'join') this.now.reversed = this.goesInto(index)
        return
      case 'place':
        this.now.place ??= is as Place
        return
      case 'not':
        this.passOver = true
        return
      case 'unknown':
        this.now.unknown.push(token)
        return
      default:
        return
    }
  }

  private endsName({ text }: ActToken, index: number): boolean {
    return ENDS_NAME.test(text) && this.tokens[index - 1]?.kind === 'unknown'
  }

  /** Whether "to" follows a sample, with a bottle after it. */
  private goesInto(index: number): boolean {
    const after = this.tokens.slice(index + 1, index + 8)
    const to = after.findIndex(({ kind }) => kind === 'to')
    const stop = after.findIndex(({ kind }) => kind === 'join' || kind === 'reagent' || kind === 'vague')
    const target = after[stop]?.kind
    return to >= 0 && to < stop && (target === 'reagent' || target === 'vague')
  }

  private bottle(formula: string, index: number): void {
    if (this.passOver) {
      this.passOver = false
      return
    }
    const held = this.heldAs(formula)
    if (held !== undefined) {
      this.test(held)
      return
    }
    const { act, bottles } = this.now
    if (bottles.length > 0 && !this.together && this.isInto(index)) {
      // "Silver nitrate to nitric acid": what was there already.
      if (reagentNamed(formula)) bottles.unshift({ reagent: formula })
      return
    }
    const isOther = act !== undefined && !['add', 'dissolve', 'dilute'].includes(act)
    if (isOther && bottles.length === 0) {
      // "Warm with NaOH": what is added comes before the act.
      if (this.saysWith(index)) {
        this.addBefore(formula)
        return
      }
      this.flush()
    }
    if (this.now.bottles.length > 0 && !this.together) this.flush()
    this.together = false
    if (this.now.act === 'dilute') return
    const dry = formula.replace(/\(aq\)$/, '(s)')
    const isSolid = /^solid$/i.test(this.tokens[index - 1]?.text ?? '') && reagentNamed(dry) !== undefined
    this.now.pour(isSolid ? dry : formula)
  }

  /** A bottle that is held at the mouth of the tube where the line speaks of gas. */
  private heldAs(formula: string): string | undefined {
    const { act, bottles, test } = this.now
    const isLitmus = formula === 'red litmus' || formula === 'blue litmus'
    const overGas = act !== undefined && GIVES_GAS.includes(act) && bottles.length === 0 && test === undefined
    if (isLitmus && (this.atMouth || overGas))
      return `${/\b(?:damp|moist|wet)/i.test(this.written) ? 'damp ' : ''}${formula} paper`
    const afterAcid = [...this.acts.map(({ action }) => action.reagent), ...bottles.map(({ reagent }) => reagent)].some((name) =>
      /^(?:HCl|HNO3|H2SO4|CH3COOH)/.test(name ?? ''),
    )
    return formula === 'Ca(OH)2(aq)' && (this.atMouth || overGas || afterAcid) ? 'limewater' : undefined
  }

  /** Whether a bottle is said to be what something goes into. */
  private isInto(index: number): boolean {
    const before = this.tokens.slice(Math.max(0, index - 4), index).findLast(({ kind }) => kind !== 'idle')
    return before?.kind === 'to'
  }

  private saysWith(index: number): boolean {
    for (let at = index - 1; at >= 0 && at >= index - 5; at--) {
      const kind = this.tokens[at]?.kind
      if (kind === 'with') return true
      if (kind === 'act' || kind === 'join') return this.together
    }
    return false
  }

  private addBefore(formula: string): void {
    const act = this.now
    const before = this.acts.at(-1)
    if (this.together && before) {
      this.acts[this.acts.length - 1] = withBottle(before, formula, act.amount)
    } else {
      const added = new Building()
      added.amount = act.amount
      added.from = act.from
      added.to = act.to
      added.pour(formula)
      this.acts.push(built(added, this.written))
    }
    act.amount = undefined
    this.together = true
  }

  private test(name: string): void {
    const { now } = this
    const held = now.act !== undefined && GIVES_GAS.includes(now.act) && now.test === undefined && now.bottles.length === 0
    if (!held) {
      this.flush()
      this.now.act = 'gas'
    }
    this.now.test = name
  }

  private act(act: string): void {
    const { now } = this
    // "Warm it in a water bath", "mix by shaking" are one act.
    if (now.act === act && now.bottles.length === 0) return
    // The acid that cleans the wire belongs to the flame test; a test of smell to what gives it.
    if (act === 'flame' && /wire|loop/i.test(this.written)) this.cleanWire()
    if (this.now.begun) this.flush()
    this.now.act = act
  }

  private cleanWire(): void {
    if (this.now.bottles.every(({ reagent }) => /^HCl/.test(reagent))) this.now = new Building()
    const before = this.acts.at(-1)?.action
    if (before?.do === 'add' && /^HCl/.test(before.reagent ?? '')) this.acts.pop()
  }

  private amount(amount: string, index: number): void {
    // "A little of the solution": the sample, too.
    if (OF_SAMPLE.test(this.written.slice(this.tokens[index]?.span[1]))) return
    // "2 cm3 of P": how much of the sample is taken is of its tube.
    const of = this.tokens.findIndex(({ kind }, at) => at > index && kind !== 'idle')
    if (this.tokens[of]?.kind === 'sample' && !this.goesInto(of)) return
    // "To a spatula of the solid": how much there was already.
    if (this.now.bottles.length > 0 && this.tokens[index - 1]?.kind === 'to') return
    const next = this.next(index)
    const isNext = next !== undefined && ['reagent', 'unknown', 'vague', 'acidified'].includes(next.kind)
    const { now } = this
    if (now.act === 'dilute') {
      if (amount.startsWith('to ') || amount === 'equal') now.amount = amount
      return
    }
    // How much of the solid is dissolved is of its tube.
    if (now.act === 'dissolve' && (!isNext || this.tokens[index + 1]?.kind === 'to')) return
    const hasAmount = now.bottles.at(-1)?.amount !== undefined
    if (isNext && now.bottles.length > 0 && !this.together) this.flush()
    const waits = now.bottles.length === 0 && (now.act !== undefined || now.unknown.length > 0)
    if (isNext || waits) {
      this.now.amount = amount
      return
    }
    if (this.now.bottles.length === 0 || (hasAmount && amount !== 'excess')) {
      this.more(amount)
      return
    }
    this.now.measure(amount)
  }

  /** "Then loads more": of the bottle before. */
  private more(amount: string): void {
    const before =
      this.now.bottles.at(-1)?.reagent ?? this.acts.findLast(({ action }) => action.do === 'add')?.action.reagent ?? this.last
    if (this.now.begun) this.flush()
    if (before === undefined) {
      this.now.amount = amount
      return
    }
    this.now.amount = amount
    this.now.pour(before)
  }

  private acidified(words: string): void {
    const main = this.now.bottles.at(-1)
    const acid = NAMED_COMPANIONS.find(([pattern]) => pattern.test(words))?.[1] ?? ACID_FOR[main?.reagent ?? '']
    // "Silver nitrate acidified with nitric acid", "manganate, acidified".
    if (main && acid !== undefined && this.next(this.tokens.findIndex(({ is }) => is === words))?.kind !== 'reagent') {
      this.now.bottles.splice(-1, 0, { reagent: acid })
      return
    }
    if (this.now.bottles.length > 0 && !this.together) this.flush()
    this.now.acidified = words
  }

  private join({ is }: ActToken, index: number): void {
    const next = this.next(index)
    if (next === undefined) return
    const isThen = is === 'then' || is === ';' || is === '.'
    const joins = ['and', '+', '&', 'n', 'plus', '/'].includes(is)
    if (next.kind === 'reagent' && !isThen && this.heldAs(next.is) !== undefined) return
    // "Warm + Al": what is added comes before the act.
    if (next.kind === 'reagent' && is === '+' && GIVES_GAS.includes(this.now.act ?? '') && this.now.bottles.length === 0) {
      this.together = true
      return
    }
    if (next.kind === 'reagent' || next.kind === 'vague' || next.kind === 'acidified') {
      this.joinBottle(joins)
      return
    }
    if (next.kind === 'amount') {
      const other = this.tokens
        .slice(index + 1, index + 8)
        .find(({ kind }) => kind === 'reagent' || kind === 'join' || kind === 'unknown')
      if (other && other.kind !== 'join') {
        this.joinBottle(joins)
        return
      }
      if (isThen) this.flush()
      return
    }
    if (next.kind === 'test') {
      if (isThen && is === 'then') this.flush()
      return
    }
    // "Smell, by wafting" is one act.
    if (next.kind === 'act' && bareAct(next.is) === this.now.act) return
    // A name that is not known is a bottle where it is put beside one; else it is asked about with the act it stands in.
    const beside = joins && ['reagent', 'amount'].includes(this.tokens[index - 1]?.kind ?? '')
    if (next.kind === 'act' || next.kind === 'place' || (next.kind === 'unknown' && (beside || this.adds(index))))
      this.flushUnlessPlaced()
  }

  /** Whether what comes after a joint is said to be put in: "then add …". */
  private adds(index: number): boolean {
    const before = this.tokens.slice(index + 1, index + 6)
    const to = before.findIndex(({ kind }) => kind === 'unknown')
    return before
      .slice(0, Math.max(0, to))
      .some(({ text }) => /^(?:add(?:ed|ing)?|put|pour(?:ed)?|drop(?:ped)?|mix(?:ed)?)$/i.test(text))
  }

  private joinBottle(joins: boolean): void {
    if (joins && (this.now.bottles.length > 0 || this.together)) this.together = true
    else this.flushUnlessPlaced()
  }

  /** "To a fresh portion, add …": the place is of what follows. */
  private flushUnlessPlaced(): void {
    if (this.now.begun) this.flush()
  }

  private flush(): void {
    if (this.now.begun) this.acts.push(built(this.now, this.written))
    this.now = new Building()
    this.together = false
  }
}
