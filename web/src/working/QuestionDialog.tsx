import type { Question } from '@hop-lark/core/record'
import { Dialog } from '../ui/Dialog.tsx'
import { QuestionForm } from './QuestionForm.tsx'

interface QuestionDialogProps {
  /** A question that is changed, a new one, or a new one of which something is known. */
  readonly question: Question | 'new' | Question['find'] | undefined
  readonly onClose: () => void
}

/** What is asked for: quantity, of what, in what, unit and figures. */
export function QuestionDialog({ question, onClose }: QuestionDialogProps) {
  const old = question !== undefined && question !== 'new' && 'find' in question ? question : undefined
  return (
    <Dialog
      open={question !== undefined}
      onOpenChange={(open) => !open && onClose()}
      title={old ? 'Change the question' : 'Add a question'}
    >
      {question !== undefined && (
        <QuestionForm question={old} begun={question === 'new' || 'find' in question ? undefined : question} onClose={onClose} />
      )}
    </Dialog>
  )
}
