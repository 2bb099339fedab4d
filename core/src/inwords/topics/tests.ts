import { GASES, type GasTestName } from '../../gas/index.ts'
import { behaviourOf, CANDIDATES, ionName, sayStep } from '../../identify/index.ts'
import { ionsNamed } from '../../rack/index.ts'
import type { Topic, Way } from '../answer.ts'
import { point, pointOf, way } from '../points.ts'

/** Words by which a test's agent is known in an answer. */
const first = (text: string) =>
  text.split(/[\s(]/).filter((word) => word.length > 3 && !/damp|acidified|with|glass/.test(word))[0] ?? text

const capital = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}`

/** Each test of a gas with its result: one of several is enough. */
function gasWays(question: string): readonly Way[] {
  const gas = GASES.find(({ name }) => new RegExp(`\\b${name}\\b`, 'i').test(question))
  if (!gas) return []
  return gas.tests.map(({ test, result }: { readonly test: GasTestName | string; readonly result: string }) =>
    way(`Test: ${test}, in the gas. Result: it ${result}.`, point(`the test: ${test}`, first(test)), pointOf(result)),
  )
}

/** What shows an ion best in the usual tests: the steps in which something of its own is seen. */
function ionWays(question: string): readonly Way[] {
  const ions = ionsNamed(question.replace(/\b(?:test|show|presence|confirm|that|contains?)\b/gi, ' '))
  const ion = ions.find((one) => CANDIDATES.some((candidate) => candidate.ion === one))
  if (ion === undefined) return []
  return behaviourOf(ion).flatMap(({ steps }) => {
    const shows = steps.filter(({ saw }) => saw !== '' && !/no visible change|no precipitate/.test(saw))
    // Its own precipitate, gas or flame tells more than what becomes of it afterwards.
    const telling = shows.find(({ saw }) => !/^precipitate/.test(saw)) ?? shows[0]
    if (!telling) return []
    const done = steps.slice(0, steps.indexOf(telling) + 1)
    const reagents = done.flatMap(({ step }) => step.reagent ?? [])
    const says = `${capital(done.map(({ step }) => sayStep(step)).join(', then '))}: ${telling.saw} (${ionName(ion)}).`
    const agent = reagents.at(-1) ?? (telling.step.do === 'flame' ? 'flame' : 'warm')
    const words = {
      'NaOH(aq)': 'sodium hydroxide|naoh',
      'NH3(aq)': 'ammonia|nh3',
      'AgNO3(aq)': 'silver nitrate|agno3',
      'Ba(NO3)2(aq)': 'barium|ba',
      'HCl(aq)': 'hydrochloric|hcl|acid',
      'Pb(NO3)2(aq)': 'lead|pb',
      'Na2CO3(aq)': 'carbonate|na2co3',
      'Al(s)': 'alumini',
    }
    return [way(says, point(`the test: ${agent}`, words[agent as keyof typeof words] ?? first(agent)), pointOf(telling.saw))]
  })
}

const CARBON_DOUBLE: Way = way(
  'Shake it with bromine water: orange turns colourless.',
  point('the test: bromine water', 'bromine'),
  point('it is decolourised', 'colou?rless|decolou?ri'),
)

/** A test and its result: for a gas, an ion, water, a double bond. */
const test: Topic = {
  topic: 'a test and its result',
  asked:
    /^(?!.*\b(?:what|why) (?:does|did|do|is|was)\b).*\b(?:give|suggest|describe|state|name|outline|what|which)\b.*\btests?\b.*\b(?:for|to|that|which|would|could|show\w*|confirm\w*)\b/i,
  ways: (_, question) => {
    if (/alkene|C=C|double bond|unsaturat/i.test(question)) return [CARBON_DOUBLE]
    if (/\bwater\b/i.test(question) && !/limewater|bromine water/i.test(question))
      return [
        way(
          'Anhydrous copper(II) sulfate turns from white to blue.',
          point('anhydrous copper(II) sulfate', 'copper|cuso4'),
          point('white to blue', 'blue'),
        ),
        way(
          'Dry cobalt(II) chloride paper turns from blue to pink.',
          point('cobalt(II) chloride paper', 'cobalt'),
          point('blue to pink', 'pink'),
        ),
      ]
    const gases = gasWays(question)
    return gases.length > 0 ? gases : ionWays(question)
  },
}

/** Questions that ask for a test. */
export const TESTS: readonly Topic[] = [test]
