import { Ellipsis } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { useNavigate } from 'react-router'
import { toast } from 'sonner'
import { usePageAction } from '../keys/pageActions.ts'
import { ApiError, api } from '../notebook/api.ts'
import { useTask } from '../notebook/derived.ts'
import { downloadTask } from '../notebook/download.ts'
import { useNotebook } from '../notebook/store.ts'
import { usePad, usePadChoice } from '../pad/usePad.ts'
import { MENU, MENU_ITEM } from '../ui/menu.ts'
import { type Theme, useTheme } from './theme.ts'
import { turnBack } from './turnBack.ts'

const THEMES: readonly (readonly [Theme, string])[] = [
  ['device', 'Light or dark as the device'],
  ['light', 'Light'],
  ['dark', 'Dark'],
]
/** Undo and redo by name, the task file, and the theme. */
export function SpineMenu() {
  const task = useTask()
  const history = useNotebook((state) => state.history)
  const { theme, choose } = useTheme()
  const navigate = useNavigate()
  const pad = usePad()
  const choosePad = usePadChoice((choice) => choice.choose)
  const duplicate = async () => {
    try {
      const copy = await api.duplicate(task.id)
      await navigate(`/task/${copy.id}/brief`)
      toast('A copy of the task is open.')
    } catch (error) {
      if (!(error instanceof ApiError)) throw error
      toast(`${error.message} ${error.mend}`)
    }
  }
  usePageAction({ says: 'Export the task file', words: 'save download', act: () => downloadTask(task) })
  usePageAction({ says: 'Duplicate the task', words: 'copy', act: () => void duplicate() })
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger aria-label="Menu" className="rounded p-2 hover:bg-hair">
        <Ellipsis size={18} />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="start" sideOffset={4} className={MENU}>
          <DropdownMenu.Item
            className={MENU_ITEM}
            disabled={history.past.length === 0}
            onSelect={() => turnBack('undo', navigate)}
          >
            Undo {history.past.at(-1)?.says}
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className={MENU_ITEM}
            disabled={history.future.length === 0}
            onSelect={() => turnBack('redo', navigate)}
          >
            Redo {history.future[0]?.says}
          </DropdownMenu.Item>
          <DropdownMenu.Separator className="my-1 h-px bg-rule" />
          <DropdownMenu.Item className={MENU_ITEM} asChild>
            <a href={api.fileAddress(task.id)} download>
              Export the task file
            </a>
          </DropdownMenu.Item>
          <DropdownMenu.Item className={MENU_ITEM} onSelect={() => void duplicate()}>
            Duplicate the task
          </DropdownMenu.Item>
          <DropdownMenu.CheckboxItem checked={pad} className={MENU_ITEM} onSelect={() => choosePad(pad ? 'off' : 'on')}>
            <span className="w-5">{pad ? '✓' : ''}</span>
            Keys for readings on the page
          </DropdownMenu.CheckboxItem>
          <DropdownMenu.Separator className="my-1 h-px bg-rule" />
          {THEMES.map(([value, says]) => (
            <DropdownMenu.CheckboxItem key={value} checked={theme === value} className={MENU_ITEM} onSelect={() => choose(value)}>
              <span className="w-5">{theme === value ? '✓' : ''}</span>
              {says}
            </DropdownMenu.CheckboxItem>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
