import { byKind, type Part } from '@hop-lark/core/record'
import { Fragment, type ReactNode, Suspense } from 'react'
import { Link, useParams } from 'react-router'
import { ChromatogramPage } from '../bench/chromatogram/ChromatogramPage.tsx'
import { HeatPage } from '../bench/heat/HeatPage.tsx'
import { KeptPartPage } from '../bench/KeptPartPage.tsx'
import { MakeUpPage } from '../bench/makeup/MakeUpPage.tsx'
import { CrossingPage } from '../bench/titration/CrossingPage.tsx'
import { TitratePage } from '../bench/titration/TitratePage.tsx'
import { WeighPage } from '../bench/weigh/WeighPage.tsx'
import { usePageAction } from '../keys/pageActions.ts'
import { useDerived, useTask } from '../notebook/derived.ts'
import { later } from '../ui/later.tsx'
import { WorkOutPage } from '../working/WorkOutPage.tsx'
import { Sheet } from './Sheet.tsx'
import { useDocumentTitle } from './useDocumentTitle.ts'

// The reader of sheets, charts and the chemistry of tubes are heavy, so they come with the page that needs them, or when there is time.
const BriefPage = later(() => import('../brief/BriefPage.tsx').then((module) => module.BriefPage))

const MeasurePage = later(() => import('../bench/measure/MeasurePage.tsx').then((module) => module.MeasurePage))

const TubesPage = later(() => import('../bench/tubes/TubesPage.tsx').then((module) => module.TubesPage))

const WriteUpPage = later(() => import('../writeup/WriteUpPage.tsx').then((module) => module.WriteUpPage))

/** The page of the stage in the address. */
export function StagePage() {
  const { stageId, taskId } = useParams()
  const task = useTask()
  const { stages } = useDerived()
  const stage = stages.find(({ id }) => id === stageId)
  useDocumentTitle(stage?.title ?? '', task.title)
  usePageAction(
    { says: 'Print this page', words: 'paper pdf', act: () => window.print() },
    stage !== undefined && stage.kind !== 'write-up',
  )
  if (stage?.kind === 'brief') return waiting('Unfolding the sheet …', <BriefPage />)
  if (stage?.kind === 'work-out') return <WorkOutPage />
  if (stage?.kind === 'write-up') return waiting('Writing up …', <WriteUpPage />)
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
  return <Fragment key={part.id}>{pageOf(part, parts)}</Fragment>
}

const waiting = (says: string, page: ReactNode) => (
  <Suspense fallback={<p className="p-8 text-ink-soft">{says}</p>}>{page}</Suspense>
)

/** The page of each kind of part; several weighings of one material in a row share one. */
const pageOf = byKind<ReactNode, [parts: readonly Part[]]>({
  weighing: (_, parts) => <WeighPage weighings={parts.filter((one) => one.kind === 'weighing')} />,
  solution: (part) => <MakeUpPage part={part} />,
  titration: (part) =>
    part.crossingOf === undefined ? <TitratePage part={part} /> : <CrossingPage part={part} series={part.crossingOf} />,
  series: (part) => waiting('Unrolling the graph paper …', <MeasurePage part={part} />),
  heating: (part) => <HeatPage part={part} />,
  chromatogram: (part) => <ChromatogramPage part={part} />,
  rack: (part) => waiting('Setting up the rack …', <TubesPage part={part} />),
  note: (part) => <KeptPartPage part={part} />,
})
