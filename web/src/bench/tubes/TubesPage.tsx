import type { SampleVerdict } from '@hop-lark/core/identify'
import { type Action, excessFrom, guardsFor, mayBeRead, stopsFor } from '@hop-lark/core/rack'
import { materialLabel, type PartOf, partTitle, path, sampleForms, stepPath, writePath } from '@hop-lark/core/record'
import { USUAL_DROPS } from '@hop-lark/core/tube'
import { useDeferredValue, useState } from 'react'
import { flushSync } from 'react-dom'
import { focusAt } from '../../app/goTo.ts'
import { Sheet } from '../../app/Sheet.tsx'
import { useKeyAction } from '../../keys/useKeyAction.ts'
import { useTask } from '../../notebook/derived.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { useReference } from '../../reference/useReference.ts'
import { Button } from '../../ui/Button.tsx'
import { Disclosure } from '../../ui/Disclosure.tsx'
import { useStable } from '../../ui/useStable.ts'
import { AppearanceLine } from './AppearanceLine.tsx'
import { ConclusionField } from './ConclusionField.tsx'
import { isCalledLiquid } from './calledLiquid.ts'
import { ExpectedPanel } from './ExpectedPanel.tsx'
import { GoOnMenu } from './GoOnMenu.tsx'
import { GridView } from './GridView.tsx'
import { contextOf, doneBefore } from './guardContext.ts'
import { PaperRack } from './PaperRack.tsx'
import { PlannedActs } from './PlannedActs.tsx'
import { rackKey } from './place.ts'
import { QuickRecords } from './QuickRecords.tsx'
import { Rack } from './Rack.tsx'
import { RackSettings } from './RackSettings.tsx'
import { RecordTable } from './RecordTable.tsx'
import { addPortion, addStep, findTube, goOn, nextPlanned, onwardTube, type Sample, type Tube } from './rackEdits.ts'
import { SampleBar } from './SampleBar.tsx'
import { SchemePath } from './SchemePath.tsx'
import { type Safety, StepLine } from './StepLine.tsx'
import { sheetBottles } from './sheetBottles.ts'
import { nowAtTheRack } from './tubesNow.ts'
import { useIdentification } from './useIdentification.ts'
import { useOffers } from './useOffers.ts'
import { readTube } from './useReadTube.ts'
import { type StepLineState, useStepLine } from './useStepLine.ts'
import { type Tubes, useIsSolid, useTubes } from './useTubes.ts'
import { VerdictBoard } from './VerdictBoard.tsx'

type Part = PartOf<'rack'>

/** Goes somewhere and puts the cursor into the line, in one stroke. */
function useGoAndType(part: Part) {
  return (act: () => void) => {
    flushSync(act)
    focusAt(lineOf(part))
  }
}

const lineOf = (part: Part) => path('parts', part.id, 'line')

/** The keys of the rack, which work while something is typed as well. */
function useTubeKeys({ tubes, goAndType, freshPortion, toggleGrid }: TubeKeys): void {
  const possible = tubes.sample !== undefined
  useKeyAction('freshPortion', { says: 'Fresh portion', words: 'new tube' }, freshPortion, { possible })
  useKeyAction('grid', { says: 'Grid of samples and tests', words: 'table rack' }, toggleGrid)
  useKeyAction('nextTube', { says: 'The next tube' }, () => goAndType(() => tubes.move(1)), { possible })
  useKeyAction('tubeBefore', { says: 'The tube before' }, () => goAndType(() => tubes.move(-1)), { possible })
}

interface TubeKeys {
  readonly tubes: Tubes
  readonly goAndType: (act: () => void) => void
  readonly freshPortion: () => void
  readonly toggleGrid: () => void
}

