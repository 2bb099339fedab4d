import { GASES } from '../../gas/index.ts'
import type { Draft } from '../draft/Draft.ts'
import { type Mention, ofKind } from '../mention/mention.ts'
import type { AskedFind, AskedQuestion } from './find.ts'

/** What has been asked before, by what it finds, as the id under which its answer is known. */
class Before {
  private readonly asked: readonly AskedQuestion[]

  constructor(asked: readonly AskedQuestion[]) {
    this.asked = asked
  }

  /** The last answer of one of some calculations or quantities, as what another is worked with. */
  answer(...names: readonly string[]): { readonly answer: string } | undefined {
    const at = this.asked.findLastIndex(({ find }) => names.includes(find.sum ?? find.quantity))
    return at < 0 ? undefined : { answer: `q${at + 1}` }
  }

  /** The last two answers of a quantity. */
  two(...names: readonly string[]): readonly { readonly answer: string }[] {
    const answers = names.map((name) =>
      this.asked.flatMap(({ find }, index) => (find.quantity === name ? [{ answer: `q${index + 1}` }] : [])),
    )
    return answers.find(({ length }) => length > 1)?.slice(-2) ?? []
  }
}

interface Asking {
  readonly draft: Draft
  readonly text: string
  readonly block: number
  readonly mentions: readonly Mention[]
  readonly before: Before
}

type With = NonNullable<AskedFind['with']>

/** What of some inputs is known. */
const known = (inputs: Readonly<Record<string, With[string] | undefined>>): With =>
  Object.fromEntries(Object.entries(inputs).flatMap(([name, value]) => (value === undefined ? [] : [[name, value]])))

const sum = (
  name: string,
  inputs: Parameters<typeof known>[0] = {},
  texts: Readonly<Record<string, string>> = {},
): AskedFind => ({
  quantity: 'sum',
  sum: name,
  ...(Object.keys(texts).length > 0 ? { texts } : {}),
  with: known(inputs),
})

const AMOUNT = /\bmoles\b|\bamount\b/i
const MASS = /\bmass\b|\bhow many grams\b/i
const SHARE = /\bper ?cent|\bshare\b|\bpurity\b/i

const substanceIn = ({ mentions }: Asking) => ofKind(mentions, 'substance').find(({ formula }) => formula !== 'H2O')?.formula

const equationIn = ({ draft, block }: Asking) =>
  draft.reads.filter(({ sentence }) => sentence.block === block).flatMap(({ mentions }) => ofKind(mentions, 'equation'))[0]
    ?.equation

const COLLECTED: ReadonlySet<string> = new Set(GASES.map(({ gas }) => gas))
const productsIn = (equation: string | undefined) =>
  (equation?.split('->')[1] ?? '').split(' + ').map((term) =>
    term
      .trim()
      .replace(/^\d+/, '')
      .replace(/\([a-z]+\)$/, ''),
  )

function inHeat(asking: Asking): AskedFind | undefined {
  const { draft, text, mentions, before } = asking
  if (/\benthalpy\b/i.test(text)) return sum('enthalpy', { q: before.answer('heat'), n: before.answer('amountInSolution') })
  if (
    /\btemperature (?:rise|change|fall|drop|increase)|\bhow much did it get\b|\b(?:get|got) (?:warmer|colder|cooler)/i.test(text)
  )
    return sum('temperatureChange')
  if (/\bheat\b|\benergy\b/i.test(text)) {
    const capacity = /\b4\.1[89]?\d?\b/.exec(draft.words)?.[0]
    return sum('heat', { c: capacity, dT: before.answer('temperatureChange', 'rise') })
  }
  if (!AMOUNT.test(text)) return undefined
  const label = ofKind(mentions, 'label')[0]?.label
  const strength = draft.materials.get(label ?? '')?.strength
  return sum('amountInSolution', {
    c: strength?.unit === 'mol/dm3' ? strength.value : undefined,
    V: label === undefined ? undefined : volumeOf(draft, label),
  })
}

/** How much of a bottle is measured out, cm³. */
function volumeOf(draft: Draft, label: string): string | undefined {
  for (const { mentions } of draft.reads)
    for (const [index, mention] of mentions.entries()) {
      const next = mentions[index + 1]
      if (mention.kind === 'quantity' && mention.unit === 'cm3' && next?.kind === 'label' && next.label === label)
        return mention.value
    }
  return undefined
}

