import type { PartOf } from '../record/index.ts'
import { dissociate, nameOf, parseFormula } from '../substance/index.ts'
import { reagentNamed } from '../tube/index.ts'
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

const AMOUNTS: Readonly<Record<string, string>> = {
  drops: 'a few drops of ',
  excess: 'excess ',
  equal: 'an equal volume of ',
  solid: 'a spatula measure of ',
  piece: 'a piece of ',
}

/** What was done in a step, as a sentence begins: `on adding excess sodium hydroxide`. */
export function sayStep({ do: act, reagent, amount }: Pick<Step, 'do' | 'reagent' | 'amount'>): string {
  const bottle = reagent === undefined ? '' : (reagentNamed(reagent)?.says ?? reagent)
  switch (act) {
    case 'add':
      return `on adding ${AMOUNTS[amount ?? ''] ?? (amount ? `${amount.replace('cm3', 'cm³')} of ` : '')}${bottle}`
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
    .map(({ ion, for: evidence }) => {
      const quoted = evidence.slice(0, QUOTED).flatMap((at) => {
        const found = stepAt(samples, at)
        return found?.step.saw ? [`${sayStep(found.step)}, ${plain(found.step.saw)}`] : []
      })
      const name = ion === 'H+' ? 'hydrogen ions (an acid)' : `${nameOf(parseFormula(ion)) ?? ion} ions`
      return {
        ion,
        evidence,
        says: `${label} contains ${name}${quoted.length > 0 ? `: ${quoted.join('; ')}` : ''}.`,
      }
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
