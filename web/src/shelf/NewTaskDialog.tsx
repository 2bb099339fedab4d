import { Dialog } from '../ui/Dialog.tsx'
import { NewTaskForm } from './NewTaskForm.tsx'

/** Asks for a title and a starting sheet, puts the task on the server and opens it. */
export function NewTaskDialog({ title, onClose }: { readonly title: string; readonly onClose: () => void }) {
  return (
    <Dialog
      open
      onOpenChange={onClose}
      title="New task"
      says="Choose the shape nearest to the task sheet; everything can be changed later."
      wide
    >
      <NewTaskForm title={title} />
    </Dialog>
  )
}
