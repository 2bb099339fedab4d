import { decimalPlaces, Exact } from '../number/index.ts'
import type { Problem } from '../problem/index.ts'
import { entryText, materialLabel, type PartOf, path, type Task } from '../record/index.ts'

type Weighing = PartOf<'weighing'>
const FIELDS = ['container', 'withSample', 'withResidue', 'mass'] as const
type Field = (typeof FIELDS)[number]

interface Pair {
  readonly heavier: Field
  readonly lighter: Field
  readonly code: string
  readonly says: (heavier: string, lighter: string) => string
  readonly mend: string
}

/** Pairs of which the first must be the heavier. */
const ORDER: readonly Pair[] = [
  {
    heavier: 'withSample',
    lighter: 'withResidue',
    code: 'weighing.residueHeavier',
    says: (heavier, lighter) =>
      `Container + residue, ${lighter} g, is not lighter than container + sample, ${heavier} g: no sample would have been taken.`,
    mend: 'Swapped? Or the lid was off at one of them. Look at both again.',
  },
  {
    heavier: 'withSample',
    lighter: 'container',
    code: 'weighing.containerHeavier',
    says: (heavier, lighter) => `The empty container, ${lighter} g, is not lighter than container + sample, ${heavier} g.`,
    mend: 'Swapped? Look at both again.',
  },
]

function checkOrder(part: Weighing): readonly Problem[] {
  return ORDER.flatMap(({ heavier, lighter, code, says, mend }): Problem[] => {
    const [more, less] = [part[heavier], part[lighter]]
    if (more === undefined || less === undefined || new Exact(entryText(more)).gt(entryText(less))) return []
    const [moreText, lessText] = [entryText(more), entryText(less)]
    const fieldAt = (field: Field) => path('parts', part.id, field)
    return [
      {
        level: 'error',
        code,
        at: fieldAt(lighter),
        says: says(moreText, lessText),
        mend,
        offer: {
          label: 'Swap them',
          set: [
            { at: fieldAt(heavier), text: lessText },
            { at: fieldAt(lighter), text: moreText },
          ],
        },
      },
    ]
  })
}

/** What is left in the container is at least the container. */
function checkResidue(part: Weighing): readonly Problem[] {
  const { container, withResidue } = part
  if (container === undefined || withResidue === undefined || new Exact(entryText(withResidue)).gte(entryText(container)))
    return []
  return [
    {
      level: 'error',
      code: 'weighing.residueBelowContainer',
      at: path('parts', part.id, 'withResidue'),
      says: `Container + residue, ${entryText(withResidue)} g, weighs less than the empty container, ${entryText(container)} g.`,
      mend: 'Another container, the lid left off, or a misreading: weigh again if you can.',
    },
  ]
}

/** A balance is read to its full display, so all its readings have the same decimals. */
function checkPlaces(part: Weighing): readonly Problem[] {
  const written = FIELDS.flatMap((field) => {
    const entry = part[field]
    return entry === undefined ? [] : [{ field, text: entryText(entry) }]
  })
  const most = Math.max(...written.map(({ text }) => decimalPlaces(text)))
  return written
    .filter(({ text }) => decimalPlaces(text) < most)
    .map(({ field, text }): Problem => {
      const at = path('parts', part.id, field)
      const full = new Exact(text).toFixed(most)
      return {
        level: 'advice',
        code: 'weighing.places',
        at,
        says: `${text} g has fewer decimals than the other weighing: a balance is written to its full display.`,
        mend: `If it showed ${full}, write that.`,
        offer: { label: `Write ${full}`, set: [{ at, text: full }] },
      }
    })
}

function checkSize(task: Task, part: Weighing): readonly Problem[] {
  return FIELDS.flatMap((field): Problem[] => {
    const entry = part[field]
    if (entry === undefined || new Exact(entryText(entry)).gt(0)) return []
    return [
      {
        level: 'error',
        code: 'weighing.notPositive',
        at: path('parts', part.id, field),
        says: `A mass of ${entryText(entry)} g cannot be.`,
        mend: `Weigh ${materialLabel(task, part.of)} again, or strike this reading.`,
      },
    ]
  })
}

function checkLid(part: Weighing): readonly Problem[] {
  if (part.lid !== 'first' && part.lid !== 'second') return []
  return [
    {
      level: 'query',
      code: 'weighing.lidOnce',
      at: path('parts', part.id, 'lid'),
      says: `The lid was on at the ${part.lid} weighing only, so its mass is in the difference.`,
      mend: 'Weigh with the lid both times or neither; weigh the lid alone if it is too late.',
    },
  ]
}

/** Everything that looks wrong in a weighing. */
export function checkWeighing(task: Task, part: Weighing): readonly Problem[] {
  return [...checkSize(task, part), ...checkOrder(part), ...checkResidue(part), ...checkPlaces(part), ...checkLid(part)]
}
