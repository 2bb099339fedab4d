import { checkFormula } from '@hop-lark/core/check'
import { freshId, MOST_FIGURES, type Question, type Task } from '@hop-lark/core/record'
import { Trash2 } from 'lucide-react'
import { useState } from 'react'
import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { Button } from '../ui/Button.tsx'
import { choicesFrom } from '../ui/choices.ts'
import { Dialog } from '../ui/Dialog.tsx'
import { Select } from '../ui/Select.tsx'
import { TextField } from '../ui/TextField.tsx'
import { ASKABLE, type Askable, type Asked, askedOf, extrasOf, placesFor, questionFrom } from './askable.ts'
import { ExtraFields } from './ExtraFields.tsx'

interface QuestionDialogProps {
  readonly question: Question | 'new' | undefined
  readonly onClose: () => void
}

/** What is asked for: quantity, of what, in what, unit and figures. */
export function QuestionDialog({ question, onClose }: QuestionDialogProps) {
  return (
    <Dialog
      open={question !== undefined}
      onOpenChange={(open) => !open && onClose()}
      title={question === 'new' ? 'Add a question' : 'Change the question'}
    >
      {question !== undefined && <QuestionForm question={question} onClose={onClose} />}
    </Dialog>
  )
}

function QuestionForm({ question, onClose }: { readonly question: Question | 'new'; readonly onClose: () => void }) {
  const task = useTask()
  const edit = useNotebook((state) => state.edit)
  const [asked, setAsked] = useState<Asked>(() => (question === 'new' ? firstAsked(task) : askedOf(question)))
  const askable = ASKABLE[asked.quantity]
  const fault = askable.species && asked.of !== '' ? checkFormula(asked.of, [])[0] : undefined
  const id =
    question === 'new'
      ? freshId(
          'q',
          task.questions.map((one) => one.id),
        )
      : question.id
  const made = fault ? undefined : questionFrom(id, asked)
  const keep = () => {
    if (!made) return
    edit('write a question', (draft) => {
      const place = draft.questions.findIndex((one) => one.id === id)
      if (place < 0) draft.questions.push(made)
      else draft.questions[place] = { ...made, ...(question !== 'new' && question.own ? { own: question.own } : {}) }
    })
    onClose()
  }
  const remove = () => {
    edit('take out a question', (draft) => {
      draft.questions = draft.questions.filter((one) => question === 'new' || one.id !== question.id)
    })
    onClose()
  }
  const places = placesFor(task, asked.quantity)
  return (
    <div className="flex flex-col gap-4">
      <Field label="Find">
        <Select
          label="Quantity"
          value={asked.quantity}
          choices={Object.entries(ASKABLE).map(([value, { says }]) => ({ value, says }))}
          className="w-full"
          onChange={(value) => {
            const quantity = value as Askable
            setAsked({
              ...asked,
              quantity,
              unit: ASKABLE[quantity].units[0] ?? '',
              in: placesFor(task, quantity)[0]?.value ?? '',
              extra: {},
            })
          }}
        />
      </Field>
      {askable.species && (
        <TextField
          label="Of (element, ion or formula)"
          value={asked.of}
          mono
          placeholder="Fe"
          error={fault?.says}
          onCommit={(of) => setAsked({ ...asked, of })}
        />
      )}
      {ASKABLE[asked.quantity].where !== 'nowhere' && (
        <Field label={asked.quantity === 'molarMass' ? 'Of' : 'In'}>
          <Select
            label="In"
            value={asked.in}
            choices={places}
            className="w-full"
            placeholder={places.length === 0 ? 'nothing to choose yet' : 'Choose …'}
            onChange={(chosen) => setAsked({ ...asked, in: chosen })}
          />
        </Field>
      )}
      <ExtraFields
        extras={extrasOf(asked.quantity)}
        values={asked.extra}
        questions={task.questions.filter((one) => one.id !== id)}
        onChange={(extra) => setAsked({ ...asked, extra })}
      />
      <div className="flex gap-3">
        {askable.units.length > 1 && (
          <Field label="Unit">
            <Select
              label="Unit"
              value={asked.unit}
              choices={askable.units.map((unit) => ({ value: unit, says: unit }))}
              onChange={(unit) => setAsked({ ...asked, unit })}
            />
          </Field>
        )}
        <Field label="Figures">
          <Select
            label="Figures"
            value={asked.figures}
            choices={[
              { value: 'usual', says: `as the task: ${task.conventions.figures}` },
              ...choicesFrom(1, MOST_FIGURES, String),
            ]}
            onChange={(figures) => setAsked({ ...asked, figures })}
          />
        </Field>
      </div>
      <TextField label="In the task’s words (optional)" value={asked.text} onCommit={(text) => setAsked({ ...asked, text })} />
      <div className="flex gap-2">
        <Button look="main" disabled={!made} onClick={keep}>
          {question === 'new' ? 'Ask it' : 'Keep'}
        </Button>
        {question !== 'new' && (
          <Button look="danger" icon={<Trash2 size={16} />} onClick={remove}>
            Take out
          </Button>
        )}
      </div>
    </div>
  )
}

function firstAsked(task: Task): Asked {
  return {
    quantity: 'concentration',
    of: '',
    in: placesFor(task, 'concentration')[0]?.value ?? '',
    unit: 'mol/dm3',
    figures: 'usual',
    text: '',
    extra: {},
  }
}

function Field({ label, children }: { readonly label: string; readonly children: React.ReactNode }) {
  return (
    <div>
      <span className="mb-1 block text-sm font-semibold">{label}</span>
      {children}
    </div>
  )
}
