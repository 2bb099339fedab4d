import type { Part } from '@hop-lark/core/record'
import { Suspense } from 'react'
import { Link, useParams } from 'react-router'
import { ChromatogramPage } from '../bench/chromatogram/ChromatogramPage.tsx'
import { HeatPage } from '../bench/heat/HeatPage.tsx'
import { KeptPartPage } from '../bench/KeptPartPage.tsx'
import { MakeUpPage } from '../bench/makeup/MakeUpPage.tsx'
import { TitratePage } from '../bench/titration/TitratePage.tsx'
import { WeighPage } from '../bench/weigh/WeighPage.tsx'
import { BriefPage } from '../brief/BriefPage.tsx'
import { useDerived, useTask } from '../notebook/derived.ts'
import { later } from '../ui/later.tsx'
import { WorkOutPage } from '../working/WorkOutPage.tsx'
import { Sheet } from './Sheet.tsx'

// Charts and the chemistry of tubes are heavy, so they come with the page that needs them, or when there is time.
const MeasurePage = later(() => import('../bench/measure/MeasurePage.tsx').then((module) => module.MeasurePage))

const TubesPage = later(() => import('../bench/tubes/TubesPage.tsx').then((module) => module.TubesPage))

/** The page of the stage in the address. */
export function StagePage() {
  const { stageId, taskId } = useParams()
  const task = useTask()
  const { stages } = useDerived()
  const stage = stages.find(({ id }) => id === stageId)
  if (stage?.kind === 'brief') return <BriefPage />
  if (stage?.kind === 'work-out') return <WorkOutPage />
  const parts = task.parts.filter(({ id }) => stage?.parts.includes(id))
  const [part] = parts
  if (!part) {
    return (
      <Sheet title="This stage is gone" now={{ title: 'Choose a stage on the left.' }}>
        <p>
          It was taken out of the task, perhaps in another window.{' '}
          <Link to={`/task/${taskId}/brief`} className="underline">
            To the brief
          </Link>
        </p>
      </Sheet>
    )
  }
  return <PartPage key={part.id} part={part} parts={parts} />
}

function PartPage({ part, parts }: { readonly part: Part; readonly parts: readonly Part[] }) {
  switch (part.kind) {
    case 'weighing':
      return <WeighPage weighings={parts.filter((one) => one.kind === 'weighing')} />
    case 'solution':
      return <MakeUpPage part={part} />
    case 'titration':
      return <TitratePage part={part} />
    case 'series':
      return (
        <Suspense fallback={<p className="p-8 text-ink-soft">Unrolling the graph paper …</p>}>
          <MeasurePage part={part} />
        </Suspense>
      )
    case 'heating':
      return <HeatPage part={part} />
    case 'chromatogram':
      return <ChromatogramPage part={part} />
    case 'rack':
      return (
        <Suspense fallback={<p className="p-8 text-ink-soft">Setting up the rack …</p>}>
          <TubesPage part={part} />
        </Suspense>
      )
    case 'note':
      return <KeptPartPage part={part} />
  }
}
