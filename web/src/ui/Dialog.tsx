import { X } from 'lucide-react'
import { Dialog as Radix } from 'radix-ui'
import { type ReactNode, useRef } from 'react'
import { backToPage } from './keepFocus.ts'
import { firstAsked } from './nextAsked.ts'

interface DialogProps {
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
  readonly title: string
  readonly says?: string
  readonly wide?: boolean
  /** Puts the cursor where it belongs when the dialog is closed; without it, it goes back to where it was. */
  readonly onClosed?: () => void
  readonly children: ReactNode
}

/** A dialog over the page; Escape and the cross close it. */
export function Dialog({ open, onOpenChange, title, says, wide, onClosed, children }: DialogProps) {
  const content = useRef<HTMLDivElement>(null)
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Radix.Content
          className={`fixed top-[5vh] left-1/2 z-50 max-h-[90vh] w-[calc(100vw-2rem)] -translate-x-1/2 overflow-auto rounded-2xl border border-rule bg-sheet p-6 ${wide ? 'max-w-3xl' : 'max-w-lg'}`}
          ref={content}
          onOpenAutoFocus={(event) => {
            const asked = content.current && firstAsked(content.current)
            if (!asked) return
            event.preventDefault()
            asked.focus()
          }}
          onCloseAutoFocus={(event) => {
            event.preventDefault()
            ;(onClosed ?? backToPage)()
          }}
          {...(says ? {} : { 'aria-describedby': undefined })}
        >
          <Radix.Title className="mb-4 pr-10 text-2xl font-bold">{title}</Radix.Title>
          {says && <Radix.Description className="mb-4 text-ink-soft">{says}</Radix.Description>}
          {children}
          {/* Last in order, so that the first field of the dialog gets the cursor. */}
          <Radix.Close aria-label="Close" className="absolute top-5 right-5 rounded p-2 hover:bg-hair">
            <X size={18} />
          </Radix.Close>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  )
}
