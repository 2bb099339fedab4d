import { Exact, fitToStep } from '../number/index.ts'
import { type Conventions, entryText, type PartOf } from '../record/index.ts'
import type { Assessment } from './assess.ts'
import type { TitrationSetting } from './setting.ts'
import { isOnScale } from './titre.ts'

/** What to do next at the burette. Readings are texts at the burette's own decimals, in cm³. */
export type NextRun =
  /** Nothing is known yet: run in quickly and overshoot, to learn roughly where the end is. */
  | { readonly kind: 'rough'; readonly initial?: string }
  /** Start, or go on with, an accurate run. */
  | {
      readonly kind: 'run'
      readonly run: number | undefined
      readonly initial: string
      readonly started: boolean
      readonly quickTo: string
      readonly endNear: string
      readonly mayStop: boolean
    }
  /** The run would end below the last mark. */
  | {
      readonly kind: 'refill'
      readonly run: number | undefined
      readonly endWouldBe: string
      readonly lastMark: string
      readonly titre: string
      readonly mayStop: boolean
    }
  /** A reading that the burette has not got: nothing is built on it. */
  | { readonly kind: 'readAgain'; readonly run: number; readonly reading: string; readonly lastMark: string }
  /** A run whose final reading lies above its initial one: one of them is wrong, and nothing is built on either. */
  | { readonly kind: 'upsideDown'; readonly run: number; readonly initial: string; readonly final: string }
  /** Enough titres agree. */
  | { readonly kind: 'stop' }

/** What the next titre should come to, cm³: from the mean, else the last accurate titre, else the rough one. */
function expectedTitre(
  part: PartOf<'titration'>,
  assessment: Assessment,
  next: number | undefined,
  setting: TitrationSetting,
): Exact | undefined {
  const done = assessment.runs.filter(({ titre, run }) => titre && run.kind !== 'blank')
  const accurate = done.filter(({ run }) => run.kind === 'accurate')
  const used = done.filter(({ inMean }) => inMean)
  const basis = used.length > 0 ? used : accurate.length > 0 ? accurate.slice(-1) : done.slice(-1)
  if (basis.length === 0) return undefined
  const sum = (volumes: readonly Exact[]) =>
    volumes.reduce((total, volume) => total.add(volume), new Exact(0)).div(volumes.length)
  const nextRun = next === undefined ? undefined : part.runs[next]
  // Titrated back, the titre does not go with the mass; about equal masses still take about equal titres.
  if (!assessment.scaled) return sum(basis.flatMap(({ titre }) => titre?.volume ?? []))
  const mass = nextRun && setting.massOfRun?.(nextRun)
  const perGram = basis.flatMap(({ titre, run }) => {
    const own = setting.massOfRun?.(run)
    return titre && own?.gt(0) ? [titre.volume.div(own)] : []
  })
  return mass && perGram.length > 0 ? sum(perGram).mul(mass) : undefined
}

/** Index of the run to be done or finished now: the first one, blanks aside, that has no final reading. */
function openRun(part: PartOf<'titration'>): number | undefined {
  const index = part.runs.findIndex((run) => run.kind !== 'blank' && run.final === undefined)
  return index < 0 ? undefined : index
}

/** Where the burette stands before a run: at the last final reading before it that can be. */
export function levelBefore({ runs }: PartOf<'titration'>, before: number, burette: Conventions['burette']): string | undefined {
  const done = runs.slice(0, before).findLast(({ final }) => final !== undefined && isOnScale(final, burette))
  return done?.final === undefined ? undefined : entryText(done.final)
}

/** The first reading that the burette has not got. */
function offScale({ runs }: PartOf<'titration'>, burette: Conventions['burette']): { run: number; reading: string } | undefined {
  for (const [run, { initial, final }] of runs.entries()) {
    const wrong = [initial, final].find((entry) => entry !== undefined && !isOnScale(entry, burette))
    if (wrong !== undefined) return { run, reading: entryText(wrong) }
  }
  return undefined
}

/** The first run whose final reading lies above its initial one. */
function upsideDown({ runs }: PartOf<'titration'>): { run: number; initial: string; final: string } | undefined {
  for (const [run, { initial, final }] of runs.entries()) {
    if (initial === undefined || final === undefined) continue
    const readings = { initial: entryText(initial), final: entryText(final) }
    if (new Exact(readings.final).lt(readings.initial)) return { run, ...readings }
  }
  return undefined
}

/**
 * Advises the next run: to which reading to run in quickly, where the end is expected, whether the burette holds
 * enough, and whether another run is needed at all.
 */
export function adviseNextRun(part: PartOf<'titration'>, assessment: Assessment, setting: TitrationSetting): NextRun {
  const { burette } = setting.conventions
  const impossible = offScale(part, burette)
  if (impossible) return { kind: 'readAgain', ...impossible, lastMark: burette.capacity }
  const reversed = upsideDown(part)
  if (reversed) return { kind: 'upsideDown', ...reversed }
  const index = openRun(part)
  const open = index === undefined ? undefined : part.runs[index]
  const started = open?.initial !== undefined
  if (assessment.concordant && !started) return { kind: 'stop' }
  const initial =
    open?.initial === undefined ? (levelBefore(part, index ?? part.runs.length, burette) ?? '0') : entryText(open.initial)
  const expected = expectedTitre(part, assessment, index, setting)
  const written = (volume: Exact) => fitToStep(volume.toFixed(6), burette.step)
  if (expected === undefined || open?.kind === 'rough') return started ? { kind: 'rough', initial } : { kind: 'rough' }
  const end = expected.add(initial)
  const mayStop = assessment.concordant
  if (end.gt(burette.capacity)) {
    return { kind: 'refill', run: index, endWouldBe: written(end), lastMark: burette.capacity, titre: written(expected), mayStop }
  }
  const { to, margin } = setting.conventions.runIn
  const quickTo = to === 'half' ? expected.div(2).add(initial) : Exact.max(end.sub(margin), initial)
  return {
    kind: 'run',
    run: index,
    initial: written(new Exact(initial)),
    started,
    quickTo: written(quickTo),
    endNear: written(end),
    mayStop,
  }
}