function inGas(asking: Asking): AskedFind | undefined {
  const { text, before } = asking
  const equation = equationIn(asking)
  const gas = productsIn(equation).find((one) => COLLECTED.has(one))
  const of = substanceIn(asking)
  if (AMOUNT.test(text)) {
    const collected = before.answer('amountOfGas')
    if (!collected || of === undefined || of === gas) return sum('amountOfGas')
    return sum('byReaction', { n: collected }, { ...(equation ? { equation } : {}), ...(gas ? { from: gas } : {}), to: of })
  }
  if (SHARE.test(text)) return sum('share', { a: before.answer('massFromAmount') })
  if (MASS.test(text)) return sum('massFromAmount', { n: before.answer('byReaction', 'amountOfGas') }, of ? { of } : {})
  return undefined
}

function inPrecipitate(asking: Asking): AskedFind | undefined {
  const { text, before } = asking
  const of = substanceIn(asking)
  const products = productsIn(equationIn(asking))
  const precipitate = products.length === 1 ? products[0] : undefined
  if (AMOUNT.test(text)) return sum('amountFromMass', {}, of ? { of } : {})
  const mass = before.answer('massFromAmount')
  if (SHARE.test(text))
    return mass && before.answer('gravimetric')
      ? sum('share', { a: mass })
      : sum('gravimetric', {}, { ...(precipitate ? { precipitate } : {}), ...(of ? { of } : {}) })
  return MASS.test(text) ? sum('massFromAmount', { n: before.answer('amountFromMass') }, of ? { of } : {}) : undefined
}

function inEquilibrium({ text, before }: Asking): AskedFind | undefined {
  if (/\bequilibrium constant\b|\bK ?c\b/.test(text)) return sum('kcOfEster', { w0: '0' })
  if (SHARE.test(text)) return sum('share', { a: before.answer('difference') })
  return AMOUNT.test(text) ? sum('difference') : undefined
}

/** What follows from a curve of pH: its equivalence is a volume of the bottle in the burette. */
function fromCurve({ draft, text, block, mentions, before }: Asking): AskedFind | undefined {
  const volume = before.answer('equivalence')
  const run = draft.of('series', block).find(({ y }) => y.name === 'pH')
  if (!run) return undefined
  const label = ofKind(mentions, 'label')[0]?.label ?? ''
  const strength = draft.materials.get(label)?.strength
  if (/\bK ?a\b/.test(text)) return sum('acidityAtHalf', { pH: before.answer('halfEquivalence') })
  if (/\bpH\b[^.]*\bat the equivalence/i.test(text) && volume) return { quantity: 'yAt', in: run.id, x: volume }
  if (AMOUNT.test(text) && volume && strength?.unit === 'mol/dm3')
    return sum('amountInSolution', { c: strength.value, V: volume })
  const amount = before.answer('amountInSolution')
  if (/\bconcentration\b|\bhow strong\b/i.test(text) && amount)
    return sum('concentrationFrom', { n: amount, V: volumeOf(draft, label) })
  return undefined
}

/** How one answer compares with the one before it. */
function compared({ text, before }: Asking): AskedFind | undefined {
  const [a, b] = before.two('meanTitre', 'concentration', 'massConcentration', 'gradient')
  if (!a || !b) return undefined
  if (/\bhow many times\b|\bratio\b/i.test(text)) return sum('ratio', { a, b })
  return /\bby (?:how many|what) per ?cent/i.test(text) ? sum('percentageChange', { a, b }) : undefined
}

/** The calculation that a question asks for, worked with the answers before it; undefined where it asks for none that is known. */
export function sumIn(
  draft: Draft,
  asked: Omit<Asking, 'draft' | 'before'>,
  found: readonly AskedQuestion[],
): AskedFind | undefined {
  const asking: Asking = { draft, ...asked, before: new Before(found) }
  const isLine = draft.of('series', asked.block).some(({ y }) => y.plotted !== undefined)
  if (isLine && /\bactivation energy\b/i.test(asked.text))
    return sum('arrheniusGradient', { gradient: asking.before.answer('gradient') })
  switch (draft.settings.get(asked.block)) {
    case 'heat':
      return inHeat(asking)
    case 'gas':
      return inGas(asking)
    case 'precipitate':
      return inPrecipitate(asking)
    case 'equilibrium':
      return inEquilibrium(asking)
    default:
      return fromCurve(asking) ?? compared(asking)
  }
}
