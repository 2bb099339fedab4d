import { type ReadDraft, readDraft } from '../read.ts'

/** A part as it is expected, in the short form in which expectations are written. */
type ExpectedPart =
  | { readonly kind: 'weighing'; readonly of: string }
  | { readonly kind: 'solution'; readonly from: readonly string[]; readonly flask: string; readonly gives: string }
  | {
      readonly kind: 'titration'
      readonly burette: string
      readonly flask: readonly (readonly [label: string, volume: string])[]
      readonly indicator: string
      readonly perRun: boolean
    }
  | { readonly kind: 'heating'; readonly of: string; readonly lost: string | null }
  | { readonly kind: 'series'; readonly x: string; readonly y: string; readonly reading: string; readonly points: number }
  | { readonly kind: 'rack'; readonly tubes: Readonly<Record<string, readonly (readonly string[])[]>> }
  | {
      readonly kind: 'chromatogram'
      readonly labels: readonly string[]
      readonly known: readonly string[]
      readonly solvent: string
    }

/** What a sheet is expected to become, in the short form in which expectations are written. */
interface Expected {
  readonly materials: readonly {
    readonly label: string
    readonly form: string
    readonly solute?: string
    readonly strength?: { readonly value: string; readonly unit: string }
  }[]
  readonly parts: readonly ExpectedPart[]
  readonly questions: readonly { readonly quantity: string; readonly of?: string; readonly in?: string; readonly at?: string }[]
}

export interface Sheet {
  readonly id: string
  readonly manner: string
  readonly topic: string
  readonly set: string
  readonly text: string
  readonly expect: Expected
}

interface Counted {
  right: number
  missing: number
  extra: number
}
export interface Score {
  readonly materials: Counted
  readonly parts: Counted
  readonly acts: Counted
  readonly questions: Counted
  /** What was wrong, in words. */
  readonly wrong: readonly string[]
}

function compare(expected: readonly string[], found: readonly string[], what: string, wrong: string[]): Counted {
  const left = [...found]
  let right = 0
  for (const one of expected) {
    const at = left.indexOf(one)
    if (at >= 0) {
      left.splice(at, 1)
      right++
    } else wrong.push(`${what} missing: ${one}`)
  }
  for (const one of left) wrong.push(`${what} extra: ${one}`)
  return { right, missing: expected.length - right, extra: left.length }
}

const materialLine = (m: Expected['materials'][number]) =>
  `${m.label}|${m.form.replace('liquid', 'solution')}|${(m.solute ?? '').replace(/·/g, '.')}|${m.strength ? `${Number(m.strength.value)} ${m.strength.unit}` : ''}`
const volume = (text: string | undefined) => (text === undefined ? '' : String(Number(text)))
const pink = (name: unknown) =>
  typeof name === 'string' ? name.replace(/^(?:pink|violet|manganate\(VII\) itself)$/, 'pink').toLowerCase() : ''

function expectedPart(p: ExpectedPart): string {
  switch (p.kind) {
    case 'weighing':
      return `weighing ${p.of}`
    case 'solution':
      return `solution ${p.from.join('+')} in ${volume(p.flask)} gives ${p.gives}`
    case 'titration':
      return `titration ${p.burette} into ${p.flask
        .map(([label, v]) => `${label} ${volume(v)}`)
        .toSorted()
        .join('+')} ${pink(p.indicator)}${p.perRun ? ' per run' : ''}`
    case 'heating':
      return `heating ${p.of} loses ${p.lost ?? 'undefined'}`
    case 'series':
      return `series ${p.x} ${p.y} ${p.reading} ${p.points}`
    case 'chromatogram':
      return `chromatogram ${p.labels.join(',')} with ${p.known.join(',')} in ${p.solvent}`
    default:
      return 'rack'
  }
}

function foundPart(p: ReadDraft['draft']['parts'][number]): string {
  switch (p.kind) {
    case 'weighing':
      return `weighing ${p.of}`
    case 'solution':
      return `solution ${p.sources.map((one) => one.weighing ?? one.material).join('+')} in ${volume(p.flask)} gives ${p.gives}`
    case 'titration':
      return `titration ${p.burette} into ${p.flask
        .filter(({ material }) => (/^[A-Z]{1,4} ?\d{0,2}$/.test(material) && material !== 'KI') || /^solution of/.test(material))
        .map((one) => `${one.material} ${volume(one.volume)}`)
        .toSorted()
        .join('+')} ${pink(p.indicator)}${p.weighings.length > 0 ? ' per run' : ''}`
    case 'heating':
      return `heating ${p.of} loses ${p.lost ?? 'undefined'}`
    case 'series':
      return `series ${p.x.name === 'time' ? 'time' : 'volume'} ${p.y.name === 'temperature' ? 'temperature' : 'volume'} ${p.reading} ${p.planned.length}`
    case 'chromatogram':
      return `chromatogram ${p.spots
        .filter((one) => !one.known)
        .map((one) => one.label)
        .join(',')} with ${p.spots
        .filter((one) => one.known)
        .map((one) => one.label)
        .join(',')} in ${p.solvent}`
    default:
      return 'rack'
  }
}

