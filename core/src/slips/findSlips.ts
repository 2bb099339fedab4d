import { Exact } from '../number/index.ts'
import {
  heated,
  inMaterial,
  inTitration,
  type Key,
  keyOf,
  type OpenNetwork,
  onSeries,
  type QuantityOf,
  weighed,
} from '../reckon/index.ts'
import { byKind, entryText, makerOf, type PartOf, partTitle, type Task } from '../record/index.ts'
import { assessTitration, massesFrom, titreOf } from '../titration/index.ts'
import { type Setting, SLIPS, type Slip } from './catalogue.ts'
import { wrongIndicator } from './wrongIndicator.ts'

/** A slip at a place of this task: which readings it would move, and by what. */
export interface PossibleSlip {
  readonly slip: Slip
  /** Where: a stage's title, where the task has several it could happen at. */
  readonly where: string
  /** Keys of the readings it moves; none for a slip without effect. */
  readonly keys: readonly Key[]
  readonly setting: Omit<Setting, 'size'>
}

type Titration = PartOf<'titration'>

/** The volumetric flask a titrated portion came from, if it was made up from a weighed solid or a measured portion. */
export function flaskBehind(task: Task, part: Titration): { aliquot?: Exact; flask?: Exact; pipette: boolean; flaskKey?: Key } {
  for (const content of part.flask) {
    if (!('material' in content)) continue
    const made = makerOf(task, content.material)
    const aliquot = content.volume === undefined ? {} : { aliquot: new Exact(entryText(content.volume)) }
    const pipette = content.by === 'pipette' || content.by === undefined
    if (made?.flask !== undefined)
      return {
        ...aliquot,
        flask: new Exact(made.flask),
        pipette,
        flaskKey: keyOf({ what: 'volume', place: inMaterial(made.gives) }),
      }
    if (content.by === 'pipette') return { ...aliquot, pipette }
  }
  return { pipette: false }
}

function meets(slip: Slip, has: Readonly<Record<string, unknown>>): boolean {
  return (slip.needs ?? []).every((need) => has[need] !== undefined && has[need] !== false)
}

/** Keys of the titres of a part that are known: of the titration as a whole, or of each of its runs. */
export function titreKeysOf(part: Task['parts'][number], network: OpenNetwork): readonly Key[] {
  if (part.kind !== 'titration') return []
  const flasks = [{ part }, ...part.runs.map((_, run) => ({ part, run }))]
  const givens = flasks.flatMap((flask) => network.givensAt(inTitration(flask, 'titre')))
  return givens.flatMap(({ key, of }) => (of.what === 'volume' && of.detail !== 'blank' ? [key] : []))
}

function titrationSlips(task: Task, part: Titration, network: OpenNetwork): readonly PossibleSlip[] {
  const titreKeys = titreKeysOf(part, network)
  if (titreKeys.length === 0) return []
  const behind = flaskBehind(task, part)
  const rough = part.runs
    .filter(({ kind, use }) => kind === 'rough' && use !== 'yes')
    .flatMap((run) => titreOf(run, task.conventions.burette)?.volume ?? [])[0]
  const runs = assessTitration(part, { conventions: task.conventions, massOfRun: massesFrom(task) }).used.length
  const equations = part.reactions.map(({ equation }) => equation).join(' ')
  const has = { ...behind, rough, several: runs > 1, iron: /Fe2\+|Fe\^2\+/.test(equations), manganate: /MnO4/.test(equations) }
  const where = partTitle(task, part)
  const wrong = wrongIndicator(task, part, network)
  const setting = { shift: wrong?.shift, aliquot: behind.aliquot, flask: behind.flask, rough, runs }
  return SLIPS.map((slip) => (slip.id === 'wrong-indicator' && wrong ? { ...slip, says: wrong.says } : slip))
    .filter((slip) => meets(slip, { ...has, shift: wrong?.shift }))
    .flatMap((slip): PossibleSlip[] => {
      if (slip.moves === 'titre') return [{ slip, where, keys: titreKeys, setting }]
      if (slip.moves === 'nothing') return [{ slip, where, keys: [], setting }]
      return slip.moves === 'flaskVolume' && behind.flaskKey ? [{ slip, where, keys: [behind.flaskKey], setting }] : []
    })
}

function readingSlips(task: Task, part: PartOf<'weighing'> | PartOf<'heating'>, network: OpenNetwork): readonly PossibleSlip[] {
  const readings = network.givensAt(part.kind === 'weighing' ? weighed(part.id) : heated(part.id))
  return SLIPS.flatMap((slip): PossibleSlip[] => {
    const moved = readings.find(({ of }) => of.what === slip.moves)
    return moved ? [{ slip, where: partTitle(task, part), keys: [moved.key], setting: {} }] : []
  })
}

/** What tells the temperature a run began with, as it is read off its lines. */
const STARTS: readonly Pick<QuantityOf, 'what' | 'detail'>[] = [
  { what: 'intercept', detail: '1' },
  { what: 'y read off', detail: 'before' },
  { what: 'y read off', detail: 'start' },
]

/** Slips of a thermometric run: they move every number read off its lines. */
function seriesSlips(task: Task, part: PartOf<'series'>, network: OpenNetwork): readonly PossibleSlip[] {
  const readOff = network.givensAt(onSeries(part.id)).filter(({ of }) => of.what !== 'x read off')
  if (readOff.length === 0 || !part.y.unit.includes('°')) return []
  const keys = readOff.map(({ key }) => key)
  const first = readOff.find(({ of }) => STARTS.some(({ what, detail }) => of.what === what && of.detail === detail))
  const start = first && network.given(first.key)
  return SLIPS.filter(({ moves }) => moves === 'series').map((slip) => ({
    slip,
    where: partTitle(task, part),
    keys,
    setting: { start },
  }))
}

/** Making up slips are those of the titration that uses the flask; tubes and spots have none that moves a reading. */
const NO_SLIPS = () => []

const slipsOf = byKind<readonly PossibleSlip[], [task: Task, network: OpenNetwork]>({
  weighing: (part, task, network) => readingSlips(task, part, network),
  solution: NO_SLIPS,
  titration: (part, task, network) => titrationSlips(task, part, network),
  heating: (part, task, network) => readingSlips(task, part, network),
  series: (part, task, network) => seriesSlips(task, part, network),
  rack: NO_SLIPS,
  chromatogram: NO_SLIPS,
  note: NO_SLIPS,
})

/** The slips that can happen in this task, in the order of its parts. */
export function findSlips(task: Task, network: OpenNetwork): readonly PossibleSlip[] {
  return task.parts.flatMap((part) => slipsOf(part, task, network))
}
