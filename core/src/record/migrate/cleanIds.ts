import { idFault, LONGEST_ID } from '../ids.ts'
import { isRecord, type Json, mapList, recordsIn } from './json.ts'

type Names = ReadonlyMap<string, string>

const idOf = ({ id }: Json): string | undefined => (typeof id === 'string' ? id : undefined)
const idsIn = (list: unknown): readonly string[] => recordsIn(list).flatMap((thing) => idOf(thing) ?? [])

/** An id as it may be written today, and that is not taken. */
function cleanId(id: string, taken: ReadonlySet<string>): string {
  const plain = id
    .normalize('NFC')
    .replace(/[./#]/g, '-')
    .replace(/\p{C}/gu, '')
    .trim()
    .slice(0, LONGEST_ID - 4)
  const free = idFault(plain) === undefined ? plain : `x-${plain.replaceAll('_', '')}`
  for (let number = 1; ; number++) {
    const tried = number === 1 ? free : `${free}-${number}`
    if (!taken.has(tried)) return tried
  }
}

/** New names for the ids that are refused today or shut to their list; none that others have already. */
function cleaned(ids: readonly string[], shut: ReadonlySet<string> = new Set(), others: readonly string[] = []): Names {
  const taken = new Set([...ids, ...others])
  const names = new Map<string, string>()
  for (const id of ids) {
    if (names.has(id) || (idFault(id) === undefined && !shut.has(id))) continue
    const free = cleanId(id, taken)
    taken.add(free)
    names.set(id, free)
  }
  return names
}

const PLACE = /^(.*)\/(flask|titre|before)$/s
/** Quantities whose `in` names a part; in others it names a material, and in `mass` and `amount` either. */
const OF_PARTS: ReadonlySet<unknown> = new Set(['meanTitre', 'crossing', 'gradient', 'rise'])
const OF_EITHER: ReadonlySet<unknown> = new Set(['mass', 'amount'])

class Renamer {
  private readonly materials: Names
  private readonly parts: Names
  private readonly questions: Names
  private readonly weighed: ReadonlySet<string>

  constructor(document: Readonly<Json>) {
    this.materials = cleaned(idsIn(document.materials))
    const parts = recordsIn(document.parts)
    const weighed = parts.filter(({ kind }) => kind === 'weighing' || kind === 'heating').flatMap((part) => idOf(part) ?? [])
    this.weighed = new Set(weighed)
    const materials = idsIn(document.materials).map((id) => this.materials.get(id) ?? id)
    const shared = new Set(weighed.filter((id) => materials.includes(id)))
    this.parts = cleaned(idsIn(document.parts), shared, materials)
    this.questions = cleaned(idsIn(document.questions))
  }

  private in(names: Names, thing: Json, ...fields: readonly string[]): Json {
    const changed = { ...thing }
    for (const field of fields) {
      const name = thing[field]
      if (typeof name === 'string') changed[field] = names.get(name) ?? name
    }
    return changed
  }

  private content = (content: unknown): unknown =>
    isRecord(content) ? this.in(this.parts, this.in(this.materials, content, 'material'), 'weighing') : content

  private part = (part: unknown): unknown => {
    if (!isRecord(part)) return part
    const named = this.in(this.materials, this.in(this.parts, part, 'id', 'continues'), 'of', 'gives', 'burette')
    const compareWith = mapList(part.compareWith, (id) => (typeof id === 'string' ? (this.parts.get(id) ?? id) : id))
    return {
      ...named,
      ...(part.from === undefined ? {} : { from: mapList(part.from, this.content) }),
      ...(Array.isArray(part.flask) ? { flask: mapList(part.flask, this.content) } : {}),
      ...(part.runs === undefined ? {} : { runs: mapList(part.runs, this.content) }),
      ...(part.compareWith === undefined ? {} : { compareWith }),
      ...(part.samples === undefined ? {} : { samples: this.samples(part.samples) }),
    }
  }

  /** Tubes have a name of their own in their rack; samples that stand there twice become one. */
  private samples(samples: unknown): unknown {
    if (!Array.isArray(samples)) return samples
    const named = samples.map((sample) => (isRecord(sample) ? this.in(this.materials, sample, 'material') : sample))
    const joined: unknown[] = []
    const places = new Map<unknown, number>()
    for (const sample of named) {
      const place = isRecord(sample) ? places.get(sample.material) : undefined
      if (isRecord(sample) && place !== undefined) joined[place] = joinSamples(joined[place] as Json, sample)
      else {
        if (isRecord(sample)) places.set(sample.material, joined.length)
        joined.push(sample)
      }
    }
    return withTubeNames(joined)
  }

  private question = (question: unknown): unknown => {
    if (!isRecord(question)) return question
    const named = this.in(this.questions, question, 'id')
    return isRecord(question.find) ? { ...named, find: this.find(question.find) } : named
  }

  /** Answers that a calculation is worked with. */
  private answersIn(worked: unknown): unknown {
    if (!isRecord(worked)) return worked
    return Object.fromEntries(
      Object.entries(worked).map(([name, one]) => [
        name,
        isRecord(one) && 'answer' in one ? this.in(this.questions, one, 'answer') : one,
      ]),
    )
  }

  private find(find: Json): Json {
    const { quantity } = find
    if (quantity === 'percentError') return this.in(this.questions, find, 'answer')
    if (quantity === 'sum') return find.with === undefined ? find : { ...find, with: this.answersIn(find.with) }
    if (quantity === 'molarMass') return this.in(this.materials, find, 'of')
    if (OF_PARTS.has(quantity)) return this.in(this.parts, find, 'in')
    if (!OF_EITHER.has(quantity)) return this.in(this.materials, find, 'in')
    const place = typeof find.in === 'string' ? find.in : ''
    if (this.weighed.has(place)) return this.in(this.parts, find, 'in')
    const [, part, role] = PLACE.exec(place) ?? []
    if (part !== undefined && this.parts.has(part)) return { ...find, in: `${this.parts.get(part)}/${role}` }
    return this.in(this.materials, find, 'in')
  }

  apply(document: Readonly<Json>): Json {
    return {
      ...document,
      ...(document.materials === undefined
        ? {}
        : { materials: mapList(document.materials, (one) => (isRecord(one) ? this.in(this.materials, one, 'id') : one)) }),
      ...(document.parts === undefined ? {} : { parts: mapList(document.parts, this.part) }),
      ...(document.questions === undefined ? {} : { questions: mapList(document.questions, this.question) }),
    }
  }
}

function joinSamples(first: Json, second: Json): Json {
  const conclusions = [first.conclusion, second.conclusion].filter((one) => typeof one === 'string' && one !== '')
  const both = [first.tubes, second.tubes]
  return {
    ...first,
    ...second,
    tubes: both.flatMap((tubes) => (Array.isArray(tubes) ? tubes : [])),
    ...(conclusions.length > 0 ? { conclusion: conclusions.join('; ') } : {}),
  }
}

/** A tube whose name is refused, or stands in the rack already, is called otherwise; what goes on from it is led there. */
function withTubeNames(samples: readonly unknown[]): unknown {
  const all = recordsIn(samples).flatMap(({ tubes }) => idsIn(tubes))
  const names = cleaned(all)
  const taken = new Set([...all, ...names.values()])
  const seen = new Set<string>()
  const nameOf = (id: string): string => names.get(id) ?? id
  const tube = (one: unknown): unknown => {
    if (!isRecord(one)) return one
    const from = typeof one.from === 'string' ? { from: nameOf(one.from) } : {}
    const id = idOf(one)
    if (id === undefined) return { ...one, ...from }
    let name = nameOf(id)
    if (seen.has(name)) {
      name = cleanId(name, taken)
      taken.add(name)
    }
    seen.add(name)
    return { ...one, id: name, ...from }
  }
  return mapList(samples, (sample) => (isRecord(sample) ? { ...sample, tubes: mapList(sample.tubes, tube) } : sample))
}

/** A file of version 1 with the ids that cannot stand today written otherwise, wherever they stand. */
export const withCleanIds = (document: Readonly<Json>): Json => new Renamer(document).apply(document)
