import { Exact, formatFigures, significantFigures } from '@hop-lark/core/number'
import { freshSlots, runProgram, type Trials } from '@hop-lark/core/propagate'
import type { Answer } from '@hop-lark/core/reckon'
import { contributionsIn, type Sureness } from '@hop-lark/core/uncertainty'
import { Dices, X } from 'lucide-react'
import { Suspense, useState } from 'react'
import { Button } from '../ui/Button.tsx'
import { later } from '../ui/later.tsx'
import { Num } from '../ui/Num.tsx'
import { useTrials } from './useTrials.ts'

const TrialsChart = later(() => import('./TrialsChart.tsx').then((module) => module.TrialsChart))

/** The trials that can be asked for: enough for two figures of the interval, and for three. */
const COUNTS = [100_000, 1_000_000] as const

interface TrialsPanelProps {
  readonly answer: Answer
  readonly sureness: Sureness
  readonly width: number
}

const grouped = (count: number) => count.toLocaleString('en-GB').replaceAll(',', '\u2009')

/** Works the answer out many thousand times with chance errors in every reading, away from the page. */
export function TrialsPanel({ answer, sureness, width }: TrialsPanelProps) {
  const { state, start, cancel } = useTrials()
  const [seed, setSeed] = useState(1)
  const run = (trials: number, withSeed: number) => {
    setSeed(withSeed)
    start({ program: sureness.program, contributions: contributionsIn(sureness), trials, seed: withSeed })
  }
  return (
    <div className="mt-4" aria-live="polite">
      <div className="flex flex-wrap items-center gap-2">
        {COUNTS.map((count) => (
          <Button
            key={count}
            icon={<Dices size={16} />}
            disabled={state.kind === 'running'}
            onClick={() => run(count, state.kind === 'done' ? seed + 1 : seed)}
          >
            {grouped(count)} trials
          </Button>
        ))}
        {state.kind === 'running' && (
          <Button icon={<X size={16} />} onClick={cancel}>
            Cancel
          </Button>
        )}
      </div>
      {state.kind === 'idle' && (
        <p className="mt-1.5 text-sm text-ink-soft">
          Works the answer out again and again with a chance error in every reading, and shows where the results fall.
        </p>
      )}
      {state.kind === 'running' && (
        <p className="mt-2 flex items-center gap-3">
          <progress className="h-2.5 w-56 accent-(--hop)" max={state.of} value={state.done} aria-label="Trials done" />
          <span className="num text-ink-soft">
            {grouped(state.done)} of {grouped(state.of)}
          </span>
        </p>
      )}
      {state.kind === 'failed' && <p className="mt-2 border-l-3 border-litmus bg-litmus-wash px-4 py-2">{state.says}</p>}
      {state.kind === 'done' && (
        <TrialsResult trials={state.result} seconds={state.milliseconds / 1000} {...{ answer, sureness, width }} />
      )}
    </div>
  )
}

interface TrialsResultProps extends TrialsPanelProps {
  readonly trials: Trials
  readonly seconds: number
}

function TrialsResult({ trials, seconds, answer, sureness, width }: TrialsResultProps) {
  // Trials are in the unit the answer is worked out in; it may be shown in another, so they are scaled to it.
  const unrounded = answer.unrounded ?? trials.mean
  const scale = unrounded / programValue(sureness)
  const figures = Math.max(4, significantFigures((answer.value ?? '').split('e')[0] ?? '') + 1)
  const write = (value: number) => formatFigures(new Exact(value), figures)
  const histogram = {
    from: trials.histogram.from * scale,
    width: trials.histogram.width * scale,
    counts: trials.histogram.counts,
  }
  const [low, high] = [trials.low * scale, trials.high * scale]
  return (
    <figure className="mt-3" aria-label={`Of ${trials.trials} trials 95 % lie between ${write(low)} and ${write(high)}`}>
      <Suspense fallback={<p className="py-2 text-ink-soft">Drawing the results …</p>}>
        <TrialsChart {...{ histogram, low, high, width, write }} answer={unrounded} />
      </Suspense>
      <figcaption className="text-[0.95rem]">
        95 % of <span className="num">{grouped(trials.trials)}</span> results lie between <Num text={write(low)} /> and{' '}
        <Num text={write(high)} unit={answer.unit} />; their standard deviation is{' '}
        <Num text={formatFigures(new Exact(trials.deviation * Math.abs(scale)), 2)} unit={answer.unit} />
        <span className="text-ink-soft">
          {' '}
          (seed {trials.seed}, {seconds.toFixed(1)} s{trials.failed > 0 && <>, {grouped(trials.failed)} gave no result</>}).
        </span>
      </figcaption>
    </figure>
  )
}

/** The answer in the unit it is worked out in, from the budget's own program. */
function programValue({ program }: Sureness): number {
  return runProgram(program, freshSlots(program))
}
