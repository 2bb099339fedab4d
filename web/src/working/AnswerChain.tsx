import { type Answer, cureOf, judgeOwnLines, type Link as ReadingLink, type Step } from '@hop-lark/core/reckon'
import type { Question } from '@hop-lark/core/record'
import { Fragment, type ReactNode, useMemo } from 'react'
import { useTask } from '../notebook/derived.ts'
import { Button } from '../ui/Button.tsx'
import { Algebra, EquationText } from '../ui/Chem.tsx'
import { Num, Substituted } from '../ui/Num.tsx'
import { ChainLine } from './ChainLine.tsx'
import { OwnLine } from './OwnLine.tsx'
import { useKeptBack, useTrying } from './practising.ts'
import { ReadingButton } from './ReadingButton.tsx'

/** The numbered lines that lead to an answer: worked, or for the student to work out first. */
export function AnswerChain({ answer, question }: { readonly answer: Answer; readonly question: Question }) {
  const last = answer.steps.length - 1
  const task = useTask()
  const { carry } = task.conventions
  const [trying, setTrying] = useTrying(task, question)
  const keptBack = useKeptBack(task)(answer)
  const judgements = useMemo(() => (trying ? judgeOwnLines(task, question) : []), [trying, task, question])
  const firstWrong = judgements.find(({ verdict }) => verdict !== 'right')
  return (
    <>
      <ol aria-label="Lines">
        {answer.steps.map((step, index) => (
          <StepLine
            key={step.line}
            step={step}
            number={index + 1}
            last={index === last}
            own={
              trying ? (
                <OwnLine
                  step={step}
                  question={question}
                  judgement={judgements.find(({ line }) => line === step.line)}
                  first={firstWrong?.line === step.line}
                />
              ) : undefined
            }
            hidden={trying && !judgements.some(({ line, verdict }) => line === step.line && verdict !== 'unreadable')}
          />
        ))}
      </ol>
      {answer.steps.length > 0 && (
        <p className="mt-2">
          <Button look="quiet" aria-pressed={trying} onClick={() => setTrying(!trying)}>
            {trying ? 'Show the working' : 'Work it out yourself'}
          </Button>
        </p>
      )}
      {answer.steps.length === 0 && <p className="py-2 text-ink-soft">Read directly.</p>}
      {answer.otherCarry && !keptBack && (
        <p className="mt-2 border-l-3 border-iodine pl-3 text-[0.95rem]">
          Carrying the {carry === 'unrounded' ? 'rounded' : 'full'} value from line to line would give{' '}
          <Num text={answer.otherCarry} unit={answer.unit} className="font-semibold" />; this task carries the{' '}
          {carry === 'unrounded' ? 'full' : 'rounded'} value.
        </p>
      )}
      {answer.assumes.length > 0 && (
        <div className="mt-2 text-sm text-ink-soft">
          <strong>Takes for granted</strong>
          <ul aria-label="Takes for granted" className="list-disc pl-5">
            {answer.assumes.map((assumption) => (
              <Assumption key={assumption} says={assumption} />
            ))}
          </ul>
        </div>
      )}
    </>
  )
}

/** Something that is taken for granted, and what is done so that it is true. */
function Assumption({ says }: { readonly says: string }) {
  const cure = cureOf(says)
  return (
    <li>
      {says}
      {cure && (
        <>
          {' '}
          <span className="text-ink">({cure})</span>
        </>
      )}
    </li>
  )
}

interface StepLineProps {
  readonly step: Step
  readonly number: number
  readonly last: boolean
  /** The student's own value, where lines are worked out first. */
  readonly own: ReactNode
  /** Whether ours is kept back until theirs is there. */
  readonly hidden: boolean
}

function StepLine({ step, number, last, own, hidden }: StepLineProps) {
  const sentence = step.says.charAt(0).toUpperCase() + step.says.slice(1)
  return (
    <li className="grid grid-cols-[2rem_minmax(0,1fr)_auto] items-start gap-x-3 border-b border-hair py-3 max-[599px]:grid-cols-[2rem_minmax(0,1fr)]">
      <span className="num mt-0.5 flex size-6 items-center justify-center rounded-full border-[1.5px] border-lark text-xs text-lark">
        {number}
      </span>
      <div className="min-w-0">
        <p>
          {sentence}
          {step.equation?.split('\n').map((equation) => (
            <span key={equation} className="block text-sm text-ink-soft">
              <EquationText text={equation} />
            </span>
          ))}
        </p>
        {!hidden && (
          <p className="mt-0.5 text-[0.95rem] break-words text-ink-soft italic">
            <Algebra text={step.formula} /> = {step.chain ? <ChainLine chain={step.chain} /> : <Linked step={step} />}
          </p>
        )}
        {own}
      </div>
      {!hidden && (
        <Num
          text={step.value}
          unit={step.unit}
          className={`text-right text-[1.25rem] font-semibold max-[599px]:col-start-2 ${last ? 'text-hop' : ''}`}
        />
      )}
    </li>
  )
}

/** The substituted line, its readings linked to where they stand in the record. */
function Linked({ step }: { readonly step: Step }) {
  const pieces: (string | ReadingLink)[] = [step.substituted]
  for (const link of step.uses) {
    if (link.at === undefined) continue
    const place = pieces.findIndex((piece) => typeof piece === 'string' && holds(piece, link.text) >= 0)
    const piece = pieces[place]
    if (typeof piece !== 'string') continue
    const from = holds(piece, link.text)
    pieces.splice(place, 1, piece.slice(0, from), link, piece.slice(from + link.text.length))
  }
  return (
    <>
      {pieces.map((piece, index) => (
        <Fragment key={index}>
          {typeof piece === 'string' ? <Substituted text={piece} /> : <ReadingButton link={piece} />}
        </Fragment>
      ))}
    </>
  )
}

/** Where a number stands in a line as a number of its own, not inside a longer one; −1 when it does not. */
function holds(line: string, number: string): number {
  const escaped = number.replace(/[.\\+*?^$()[\]{}|]/g, '\\$&')
  return line.search(new RegExp(`(?<![\\d.])${escaped}(?![\\d.e])`))
}
