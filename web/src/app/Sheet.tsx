import type { Path } from '@hop-lark/core/record'
import { format } from 'date-fns'
import { type ReactNode, Suspense, useEffect, useRef } from 'react'
import { Margin, type Now } from '../margin/Margin.tsx'
import { useTask } from '../notebook/derived.ts'
import { useLastSaid } from '../ui/lastSaid.ts'
import { later } from '../ui/later.tsx'
import { ONWARD } from '../ui/nextAsked.ts'
import { usePrinting } from '../ui/usePrinting.ts'
import { focusAt } from './goTo.ts'
import { Notices } from './Notices.tsx'

const Photographs = later(() => import('../photographs/Photographs.tsx').then((module) => module.Photographs))

interface SheetProps {
  readonly title: ReactNode
  /** One line under the title: what is done here. */
  readonly says?: ReactNode
  readonly actions?: ReactNode
  readonly now: Now
  /** What the margin of this page holds beside the usual cards. */
  readonly board?: ReactNode
  /** Parts this page is about: their problems come first in the margin. */
  readonly about?: readonly string[]
  /** Path of the cell to fill next; the cursor is put there when the page opens. */
  readonly first?: Path | undefined
  readonly children: ReactNode
}

/** What stands over a page that is printed: of which task it is, and from when. */
function PaperHead() {
  const task = useTask()
  if (!usePrinting()) return null
  return (
    <p className="paper-only mb-2 border-b border-ink pb-1 text-sm">
      {task.title} · {format(new Date(), 'd MMMM yyyy, HH:mm')}
    </p>
  )
}

/** On a phone the cursor would call up the keyboard over half the page. */
const HAS_ROOM = '(min-width: 900px)'

/** One page of the notebook with its margin. */
export function Sheet({ title, says, actions, now, board, about = [], first, children }: SheetProps) {
  const opened = useRef(first)
  const main = useRef<HTMLElement>(null)
  // What was said beside a cell belongs to its page.
  useEffect(() => () => useLastSaid.getState().drop(), [])
  useEffect(() => {
    if (document.activeElement !== document.body) return
    if (opened.current !== undefined && window.matchMedia(HAS_ROOM).matches) focusAt(opened.current)
    // Nothing to type here: to what leads on, or else to the page itself, so that it is read and its keys work.
    else
      (main.current?.parentElement?.querySelector<HTMLElement>(`[${ONWARD}]`) ?? main.current)?.focus({
        preventScroll: true,
      })
  }, [])
  return (
    <div className="page-frame grid min-h-0 min-w-0 max-[899px]:grid-cols-[minmax(0,1fr)] max-[899px]:pb-24 min-[900px]:grid-cols-[minmax(0,1fr)_18rem] min-[900px]:overflow-hidden">
      {/* Positioned, so that labels that are only heard stay inside and do not lengthen the window. */}
      <main
        ref={main}
        tabIndex={-1}
        className="@container/main relative min-w-0 px-7 outline-none pt-5 pb-8 max-[899px]:px-4 min-[900px]:overflow-y-auto"
      >
        <PaperHead />
        <header className="page-head mb-4">
          <div className="flex flex-wrap items-start justify-between gap-x-6 gap-y-2">
            <h1 className="min-w-0 flex-1 text-[1.75rem] font-bold break-words max-[599px]:basis-full">{title}</h1>
            {actions && <div className="flex flex-wrap gap-2">{actions}</div>}
          </div>
          {says && <p className="mt-1 text-[0.95rem] text-ink-soft">{says}</p>}
        </header>
        <div className="page-notices">
          <Notices />
        </div>
        {children}
        {about.length > 0 && (
          <Suspense fallback={null}>
            <Photographs parts={about} />
          </Suspense>
        )}
      </main>
      <Margin now={now} about={about} board={board} />
    </div>
  )
}
