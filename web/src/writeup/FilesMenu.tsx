import type { FileFormat } from '@hop-lark/files'
import { FolderDown } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { toast } from 'sonner'
import { FORMATS } from '../files/formats.ts'
import { saveAs } from '../files/save.ts'
import { useTask } from '../notebook/derived.ts'
import { downloadTask } from '../notebook/download.ts'
import { Button } from '../ui/Button.tsx'
import { MENU, MENU_ITEM } from '../ui/menu.ts'

/** What the task can be saved as. */
export function FilesMenu() {
  const task = useTask()
  const save = async (format: FileFormat) => {
    try {
      await saveAs(format, task)
    } catch (error) {
      toast(`The file could not be written: ${error instanceof Error ? error.message : String(error)}`)
    }
  }
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>
        <Button icon={<FolderDown size={16} aria-hidden="true" />}>Files</Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" sideOffset={4} className={MENU}>
          {(Object.keys(FORMATS) as FileFormat[]).map((format) => (
            <DropdownMenu.Item key={format} className={MENU_ITEM} onSelect={() => void save(format)}>
              {FORMATS[format].says}
            </DropdownMenu.Item>
          ))}
          <DropdownMenu.Separator className="my-1 h-px bg-rule" />
          <DropdownMenu.Item className={MENU_ITEM} onSelect={() => downloadTask(task)}>
            The task file
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
