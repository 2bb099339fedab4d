import { describe, expect, it } from 'vitest'
import { isAlike, timesBetween, uniformFrom } from '../number/index.ts'
import { molarMassOf, parseEquation, parseFormula, sameSpecies } from '../substance/index.ts'
import { SUMS, type Sum, type SumLine } from '../sums/index.ts'
import { answersOf, type Worked } from './testing/worked.ts'

/*
 * Chains of calculations drawn at random, against a second evaluator: plain numbers, each line of the table worked out as it
 * stands, answers handed on by hand. It knows nothing of networks, rules, carrying or units beyond a factor.
 */

const TASKS = 5000
const PORTION = 500
const CONSTANTS: Readonly<Record<string, number>> = { R: 8.314, ln2: Math.LN2 }
const EQUATION = 'CaCO3 + 2HCl -> CaCl2 + H2O + CO2'
const SPECIES = ['CaCO3', 'HCl', 'CaCl2', 'H2O', 'CO2'] as const
/** What each text of a sum is, where any species of the equation would not do. */
const TEXTS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  gravimetric: { precipitate: 'BaSO4', of: 'SO4^2-' },
  atomsByGain: { of: 'Mg', gained: 'O' },
}

type Random = () => number
const pick = <Some>(random: Random, some: readonly Some[]) => some[Math.floor(random() * some.length)] as Some

interface Done {
  readonly worked: Worked
  readonly value: number
  readonly unit: string
}

const mass = (formula: string) => molarMassOf(parseFormula(formula), 'one-decimal').toNumber()

function countOf(formula: string): number {
  const { reactants, products } = parseEquation(EQUATION)
  const wanted = parseFormula(formula)
  return [...reactants, ...products].find((term) => sameSpecies(term.formula, wanted))?.count ?? Number.NaN
}

function workLine(line: SumLine, texts: Readonly<Record<string, string>>, at: (key: string) => number): number {
  if ('plus' in line)
    return line.plus.reduce((sum, key) => sum + at(key), 0) - (line.minus ?? []).reduce((sum, key) => sum + at(key), 0)
  if ('least' in line) return Math.min(...line.least.map(at))
  if ('apply' in line) {
    const x = at(line.to)
    if (line.apply === 'ln') return Math.log(x)
    if (line.apply === 'log10') return Math.log10(x)
    if (line.apply === 'sqrt') return Math.sqrt(x)
    return line.apply === 'exp' ? Math.exp(x) : 10 ** x
  }
  const number = line.ratio
    ? countOf(texts[line.ratio.of] ?? '') / countOf(texts[line.ratio.to] ?? '')
    : line.held
      ? 1
      : (line.factor?.over ?? 1) / (line.factor?.under ?? 1)
  return (line.under ?? []).reduce(
    (value, key) => value / at(key),
    line.over.reduce((value, key) => value * at(key), number),
  )
}

function workOut(sum: Sum, texts: Readonly<Record<string, string>>, values: Readonly<Record<string, number>>): number {
  const known: Record<string, number> = { ...CONSTANTS, ...values }
  const at = (key: string) => {
    if (key.startsWith('M:')) return mass(texts[key.slice(2)] ?? key.slice(2))
    return known[key] ?? Number.NaN
  }
  for (const line of sum.lines) known[line.gives] = workLine(line, texts, at)
  return known[sum.lines.at(-1)?.gives ?? ''] ?? Number.NaN
}

/** Calculations that can be worked with an answer there is already; any, where none can. */
function usingOneOf(before: readonly Done[]): readonly Sum[] {
  const fits = ({ unit, scale }: Sum['takes'][number]) =>
    !scale && unit !== 'any' && before.some((done) => done.value > 0 && isAlike(done.unit, unit))
  const found = SUMS.filter(({ takes }) => takes.some(fits))
  return found.length > 0 ? found : SUMS
}

/** A calculation with numbers drawn at random, or the answers of earlier ones where they fit. */
function drawOne(random: Random, before: readonly Done[]): Done | undefined {
  const sum = pick(random, random() < 0.8 ? usingOneOf(before) : SUMS)
  const texts = Object.fromEntries(
    (sum.texts ?? []).map(({ key, kind }) => [
      key,
      kind === 'equation' ? EQUATION : (TEXTS[sum.id]?.[key] ?? pick(random, SPECIES)),
    ]),
  )
  const values: Record<string, number> = {}
  const worked: Record<string, string | { value: string; unit: string } | { answer: string }> = {}
  let unitOfFirst = ''
  for (const take of sum.takes) {
    const fitting = before.flatMap((done, index) => {
      const times = take.unit === 'any' || done.value <= 0 ? undefined : timesBetween(done.unit, take.unit)?.toNumber()
      return times === undefined ? [] : [{ index, value: done.value * times }]
    })
    if (fitting.length > 0 && !take.scale && random() < 0.8) {
      const { index, value } = pick(random, fitting)
      worked[take.key] = { answer: String.fromCharCode('a'.charCodeAt(0) + index) }
      values[take.key] = value
    } else {
      const text = (0.5 + random() * 40).toFixed(3)
      worked[take.key] = take.unit === 'any' ? { value: text, unit: 'g' } : text
      values[take.key] = Number(text)
      if (take.unit === 'any') unitOfFirst = 'g'
    }
  }
  const value = workOut(sum, texts, values)
  if (!Number.isFinite(value) || Math.abs(value) > 1e25 || Math.abs(value) < 1e-25) return undefined
  const unit = sum.lines.at(-1)?.unit ?? ''
  return {
    worked: { sum: sum.id, with: worked, ...(sum.texts ? { texts } : {}) },
    value,
    unit: unit.startsWith('as ') ? unitOfFirst : unit,
  }
}

function drawChain(random: Random): readonly Done[] {
  const chain: Done[] = []
  const length = 2 + Math.floor(random() * 4)
  while (chain.length < length) {
    const one = drawOne(random, chain)
    if (one) chain.push(one)
  }
  return chain
}

/** Drawn in portions, each from a seed of its own: one alone would take a slow machine longer than a test may. */
const SEEDS = Array.from({ length: TASKS / PORTION }, (_, index) => 20261129 + index)

describe('chains of calculations', () => {
  it.each(SEEDS)(`come to what a second evaluator finds, in each of ${PORTION} tasks of ${TASKS}, seed %i`, (seed) => {
    const random = uniformFrom(seed)
    let handedOn = 0
    for (let count = 0; count < PORTION; count++) {
      const chain = drawChain(random)
      const answers = answersOf(chain.map(({ worked }) => worked))
      chain.forEach(({ worked, value, unit }, index) => {
        const answer = answers[index]
        const told = `task ${count}: ${JSON.stringify(chain.slice(0, index + 1).map((one) => one.worked))}`
        expect(answer?.missing, told).toBeUndefined()
        expect(answer?.unit, told).toBe(unit)
        // Differences of nearly equal numbers lose figures in plain arithmetic, down to nothing.
        const off = Math.abs((answer?.unrounded ?? Number.NaN) - value)
        expect(off, told).toBeLessThan(Math.max(1e-6 * Math.abs(value), 1e-12))
        if (Object.values(worked.with).some((one) => typeof one === 'object' && 'answer' in one)) handedOn++
      })
    }
    expect(handedOn).toBeGreaterThan(PORTION / 2)
  })
})
