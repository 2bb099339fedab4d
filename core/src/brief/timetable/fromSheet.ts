import type { Task } from '../../record/index.ts'
import type { SheetReading } from '../sheet/readSheet.ts'
import type { RunStep } from '../steps/step.ts'
import { paceOf } from './pace.ts'
import type { Begun, PlannedStep, Progress } from './problem.ts'

type Brief = NonNullable<Task['brief']>
type Times = NonNullable<Brief['steps']>

/** Steps that take time: what only tells of bottles or ways is done in no minute. */
const isTimed = ({ minutes, kind }: RunStep): boolean => minutes.hands + minutes.wait > 0 && kind !== 'material'

/** Getting a burette ready needs nothing that comes before it: it is done while something settles or cools. */
const PREPARES = /^(?:rinse|fill|rinse and fill|fold|label|set up|damp)\b(?!.*\b(?:titrate|pipette)\b)/i
const WET: ReadonlySet<RunStep['kind']> = new Set(['weigh', 'make up', 'portion', 'titrate', 'handling', 'repeat', 'not read'])

/** Steps that follow one another belong to one line of work; the lines of a sheet can go on beside each other. */
function lineOf(step: RunStep, part: string): string {
  if (step.kind === 'tubes') return `${part} tubes ${step.number}`
  return `${part} ${WET.has(step.kind) ? 'wet' : step.kind}`
}

function usesOf({ kind, text }: RunStep): PlannedStep['uses'] {
  const burner = /\b(?:heat|boil|warm|flame|ignite|roast)/i.test(text)
  return [
    ...(kind === 'weigh' ? [{ thing: 'balance', through: 'hands' as const }] : []),
    ...(burner && kind !== 'question'
      ? [{ thing: 'burner', through: /\bcool\b/i.test(text) ? ('hands' as const) : ('wait' as const) }]
      : []),
  ]
}

/**
 * Steps that the record shows to be done: those whose parts are read and whose questions are answered, all that comes before
 * them in their question of the sheet, and what follows where nothing is left to be read.
 */
function doneByRecord(steps: readonly RunStep[], recorded: ReadonlySet<string>): ReadonlySet<string> {
  const done = new Set<string>()
  for (const block of new Set(steps.map((step) => step.block))) {
    const own = steps.filter((step) => step.block === block)
    const made = own.map(({ makes }) => [...makes.parts, ...makes.questions])
    const isDone = made.map((ids) => ids.length > 0 && ids.every((id) => recorded.has(id)))
    const open = made.findIndex((ids, index) => ids.length > 0 && !isDone[index])
    // What comes before a question that is still open is done when all that it made is read.
    const isAnswering = open >= 0 && own[open]?.kind === 'question' && isDone.slice(0, open).includes(true)
    const end = open < 0 ? own.length : open
    const last = open < 0 || isAnswering ? (isDone.includes(true) ? end - 1 : -1) : isDone.lastIndexOf(true, open)
    own.forEach((step, index) => {
      if (isDone[index] || index <= last) done.add(step.id)
    })
  }
  return done
}

/**
 * The steps of a sheet as a timetable wants them: how long, what they need, what has to come before.
 *
 * @param kept - minutes that the student changed and took, by step; the queue at the balance
 * @param recorded - parts whose readings are taken, and questions that are answered: what led to them is not planned any more
 */
export function plannedSteps(
  { steps }: SheetReading,
  { steps: times = [], queue = 0 }: Pick<Brief, 'steps' | 'queue'> = {},
  recorded: ReadonlySet<string> = new Set(),
): readonly PlannedStep[] {
  const pace = paceOf(steps, times)
  const own = new Map(times.map((one) => [one.id, one]))
  const done = doneByRecord(steps, recorded)
  const isOpen = ({ id }: RunStep) => own.get(id)?.skipped !== true && (own.get(id)?.started !== undefined || !done.has(id))
  const timed = steps.filter((step) => isTimed(step) && isOpen(step))
  const lastOf = new Map<string, string>()
  const prepared: { part: string; id: string }[] = []
  return timed.map((step): PlannedStep => {
    const part = String(step.block)
    const line = lineOf(step, part)
    const prepares = PREPARES.test(step.text) && step.kind !== 'question'
    const before = lastOf.get(line)
    const after = prepares
      ? []
      : [
          ...(before === undefined ? [] : [before]),
          ...(step.kind === 'titrate' ? prepared.filter((one) => one.part === part).map(({ id }) => id) : []),
        ]
    // What is asked is answered when the work of its question is done.
    const all =
      step.kind === 'question'
        ? [...after, ...[...lastOf].filter(([name]) => name.startsWith(`${part} `)).map(([, id]) => id)]
        : after
    if (prepares) prepared.push({ part, id: step.id })
    else lastOf.set(line, step.id)
    const { hands = tenths(step.minutes.hands * pace(step.kind)), wait = step.minutes.wait } = own.get(step.id) ?? {}
    const inLine = step.kind === 'weigh' ? queue : 0
    return {
      id: step.id,
      hands: hands + inLine,
      wait,
      uses: usesOf(step),
      after: [...new Set(all)].filter((id) => id !== step.id),
    }
  })
}

const tenths = (minutes: number) => Math.round(minutes * 10) / 10

const minutesBetween = (from: string, to: string) => (Date.parse(to) - Date.parse(from)) / 60_000

/**
 * How far the student is, in minutes since the first step was begun.
 *
 * @param now - the moment, as the record writes moments
 */
export function progressOf(planned: readonly PlannedStep[], times: Times, now: string): Progress {
  const begun = times.flatMap(({ id, started }) => (started === undefined ? [] : [{ id, started }]))
  const first = begun.map(({ started }) => started).toSorted()[0]
  if (first === undefined) return { now: 0, begun: [] }
  const at = minutesBetween(first, now)
  return {
    now: at,
    begun: begun.flatMap(({ id, started }): Begun[] => {
      const step = planned.find((one) => one.id === id)
      const own = times.find((one) => one.id === id)
      if (!step) return []
      const start = minutesBetween(first, started)
      const free =
        own?.free === undefined
          ? Math.max(start + step.hands, own?.ended === undefined ? at : 0)
          : minutesBetween(first, own.free)
      const end = own?.ended === undefined ? Math.max(free, start + step.hands + step.wait) : minutesBetween(first, own.ended)
      return [{ id, start, free: Math.min(free, end), end }]
    }),
  }
}
