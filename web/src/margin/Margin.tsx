import { ChevronUp } from 'lucide-react'
import { type ReactNode, useState } from 'react'
import { CheckCard } from './CheckCard.tsx'
import { GoOnButton } from './GoOnButton.tsx'
import { Notes } from './Notes.tsx'
import { ProblemCount } from './ProblemCount.tsx'
import { SoFarCard } from './SoFarCard.tsx'

/** The next action: one line to read at arm's length, and a little more. */
export interface Now {
  readonly title: ReactNode
  readonly says?: ReactNode
  /** Another way to go on. */
  readonly or?: ReactNode
  readonly caution?: ReactNode
}

interface MarginProps {
  readonly now: Now
  readonly about: readonly string[]
  /** What the page has to say beside the usual cards. */
  readonly board?: ReactNode
}

/** What a good demonstrator standing beside you would say. On a narrow screen, a drawer at the foot. */
export function Margin({ now, about, board }: MarginProps) {
  const [drawn, setDrawn] = useState(false)
  return (
    <aside
      aria-label="Margin"
      className={`page-margin flex flex-col gap-6 border-margin-rule bg-sheet px-5 pt-5 pb-6 max-[899px]:fixed max-[899px]:inset-x-0 max-[899px]:bottom-0 max-[899px]:z-30 max-[899px]:border-t-2 max-[899px]:px-4 max-[899px]:pt-0 max-[899px]:pb-3 min-[900px]:relative min-[900px]:overflow-y-auto min-[900px]:border-l ${drawn ? 'max-[899px]:max-h-[75vh] max-[899px]:overflow-y-auto' : ''}`}
    >
      <section aria-label="Now">
        <button
          type="button"
          className="flex min-h-11 w-full items-center justify-between min-[900px]:hidden"
          aria-expanded={drawn}
          onClick={() => setDrawn(!drawn)}
        >
          <span className="eyebrow">Now</span>
          <ProblemCount />
          <span className="flex items-center gap-1 text-sm">
            {drawn ? 'less' : 'more'} <ChevronUp size={16} className={drawn ? 'rotate-180' : ''} aria-hidden="true" />
          </span>
        </button>
        <h2 className="eyebrow max-[899px]:hidden">Now</h2>
        <p aria-live="polite" aria-atomic="true" className="font-title text-xl leading-snug font-semibold max-[899px]:text-lg">
          {now.title}
        </p>
        <div className={`mt-2 flex flex-col gap-2 ${drawn ? '' : 'max-[899px]:hidden'}`}>
          {now.says && <div className="text-[0.95rem]">{now.says}</div>}
          {now.or && <p className="text-[0.95rem] text-ink-soft">{now.or}</p>}
        </div>
        <GoOnButton />
      </section>
      <div className={`flex flex-1 flex-col gap-6 ${drawn ? '' : 'max-[899px]:hidden'}`}>
        <Notes />
        {/* A board is long: the caution of what is about to be done comes before it. */}
        {board && <Care caution={now.caution} />}
        {board}
        <CheckCard about={about} />
        {!board && <Care caution={now.caution} />}
        <SoFarCard />
      </div>
    </aside>
  )
}

function Care({ caution }: { readonly caution: ReactNode }) {
  if (!caution) return null
  return (
    <section aria-label="Care" className="border-l-3 border-iodine pl-3">
      <h2 className="eyebrow text-iodine">Care</h2>
      <div className="mt-1 text-[0.92rem]">{caution}</div>
    </section>
  )
}
