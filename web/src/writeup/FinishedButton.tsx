import { Check } from 'lucide-react'
import { useTask } from '../notebook/derived.ts'
import { Button } from '../ui/Button.tsx'
import { useWriteup } from './useWriteup.ts'

/** Says that the report can be handed in, or that it is not yet. */
export function FinishedButton() {
  const { writeup } = useTask()
  const { change } = useWriteup()
  const finished = writeup?.finished !== undefined
  const turn = () =>
    change(finished ? 'not finished yet' : 'the report is finished', (draft) => {
      if (finished) delete draft.finished
      else draft.finished = new Date().toISOString()
    })
  return (
    <p className="mt-6 print:hidden">
      <Button aria-pressed={finished} icon={finished ? <Check size={16} /> : undefined} onClick={turn}>
        {finished ? 'Finished' : 'It is finished'}
      </Button>
    </p>
  )
}
