import { readFileSync } from 'node:fs'
import { readConclusion } from '../index.ts'

/** Conclusions as students write them, in rounds: a line is `text | claims`, with `+Cu^2+` there, `-Cl^-` not, `?Fe^2+` perhaps. */
export interface ClaimLine {
  readonly text: string
  readonly claims: readonly string[]
}

const SIGN = { present: '+', absent: '-', perhaps: '?' } as const

/** Ions with the sign of the charge set off, as the rounds write them. */
const charged = (ion: string) => (ion.includes('^') ? ion : ion.replace(/^([A-Z][a-z]?)(\d?[+-])$|([+-])$/, '$1^$2$3'))

/** What is read of a conclusion, in short. */
export const readShortClaims = (text: string): readonly string[] =>
  readConclusion(text).map(({ ion, says }) => `${SIGN[says]}${charged(ion)}`)

/** The lines of a round. */
export const claimsOf = (round: string): readonly ClaimLine[] =>
  readFileSync(new URL(`./rounds/${round}.txt`, import.meta.url), 'utf8')
    .split('\n')
    .filter((row) => row !== '' && !row.startsWith('# '))
    .map((row) => {
      const [text = '', claims = ''] = row.split(' | ')
      return { text, claims: claims.trim() === '' ? [] : claims.trim().split(', ') }
    })
