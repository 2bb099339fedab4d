import { MaterialSchema, newTask, type Part, type PartOf, QuestionSchema, readTask, type Task } from '../../record/index.ts'
import type { AskedFind, AskedQuestion } from '../ask/find.ts'
import { itemsIn } from '../ask/items.ts'
import type { Draft } from '../draft/Draft.ts'
import type { DraftPart, DraftPartOf, Held } from '../draft/parts.ts'
import type { SheetMaterial } from '../label/material.ts'
import type { ReadDraft } from '../read.ts'
import { asWritten } from '../text/plain.ts'
import { minutesOf, titleOf } from './title.ts'

/** A label as the id of its material: what no id may hold is written otherwise. */
export const materialId = (label: string): string =>
  /^[wh]\d+$/.test(label) ? `bottle ${label}` : label.trim().replace(/[./#]/g, '-').slice(0, 60) || 'bottle'

type Written<Kind extends Part['kind']> = Omit<PartOf<Kind>, 'id' | 'kind' | 'title'>

const held = ({ material, volume, by }: Held) => ({
  material: materialId(material),
  ...(volume === undefined ? {} : { volume }),
  ...(by === undefined ? {} : { by }),
})

/** "Run a blank first": what the indicator and the water take by themselves. */
const asksBlank = ({ block }: DraftPartOf<'titration'>, { reads }: Draft) =>
  reads.some(
    ({ sentence }) =>
      sentence.block === block && /\b(?:run|do|carry out|titrate|make) (?:an? )?blank\b|\bblank titration\b/i.test(sentence.text),
  )

function writeTitration(part: DraftPartOf<'titration'>, draft: Draft, runs: number): Written<'titration'> {
  const followed = part.crossingOf === undefined ? {} : { crossingOf: part.crossingOf }
  const perRun = part.weighings.map((weighing, index) => ({ id: `run${index + 1}`, kind: 'accurate' as const, weighing }))
  const usual = [
    ...(asksBlank(part, draft) ? [{ id: 'blank1', kind: 'blank' as const }] : []),
    { id: 'rough1', kind: 'rough' as const },
    ...Array.from({ length: runs }, (_, index) => ({ id: `run${index + 1}`, kind: 'accurate' as const })),
  ]
  const before = draft.of('titration').find(({ id }) => id === part.continues)
  return {
    ...(part.burette === undefined ? {} : { burette: materialId(part.burette) }),
    // What goes on in the same flask has its portion from the titration before.
    flask: before === undefined ? part.flask.map(held) : [],
    ...(before === undefined ? {} : { continues: before.id }),
    reactions: part.equations.map(({ equation, role }) => ({ equation, role })),
    ...(part.indicator === undefined ? {} : { indicator: part.indicator }),
    ...followed,
    runs: part.crossingOf !== undefined ? [] : perRun.length > 0 ? perRun : usual,
  }
}

function writeRack(part: DraftPartOf<'rack'>): Written<'rack'> {
  return {
    samples: part.samples.map(({ material, tubes }) => ({
      material: materialId(material),
      tubes: tubes.map(({ acts }, index) => ({
        id: `${materialId(material)}${/\d$/.test(material) ? '-' : ''}${index + 1}`,
        cm3: '1',
        steps: [],
        planned: acts.map((act, place) => ({ ...act, id: `s${place + 1}` })),
      })),
    })),
    ...(part.allowed.length > 0 ? { allowed: part.allowed } : {}),
    ...(part.listed.length > 0 ? { listed: part.listed } : {}),
  }
}

/** A part of a draft as the record writes it. */
function writePart(part: DraftPart, draft: Draft, runs: number): Part {
  const base = { id: part.id, ...(part.title === undefined ? {} : { title: part.title.slice(0, 200) }) }
  switch (part.kind) {
    case 'weighing':
      return { ...base, kind: 'weighing', of: materialId(part.of) }
    case 'solution':
      return {
        ...base,
        kind: 'solution',
        from: part.sources.map((source) =>
          source.weighing === undefined
            ? { material: materialId(source.material), volume: source.volume ?? '0' }
            : { weighing: source.weighing },
        ),
        ...(part.flask === undefined ? {} : { flask: part.flask }),
        gives: materialId(part.gives ?? 'made-up solution'),
        ...(part.reactions === undefined ? {} : { reactions: part.reactions }),
      }
    case 'titration':
      return { ...base, kind: 'titration', ...writeTitration(part, draft, runs) }
    case 'heating':
      return {
        ...base,
        kind: 'heating',
        of: materialId(part.of ?? 'solid'),
        masses: [],
        ...(part.lost === undefined ? {} : { lost: part.lost }),
        ...(part.equation === undefined ? {} : { equation: part.equation }),
        ...(part.within === undefined ? {} : { within: part.within }),
      }
    case 'series':
      return {
        ...base,
        kind: 'series',
        x: part.x,
        y: part.y,
        points: [],
        ...(part.planned.length > 0 ? { planned: part.planned } : {}),
        reading: part.reading,
        ...(part.mixedAt === undefined ? {} : { mixedAt: part.mixedAt }),
        ...(part.unknown === undefined ? {} : { unknowns: [{ id: 'u1', label: part.unknown.slice(0, 120), readings: [] }] }),
      }
    case 'rack':
      return { ...base, kind: 'rack', ...writeRack(part) }
    case 'chromatogram':
      return {
        ...base,
        kind: 'chromatogram',
        spots: [],
        planned: part.spots.map(({ label, known }) => ({ label, ...(known ? { known } : {}) })),
        ...(part.unit === undefined ? {} : { unit: part.unit }),
        ...(part.solvent === undefined ? {} : { solvent: part.solvent.slice(0, 120) }),
      }
  }
}

function writeMaterial({ label, form, solute, strength, note }: SheetMaterial): Task['materials'][number] {
  const material = {
    id: materialId(label),
    label: label.slice(0, 120),
    form,
    ...(solute === undefined ? {} : { solute }),
    ...(strength ? { strength } : {}),
    ...(note === undefined ? {} : { note }),
  }
  return MaterialSchema.parse(material)
}

/** What is asked, with bottles by their ids. */
function writeFind(find: AskedFind, words: string): Record<string, unknown> {
  const isPart = (place: string) => /^[wthm]\d+(?:\/|$)/.test(place)
  return {
    ...find,
    ...(find.in === undefined ? {} : { in: isPart(find.in) ? find.in : materialId(find.in) }),
    ...(find.quantity === 'molarMass' && find.of !== undefined ? { of: materialId(find.of) } : {}),
    ...(find.quantity === 'perItem' ? { items: itemsIn(words) } : {}),
  }
}

/** A question as the record writes it; one that it cannot work out is asked in words. */
function writeQuestion({ text, number, find, figures }: AskedQuestion, index: number, words: string): Task['questions'][number] {
  const base = {
    id: `q${index + 1}`,
    text: text.slice(0, 2000),
    ...(number === '' ? {} : { number: number.slice(0, 40) }),
    ...(figures === undefined ? {} : { figures }),
  }
  const written = QuestionSchema.safeParse({ ...base, find: writeFind(find, words) })
  return written.success ? written.data : QuestionSchema.parse({ ...base, find: { quantity: 'words' } })
}

/**
 * The task that a sheet is read into: valid, and ready for readings.
 *
 * @param random - where its id comes from: numbers from 0 up to 1
 */
export function toTask({ draft, questions, conventions }: ReadDraft, text: string, random: () => number): Task {
  const parts = draft.parts.map((part) => writePart(part, draft, conventions.concordance.runs))
  const materials = [...draft.materials.values()].map(writeMaterial)
  const named = new Set(materials.map(({ id }) => id))
  const minutes = minutesOf(draft.words)
  return readTask({
    ...newTask(titleOf(draft), 'empty', random),
    ...(minutes === undefined ? {} : { minutes }),
    conventions,
    brief: { text },
    materials: [...materials, ...openPlaces(parts, named)],
    parts,
    questions: questions.map((question, index) => {
      const sentence = draft.reads.find((read) => read.sentence.n === question.sentence)?.sentence
      return writeQuestion(sentence ? { ...question, text: asWritten(text, sentence) } : question, index, draft.words)
    }),
  })
}

/** Bottles that parts speak of before anybody has said what they are. */
function openPlaces(parts: readonly Part[], named: ReadonlySet<string>): readonly Task['materials'][number][] {
  const spoken = parts.flatMap((part): Pick<Task['materials'][number], 'id' | 'form'>[] =>
    part.kind === 'solution'
      ? [{ id: part.gives, form: 'solution' }]
      : part.kind === 'heating' || part.kind === 'weighing'
        ? [{ id: part.of, form: 'solid' }]
        : [],
  )
  const open = new Map(spoken.filter(({ id }) => !named.has(id)).map((one) => [one.id, one]))
  return [...open.values()].map(({ id, form }) => ({ id, label: id, form }))
}
