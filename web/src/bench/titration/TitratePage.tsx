import { symbolOf } from '@hop-lark/core/number'
import {
  buretteOf,
  type Conventions,
  entryText,
  findMaterial,
  type PartOf,
  type Path,
  partTitle,
  path,
} from '@hop-lark/core/record'
import { colourOfSolution } from '@hop-lark/core/substance'
import { agreementSentence, isOnScale, runName } from '@hop-lark/core/titration'
import { useState } from 'react'
import { focusAt } from '../../app/goTo.ts'
import { Sheet } from '../../app/Sheet.tsx'
import { Burette } from '../../instruments/Burette.tsx'
import { useKeyAction } from '../../keys/useKeyAction.ts'
import { useTask, useTitration } from '../../notebook/derived.ts'
import { Button } from '../../ui/Button.tsx'
import { Num } from '../../ui/Num.tsx'
import { BuretteReader } from './BuretteReader.tsx'
import { ConcordanceLine } from './ConcordanceLine.tsx'
import { EndPointLine } from './EndPointLine.tsx'
import { EndPointTimer } from './EndPointTimer.tsx'
import { GetReady } from './GetReady.tsx'
import { nowAtTheBurette } from './now.tsx'
import { PredictTitre } from './PredictTitre.tsx'
import { RunTable } from './RunTable.tsx'
import { SetUpDialog } from './SetUpDialog.tsx'
import { SetUpLine } from './SetUpLine.tsx'
import { useEndPoint } from './useEndPoint.ts'
import { NEW_RUN, useRuns } from './useRuns.ts'
import { WhyApart } from './WhyApart.tsx'

/** The titration: a burette drawn to its scale, the run table, which titres agree, and what to do next. */
export function TitratePage({ part }: { readonly part: PartOf<'titration'> }) {
  const task = useTask()
  const { assessment, next } = useTitration(part)
  const { add } = useRuns(part)
  const { endPoint } = useEndPoint(part)
  const [setting, setSetting] = useState(false)
  useKeyAction('makeNew', { says: 'New run', words: 'add accurate' }, () => add('accurate'))
  useKeyAction('setUp', { says: 'Set up the titration', words: 'burette flask equation indicator' }, () => setSetting(true))
  const { conventions } = task
  const solute = findMaterial(task, buretteOf(part))?.solute
  const marks = next.kind === 'run' ? { quickTo: next.quickTo, endNear: next.endNear } : {}
  const drawn = { reading: levelNow(part, conventions.burette), look: colourOfSolution(solute), ...marks }
  const open = nextReading(part)
  return (
    <Sheet
      title={partTitle(task, part)}
      says={<SetUpLine part={part} />}
      actions={
        <>
          <EndPointTimer />
          <Button action="setUp" onClick={() => setSetting(true)}>
            Set up
          </Button>
          <Button action="makeNew" {...{ [NEW_RUN]: '' }} onClick={() => add('accurate')}>
            New run
          </Button>
        </>
      }
      now={nowAtTheBurette({ part, next, assessment, conventions, solute, stopAt: endPoint?.stopAt })}
      about={[part.id]}
      first={nextCell(part)}
    >
      <div className="flex gap-2 @max-[28rem]/main:flex-col">
        <div className="w-[13.5rem] shrink-0 @max-[28rem]/main:hidden">
          {open ? (
            <BuretteReader {...drawn} {...open} burette={conventions.burette} />
          ) : (
            <Burette {...drawn} capacity={Number(conventions.burette.capacity)} />
          )}
        </div>
        <div className="min-w-0 flex-1">
          <EndPointLine part={part} />
          {part.runs.length === 0 ? <NoRuns onAdd={() => add('rough')} /> : <RunTable part={part} />}
          <div className="mt-6">
            <ConcordanceLine part={part} />
          </div>
          <MeanSentence part={part} />
          <WhyApart part={part} />
          <PredictTitre part={part} />
          <GetReady part={part} />
        </div>
      </div>
      <SetUpDialog
        part={part}
        open={setting}
        onOpenChange={setSetting}
        onClosed={() => focusAt(nextCell(part) ?? path('parts', part.id, 'runs'))}
      />
    </Sheet>
  )
}

/** The reading to take next: of the first run without a final reading, its initial one if that is missing too. */
function nextReading({ id, runs }: PartOf<'titration'>): { readonly at: Path; readonly called: string } | undefined {
  const index = runs.findIndex(({ final }) => final === undefined)
  const run = runs[index]
  if (!run) return undefined
  const field = run.initial === undefined ? 'initial' : 'final'
  return { at: path('parts', id, 'runs', run.id, field), called: `${runName(runs, index)}, ${field} reading` }
}

const nextCell = (part: PartOf<'titration'>): Path | undefined => nextReading(part)?.at

/** Where the liquid stands: the last reading of the last run that has one. */
function levelNow({ runs }: PartOf<'titration'>, burette: Conventions['burette']): string | undefined {
  const readings = runs.flatMap(({ initial, final }) => [initial ?? [], final ?? []].flat())
  const last = readings.findLast((entry) => isOnScale(entry, burette))
  return last === undefined ? undefined : entryText(last)
}

function NoRuns({ onAdd }: { readonly onAdd: () => void }) {
  return (
    <div>
      <p className="mb-3">No run yet. A rough run first: it may overshoot, and never enters the mean.</p>
      <Button look="main" onClick={onAdd}>
        Rough run
      </Button>
    </div>
  )
}

/** The sentence a student would write under the table. */
function MeanSentence({ part }: { readonly part: PartOf<'titration'> }) {
  const { conventions } = useTask()
  const { assessment } = useTitration(part)
  const { says, mean, from } = agreementSentence(assessment, conventions)
  if (!assessment.runs.some(({ titre }) => titre)) return null
  const agreed = assessment.concordant
  return (
    <p
      className={`mt-4 max-w-[40rem] rounded-xl px-4 py-3 text-[1.05rem] ${agreed ? 'bg-hop-wash' : 'bg-lark-wash'}`}
      data-testid="mean"
      aria-live="polite"
      aria-atomic="true"
    >
      {says}{' '}
      {mean !== undefined && (
        <>
          <strong>
            Mean titre <Num text={mean} unit={symbolOf(conventions.volumeUnit)} />
          </strong>
          , from <span className="num">{from}</span>.
        </>
      )}
    </p>
  )
}
