import { type Action, guardsFor } from '@hop-lark/core/rack'
import { materialLabel, type PartOf, partTitle, path, stepPath } from '@hop-lark/core/record'
import { useDeferredValue, useState } from 'react'
import { flushSync } from 'react-dom'
import { useHotkeys } from 'react-hotkeys-hook'
import { focusAt } from '../../app/goTo.ts'
import { Sheet } from '../../app/Sheet.tsx'
import { useTask } from '../../notebook/derived.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { useReference } from '../../reference/useReference.ts'
import { Button } from '../../ui/Button.tsx'
import { Disclosure } from '../../ui/Disclosure.tsx'
import { SINGLE_KEY } from '../../ui/singleKey.ts'
import { useStable } from '../../ui/useStable.ts'
import { AppearanceLine } from './AppearanceLine.tsx'
import { ConclusionField } from './ConclusionField.tsx'
import { ExpectedPanel } from './ExpectedPanel.tsx'
import { GoOnMenu } from './GoOnMenu.tsx'
import { GridView } from './GridView.tsx'
import { contextOf, doneBefore } from './guardContext.ts'
import { rackKey } from './place.ts'
import { QuickRecords } from './QuickRecords.tsx'
import { Rack } from './Rack.tsx'
import { RackSettings } from './RackSettings.tsx'
import { RecordTable } from './RecordTable.tsx'
import { addStep, type Tube } from './rackEdits.ts'
import { SampleBar } from './SampleBar.tsx'
import { SchemePath } from './SchemePath.tsx'
import { StepLine } from './StepLine.tsx'
import { nowAtTheRack } from './tubesNow.ts'
import { useIdentification } from './useIdentification.ts'
import { useOffers } from './useOffers.ts'
import { useStepLine } from './useStepLine.ts'
import { useIsSolid, useTubes } from './useTubes.ts'
import { VerdictBoard } from './VerdictBoard.tsx'

const EVERYWHERE = { preventDefault: true, enableOnFormTags: true } as const

