import { type Answer, questionTitle } from '@hop-lark/core/reckon'
import { conclusionOf, path, type Question, type Task, wordsFor, writePath } from '@hop-lark/core/record'
import { type Sure, wholeNumberWithin } from '@hop-lark/core/uncertainty'
import { Pencil, Plus } from 'lucide-react'
import { Suspense, useState } from 'react'
import { Sheet } from '../app/Sheet.tsx'
import { usePageAction } from '../keys/pageActions.ts'
import type { Now } from '../margin/Margin.tsx'
import { useDerived, useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { Button } from '../ui/Button.tsx'
import { later } from '../ui/later.tsx'
import { Num } from '../ui/Num.tsx'
import { Segments } from '../ui/Segments.tsx'
import { AnswerChain } from './AnswerChain.tsx'
import { lacksSomething } from './asSum.ts'
import { ConcludedIons } from './ConcludedIons.tsx'
import { CountBy } from './CountBy.tsx'
import { HowSure } from './HowSure.tsx'
import { PROPOSED, ProposedQuestions, useProposals } from './ProposedQuestions.tsx'
import { useKeptBack } from './practising.ts'
import { QuestionDialog } from './QuestionDialog.tsx'
import { QuestionTitle } from './QuestionTitle.tsx'
import { SolubilityTable } from './SolubilityTable.tsx'
import { useSureness } from './useSureness.ts'
import { WhatIf } from './WhatIf.tsx'
import { WordsAnswer } from './WordsAnswer.tsx'

// The chemistry of tubes is heavy, so it comes only with a question about it.
const IonsAnswer = later(() => import('./IonsAnswer.tsx').then((module) => module.IonsAnswer))

const SCHOOLS = [
  { value: 'moles', says: 'n = cV' },
  { value: 'ratio', says: 'aMV' },
  { value: 'proportion', says: 'CV ratio' },
  { value: 'chain', says: 'one chain' },
] as const

/** From readings to answers: every line with its formula, its numbers, and where each number was read. */
export function WorkOutPage() {
  const task = useTask()
  const { reckoning } = useDerived()
  const sure = useSureness(task, reckoning.answers)
  const [editing, setEditing] = useState<Question | 'new' | Question['find']>()
  const proposals = useProposals()
  usePageAction({ says: 'Add a question', words: 'new ask find', act: () => setEditing('new') })
  return (
    <Sheet
      title="Work out"
      actions={task.parts.some(({ kind }) => kind === 'titration' || kind === 'solution') && <WorkingToggle />}
      first={proposals.some(({ asked }) => !asked) ? PROPOSED : undefined}
      says="Each underlined number leads to where it was read."
      now={nowAtTheDesk(
        reckoning.answers.filter((answer) => !isInWords(task, answer)),
        task.questions.length,
      )}
    >
      {task.questions.length === 0 && (
        <p className="mb-4 max-w-xl">
          No question yet. Say what the task asks for: a concentration, a percentage by mass, an amount, a mean titre. The working
          follows from what was recorded.
        </p>
      )}
      {reckoning.answers.map((answer) => {
        const question = task.questions.find(({ id }) => id === answer.question)
        return question ? (
          <AnswerSection
            key={answer.question}
            answer={answer}
            sure={sure.get(answer.question)}
            question={question}
            onEdit={() => setEditing(question)}
          />
        ) : null
      })}
      <SolubilityTable />
      <ProposedQuestions proposals={proposals} onLacking={setEditing} />
      <Button icon={<Plus size={16} />} onClick={() => setEditing('new')}>
        Add a question
      </Button>
      <QuestionDialog question={editing} onClose={() => setEditing(undefined)} />
    </Sheet>
  )
}

/** Whether an answer is given in the student's words: a conclusion from tubes, or a question that asks for words. */
function isInWords(task: Task, answer: Answer): boolean {
  const question = task.questions.find(({ id }) => id === answer.question)
  return question !== undefined && wordsFor(task, question) !== undefined
}

function nowAtTheDesk(answers: readonly Answer[], questions: number): Now {
  const open = answers.find(({ value }) => value === null)
  if (questions === 0)
    return { title: 'Add what the task asks for.', says: 'One question for each answer that is to be handed in.' }
  if (open) return { title: 'Still missing:', says: open.missing }
  return {
    title: 'All answers are there.',
    says: 'Check that each line is one you could write yourself, and that the figures suit the readings.',
  }
}

function AnswerSection({
  answer,
  sure,
  question,
  onEdit,
}: {
  readonly answer: Answer
  readonly sure: Sure | undefined
  readonly question: Question
  readonly onEdit: () => void
}) {
  const task = useTask()
  const title = questionTitle(task, question)
  const keptBack = useKeptBack(task)(answer)
  return (
    <section aria-label={title} data-at={writePath(path('questions', question.id))} tabIndex={-1} className="mb-9 outline-none">
      <div className="flex flex-wrap items-end justify-between gap-x-4 gap-y-1 border-b-[1.5px] border-ink pb-2">
        <div className="min-w-48 flex-1 text-xl font-bold">
          <h2 className="inline">
            <QuestionTitle task={task} question={question} />
          </h2>
          <button
            type="button"
            aria-label={`Change the question ${title}`}
            className="ml-2 rounded p-1.5 align-middle text-ink-soft hover:bg-hair"
            onClick={onEdit}
          >
            <Pencil size={15} />
          </button>
        </div>
        {question.find.quantity === 'ions' ? (
          <ConcludedIons conclusion={conclusionOf(task, question.find.in)} />
        ) : question.find.quantity === 'words' ? null : answer.value === null ? (
          <span className="text-ink-soft">not yet</span>
        ) : keptBack ? (
          <span className="text-ink-soft">work it out first</span>
        ) : (
          <AnswerValue answer={answer} plusMinus={sure?.plusMinus} />
        )}
      </div>
      {question.find.quantity === 'ions' ? (
        <Suspense fallback={<p className="mt-3 text-ink-soft">Looking at the tubes …</p>}>
          <IonsAnswer material={question.find.in} />
        </Suspense>
      ) : question.find.quantity === 'words' ? (
        <WordsAnswer question={question} />
      ) : answer.value === null ? (
        <div className="mt-3 border-l-3 border-lark bg-lark-wash px-4 py-3">
          <p>
            <strong>Still missing:</strong> {answer.missing}.
          </p>
          <CountBy answer={answer} question={question} />
          {lacksSomething(question) && (
            <Button className="mt-2" onClick={onEdit}>
              Fill in: {title}
            </Button>
          )}
        </div>
      ) : (
        <>
          <AnswerChain answer={answer} question={question} />
          {!keptBack && question.find.quantity === 'hydration' && <WholeNumber answer={answer} plusMinus={sure?.plusMinus} />}
          {!keptBack && <WhatIf answer={answer} question={question} />}
          {sure && !keptBack && <HowSure answer={answer} sureness={sure.sureness} />}
        </>
      )}
    </section>
  )
}

/** Water of crystallisation comes in whole numbers: which of them the answer means, if it is sure enough to tell. */
function WholeNumber({ answer, plusMinus }: { readonly answer: Answer; readonly plusMinus: string | undefined }) {
  if (plusMinus === undefined || answer.unrounded === undefined) return null
  const whole = wholeNumberWithin(answer.unrounded, plusMinus)
  return (
    <p className="mt-2">
      {whole === undefined ? (
        <>No single whole number lies within {`${answer.value} ± ${plusMinus}`}.</>
      ) : (
        <>
          <strong>So x = {whole}</strong>, the whole number within {`${answer.value} ± ${plusMinus}`}.
        </>
      )}
    </p>
  )
}

/** The answer, with a smaller ± beside it. */
function AnswerValue({ answer, plusMinus }: { readonly answer: Answer; readonly plusMinus: string | undefined }) {
  return (
    <span className="text-right min-[600px]:whitespace-nowrap" data-testid={`answer-${answer.question}`}>
      <Num
        text={answer.value ?? ''}
        unit={answer.unit}
        className="text-[1.7rem] leading-none font-semibold max-[599px]:text-2xl"
      />
      {plusMinus && ' '}
      {plusMinus && (
        <span className="ml-1 whitespace-nowrap text-ink-soft" title="Expanded uncertainty, k = 2: see How sure">
          ± <Num text={plusMinus} />
        </span>
      )}
    </span>
  )
}

/** The schools of working. */
function WorkingToggle() {
  const { working } = useTask().conventions
  const edit = useNotebook((state) => state.edit)
  return (
    <Segments
      label="School of working"
      value={working}
      choices={SCHOOLS}
      onChange={(chosen) =>
        edit('choose the school of working', (task) => {
          task.conventions.working = chosen
        })
      }
    />
  )
}
