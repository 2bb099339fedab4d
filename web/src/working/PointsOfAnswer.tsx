import { answerInWords, readAnswer, sayInWords } from '@hop-lark/core/inwords'
import type { Question } from '@hop-lark/core/record'
import { setText } from '@hop-lark/core/typeset'
import { useMemo } from 'react'
import { useDerived, useTask } from '../notebook/derived.ts'
import { Button } from '../ui/Button.tsx'
import { SetLine } from '../ui/Chem.tsx'
import { Disclosure } from '../ui/Disclosure.tsx'
import { useSureness } from './useSureness.ts'

interface PointsProps {
  readonly question: Question
  /** The answer as it is being written. */
  readonly text: string
  readonly onUse: (text: string) => void
}

const counted = (count: number) => `${count} ${count === 1 ? 'point' : 'separate points'}`

/** How many points an answer in words wants, which of them are there, and what the record would say. */
export function PointsOfAnswer({ question, text, onUse }: PointsProps) {
  const task = useTask()
  const { reckoning } = useDerived()
  const sure = useSureness(task, reckoning.answers)
  const found = useMemo(() => answerInWords({ task, reckoning, sure }, question), [task, reckoning, sure, question])
  if (!found) return null
  const read = readAnswer(text, found)
  const says = sayInWords(found)
  return (
    <section aria-label="Points of the answer" className="mt-2 text-[0.95rem]">
      {text.trim() === '' ? (
        <p className="text-ink-soft">
          It wants {counted(read.wanted)}
          {found.ways.length > found.times && `; there are ${found.ways.length} ways to answer`}.
        </p>
      ) : (
        <>
          <p aria-live="polite">
            {read.found.length} of {counted(read.wanted)} found.
          </p>
          <ul>
            {read.found.map((point) => (
              <li key={point.says} className="text-hop">
                ✓ <SetLine line={setText(point.says)} />
              </li>
            ))}
          </ul>
          {read.missing.length > 0 && (
            <p className="text-ink-soft">
              Not found, though other words may say it: {read.missing.map((point) => point.says).join('; ')}.
            </p>
          )}
        </>
      )}
      <Disclosure title="What the record says">
        {() => (
          <div>
            <p>
              <SetLine line={setText(says)} />
            </p>
            <Button className="mt-2" onClick={() => onUse(says)}>
              {text.trim() === '' ? 'Use it' : 'Use it instead'}
            </Button>
          </div>
        )}
      </Disclosure>
    </section>
  )
}