/** Test tubes: recorded a line at a time, drawn as they are, and what they tell. */
export function TubesPage({ part }: { readonly part: Part }) {
  const task = useTask()
  const tubes = useTubes(part)
  const { sample, tube } = tubes
  // The drawn rack and what is told of it follow when there is time; the line and its record do at once.
  const settled = useDeferredValue(part)
  const settledSample = settled.samples.find(({ material }) => material === sample?.material) ?? sample
  const identified = useIdentification(settled, sample?.material)
  const identification = sample && identified.found.get(sample.material)
  const [grid, setGrid] = useState(false)
  const before = tube ? doneBefore(part, tube) : []
  const lastBottle = before.findLast(({ do: act, reagent }) => act === 'add' && reagent !== undefined)?.reagent
  const line = useStepLine(`${rackKey(task.id, part.id)}/${tube?.id ?? ''}`, {
    lastReagent: lastBottle,
    samples: part.samples.map(({ material }) => materialLabel(task, material)),
    sheet: sheetBottles(task, part),
    planned: tube?.planned?.[0],
    goesOn: tube !== undefined && ((tube.planned?.length ?? 0) > 1 || nextPlanned(part, tube.id) !== undefined),
    contextOf: (action) => (tube ? readTube(part, tube, sampleForms(task)).next(action) : action),
  })
  const shut = !mayBeRead(part, sample ?? {})
  const goAndType = useGoAndType(part)
  const freshPortion = () => goAndType(() => tubes.portion(false))
  useTubeKeys({ tubes, goAndType, freshPortion, toggleGrid: () => setGrid(!grid) })
  const showStep = useStable((step: string) => {
    // How a sample looked stands beside its name.
    if (!step.includes('.')) return focusAt(path('materials', sample?.material ?? '', 'note'))
    flushSync(() => {
      setGrid(false)
      tubes.select(step.slice(0, step.lastIndexOf('.')))
    })
    focusAt(stepPath(part, step) ?? path('parts', part.id))
  })
  const choose = useStable(tubes.choose)
  const around = tube && contextOf(part, tube, before)
  const guards = line.action && around && sample ? guardsFor(line.action, around) : []
  const safety = {
    stops: line.action && sample ? stopsFor(line.action, before, line.first, materialLabel(task, sample.material)) : [],
    excess: line.action && around ? excessFrom(line.action, before, around.portion ?? 1) : undefined,
    dropsPerCm3: around?.dropsPerCm3 ?? USUAL_DROPS,
  }
  const atTheRack = { part, settled, tubes, line, safety, identification, shut, showStep, goAndType, freshPortion }
  return (
    <Sheet
      title={partTitle(task, part)}
      actions={<RackActions grid={grid} onGrid={() => setGrid(!grid)} tubes={tubes} goAndType={goAndType} />}
      now={nowAtTheRack({
        sample,
        tube,
        identification,
        typed: line.action,
        shut,
        isLiquid: isCalledLiquid(task, sample?.material),
      })}
      about={[part.id]}
      first={lineOf(part)}
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
      <PaperRack part={settled} found={identified.found} />
      <div className={grid ? '' : 'screen-only'}>
        <SampleBar part={settled} sample={sample} onChoose={choose} onAdded={goAndType} />
        {grid ? (
          <GridView
            part={settled}
            onShow={(tubeId) => {
              setGrid(false)
              tubes.select(tubeId)
            }}
          />
        ) : (
          sample && settledSample && <RackView {...atTheRack} sample={sample} settledSample={settledSample} />
        )}
      </div>
    </Sheet>
  )
}

interface RackActionsProps {
  readonly grid: boolean
  readonly onGrid: () => void
  readonly tubes: Tubes
  readonly goAndType: (act: () => void) => void
}

function RackActions({ grid, onGrid, tubes, goAndType }: RackActionsProps) {
  const solid = useIsSolid(tubes.sample?.material)
  return (
    <>
      <Button action="reference" onClick={() => useReference.getState().show()}>
        Reference
      </Button>
      <Button action="grid" aria-pressed={grid} onClick={onGrid}>
        {grid ? 'Rack' : 'Grid'}
      </Button>
      {tubes.sample && (
        <Button action="freshPortion" onClick={() => goAndType(() => tubes.portion(false))}>
          Fresh portion
        </Button>
      )}
      {tubes.sample && solid && <Button onClick={() => goAndType(() => tubes.portion(true))}>Dry portion</Button>}
    </>
  )
}

interface RackViewProps {
  readonly part: Part
  /** The rack and the sample as they were when there was last time to draw them. */
  readonly settled: Part
  readonly sample: Sample
  readonly settledSample: Sample
  readonly tubes: Tubes
  readonly line: StepLineState
  readonly safety: Safety
  readonly identification: SampleVerdict | undefined
  readonly shut: boolean
  readonly showStep: (step: string) => void
  readonly goAndType: (act: () => void) => void
  readonly freshPortion: () => void
}

