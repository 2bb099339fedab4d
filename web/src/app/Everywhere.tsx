import { Suspense, useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useNavigate, useParams } from 'react-router'
import { useGuide } from '../guide/useGuide.ts'
import { usePageAction } from '../keys/pageActions.ts'
import { useKeyAction } from '../keys/useKeyAction.ts'
import { derive } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { usePad, usePadChoice } from '../pad/usePad.ts'
import { useReference } from '../reference/useReference.ts'
import { sayYes, useLastSaid } from '../ui/lastSaid.ts'
import { later } from '../ui/later.tsx'
import { Palette } from './Palette.tsx'
import { isTyping, turnBack } from './turnBack.ts'

const KeysDialog = later(() => import('../keys/KeysDialog.tsx').then((module) => module.KeysDialog))
const ReadingPad = later(() => import('../pad/ReadingPad.tsx').then((module) => module.ReadingPad))
const GuideDialog = later(() => import('../guide/GuideDialog.tsx').then((module) => module.GuideDialog))
const ReferenceDrawer = later(() => import('../reference/ReferenceDrawer.tsx').then((module) => module.ReferenceDrawer))

/** Undo and redo by their keys; what is typed in a field the browser takes back itself. */
function useHistoryKeys(): void {
  const navigate = useNavigate()
  const possible = useNotebook(({ task }) => task !== undefined)
  const meant = ({ target }: KeyboardEvent) => !isTyping(target)
  const turn = (which: 'undo' | 'redo') => () => turnBack(which, navigate)
  useKeyAction('undo', { says: 'Undo', words: 'take back' }, turn('undo'), { possible, meant })
  useKeyAction('redo', { says: 'Redo', words: 'do again' }, turn('redo'), { possible, meant })
  // The other key by which redo is known.
  useHotkeys(
    'mod+y',
    (event) => {
      if (!meant(event)) return
      event.preventDefault()
      turnBack('redo', navigate)
    },
    { enableOnFormTags: true, enabled: possible },
  )
}

/** Alt with a digit goes to a stage. */
function useStageKeys(): void {
  const { taskId } = useParams()
  const navigate = useNavigate()
  useHotkeys(
    'alt+1, alt+2, alt+3, alt+4, alt+5, alt+6, alt+7, alt+8, alt+9',
    ({ code }) => {
      const { task } = useNotebook.getState()
      const stage = task && derive(task).stages[Number(code.replace('Digit', '')) - 1]
      if (stage) void navigate(`/task/${taskId}/${stage.id}`)
    },
    { enableOnFormTags: true, preventDefault: true },
  )
}

/** What is at hand on every page: finding, the list of keys, the reference and the guides. */
export function Everywhere() {
  const [palette, setPalette] = useState(false)
  const [keys, setKeys] = useState(false)
  const reference = useReference(({ open }) => open)
  const guide = useGuide(({ id }) => id)
  useKeyAction('palette', { says: 'Find anything' }, () => setPalette(true))
  useKeyAction('help', { says: 'List the keys', words: 'keys shortcuts help' }, () => setKeys(true))
  useKeyAction(
    'reference',
    { says: 'Open the reference', words: 'reagents ions gases flames colours indicators glassware' },
    () => useReference.getState().show(),
  )
  const better = useLastSaid(({ said }) => (said && 'better' in said ? said.better : undefined))
  useKeyAction('sayYes', { says: `Write ${better ?? ''} instead`, words: 'yes' }, sayYes, { possible: better !== undefined })
  const pad = usePad()
  const choosePad = usePadChoice((choice) => choice.choose)
  usePageAction({ says: 'Keys for readings on the page', words: 'pad gloves touch', act: () => choosePad('on') }, !pad)
  usePageAction({ says: 'The keyboard of the device for readings', words: 'pad off', act: () => choosePad('off') }, pad)
  useHistoryKeys()
  useStageKeys()
  return (
    <>
      <Palette open={palette} onOpenChange={setPalette} />
      <Suspense fallback={null}>
        {pad && <ReadingPad />}
        {keys && <KeysDialog open onOpenChange={setKeys} />}
        {guide !== '' && <GuideDialog />}
        {reference && <ReferenceDrawer />}
      </Suspense>
    </>
  )
}
