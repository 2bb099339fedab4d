import { type ReactNode, useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useNavigate, useParams } from 'react-router'
import { derive } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { useReference } from '../reference/useReference.ts'
import { Key } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { SINGLE_KEY } from '../ui/singleKey.ts'
import { isTyping, turnBack } from './turnBack.ts'

const SHORTCUTS: readonly (readonly [string, string])[] = [
  ['Ctrl K', 'find any action or stage'],
  ['Enter', 'keep what is typed and go to the next cell'],
  ['Esc', 'put back what the cell held'],
  ['↑ ↓ ← →', 'move between the cells of a table'],
  ['N, or Alt N', 'new run'],
  ['T', 'time how long the colour stays'],
  ['P, or Alt P', 'fresh portion (tubes)'],
  ['G, or Alt G', 'grid of samples and tests (tubes)'],
  ['Page Up, Page Down', 'the tube before, the next tube'],
  ['-', 'no visible change, in the empty field of what you see'],
  ['Tab', 'take the name or wording that is offered (tubes)'],
  ['R, or Alt R', 'reference: reagents, ions, gases, colours'],
  ['Alt 1 … 9', 'go to a stage'],
  ['Ctrl Z', 'undo: the typing in a field, else the last change'],
  ['Ctrl Shift Z', 'redo'],
  ['?', 'this list'],
]

interface Shortcuts {
  readonly palette: boolean
  readonly setPalette: (open: boolean) => void
  readonly setHelp: (open: boolean) => void
  readonly dialog: ReactNode
}

/** Keys that work on every page of a task. */
export function useShortcuts(): Shortcuts {
  const [palette, setPalette] = useState(false)
  const [help, setHelp] = useState(false)
  const { taskId } = useParams()
  const navigate = useNavigate()
  const everywhere = { enableOnFormTags: true, preventDefault: true } as const
  useHotkeys('mod+k', () => setPalette(true), everywhere)
  const inHistory = (which: 'undo' | 'redo') => (event: KeyboardEvent) => {
    if (isTyping(event.target)) return
    event.preventDefault()
    turnBack(which, navigate)
  }
  useHotkeys('mod+z', inHistory('undo'), { enableOnFormTags: true })
  useHotkeys('mod+shift+z, mod+y', inHistory('redo'), { enableOnFormTags: true })
  useHotkeys('shift+slash', () => setHelp(true), SINGLE_KEY)
  useHotkeys('r', () => useReference.getState().show(), SINGLE_KEY)
  useHotkeys('alt+r', () => useReference.getState().show(), everywhere)
  useHotkeys(
    'alt+1, alt+2, alt+3, alt+4, alt+5, alt+6, alt+7, alt+8, alt+9',
    (event) => {
      const { task } = useNotebook.getState()
      const stage = task && derive(task).stages[Number(event.code.replace('Digit', '')) - 1]
      if (stage) void navigate(`/task/${taskId}/${stage.id}`)
    },
    everywhere,
  )
  const dialog = (
    <Dialog open={help} onOpenChange={setHelp} title="Keys">
      <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
        {SHORTCUTS.map(([keys, does]) => (
          <div key={keys} className="contents">
            <dt>
              <Key name={keys} />
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-5 text-sm text-ink-soft">Hop Lark {__VERSION__}</p>
    </Dialog>
  )
  return { palette, setPalette, setHelp, dialog }
}
