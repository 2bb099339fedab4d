import { cureOf } from '../../reckon/index.ts'
import type { Known, Topic, Way } from '../answer.ts'
import { carrying, point, pointOf, way } from '../points.ts'

const capital = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}`

/** What the record shows to be unsure, largest first, each with what makes it smaller. */
function sources({ reckoning, sure }: Known): readonly { readonly source: string; readonly better: string }[] {
  const found = reckoning.answers.flatMap(({ question, value }) =>
    value === null ? [] : (sure.get(question)?.sureness.shares ?? []),
  )
  const seen = new Set<string>()
  return found
    .toSorted((a, b) => b.relative - a.relative)
    .flatMap(({ source }) => {
      if (!source.better || seen.has(source.id)) return []
      seen.add(source.id)
      return [{ source: source.says, better: source.better.says }]
    })
}

const assumed = ({ reckoning }: Known): readonly string[] => [...new Set(reckoning.answers.flatMap(({ assumes }) => assumes))]

/** What is better said is shown by any word that carries it. */
const betterPoint = (says: string) => point(says, ...carrying(says).map((word) => word))

/** Ways of bettering an experiment of a kind (common practice), where the record has that kind. */
function usual({ task }: Known): readonly Way[] {
  const has = (kind: string) => task.parts.some((part) => part.kind === kind)
  const warmth = task.parts.some((part) => part.kind === 'series' && /°C/.test(part.y.unit))
  const gas = task.parts.some((part) => part.kind === 'series' && /gas/i.test(part.y.name))
  return [
    ...(warmth
      ? [
          way(
            'A lid and an insulated cup: less heat is lost to the air.',
            point('a lid, an insulated cup or lagging', 'lid|insulat|polystyrene|lag|cover|cotton|two cups|second cup'),
          ),
        ]
      : []),
    ...(gas
      ? [
          way(
            'A divided flask, or a tube let down inside: no gas is lost before the bung is in.',
            point('the two are mixed only when it is closed', 'divided|tube|suspend|tilt|bung|syringe|lost|escape'),
          ),
        ]
      : []),
    ...(has('titration')
      ? [
          way(
            'More accurate runs, until more titres agree.',
            point('repeat until titres agree', 'repeat|more (?:runs|titr)|concordant|mean|average'),
          ),
        ]
      : []),
    ...(has('heating')
      ? [
          way(
            'Heat, cool and weigh again until the mass stays the same.',
            point('heat to constant mass', 'constant mass|again|repeat|reheat'),
          ),
        ]
      : []),
    ...(has('series')
      ? [
          way(
            'More points, each of them repeated.',
            point('more readings, repeated', 'repeat|more (?:readings|points|values)|mean|average|smaller interval'),
          ),
        ]
      : []),
  ]
}

const improvement: Topic = {
  topic: 'improvement',
  asked:
    /^(?!.*\bwhy\b).*(?:\bimprove(?:ment|d)?s?\b|\bmore (?:accurate|precise|reliable)\b|\breduce (?:this|the|an?) (?:error|uncertaint))/i,
  ways: (known) => [...sources(known).map(({ better }) => way(`${capital(better)}.`, betterPoint(better))), ...usual(known)],
}

const sourceOfError: Topic = {
  topic: 'source of error',
  asked: /\bsources? of (?:error|uncertainty)\b|\berrors? (?:in|of) (?:your|the|this)\b/i,
  ways: (known, question) => {
    const cure = /\b(lessen|reduce|minimis|overcome|improve|avoid|smaller)/i.test(question)
    return [
      ...sources(known).map(({ source, better }) =>
        way(
          cure ? `${capital(source)}; ${better} would lessen it.` : `${capital(source)}.`,
          betterPoint(source),
          ...(cure ? [betterPoint(better)] : []),
        ),
      ),
      ...assumed(known).flatMap((assumption) => {
        const remedy = cureOf(assumption)
        return remedy && cure
          ? [way(`It may not be so that ${assumption}; to make sure: ${remedy}.`, pointOf(assumption), betterPoint(remedy))]
          : []
      }),
    ]
  },
}

const assumption: Topic = {
  topic: 'assumption',
  asked: /\bassum(?:e|ed|es|ption|ptions)\b/i,
  ways: (known) => assumed(known).map((says) => way(`${capital(says)}.`, pointOf(says))),
}

/** Questions about what was unsure, and what would be better. */
export const BETTERING: readonly Topic[] = [sourceOfError, improvement, assumption]
