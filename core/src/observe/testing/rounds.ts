import { readdirSync, readFileSync } from 'node:fs'
import { contextOf, readObservation, type StepContext } from '../index.ts'
import { shortFact } from './short.ts'

/**
 * Lines as students write them, with the facts they say (common practice), in rounds; each later round was written after the
 * rules as they then stood, scored once before anything was mended, and kept as it was. A line is `where | text | facts`.
 *
 * Facts in short: p:white a white precipitate, p~ a slight one, -p none, v one that vanishes on shaking, d:colour dissolves
 * giving it, d completely, d~ partly, i insoluble, t:colour a precipitate that turns, s:colour a solution of it, x
 * decolourised, g:test a gas by its test, e effervescence, -g no gas, m:smell, -m none, f:colour a flame, f:none one without,
 * ph:from-to what an indicator shows, o:colour a dry solid, h:colour and c:colour what it turns hot and cold, u sublimes, l
 * melts, w droplets, r a ring, y an upper layer, k warms up, b burns, n no change; a minus before any of them denies it.
 */
export interface RoundLine {
  /** Where it stands, in short: `add NaOH(aq) excess {ppt white}`, `gas damp red litmus`; `-` for nowhere. */
  readonly where: string
  readonly text: string
  readonly facts: readonly string[]
}

const FOLDER = new URL('./rounds/', import.meta.url)

function lineOf(row: string): RoundLine {
  const [where = '', text = '', facts = ''] = row.split(' | ')
  return { where, text, facts: facts.trim() === '' ? [] : facts.trim().split(', ') }
}

/** The lines of a round. */
export const roundOf = (name: string): readonly RoundLine[] =>
  readFileSync(new URL(`${name}.txt`, FOLDER), 'utf8')
    .split('\n')
    .filter((row) => row !== '' && !row.startsWith('# '))
    .map(lineOf)

/** The rounds of observations, in the order of their names. */
export const ROUNDS: readonly string[] = readdirSync(FOLDER)
  .map((file) => file.replace(/\.txt$/, ''))
  .toSorted()

const WHERE = /^(\w+)\s*(.*)$/
const WHAT = /^(.*?)(?: (drops|excess|equal|\d.*))?$/

/** A context from its short form. */
export function contextFrom(where: string): StepContext | undefined {
  if (where === '-') return undefined
  const [, act = '', rest = ''] = WHERE.exec(where) ?? []
  const words = rest
    .replace(/\{.*\}/, '')
    .replace('@', '')
    .trim()
  const [, reagent, amount] = WHAT.exec(words) ?? []
  return contextOf(
    { do: act, ...(reagent ? { reagent } : {}), ...(amount ? { amount } : {}) },
    { precipitate: /\{ppt/.test(rest), dry: /\{dry\}/.test(rest) },
  )
}

/** What is read of a line, in short. */
export const readShort = ({ where, text }: Pick<RoundLine, 'where' | 'text'>): readonly string[] =>
  readObservation(text, contextFrom(where)).facts.map(({ fact }) => shortFact(fact))

/** Whether a line says that something was not seen. */
export const isDenial = ({ facts }: RoundLine): boolean => facts.some((fact) => /^(?:-|i$|n$|f:none$)/.test(fact))

/** Lines read right, and facts said, right and wanted. */
export interface Score {
  readonly lines: number
  readonly right: number
  readonly precision: number
  readonly recall: number
}

export function scoreOf(lines: readonly RoundLine[]): Score {
  const read = lines.map((line) => ({ wanted: line.facts, found: readShort(line) }))
  const same = ({ wanted, found }: (typeof read)[number]) => [...wanted].sort().join() === [...found].sort().join()
  const count = (of: (one: (typeof read)[number]) => number) => read.reduce((sum, one) => sum + of(one), 0)
  const hits = count(({ wanted, found }) => found.filter((fact) => wanted.includes(fact)).length)
  return {
    lines: lines.length,
    right: read.filter(same).length,
    precision: hits / count(({ found }) => found.length),
    recall: hits / count(({ wanted }) => wanted.length),
  }
}
