import { decimalPlaces } from '../number/index.ts'
import type { Rest } from '../reckon/index.ts'
import { byKind, findById, findPart, type PartOf, partTitle, type Task } from '../record/index.ts'
import { type Assessment, assessTitration, massesFrom } from '../titration/index.ts'
import { balanceSource } from './balance.ts'
import { buretteSource, titreSource } from './burette.ts'
import { cylinderSource, flaskSource, pipetteSource } from './glass.ts'
import { seriesSource } from './series.ts'
import type { Source } from './source.ts'

const there = (sources: readonly (Source | undefined)[]): readonly Source[] => sources.filter((source) => source !== undefined)

/** Things that are alike in something, together, in the order in which they first appear. */
function alikeIn<Thing>(things: readonly Thing[], trait: (thing: Thing) => string | number): readonly (readonly Thing[])[] {
  const groups = new Map<string | number, Thing[]>()
  for (const thing of things) {
    const key = trait(thing)
    const group = groups.get(key)
    if (group) group.push(thing)
    else groups.set(key, [thing])
  }
  return [...groups.values()]
}

/** The part of the record that something read stands in. */
function partOf(task: Task, { at = [] }: Rest): Task['parts'][number] | undefined {
  const [list, id] = at
  return list === 'parts' && id !== undefined ? findById(task.parts, id) : undefined
}

/** Something read with the part it belongs to. */
interface Placed {
  readonly rest: Rest
  readonly part: Task['parts'][number]
}

type Means = 'pipette' | 'burette' | 'cylinder' | 'flask'

const NO_VESSEL = () => undefined

/** What a volume of a part was measured with, or undefined where it is none of a vessel's. */
const vesselOf = byKind<Means | undefined, [of: Rest['of']]>({
  solution: (_, of) => (of.place?.kind === 'material' ? 'flask' : 'pipette'),
  titration: (part, of) => {
    if (of.place?.role !== 'flask') return undefined
    const content = part.flask[of.place.item ?? -1]
    // Where nothing is said, a portion that is measured at all is measured by pipette (common practice).
    return content && 'material' in content ? (content.by ?? 'pipette') : undefined
  },
  weighing: NO_VESSEL,
  heating: NO_VESSEL,
  series: NO_VESSEL,
  rack: NO_VESSEL,
  chromatogram: NO_VESSEL,
  note: NO_VESSEL,
})

const meansOf = ({ rest: { of }, part }: Placed) => (of.what === 'volume' ? vesselOf(part, of) : undefined)

const [YES, NO] = [() => true, () => false]

/** Whether a part's numbers are read off a balance. */
const isWeighed = byKind<boolean>({
  weighing: YES,
  heating: YES,
  solution: NO,
  titration: NO,
  series: NO,
  rack: NO,
  chromatogram: NO,
  note: NO,
})

function portionSources(task: Task, placed: readonly Placed[]): readonly Source[] {
  const glassClass = task.conventions.burette.class
  const measured = placed.flatMap((one) => {
    const means = meansOf(one)
    return means === undefined || means === 'burette' ? [] : [{ means, volume: one.rest.text, key: one.rest.key }]
  })
  const alike = alikeIn(measured, ({ means, volume }) => `${means} ${volume}`)
  const builders = { pipette: pipetteSource, flask: flaskSource, cylinder: cylinderSource }
  return there(
    alike.map(([first, ...more]) =>
      first
        ? builders[first.means]({ keys: [first, ...more].map(({ key }) => key), volume: first.volume, glassClass })
        : undefined,
    ),
  )
}

function titreSources(task: Task, placed: readonly Placed[]): readonly Source[] {
  const { conventions } = task
  const setting = { conventions, massOfRun: massesFrom(task) }
  const titres = placed.flatMap(({ rest: { key, of }, part }) =>
    part.kind === 'titration' && of.place?.role === 'titre'
      ? [{ key, part, run: of.place.run, isBlank: of.detail === 'blank' }]
      : [],
  )
  const assessments = new Map([...new Set(titres.map(({ part }) => part))].map((part) => [part, assessTitration(part, setting)]))
  const portions = placed.filter((one) => meansOf(one) === 'burette').map(({ rest }) => rest.key)
  return there([
    ...titres.map(({ key, part, run, isBlank }) =>
      titreSource({
        part,
        name: partTitle(task, part),
        assessment: assessments.get(part) as Assessment,
        conventions,
        key,
        isBlank,
        ...(run === undefined ? {} : { run }),
      }),
    ),
    buretteSource([...titres.flatMap(({ key, isBlank }) => (isBlank ? [] : [key])), ...portions], conventions),
  ])
}

function massSources(placed: readonly Placed[]): readonly Source[] {
  const masses = placed.filter(({ part }) => isWeighed(part)).map(({ rest }) => rest)
  return there(alikeIn(masses, ({ text }) => decimalPlaces(text)).map(balanceSource))
}

function seriesSources(task: Task, rests: readonly Rest[]): readonly Source[] {
  const ids = new Set(rests.flatMap(({ of }) => (of.place?.kind === 'series' ? [of.place.id] : [])))
  return there(
    [...ids].map((id) => {
      const part: PartOf<'series'> | undefined = findPart(task, 'series', id)
      return part && seriesSource(part, rests)
    }),
  )
}

/** What makes an answer of this task unsure, from what it rests on. */
export function sourcesOf(task: Task, rests: readonly Rest[]): readonly Source[] {
  const placed = rests.flatMap((rest) => {
    const part = partOf(task, rest)
    return part ? [{ rest, part }] : []
  })
  return [...massSources(placed), ...portionSources(task, placed), ...titreSources(task, placed), ...seriesSources(task, rests)]
}

/** What is stated rather than measured, and so taken as exact: strengths on labels. */
export function statedIn(rests: readonly Rest[]): readonly string[] {
  return rests
    .filter(
      ({ at, of }) =>
        at !== undefined && (of.what === 'concentration' || of.what === 'mass concentration') && of.species !== undefined,
    )
    .map(({ says, text }) => `${says} (${text})`)
}
