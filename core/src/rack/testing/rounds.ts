import { readFileSync } from 'node:fs'
import { type ReadAct, readActs } from '../index.ts'

/**
 * Lines of acts as students write them (common practice), in rounds: a line is `text | acts`. An act in short is `add
 * HNO3(aq)+AgNO3(aq) 2 drops R [slowly shaking]` (`?` where no amount was said, `R` for the sample into the reagent), `warm
 * @damp red litmus`, `gas limewater`, `dissolve H2O(l) 5 cm3`.
 */
export interface ActLine {
  readonly text: string
  readonly acts: string
}

/** The lines of a round. */
export const actsOf = (round: string): readonly ActLine[] =>
  readFileSync(new URL(`./rounds/${round}.txt`, import.meta.url), 'utf8')
    .split('\n')
    .filter((row) => row !== '' && !row.startsWith('# '))
    .map((row) => {
      const [text = '', acts = ''] = row.split(' | ')
      return { text, acts: acts.trim() }
    })

const PAPER = / paper$/
const SHORT: Readonly<Record<string, string>> = {
  'acidified manganate(VII) paper': 'manganate paper',
  'lead(II) ethanoate paper': 'lead ethanoate paper',
}
const held = (test: string) => SHORT[test] ?? test.replace(PAPER, '')

/** An act in its short form. */
function shortAct({ action, place }: ReadAct): string {
  const { do: act, reagent, amount, order, with: others = [], how = [] } = action
  const manner = how.length > 0 ? ` [${how.map((one) => one.replace('without ', '-')).join(' ')}]` : ''
  const where = place === undefined ? '' : ` {${place}}`
  if (act === 'gas') return `gas ${held(reagent ?? '')}${where}`
  if (act === 'dissolve') return ['dissolve', reagent, amount].filter(Boolean).join(' ') + where
  if (act !== 'add') return `${act}${reagent === undefined ? '' : ` @${held(reagent)}`}${manner}${where}`
  const bottles = [...others.map((one) => one.reagent), reagent].join('+')
  return `add ${bottles} ${amount ?? '?'}${order === undefined ? '' : ' R'}${manner}${where}`
}

/** What is read of a line, in short; in a tube to which sodium hydroxide was added last, of the samples P and Q. */
export function readShortActs(text: string): string {
  const read = readActs(text, { last: 'NaOH(aq)', samples: ['P', 'Q'] })
  return read.kind === 'acts' ? read.acts.map(shortAct).join('; ') : ''
}
