import { CANDIDATES, ionName, type SampleVerdict } from '../identify/index.ts'
import { ION_TABLE } from '../substance/index.ts'

/** A student's conclusion beside the board's. */
export interface Comparison {
  /** Ions that both name. */
  readonly agreed: readonly string[]
  /** Named by the student, not shown by the record. */
  readonly notShown: readonly string[]
  /** Shown by the record, not named by the student. */
  readonly missed: readonly string[]
}

/** Words for ions besides their names. */
const OTHER_NAMES: ReadonlyMap<string, readonly string[]> = new Map(
  ION_TABLE.map(({ ion, name, also = [] }) => [ion, [...(name ? [name] : []), ...also]]),
)

const SIGNS: Readonly<Record<string, string>> = { '⁺': '+', '⁻': '-', '²': '2', '³': '3', '₂': '2', '₃': '3', '₄': '4' }
const plain = (text: string) =>
  text.replace(/[⁺⁻²³₂₃₄]/g, (sign) => SIGNS[sign] ?? sign).replace(/[\^\s]+/g, (found) => (found.includes('^') ? '' : ' '))

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')

/** What is said not to be there is not claimed: `no sulfate`, `not iron(III)`. */
const DENIED = /\b(?:no|not|nor|without|absence of|neither)\s+(?:[\w()]+\s+(?:or|nor)\s+)?$/i

const ABSENT = /^\s*(?:ions?\s+)?(?:is|are)\s+(?:absent|not)\b/i

function names(text: string, ion: string): boolean {
  const formula = new RegExp(`(?<![A-Za-z0-9)])${escaped(ion.replace('^', ''))}(?![0-9+-])`, 'g')
  const words = [ionName(ion), ...(OTHER_NAMES.get(ion) ?? [])].map(
    // "iron" of iron(II) must not be read in iron(III); "lead" not in "leads".
    (word) => new RegExp(`(?<![A-Za-z])${escaped(word)}(?![A-Za-z])(?!\\((?:I|V))`, 'gi'),
  )
  return [formula, ...words].some((pattern) =>
    [...text.matchAll(pattern)].some(
      (found) => !DENIED.test(text.slice(0, found.index)) && !ABSENT.test(text.slice(found.index + found[0].length)),
    ),
  )
}

/** Words after which a sentence gives its evidence, in which reagents are named; and words after which it concludes. */
const EVIDENCE = /[:;]|\b(?:because|since|as|shown|evidence|due|with|when|on\s+adding|after|gives?|gave|formed|precipitates?)\b/i
const CONCLUDES = /\b(?:so|therefore|hence|thus|which\s+means|means|shows|indicates?)\b|→|∴/i

/** What a conclusion claims, without its evidence. */
function claims(text: string): string {
  return text
    .split(/[.\n](?=\s|$)/)
    .map((sentence) => {
      const after = CONCLUDES.exec(sentence)
      return after ? sentence.slice(after.index + after[0].length) : sentence.slice(0, EVIDENCE.exec(sentence)?.index)
    })
    .join('. ')
}

/** The ions that a conclusion names, in the order of the table; reagents in its evidence are not claimed. */
export function ionsNamed(conclusion: string): readonly string[] {
  const text = claims(plain(conclusion))
  return CANDIDATES.filter(({ ion }) => names(text, ion)).map(({ ion }) => ion)
}

/** Lays a conclusion beside what the record shows. */
export function compareConclusion(conclusion: string, { ions }: Pick<SampleVerdict, 'ions'>): Comparison {
  const named = ionsNamed(conclusion)
  const present = ions.filter(({ verdict }) => verdict === 'present').map(({ ion }) => ion)
  return {
    agreed: named.filter((ion) => present.includes(ion)),
    notShown: named.filter((ion) => !present.includes(ion)),
    missed: present.filter((ion) => !named.includes(ion)),
  }
}
