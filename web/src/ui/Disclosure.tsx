import { ChevronRight } from 'lucide-react'
import { type ReactNode, useState } from 'react'

interface DisclosureProps {
  readonly title: string
  /** What it holds; made only while it is open. */
  readonly children: () => ReactNode
}

/** A heading that opens what is under it. */
export function Disclosure({ title, children }: DisclosureProps) {
  const [open, setOpen] = useState(false)
  return (
    <div className="mt-3">
      <button
        type="button"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className="flex min-h-9 items-center gap-1.5 rounded font-title text-lg font-bold hover:text-hop"
      >
        <ChevronRight size={18} aria-hidden="true" className={open ? 'rotate-90' : ''} />
        {title}
      </button>
      {open && children()}
    </div>
  )
}
