import type { Question } from '@hop-lark/core/record'
import { Dialog } from '../ui/Dialog.tsx'
import { QuestionForm } from './QuestionForm.tsx'

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
      {question !== undefined && <QuestionForm question={question === 'new' ? undefined : question} onClose={onClose} />}
    </Dialog>
  )
}
