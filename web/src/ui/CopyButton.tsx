import { Check, Copy } from 'lucide-react'
import { useEffect, useState } from 'react'
import { copy } from './copy.ts'

const MILLISECONDS_SHOWN = 2000

interface CopyButtonProps {
  /** What is copied, to be said aloud. */
  readonly says: string
  readonly text: () => string
  readonly html?: () => string
}

/** Puts something on the clipboard, and shows for a moment that it is there. */
export function CopyButton({ says, text, html }: CopyButtonProps) {
  const [done, setDone] = useState(false)
  useEffect(() => {
    if (!done) return
    const timer = setTimeout(() => setDone(false), MILLISECONDS_SHOWN)
    return () => clearTimeout(timer)
  }, [done])
  return (
    <button
      type="button"
      aria-label={says}
      title={says}
      className="rounded p-1.5 text-ink-soft hover:bg-hair hover:text-ink print:hidden"
      onClick={() => {
        if (copy({ text: text(), ...(html ? { html: html() } : {}) })) setDone(true)
      }}
    >
      {done ? <Check size={15} aria-hidden="true" /> : <Copy size={15} aria-hidden="true" />}
      <span aria-live="polite" className="sr-only">
        {done ? 'copied' : ''}
      </span>
    </button>
  )
}
