import type { StepContext } from './context.ts'
import type { ObservedFact } from './facts.ts'
import { losesColour } from './heads/colourGone.ts'
import { denied } from './heads/scene.ts'

/** A fact with the clause it was read in. */
export interface ClauseFact {
  readonly fact: ObservedFact
  readonly span: readonly [from: number, to: number]
  /** Said in a clause that begins with "which". */
  readonly relative: boolean
  /** A colour of nothing that is named. */
  readonly bare: boolean
  /** Whether its clause says outright what became of a precipitate. */
  readonly fated: boolean
  readonly doubtful: boolean
}

const sameFact = (one: ObservedFact, other: ObservedFact) => JSON.stringify(one) === JSON.stringify(other)

const isKind = <Kind extends ObservedFact['kind']>(kind: Kind) => {
  type Found = ClauseFact & { readonly fact: Extract<ObservedFact, { kind: Kind }> }
  return (one: ClauseFact): one is Found => one.fact.kind === kind
}

/** What is said twice is said once. */
const once = (facts: readonly ClauseFact[]) =>
  facts.filter((one, index) => facts.findIndex(({ fact }) => sameFact(fact, one.fact)) === index)

/** "At first no change, then …": what is said of the whole is outdone by what was seen. */
function withoutIdleNothing(facts: readonly ClauseFact[]): readonly ClauseFact[] {
  const saysMore = facts.some(({ fact }) => !['noChange', 'not', 'noGas', 'noPrecipitate'].includes(fact.kind))
  return saysMore ? facts.filter(({ fact }) => fact.kind !== 'noChange') : facts
}

/** "Purple, no change": a bottle whose colour would go has kept it. */
function withColourKept(facts: readonly ClauseFact[], { reagent }: StepContext): readonly ClauseFact[] {
  const own = losesColour(reagent)
  const nothing = facts.find(isKind('noChange'))
  const kept = facts.find((one) => isKind('solution')(one) && one.bare && own?.includes(one.fact.to))
  if (!nothing || !kept) return facts
  return facts.flatMap((one) =>
    one === nothing ? [] : one === kept ? [{ ...kept, fact: denied({ kind: 'decolourised' }) }] : [one],
  )
}

/** "No ppt at first, then white": what was seen outdoes its denial. */
function withoutOutdone(facts: readonly ClauseFact[]): readonly ClauseFact[] {
  return facts.filter(({ fact: denial }) => {
    if (denial.kind === 'noPrecipitate')
      return !facts.some((one) => isKind('precipitate')(one) || (isKind('dissolves')(one) && one.fact.how === 'completely'))
    if (denial.kind === 'noGas') return !facts.some(isKind('effervescence'))
    if (denial.kind !== 'not') return true
    return !facts.some(({ fact }) => fact.kind !== 'not' && sameFact(denied(fact), denial))
  })
}

/** A precipitate dissolves once: that with the colour it gave. */
function withOneDissolving(facts: readonly ClauseFact[]): readonly ClauseFact[] {
  const all = facts.filter(isKind('dissolves'))
  const best = all.find(({ fact }) => fact.giving !== undefined)
  return all.length > 1 && best ? facts.filter((one) => !isKind('dissolves')(one) || one === best) : facts
}

/** A colour over a precipitate that is said not to dissolve is the solution's. */
function withoutImpliedFate(facts: readonly ClauseFact[]): readonly ClauseFact[] {
  if (!facts.some((one) => isKind('insoluble')(one) && one.fated)) return facts
  return facts.map((one) =>
    isKind('dissolves')(one) && !one.fated && one.fact.giving ? { ...one, fact: { kind: 'solution', to: one.fact.giving } } : one,
  )
}

/** The colour that is left when a precipitate has gone is what it gave. */
function withGiving(facts: readonly ClauseFact[]): readonly ClauseFact[] {
  const gone = facts.find(isKind('dissolves'))
  const after = gone && facts.slice(facts.indexOf(gone) + 1).find(isKind('solution'))
  if (!gone || !after || gone.fact.giving !== undefined) return facts
  return facts.flatMap((one) =>
    one === after ? [] : one === gone ? [{ ...gone, fact: { ...gone.fact, giving: after.fact.to } }] : [one],
  )
}

