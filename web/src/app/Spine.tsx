import type { Task } from '@hop-lark/core/record'
import type { Stage } from '@hop-lark/core/stages'
import { memo, Suspense, useEffect, useRef } from 'react'
import { Link, NavLink, useParams } from 'react-router'
import { derive, useSettledTask } from '../notebook/derived.ts'
import { later } from '../ui/later.tsx'
import { useKeptBack } from '../working/practising.ts'
import { ExamClock } from './ExamClock.tsx'
import { Lark } from './Lark.tsx'
import { SaveLine } from './SaveLine.tsx'
import { SpineMenu } from './SpineMenu.tsx'
import { StageMark } from './StageMark.tsx'

// The reader of sheets is heavy, so it comes only with a step that is under way.
const RunningSteps = later(() => import('../brief/RunningSteps.tsx').then((module) => module.RunningSteps))

/** The stages of the task in the order they are done; the way around, and at its foot the clock and the save state. */
export function Spine() {
  return <SpineOf task={useSettledTask()} />
}

const SpineOf = memo(function SpineOf({ task }: { readonly task: Task }) {
  const { stages: all, reckoning } = derive(task)
  const keptBack = useKeptBack(task)
  // An answer that is being worked out is not given away beside its stage either.
  const secret = reckoning.answers.some(keptBack)
  const stages = all.map((stage) => (secret && stage.id === 'work-out' ? { ...stage, figure: '' } : stage))
  return (
    <header className="page-spine flex flex-col border-rule bg-paper max-[899px]:border-b min-[900px]:h-full min-[900px]:overflow-y-auto min-[900px]:border-r">
      <div className="flex items-center justify-between gap-2 px-5 pt-5 max-[899px]:px-4 max-[899px]:pt-3">
        <Link to="/" className="finger flex items-center gap-2 font-title text-lg font-bold" title="To the shelf">
          <Lark />
          Hop Lark
        </Link>
        <SpineMenu />
      </div>
      <p
        className="line-clamp-2 px-5 pt-3 text-lg leading-snug font-semibold max-[899px]:px-4 max-[899px]:pt-1 max-[899px]:text-base"
        title={task.title}
      >
        {task.title || 'Untitled task'}
      </p>
      <nav aria-label="Stages" className="min-[900px]:mt-4 min-[900px]:flex-1">
        <ol className="flex max-[899px]:overflow-x-auto max-[899px]:px-2 max-[899px]:py-2 min-[900px]:flex-col">
          {stages.map((stage, index) => (
            <StageLine key={stage.id} stage={stage} last={index === stages.length - 1} />
          ))}
        </ol>
      </nav>
      <div className="flex items-baseline justify-between gap-3 px-5 pt-3 pb-4 max-[899px]:px-4 max-[899px]:pt-0 max-[899px]:pb-2 min-[900px]:block">
        {task.brief?.steps?.some(({ started, ended }) => started !== undefined && ended === undefined) && (
          <Suspense fallback={null}>
            <RunningSteps />
          </Suspense>
        )}
        <ExamClock />
        <SaveLine />
      </div>
    </header>
  )
})

function StageLine({ stage, last }: { readonly stage: Stage; readonly last: boolean }) {
  const { taskId, stageId } = useParams()
  const line = useRef<HTMLLIElement>(null)
  // On a narrow screen the stages are a row that scrolls.
  useEffect(() => {
    if (stageId === stage.id) line.current?.scrollIntoView({ block: 'nearest', inline: 'center' })
  }, [stageId, stage.id])
  return (
    <li ref={line} className="relative shrink-0">
      {!last && (
        <span aria-hidden="true" className="absolute top-9 bottom-[-0.65rem] left-[1.83rem] w-px bg-rule max-[899px]:hidden" />
      )}
      <NavLink
        to={`/task/${taskId}/${stage.id}`}
        className={({ isActive }) =>
          `finger relative flex gap-3 py-2 pr-2 pl-5 max-[899px]:items-center max-[899px]:rounded-full max-[899px]:px-3 min-[900px]:ml-2 min-[900px]:rounded-l-xl min-[900px]:pl-3 ${isActive ? 'bg-sheet' : 'hover:bg-hair'}`
        }
      >
        <StageMark state={stage.state} />
        <span className="min-w-0">
          <span className="line-clamp-2 text-[0.95rem] leading-tight font-semibold max-[899px]:whitespace-nowrap">
            {stage.title}
          </span>
          {stage.figure && <Figure text={stage.figure} />}
        </span>
      </NavLink>
    </li>
  )
}

function Figure({ text }: { readonly text: string }) {
  const [before = '', exponent, after = ''] = text.split(/10\^(-?\d+)/)
  return (
    <span className="num block text-sm text-ink-soft max-[899px]:hidden">
      {exponent === undefined ? (
        text
      ) : (
        <>
          {before}10<sup>{exponent.replace('-', '−')}</sup>
          {after}
        </>
      )}
    </span>
  )
}