/** One sample: its rack, the record of the tube that is shown, and what is concluded. */
function RackView(view: RackViewProps) {
  const { part, settled, sample, settledSample, tubes, line, identification, showStep, goAndType, freshPortion } = view
  const task = useTask()
  const { tube } = tubes
  const startLine = useStable((did: string) => {
    line.setDid(did)
    line.sawField.current?.focus()
  })
  const open = part.samples.find((one) => one.material !== sample.material && !one.conclusion)
  const goOnWith = useStable((one: Sample) => goAndType(() => tubes.choose(one)))
  const select = useStable((id: string) => goAndType(() => tubes.select(id)))
  return (
    <>
      <AppearanceLine material={sample.material} />
      {part.route === 'scheme' && <SchemePath part={settled} sample={settledSample} onDid={startLine} onShow={showStep} />}
      <Rack part={settled} sample={settledSample} selected={tube?.id} onSelect={select} />
      {tube ? (
        <TubeView {...view} tube={tube} onSelect={select} onNext={tubes.select} onDid={startLine} />
      ) : (
        <NoTube at={writePath(lineOf(part))} label={materialLabel(task, sample.material)} onPortion={freshPortion} />
      )}
      <ConclusionField
        key={sample.material}
        part={part}
        sample={sample}
        identification={identification}
        onShow={showStep}
        next={open}
        onNext={goOnWith}
      />
      {tube && (
        <Disclosure title="What should be seen">
          {() => <ExpectedPanel part={part} tube={tube} planned={line.action} />}
        </Disclosure>
      )}
      <RackSettings part={settled} />
    </>
  )
}

interface TubeViewProps extends RackViewProps {
  readonly tube: Tube
  readonly onSelect: (tubeId: string) => void
  /** Shows a tube without moving the cursor. */
  readonly onNext: (tubeId: string) => void
  readonly onDid: (did: string) => void
}

/** The record of one tube, and the line that goes on with it. */
function TubeView(view: TubeViewProps) {
  const { part, tube, line, safety, identification, shut, freshPortion, onSelect, onNext, onDid } = view
  const change = usePartChange(part)
  const task = useTask()
  const home = findTube(part, tube.id)?.sample.material
  const isLiquid = isCalledLiquid(task, home)
  const offers = useOffers({ part, tubeId: tube.id, action: line.action, wanted: line.saw === '', identification })
  /** Keeps a step where it was done: "to a fresh portion" and "with the residue" take a tube of their own. */
  const keep = (action: Action, saw: string) => {
    const home = findTube(part, tube.id)?.sample
    const onward = home && onwardTube(part, home, tube, line.place, materialLabel(task, home.material))
    change('keep a step', (found) => {
      if (onward?.kind === 'fresh')
        addPortion(found, home?.material ?? '', onward.id, tube.from === undefined && tube.cm3 === undefined)
      if (onward?.kind === 'onward') goOn(found, tube.id, onward.id, onward.take)
      addStep(found, onward?.id ?? tube.id, action, saw)
    })
    const isLast = tube.planned?.length === 1 && !onward
    const next = isLast ? nextPlanned(part, tube.id) : undefined
    if (onward) onSelect(onward.id)
    else if (next !== undefined) onNext(next)
  }
  return (
    <>
      <div className="mt-2 mb-1 flex items-center justify-between gap-3">
        <h2 className="text-xl font-bold">
          {tube.id}
          <span className="ml-2 font-sans text-base font-normal text-ink-soft">{portionOf(tube)}</span>
        </h2>
        {tube.steps.length > 0 && <GoOnMenu part={part} tube={tube} onMade={onSelect} />}
      </div>
      <RecordTable part={part} tube={tube} identification={identification} shut={shut} />
      <PlannedActs part={part} tube={tube} />
      {/* The same fields for every tube: the cursor stays in them. */}
      <StepLine
        line={line}
        safety={safety}
        tubeId={tube.id}
        at={lineOf(part)}
        offers={offers}
        onKeep={keep}
        onFresh={tube.steps.length > 0 ? freshPortion : undefined}
      />
      <QuickRecords isLiquid={isLiquid} onDid={onDid} />
    </>
  )
}

interface NoTubeProps {
  readonly at: string
  readonly label: string
  readonly onPortion: () => void
}

function NoTube({ at, label, onPortion }: NoTubeProps) {
  return (
    <div className="rounded-xl border border-rule p-5">
      <p className="mb-3">
        No tube of {label} yet. Every test wants a fresh portion, unless the sheet says to go on in the same tube.
      </p>
      <Button look="main" action="freshPortion" data-at={at} onClick={onPortion}>
        Fresh portion
      </Button>
    </div>
  )
}

const portionOf = ({ from, take, cm3 }: Tube): string =>
  from === undefined ? (cm3 === undefined ? 'a spatula tip, dry' : `${cm3} cm³`) : `from ${from}${take ? `, ${take}` : ''}`