/** "A precipitate formed, which was white". */
function withRelativeColour(facts: readonly ClauseFact[], given: StepContext): readonly ClauseFact[] {
  const bare = facts.find(isKind('precipitate'))
  const before = bare && facts[facts.indexOf(bare) - 1]
  // "Light green, gelatinous".
  if (bare && bare.fact.colour === undefined && before?.bare && before.fact.kind === 'solution' && !given.precipitate) {
    const coloured = { ...bare, span: before.span, fact: { ...bare.fact, colour: before.fact.to } }
    return facts.flatMap((one) => (one === before ? [] : one === bare ? [coloured] : [one]))
  }
  if (!bare || bare.fact.colour !== undefined || given.precipitate) return facts
  const next = facts[facts.indexOf(bare) + 1]
  const colour =
    next?.relative || next?.bare
      ? next.fact.kind === 'solution' || next.fact.kind === 'precipitateTurns'
        ? next.fact.to
        : undefined
      : undefined
  if (colour === undefined) return facts
  return facts.flatMap((one) => (one === next ? [] : one === bare ? [{ ...bare, fact: { ...bare.fact, colour } }] : [one]))
}

/** "Yellow, insoluble": a colour before what became of it is the precipitate's. */
function withColourOfFate(facts: readonly ClauseFact[], given: StepContext): readonly ClauseFact[] {
  const [first, next] = facts
  const isFate = next?.fact.kind === 'insoluble' || next?.fact.kind === 'dissolves'
  if (given.precipitate || !first || first.fact.kind !== 'solution' || !isFate || facts.some(isKind('precipitate'))) return facts
  const precipitate: ObservedFact = { kind: 'precipitate', colour: first.fact.to, slight: false }
  return [{ ...first, fact: precipitate }, ...facts.slice(1)]
}

/** A precipitate that was there for a moment is that one. */
function withOneTransient(facts: readonly ClauseFact[]): readonly ClauseFact[] {
  const brief = facts.find(isKind('transient'))
  const seen = brief && facts.find(isKind('precipitate'))
  if (!brief || !seen) return facts
  const { colour } = seen.fact
  return facts.flatMap((one) =>
    one === seen ? [] : one === brief ? [{ ...brief, fact: { ...brief.fact, ...(colour ? { colour } : {}) } }] : [one],
  )
}

/** "Two layers, the upper one purple" is one layer; a pH said twice is the last, and a number outdoes a range. */
function withOneOfEach(facts: readonly ClauseFact[], given: StepContext): readonly ClauseFact[] {
  const coloured = facts.some((one) => isKind('layer')(one) && one.fact.colour !== undefined)
  const readings = facts.filter(isKind('pH'))
  const best = readings.findLast(({ fact: { from, to } }) => from === to) ?? readings.at(-1)
  // "Blue and transparent": the clear liquid has a colour.
  const tinted = facts.some((one) => isKind('solution')(one) && one.fact.to !== 'colourless')
  const named = facts.some((one) => isKind('precipitate')(one) && one.fact.colour !== undefined)
  return facts.filter((one) => {
    // "Cloudy, because a white precipitate formed".
    if (named && isKind('precipitate')(one) && one.fact.colour === undefined) return false
    if (given.do === 'look' && tinted && isKind('solution')(one) && one.fact.to === 'colourless') return false
    if (isKind('layer')(one)) return one.fact.colour !== undefined || !coloured
    return !isKind('pH')(one) || one === best
  })
}

/** What the clauses of a line say together. */
export function merged(facts: readonly ClauseFact[], given: StepContext): readonly ClauseFact[] {
  const plain = withoutOutdone(withoutIdleNothing(withColourKept(once(facts), given)))
  const coloured = withRelativeColour(withColourOfFate(withGiving(withOneDissolving(withoutImpliedFate(plain))), given), given)
  return once(withOneOfEach(withOneTransient(coloured), given))
}
