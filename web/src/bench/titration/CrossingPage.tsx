import { readSeries } from '@hop-lark/core/curve'
import { symbolOf } from '@hop-lark/core/number'
import { findPart, type PartOf, partTitle } from '@hop-lark/core/record'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { Sheet } from '../../app/Sheet.tsx'
import { useTask } from '../../notebook/derived.ts'
import { Button } from '../../ui/Button.tsx'
import { Num } from '../../ui/Num.tsx'
import { SetUpDialog } from './SetUpDialog.tsx'
import { SetUpLine } from './SetUpLine.tsx'

interface CrossingPageProps {
  readonly part: PartOf<'titration'>
  /** The run of readings that it is followed by. */
  readonly series: string
}

/** A titration that is followed by a run of readings: no runs at the burette, but the place where two lines cross. */
export function CrossingPage({ part, series }: CrossingPageProps) {
  const task = useTask()
  const { taskId = '' } = useParams()
  const [setting, setSetting] = useState(false)
  const run = findPart(task, 'series', series)
  const crossing = run && readSeries(run).twoLines?.crossing.x
  return (
    <Sheet
      title={partTitle(task, part)}
      says={<SetUpLine part={part} />}
      actions={<Button onClick={() => setSetting(true)}>Set up</Button>}
      now={{
        title: crossing === undefined ? 'Take the readings of the run.' : 'Nothing more is read here.',
        says: 'The end-point is where the two lines through the points cross, and not the highest reading: it is the volume that is worked with.',
        caution: 'Eye protection. Follow your laboratory’s rules and your supervisor.',
      }}
      about={[part.id]}
    >
      <p className="mb-3 max-w-[40rem] rounded-xl bg-hop-wash px-4 py-3 text-[1.05rem]" data-testid="crossing">
        {crossing === undefined ? (
          <>The lines of {run ? partTitle(task, run) : 'the run'} do not cross yet: two points or more on each side are wanted.</>
        ) : (
          <>
            The lines of {run && partTitle(task, run)} cross at{' '}
            <strong>
              <Num text={crossing.toFixed(2)} unit={symbolOf(task.conventions.volumeUnit)} />
            </strong>
            : the volume at the end-point.
          </>
        )}
      </p>
      <Link
        to={`/task/${taskId}/${series}`}
        className="inline-flex min-h-10 items-center rounded-lg border border-rule px-3 font-semibold"
      >
        To the graph
      </Link>
      <SetUpDialog part={part} open={setting} onOpenChange={setSetting} />
    </Sheet>
  )
}
