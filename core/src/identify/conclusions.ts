import type { PartOf } from '../record/index.ts'
import { dissociate, nameOf, parseFormula } from '../substance/index.ts'
import { reagentNamed, sayMuch, type TubeStep } from '../tube/index.ts'
import type { SampleVerdict } from './identify.ts'
import { CATIONS, saltOf } from './ions.ts'

type Rack = PartOf<'rack'>
type Step = Rack['samples'][number]['tubes'][number]['steps'][number]

/** A conclusion as it is written down: the ion, and the evidence it rests on. */
export interface Conclusion {
  readonly ion: string
  readonly says: string
  readonly evidence: readonly string[]
}

/** What was done in a step, as a sentence begins: `on adding excess sodium hydroxide`. */
export function sayStep({
  do: act,
  reagent,
  amount,
  with: others = [],
}: Pick<TubeStep, 'do' | 'reagent' | 'amount' | 'with'>): string {
  const called = (name: string) => reagentNamed(name)?.says ?? name
  const bottle = reagent === undefined ? '' : called(reagent)
  switch (act) {
    case 'add':
      return `on adding ${[...others.map((one) => sayMuch(one.amount, called(one.reagent))), sayMuch(amount, bottle)].join(' and ')}`
    case 'dissolve':
      return `on dissolving in ${bottle === '' ? 'water' : bottle}`
    case 'warm':
    case 'heat':
    case 'boil':
    case 'cool':
      return { warm: 'on warming', heat: 'on heating', boil: 'on boiling', cool: 'on cooling' }[act]
    case 'stand':
      return 'on standing'
    case 'filter':
      return 'after filtering'
    case 'flame':
      return 'in a flame'
    case 'gas':
      return `in the gas test${bottle ? ` with ${bottle}` : ''}`
    case 'shake':
      return 'on shaking'
    default:
      return 'at first sight'
  }
}

function stepAt(samples: Rack['samples'], at: string): { readonly step: Step; readonly steps: readonly Step[] } | undefined {
  const [id, number] = [at.slice(0, at.lastIndexOf('.')), Number(at.slice(at.lastIndexOf('.') + 1))]
  const tube = samples.flatMap(({ tubes }) => tubes).find((one) => one.id === id)
  const step = tube?.steps[number - 1]
  return tube && step && { step, steps: tube.steps }
}

const plain = (text: string) => text.trim().replace(/[.;,]+$/, '')

/** Steps quoted for one ion, at most. */
const QUOTED = 3

/** What is called in a sentence: `copper(II) ions`. */
const called = (ion: string) => (ion === 'H+' ? 'hydrogen ions (an acid)' : `${nameOf(parseFormula(ion)) ?? ion} ions`)

/** What was done and seen in the steps that tell most, as a sentence goes on. */
function quote(evidence: readonly string[], samples: Rack['samples']): string {
  const all = evidence.flatMap((at) => {
    const found = stepAt(samples, at)
    return found?.step.saw ? [`${sayStep(found.step)}, ${plain(found.step.saw)}`] : []
  })
  const quoted = [...new Set(all)].slice(0, QUOTED)
  return quoted.length > 0 ? `: ${quoted.join('; ')}` : ''
}

/**
 * Conclusions with their evidence for the ions that are present: "P contains copper(II) ions: on adding …, … was seen".
 *
 * @param label - what the sample is called
 */
export function concludeFrom(
  { ions }: Pick<SampleVerdict, 'ions'>,
  samples: Rack['samples'],
  label: string,
): readonly Conclusion[] {
  return ions
    .filter(({ verdict }) => verdict === 'present')
    .map(({ ion, for: evidence }) => ({ ion, evidence, says: `${label} contains ${called(ion)}${quote(evidence, samples)}.` }))
}

/** Ions that are spoken of as likely are at least so likely. */
const LIKELY = 0.3

/**
 * Sentences on what is not there and on what may be, with their evidence: "Sulfate ions are absent: on adding …", "It may
 * contain zinc ions: …". Ions that no test bears on are not spoken of.
 */
export function eliminateFrom({ ions }: Pick<SampleVerdict, 'ions'>, samples: Rack['samples']): readonly Conclusion[] {
  return ions.flatMap(({ ion, verdict, probability, for: speaking, against }): readonly Conclusion[] => {
    const name = called(ion)
    if (verdict === 'absent' && against.length > 0)
      return [
        { ion, evidence: against, says: `${name.charAt(0).toUpperCase()}${name.slice(1)} are absent${quote(against, samples)}.` },
      ]
    if (verdict !== 'possible' || probability < LIKELY || speaking.length === 0) return []
    return [{ ion, evidence: speaking, says: `It may contain ${name}${quote(speaking, samples)}; no test has settled it.` }]
  })
}

/** A salt that the ions found would make. */
export interface WholeSalt {
  readonly formula: string
  readonly name: string
}

/**
 * Salts that hold the ions that are present, when there is one cation and one anion, or ammonium beside another cation
 * (a double salt).
 */
export function wholeSalts({ ions }: Pick<SampleVerdict, 'ions'>): readonly WholeSalt[] {
  const present = ions.filter(({ verdict }) => verdict === 'present').map(({ ion }) => ion)
  const cations = present.filter((ion) => CATIONS.some((one) => one.ion === ion))
  const anions = present.filter((ion) => !cations.includes(ion))
  const [anion] = anions
  if (anion === undefined || anions.length !== 1 || cations.length === 0 || cations.length > 2) return []
  const formulas = cations.length === 1 ? [saltOf(cations[0] as string, anion)] : doubleSalt(cations, anion)
  return formulas.map((formula) => ({ formula, name: saltName(formula) }))
}

function doubleSalt(cations: readonly string[], anion: string): readonly string[] {
  const metal = cations.find((ion) => ion !== 'NH4+')
  if (!cations.includes('NH4+') || metal === undefined || anion !== 'SO4^2-') return []
  return [metal.includes('3+') ? `NH4${metal.replace('3+', '')}(SO4)2` : `(NH4)2${metal.replace('2+', '')}(SO4)2`]
}

function saltName(formula: string): string {
  const ions = dissociate(parseFormula(formula))
  if (!ions) return nameOf(parseFormula(formula)) ?? formula
  const positive = ions
    .filter(({ ion }) => ion.charge > 0)
    .toSorted((a, b) => Number(b.ion.text.startsWith('N')) - Number(a.ion.text.startsWith('N')))
  const negative = ions.filter(({ ion }) => ion.charge < 0)
  return [...positive, ...negative].map(({ ion }) => nameOf(ion) ?? ion.text).join(' ')
}
