import { ArrowRight } from 'lucide-react'
import { useGoOn } from '../app/goOn.ts'
import { useKeyAction } from '../keys/useKeyAction.ts'
import { Button } from '../ui/Button.tsx'
import { ONWARD } from '../ui/nextAsked.ts'

/** Over several lines of text, and in dialogs, the key has its own meaning there. */
const isMeant = ({ target }: KeyboardEvent) =>
  !(target instanceof HTMLTextAreaElement) && !(target instanceof Element && target.closest('[role=dialog]'))

/** Leads to the stage that is done next. Enter comes here by itself when nothing is left to record on the page. */
export function GoOnButton() {
  const { next, done, go } = useGoOn()
  const goOn = () => {
    // What is half typed is kept as when its field is left.
    if (document.activeElement instanceof HTMLElement) document.activeElement.blur()
    go()
  }
  const says = `Go on: ${next?.title ?? ''}`
  useKeyAction('goOn', { says, words: 'next stage' }, goOn, { possible: next !== undefined, meant: isMeant })
  if (!next) return null
  return (
    <Button
      look={done ? 'main' : 'plain'}
      action="goOn"
      {...{ [ONWARD]: '' }}
      onClick={goOn}
      className={`mt-3 w-full justify-between text-left ${done ? '' : 'max-[899px]:hidden'}`}
    >
      <span className="min-w-0 flex-1">{says}</span>
      <ArrowRight size={17} aria-hidden="true" />
    </Button>
  )
}
