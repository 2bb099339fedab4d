import type { StepContext } from './context.ts'
import type { DeniedFact, ObservedFact, Read, SeenFact } from './facts.ts'
import { denied } from './heads/scene.ts'
import { readObservation } from './read.ts'
import { sayObserved } from './say.ts'

/** Another way in which a line may have been meant, and the line in words that are read so. */
export interface OtherReading {
  readonly says: string
  readonly text: string
}

/** What a colour may be the colour of, in the order in which it is offered. */
function ofColour(
  colour: NonNullable<Extract<SeenFact, { kind: 'precipitate' }>['colour']>,
  given: StepContext,
): readonly SeenFact[] {
  const precipitate: SeenFact = { kind: 'precipitate', colour, slight: false }
  const solution: SeenFact = { kind: 'solution', to: colour }
  if (given.dry) return [{ kind: 'solidTurns', to: colour, when: 'hot' }, { kind: 'solid', colour }, solution]
  return given.precipitate
    ? [{ kind: 'dissolves', how: 'completely', giving: colour }, { kind: 'precipitateTurns', to: colour }, precipitate, solution]
    : [precipitate, solution]
}

function colourIn(fact: ObservedFact) {
  switch (fact.kind) {
    case 'precipitate':
    case 'solid':
      return fact.colour
    case 'solution':
    case 'precipitateTurns':
    case 'solidTurns':
      return fact.to
    case 'dissolves':
      return fact.giving
    default:
      return undefined
  }
}

/** The opposite of a fact, where it has one. */
function opposite(fact: ObservedFact): ObservedFact | undefined {
  switch (fact.kind) {
    case 'not':
      return isWhole(fact.of) ? fact.of : undefined
    case 'noPrecipitate':
      return { kind: 'precipitate', slight: false }
    case 'noGas':
      return { kind: 'effervescence' }
    case 'insoluble':
      return { kind: 'dissolves', how: 'completely' }
    case 'noChange':
      return undefined
    default:
      return denied(fact)
  }
}

const isWhole = (of: DeniedFact['of']): of is SeenFact & DeniedFact['of'] =>
  !(of.kind === 'flame' && of.colour === undefined) && !(of.kind === 'smell' && of.of === undefined)

const same = (one: ObservedFact, other: ObservedFact) => sayObserved(one) === sayObserved(other)

/** Other readings of a fact: what else its colour may be of, those after it first; then its opposite. */
function othersOf(fact: ObservedFact, given: StepContext): readonly ObservedFact[] {
  const colour = colourIn(fact)
  const round = colour === undefined ? [] : ofColour(colour, given)
  const here = round.findIndex((one) => one.kind === fact.kind)
  const turned = here < 0 ? round : [...round.slice(here + 1), ...round.slice(0, here)]
  const other = opposite(fact)
  return other ? [...turned, other] : turned
}

/** Most other readings that are offered. */
const MOST = 3

/**
 * Other ways in which an observation may have been meant: of what is doubtful in it, else of what stands last. Each is
 * read as it says.
 */
export function readOtherwise(text: string, given: StepContext): readonly OtherReading[] {
  const { facts } = readObservation(text, given)
  const asked: Read | undefined = facts.find(({ doubtful }) => doubtful) ?? facts.at(-1)
  if (!asked) return []
  const rest = facts.filter((one) => one !== asked && one.span[0] === asked.span[0])
  return othersOf(asked.fact, given)
    .flatMap((fact): readonly OtherReading[] => {
      const says = sayObserved(fact)
      const instead = [...rest.map((one) => sayObserved(one.fact)), says].join('; ')
      const meant = `${text.slice(0, asked.span[0])}${instead}${text.slice(asked.span[1])}`
      return readObservation(meant, given).facts.some((one) => same(one.fact, fact)) ? [{ says, text: meant }] : []
    })
    .slice(0, MOST)
}
