import type { ShelfLine } from '@hop-lark/contract'
import { EllipsisVertical } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { useState } from 'react'
import { toast } from 'sonner'
import { ApiError, api } from '../notebook/api.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { MENU, MENU_ITEM } from '../ui/menu.ts'
import { TextField } from '../ui/TextField.tsx'

interface TaskMenuProps {
  readonly line: ShelfLine
  readonly onChanged: () => void
  readonly openAtOnce?: boolean
}

/** Duplicate, export, archive and restore; deleting takes archiving first, and the title. */
export function TaskMenu({ line, onChanged, openAtOnce = false }: TaskMenuProps) {
  const [deleting, setDeleting] = useState(false)
  const act = async (does: () => Promise<unknown>, says: string) => {
    try {
      await does()
      toast(says)
      onChanged()
    } catch (error) {
      if (!(error instanceof ApiError)) throw error
      toast(`${error.message} ${error.mend}`)
    }
  }
  const { id, title, archived } = line
  return (
    <>
      <DropdownMenu.Root defaultOpen={openAtOnce}>
        <DropdownMenu.Trigger aria-label={`More for ${title}`} className="rounded p-2 hover:bg-hair">
          <EllipsisVertical size={18} />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content align="end" className={MENU}>
            <DropdownMenu.Item
              className={MENU_ITEM}
              onSelect={() => void act(() => api.duplicate(id), 'A copy is on the shelf.')}
            >
              Duplicate
            </DropdownMenu.Item>
            <DropdownMenu.Item className={MENU_ITEM} asChild>
              <a href={api.fileAddress(id)} download>
                Export the task file
              </a>
            </DropdownMenu.Item>
            {archived === null ? (
              <DropdownMenu.Item
                className={MENU_ITEM}
                onSelect={() => void act(() => api.archive(id), 'Archived. Nothing in it is lost.')}
              >
                Archive
              </DropdownMenu.Item>
            ) : (
              <>
                <DropdownMenu.Item className={MENU_ITEM} onSelect={() => void act(() => api.restore(id), 'Back on the shelf.')}>
                  Put back on the shelf
                </DropdownMenu.Item>
                <DropdownMenu.Item className={`${MENU_ITEM} text-litmus`} onSelect={() => setDeleting(true)}>
                  Delete for good …
                </DropdownMenu.Item>
              </>
            )}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <DeleteDialog
        title={title}
        open={deleting}
        onOpenChange={setDeleting}
        onDelete={(typed) => act(() => api.destroy(id, typed), 'Deleted.')}
      />
    </>
  )
}

interface DeleteDialogProps {
  readonly title: string
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
  readonly onDelete: (typed: string) => Promise<void>
}

function DeleteDialog({ title, open, onOpenChange, onDelete }: DeleteDialogProps) {
  const [typed, setTyped] = useState('')
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title="Delete for good"
      says={`The record of “${title}” and its whole history will be destroyed. This cannot be undone. Export the task file first if you may want it.`}
    >
      <TextField label={`Type the title, ${title}, to delete it`} value={typed} onCommit={setTyped} />
      <div className="mt-5 flex gap-2">
        <Button look="danger" disabled={typed !== title} onClick={() => void onDelete(typed).then(() => onOpenChange(false))}>
          Delete for good
        </Button>
        <Button onClick={() => onOpenChange(false)}>Keep it</Button>
      </div>
    </Dialog>
  )
}
