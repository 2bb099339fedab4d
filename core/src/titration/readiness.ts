import { buretteOf, entryText, findMaterial, materialLabel, type PartOf, type Task } from '../record/index.ts'
import { colourOfSolution } from '../substance/index.ts'

/** One thing to have done before the first run, with its reason. */
export interface ReadyLine {
  readonly id: string
  readonly says: string
  readonly because: string
  /** What is reported when it is done. */
  readonly was: string
}

/** Things to have done, piece by piece. */
export interface ReadyGroup {
  readonly piece: 'Burette' | 'Pipette' | 'Conical flask'
  readonly lines: readonly ReadyLine[]
}

function buretteLines(task: Task, part: PartOf<'titration'>): readonly ReadyLine[] {
  const label = materialLabel(task, buretteOf(part))
  const { dark } = colourOfSolution(findMaterial(task, buretteOf(part))?.solute)
  return [
    {
      id: 'burette-rinsed',
      says: `Rinsed with water, then with a little of ${label}, the tap open at the end`,
      because: `Water left in it would dilute ${label}, and every titre would be too large.`,
      was: `The burette was rinsed with water and then with ${label}`,
    },
    {
      id: 'burette-filled',
      says: `Filled with ${label} through a funnel held up a little, below eye level; funnel taken out`,
      because: 'A funnel left in drips during the run, and the titre comes out too small.',
      was: `It was filled with ${label} through a funnel, which was taken out`,
    },
    {
      id: 'jet-full',
      says: 'A little run through: jet full, no bubble',
      because: 'A bubble that leaves during the run counts as solution, and the titre is too large.',
      was: 'A little was run through, until the jet was full and without a bubble',
    },
    {
      id: 'read-level',
      says: dark
        ? 'Read at eye level, at the top of the meniscus, since the solution is too dark to see the bottom'
        : 'Read at eye level, at the bottom of the meniscus',
      because: 'From above the level seems higher, from below lower; both readings must be taken alike.',
      was: `It was read at eye level at the ${dark ? 'top' : 'bottom'} of the meniscus`,
    },
  ]
}

function pipetteLines(task: Task, part: PartOf<'titration'>): readonly ReadyLine[] {
  const portions = part.flask.flatMap((content) => ('material' in content && content.by === 'pipette' ? [content] : []))
  return portions.flatMap(({ material, volume }, index) => {
    const label = materialLabel(task, material)
    const size = volume === undefined ? '' : `${entryText(volume)} cm³ `
    return [
      {
        id: `pipette-${index}-rinsed`,
        says: `${size}pipette rinsed with water, then with ${label}; filled with a filler, never by mouth`,
        because: `Water left in it would take the place of ${label}, and the titre would be too small.`,
        was: `The ${size}pipette was rinsed with water and then with ${label}`,
      },
      {
        id: `pipette-${index}-drained`,
        says: 'Drained against the wall of the flask, last drop left in the tip',
        because: 'It is marked to deliver its volume so: blowing the last drop out gives too much.',
        was: 'It was drained against the wall of the flask, and the last drop was left in its tip',
      },
    ]
  })
}

const FLASK_LINES: readonly ReadyLine[] = [
  {
    id: 'flask-water',
    says: 'Rinsed with water only; it may stay wet',
    because: 'Water brings nothing that reacts; a rinse with the sample would add to the portion.',
    was: 'The conical flask was rinsed with water only',
  },
  {
    id: 'white-tile',
    says: 'On a white tile, swirled; splashes washed down with water',
    because: 'The first change of colour shows on white, and what sticks to the wall has not reacted yet.',
    was: 'It stood on a white tile and was swirled; splashes were washed down with water',
  },
]

/** What to have ready before the first run, piece by piece, each line with its reason (common practice). */
export function readinessOf(task: Task, part: PartOf<'titration'>): readonly ReadyGroup[] {
  const pipette = pipetteLines(task, part)
  return [
    { piece: 'Burette', lines: buretteLines(task, part) },
    ...(pipette.length > 0 ? [{ piece: 'Pipette' as const, lines: pipette }] : []),
    { piece: 'Conical flask', lines: FLASK_LINES },
  ]
}
