import { path, writePath } from '@hop-lark/core/record'
import type { Sentence } from '@hop-lark/core/writeup'
import { useEffect, useRef } from 'react'
import { Button } from '../ui/Button.tsx'
import { TYPED_ONLY } from '../ui/typedOnly.ts'
import { useKeptText } from '../ui/useKeptText.ts'
import { useWriteup } from './useWriteup.ts'

interface SentenceEditorProps {
  readonly sentence: Sentence
  readonly onDone: () => void
}

/** A sentence being put into one's own words. Enter keeps it, Escape leaves it as it was; an empty one is left out. */
export function SentenceEditor({ sentence, onDone }: SentenceEditorProps) {
  const { keep, putBack } = useWriteup()
  const field = useRef<HTMLTextAreaElement>(null)
  const at = path('writeup', 'sentences', sentence.id, 'text')
  const isAdded = sentence.made === '' && sentence.text === ''
  const commit = (text: string) => {
    if (text === '' && sentence.made === '') putBack(sentence.id)
    else keep('put a sentence into own words', [{ sentence, text }])
  }
  const text = useKeptText(at, sentence.text, commit, (typed) => typed.trim())
  useEffect(() => {
    field.current?.focus()
    field.current?.select()
  }, [])
  const keepAndLeave = () => {
    if (text.keep()) onDone()
  }
  const leave = (act: () => void) => () => {
    text.drop()
    act()
    onDone()
  }
  return (
    <span className="my-2 block rounded-lg border border-hop p-2 print:hidden">
      <textarea
        ref={field}
        aria-label="Sentence"
        data-at={writePath(at)}
        value={text.draft ?? sentence.text}
        onChange={(event) => text.setDraft(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Escape') leave(() => {})()
          if (event.key !== 'Enter' || event.shiftKey) return
          event.preventDefault()
          keepAndLeave()
        }}
        onBlur={text.keep}
        aria-invalid={text.refusal !== undefined}
        {...(text.draft === undefined ? {} : TYPED_ONLY)}
        className="field-sizing-content min-h-16 w-full rounded bg-sheet p-2 leading-relaxed"
      />
      {text.refusal && (
        <span role="alert" className="block text-sm text-litmus">
          {text.refusal}
        </span>
      )}
      <span className="flex flex-wrap gap-x-4 gap-y-1">
        <Button look="quiet" hotkey="Enter" onClick={keepAndLeave}>
          Keep
        </Button>
        {sentence.state === 'made' && (
          <Button look="quiet" onClick={leave(() => keep('take over a sentence', [{ sentence, text: sentence.made }]))}>
            Take it over as it is
          </Button>
        )}
        {!isAdded && (
          <Button
            look="quiet"
            onClick={leave(() =>
              sentence.made === '' ? putBack(sentence.id) : keep('leave out a sentence', [{ sentence, text: '' }]),
            )}
          >
            Leave it out
          </Button>
        )}
        {sentence.made !== '' && sentence.state !== 'made' && (
          <Button look="quiet" onClick={leave(() => putBack(sentence.id))}>
            Back to what was written for you
          </Button>
        )}
        <Button look="quiet" hotkey="Esc" onClick={leave(() => {})}>
          Close
        </Button>
      </span>
    </span>
  )
}