const paper = (text: string) => (/cobalt/.test(text) ? 'cobalt chloride paper' : /litmus/.test(text) ? 'red litmus' : text)
/** Acts of a tube in one way of writing: warming with a paper is one act, and what is not said of an amount is some drops. */
function actsOf(acts: readonly string[]): string {
  const lines = acts.map((one) => one.split('|'))
  const out: string[] = []
  for (const [act = '', reagent = '', amount = ''] of lines) {
    const last = out.at(-1)
    if (act === 'gas' && /litmus|paper|limewater|splint/.test(reagent) && (last === 'warm|' || last === 'heat|')) {
      out[out.length - 1] = `${last}${paper(reagent)}`
      continue
    }
    const tidy = /^\d+ drops$|^$|^few drops$|^1 drop$|^\d cm depth$|^little$/.test(amount) ? 'drops' : amount
    out.push(
      act === 'add'
        ? `${act}|${reagent}|${tidy}`
        : act === 'dissolve'
          ? `${act}|${reagent}`
          : `${act}|${/litmus|paper/.test(reagent) ? paper(reagent) : reagent}`,
    )
  }
  return out.join(' > ')
}

function expectedTubes(parts: readonly ExpectedPart[]): string[] {
  return parts.flatMap((part) =>
    part.kind === 'rack'
      ? Object.entries(part.tubes).flatMap(([label, tubes]) => tubes.map((acts) => `${label}: ${actsOf(acts)}`))
      : [],
  )
}

function foundTubes({ draft }: ReadDraft): string[] {
  return draft
    .of('rack')
    .flatMap(({ samples }) =>
      samples.flatMap(({ material, tubes }) =>
        tubes.map(
          ({ acts }) =>
            `${material}: ${actsOf(acts.flatMap((act) => [...(act.with ?? []).map((one) => `add|${one.reagent}|${one.amount ?? ''}`), `${act.do}|${act.reagent ?? ''}|${act.amount ?? ''}`]))}`,
        ),
      ),
    )
}

const questionLine = (q: { quantity: string; of?: string; in?: string; at?: string }) =>
  `${q.quantity} ${(q.of ?? '').replace(/\^/g, '')} in ${q.in ?? ''}${q.at === undefined ? '' : ` at ${Number(q.at)}`}`

/** Compares what a sheet is read into with what it is expected to become. */
export function score(sheet: Sheet, read: ReadDraft = readDraft(sheet.text)): Score {
  const wrong: string[] = []
  const { draft, questions } = read
  const found = [...draft.materials.values()]
  const materials = compare(
    sheet.expect.materials.map(materialLine),
    found
      .filter(({ label }) => isOfTheBench(sheet, label))
      .map((m) =>
        materialLine(
          (m.inferred !== undefined && sheet.expect.materials.find((one) => one.label === m.label)?.solute === undefined
            ? { ...m, solute: undefined }
            : m) as never,
        ),
      ),
    'material',
    wrong,
  )
  const parts = compare(
    sheet.expect.parts.filter((p) => p.kind !== 'rack').map(expectedPart),
    // A titration that is followed by temperature belongs to its run of readings.
    draft.parts.filter((p) => p.kind !== 'rack' && !(p.kind === 'titration' && p.crossingOf !== undefined)).map(foundPart),
    'part',
    wrong,
  )
  const acts = compare(expectedTubes(sheet.expect.parts), foundTubes(read), 'tube', wrong)
  const asked = compare(
    sheet.expect.questions.map(questionLine),
    questions
      .map(({ find }) => find)
      .filter(({ quantity }) => quantity !== 'words')
      .map((q) => questionLine(q)),
    'question',
    wrong,
  )
  return { materials, parts, acts, questions: asked, wrong }
}

/** Bottles without a label that only help (a buffer, an acid by its name) are not listed in the older expectations. */
const isOfTheBench = (sheet: Sheet, label: string) =>
  sheet.expect.materials.some((m) => m.label === label) || (/^[A-Z]{1,3} ?\d{0,2}$/.test(label) && !/^(?:KI|HI|KHP)$/.test(label))
