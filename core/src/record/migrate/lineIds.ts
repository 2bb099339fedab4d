import { type LinePlace, lineName } from '../lineName.ts'
import { isRecord, type Json, mapList, recordsIn } from './json.ts'

/** What version 1 called the quantities of lines, and what they are called now. */
const WHAT: Readonly<Record<string, string>> = {
  n: 'amount',
  m: 'mass',
  mass: 'mass',
  V: 'volume',
  c: 'concentration',
  r: 'mass concentration',
  rTotal: 'mass concentration',
  Mx: 'molar mass',
  x: 'water',
  s: 'solubility',
  Ksp: 'solubility product',
  db: 'difference of intercepts',
  dm: 'difference of gradients',
  '%': 'percentage',
  apart: 'difference',
  error: 'percentage error',
}
/** The roles of places of a titration that are called otherwise now. */
const ROLES: Readonly<Record<string, string>> = { before: 'used', left: 'left over' }
/** How places of version 1 begin, what they are in, and their role. */
const PLACES: Readonly<Record<string, { readonly kind: string; readonly role: string }>> = {
  w: { kind: 'weighing', role: 'weighed' },
  h: { kind: 'heating', role: 'heated' },
  s: { kind: 'solution', role: 'put in' },
  series: { kind: 'series', role: 'line' },
}

const OLD_KEY = /^(?<what>[^:@]+)(?::(?<species>[^@]*))?(?:@(?<place>.*))?$/s
const OF_TITRATION = /^t:(?<id>.*?)(?:#(?<run>\d+))?\/(?<role>[a-z]+)(?<step>\d*)(?:\/(?<item>\d+))?$/s
const OF_RUN = /^(?<material>.*)#(?<id>[^#]*)#(?<run>\d+)$/s

/** A position from 0 as a number from 1, where there is one. */
const itemOf = (position: string | undefined) => (position ? { item: Number(position) + 1 } : {})

class Places {
  private readonly parts: readonly Json[]
  private readonly materials: readonly Json[]

  constructor(document: Readonly<Json>) {
    this.parts = recordsIn(document.parts)
    this.materials = recordsIn(document.materials)
  }

  private numberOf(list: readonly Json[], id: string | undefined): number {
    return list.findIndex((thing) => thing.id === id) + 1
  }

  private part(kind: string, id: string | undefined): number {
    return this.numberOf(
      this.parts.filter((part) => part.kind === kind),
      id,
    )
  }

  /** The place that version 1 wrote so; undefined where it was a question of its own. */
  read(text: string): LinePlace | undefined {
    const titration = OF_TITRATION.exec(text)?.groups
    if (titration) return this.inTitration(titration)
    const run = OF_RUN.exec(text)?.groups
    if (run) return { role: 'titre', number: this.part('titration', run.id), run: Number(run.run) + 1 }
    const [begins = '', id] = text.split(/:(.*)/s)
    const known = id === undefined ? undefined : PLACES[begins]
    if (known) {
      const [part, item] = known.kind === 'solution' ? (id?.split(/\/(?=\d+$)/) ?? []) : [id]
      return { role: known.role, number: this.part(known.kind, part), ...itemOf(item) }
    }
    const number = this.numberOf(this.materials, begins === 'm' && id !== undefined ? id : text)
    return number > 0 ? { role: 'material', number } : undefined
  }

  private inTitration({ id, run, role = '', step, item }: Readonly<Record<string, string | undefined>>): LinePlace {
    const number = this.part('titration', id)
    return { role: ROLES[role] ?? role, number, ...(run === undefined ? {} : { run: Number(run) + 1 }), ...itemOf(item ?? step) }
  }
}

/** The name of the line that version 1 called by a key of the network. */
function nameOf(key: string, places: Places): string {
  const dissolved = key.endsWith('#dissolved')
  const { what, species, place } = OLD_KEY.exec(dissolved ? key.slice(0, -'#dissolved'.length) : key)?.groups ?? {}
  if (what === undefined) return key
  const where = place === undefined ? undefined : places.read(place)
  return lineName({
    what: dissolved ? 'dissolved' : (WHAT[what] ?? what),
    ...(species === undefined ? {} : { species }),
    ...(where ? { where } : {}),
  })
}

/** Names the student's own lines of a question by what they are of. */
export function withLineIds(document: Readonly<Json>): (question: unknown) => unknown {
  const places = new Places(document)
  return (question) => {
    if (!isRecord(question) || question.own === undefined) return question
    const seen = new Set<string>()
    const own = mapList(question.own, (line) => {
      if (!isRecord(line) || typeof line.id !== 'string') return line
      const name = nameOf(line.id, places)
      // Two lines that could not be told apart are both kept: the later one under what it was called.
      const id = seen.has(name) ? line.id : name
      seen.add(id)
      return { ...line, id }
    })
    return { ...question, own }
  }
}
