import { Exact } from '../number/index.ts'
import { findMaterial, materialLabel, type Question, type Task } from '../record/index.ts'
import { dissociate } from '../substance/index.ts'
import type { Answer } from './answer.ts'
import { readFormula } from './species.ts'

/** One saturated solution of a salt among others. */
export interface SolubilityRow {
  readonly material: string
  readonly label: string
  /** What was dissolved in it before, as formulae; empty for water. */
  readonly background: readonly string[]
  /** ½ Σ c z² of everything dissolved, mol/dm³. */
  readonly ionicStrength: number
  readonly solubility: number
  /** Product of the concentrations. */
  readonly product?: number
  /** Whether the background shares an ion with the salt. */
  readonly commonIon: boolean
}

/** Saturated solutions of one salt beside each other. */
export interface SolubilityTrend {
  readonly salt: string
  readonly rows: readonly SolubilityRow[]
  readonly says: readonly string[]
}

/**
 * Ionic strength, I = ½ Σ c z², of salts that fall wholly into their ions.
 *
 * @param dissolved - formula of each salt and its concentration, mol/dm³
 * @example
 * ionicStrengthOf([{ solute: 'CaCl2', concentration: 0.1 }]) // 0.3
 */
export function ionicStrengthOf(dissolved: readonly { readonly solute: string; readonly concentration: number }[]): number {
  return dissolved.reduce((total, { solute, concentration }) => {
    const formula = readFormula(solute)
    const ions = formula ? (dissociate(formula) ?? []) : []
    return total + ions.reduce((sum, { ion, count }) => sum + (concentration * count * ion.charge ** 2) / 2, 0)
  }, 0)
}

type SolubilityQuestion = Question & { find: { quantity: 'solubility' | 'solubilityProduct' } }

const isSolubility = (question: Question): question is SolubilityQuestion =>
  question.find.quantity === 'solubility' || question.find.quantity === 'solubilityProduct'

function rowOf(task: Task, salt: string, material: string, answers: ReadonlyMap<string, number>): SolubilityRow | undefined {
  const solubility = answers.get(`solubility ${salt} ${material}`)
  if (solubility === undefined) return undefined
  const product = answers.get(`solubilityProduct ${salt} ${material}`)
  const { background = [] } = findMaterial(task, material) ?? {}
  const ions = new Set(dissociate(readFormula(salt) ?? { text: '', parts: [], charge: 0 })?.map(({ ion }) => ion.text))
  const inMol = background.filter(({ strength }) => strength.unit === 'mol/dm3')
  const commonIon = inMol.some(({ solute }) => {
    const formula = readFormula(solute)
    return formula ? dissociate(formula)?.some(({ ion }) => ions.has(ion.text)) : false
  })
  return {
    material,
    label: materialLabel(task, material),
    background: background.map(({ solute }) => solute),
    ionicStrength: ionicStrengthOf([
      { solute: salt, concentration: solubility },
      ...inMol.map(({ solute, strength }) => ({ solute, concentration: Number(strength.value) })),
    ]),
    solubility,
    ...(product === undefined ? {} : { product }),
    commonIon,
  }
}

const times = (ratio: number) => new Exact(ratio).toSignificantDigits(2).toString()

function sentencesOf(rows: readonly SolubilityRow[]): readonly string[] {
  const plain = rows.find(({ background }) => background.length === 0)
  if (!plain) return []
  return rows.flatMap((row): string[] => {
    if (row === plain) return []
    const where = `${row.background.join(' and ')}`
    if (row.commonIon)
      return row.solubility < plain.solubility
        ? [
            `In ${where}, which shares an ion with the salt, ${times(row.solubility / plain.solubility)} times as much dissolves: the common ion.`,
          ]
        : []
    return row.product !== undefined && plain.product !== undefined && row.product > plain.product
      ? [
          `In ${where}, which shares none, the product of the concentrations is ${times(row.product / plain.product)} times as large: ions at a higher ionic strength shield one another.`,
        ]
      : []
  })
}

/** Sets the solubilities of a salt in several solutions beside each other, by ionic strength, with what they show. */
export function solubilityTrends(task: Task, answers: readonly Answer[]): readonly SolubilityTrend[] {
  const asked = task.questions.filter(isSolubility)
  const values = new Map(
    asked.flatMap(({ id, find }) => {
      const value = answers.find(({ question }) => question === id)?.unrounded
      return value === undefined ? [] : [[`${find.quantity} ${find.of} ${find.in}`, value] as const]
    }),
  )
  return [...new Set(asked.map(({ find }) => find.of))].flatMap((salt): SolubilityTrend[] => {
    const materials = [...new Set(asked.filter(({ find }) => find.of === salt).map(({ find }) => find.in))]
    const rows = materials
      .flatMap((material) => rowOf(task, salt, material, values) ?? [])
      .toSorted((a, b) => a.ionicStrength - b.ionicStrength)
    return rows.length < 2 ? [] : [{ salt, rows, says: sentencesOf(rows) }]
  })
}