/** Test tubes: recorded a line at a time, drawn as they are, and what they tell. */
export function TubesPage({ part }: { readonly part: PartOf<'rack'> }) {
  const task = useTask()
  const change = usePartChange(part)
  const tubes = useTubes(part)
  const { sample, tube } = tubes
  // The drawn rack and what is told of it follow when there is time; the line and its record do at once.
  const settled = useDeferredValue(part)
  const settledSample = settled.samples.find(({ material }) => material === sample?.material) ?? sample
  const identified = useIdentification(settled, sample?.material)
  const identification = sample && identified.found.get(sample.material)
  const [grid, setGrid] = useState(false)
  const solid = useIsSolid(sample?.material)
  const before = tube ? doneBefore(part, tube) : []
  const line = useStepLine(
    `${rackKey(task.id, part.id)}/${tube?.id ?? ''}`,
    before.findLast(({ do: act, reagent }) => act === 'add' && reagent !== undefined)?.reagent,
  )
  const shut = part.board === 'after conclusion' && !sample?.conclusion
  const offers = useOffers({
    part,
    tubeId: tube?.id ?? '',
    action: line.action,
    wanted: line.saw === '',
    identification,
  })
  const lineAt = path('parts', part.id, 'line')
  /** Goes somewhere and puts the cursor there, in one stroke. */
  const goAndType = (act: () => void) => {
    flushSync(act)
    focusAt(lineAt)
  }
  const freshPortion = () => goAndType(() => tubes.portion(false))
  useHotkeys('p', freshPortion, SINGLE_KEY)
  useHotkeys('alt+p', freshPortion, EVERYWHERE)
  useHotkeys('g', () => setGrid(!grid), SINGLE_KEY)
  useHotkeys('alt+g', () => setGrid(!grid), EVERYWHERE)
  useHotkeys('pagedown', () => goAndType(() => tubes.move(1)), EVERYWHERE)
  useHotkeys('pageup', () => goAndType(() => tubes.move(-1)), EVERYWHERE)
  const showStep = useStable((step: string) => {
    flushSync(() => {
      setGrid(false)
      tubes.select(step.slice(0, step.lastIndexOf('.')))
    })
    focusAt(stepPath(part, step) ?? path('parts', part.id))
  })
  const startLine = useStable((did: string) => {
    line.setDid(did)
    line.sawField.current?.focus()
  })
  const choose = useStable(tubes.choose)
  const select = useStable((id: string) => goAndType(() => tubes.select(id)))
  const guards = line.action && tube && sample ? guardsFor(line.action, contextOf(part, tube, before)) : []
  return (
    <Sheet
      title={partTitle(task, part)}
      actions={
        <>
          <Button hotkey="R" onClick={() => useReference.getState().show()}>
            Reference
          </Button>
          <Button hotkey="G" aria-pressed={grid} onClick={() => setGrid(!grid)}>
            {grid ? 'Rack' : 'Grid'}
          </Button>
          {sample && (
            <Button hotkey="P" onClick={freshPortion}>
              Fresh portion
            </Button>
          )}
          {sample && solid && <Button onClick={() => goAndType(() => tubes.portion(true))}>Dry portion</Button>}
        </>
      }
      now={nowAtTheRack({ sample, tube, identification, typed: line.action, shut })}
      about={[part.id]}
      first={lineAt}
      board={
        settledSample && (
          <VerdictBoard
            part={settled}
            sample={settledSample}
            identified={identified}
            guards={guards}
            onShow={showStep}
            shut={shut}
          />
        )
      }
    >
      <SampleBar part={settled} sample={sample} onChoose={choose} />
      {grid ? (
        <GridView
          part={settled}
          onShow={(tubeId) => {
            setGrid(false)
            tubes.select(tubeId)
          }}
        />
      ) : (
        sample &&
        settledSample && (
          <>
            <AppearanceLine material={sample.material} />
            {part.route === 'scheme' && <SchemePath part={settled} sample={settledSample} onDid={startLine} onShow={showStep} />}
            <Rack part={settled} sample={settledSample} selected={tube?.id} onSelect={select} />
            {tube ? (
              <>
                <div className="mt-2 mb-1 flex items-center justify-between gap-3">
                  <h2 className="text-xl font-bold">
                    {tube.id}
                    <span className="ml-2 font-sans text-base font-normal text-ink-soft">{portionOf(tube)}</span>
                  </h2>
                  {tube.steps.length > 0 && <GoOnMenu part={part} tube={tube} onMade={select} />}
                </div>
                <RecordTable part={part} tube={tube} identification={identification} shut={shut} />
                {/* The same fields for every tube: the cursor stays in them. */}
                <StepLine
                  line={line}
                  tubeId={tube.id}
                  at={lineAt}
                  offers={offers}
                  onKeep={(action: Action, saw) => change('keep a step', (found) => addStep(found, tube.id, action, saw))}
                />
                <QuickRecords onDid={startLine} />
              </>
            ) : (
              <NoTube label={materialLabel(task, sample.material)} onPortion={freshPortion} />
            )}
            <ConclusionField key={sample.material} part={part} sample={sample} identification={identification} />
            {tube && (
              <Disclosure title="What should be seen">
                {() => <ExpectedPanel part={part} tube={tube} planned={line.action} />}
              </Disclosure>
            )}
            <RackSettings part={settled} />
          </>
        )
      )}
    </Sheet>
  )
}

function NoTube({ label, onPortion }: { readonly label: string; readonly onPortion: () => void }) {
  return (
    <div className="rounded-xl border border-rule p-5">
      <p className="mb-3">
        No tube of {label} yet. Every test wants a fresh portion, unless the sheet says to go on in the same tube.
      </p>
      <Button look="main" hotkey="P" onClick={onPortion}>
        Fresh portion
      </Button>
    </div>
  )
}

const portionOf = ({ from, take, cm3 }: Tube): string =>
  from === undefined ? (cm3 === undefined ? 'a spatula tip, dry' : `${cm3} cm³`) : `from ${from}${take ? `, ${take}` : ''}`
