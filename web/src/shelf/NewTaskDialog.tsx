import { Dialog } from '../ui/Dialog.tsx'
import { NewTaskForm } from './NewTaskForm.tsx'

interface NewTaskDialogProps {
  /** What was typed of the title before the dialog was there, and whether Enter was pressed after it. */
  readonly title: string
  readonly entered: boolean
  readonly onClose: () => void
}

/** Asks for a title and a starting sheet, puts the task on the server and opens it. */
export function NewTaskDialog({ title, entered, onClose }: NewTaskDialogProps) {
  return (
    <Dialog
      open
      onOpenChange={onClose}
      title="New task"
      says="Choose the shape nearest to the task sheet; everything can be changed later."
      wide
    >
      <NewTaskForm title={title} entered={entered} />
    </Dialog>
  )
}
