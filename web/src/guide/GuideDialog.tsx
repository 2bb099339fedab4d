import { GUIDES, type Guide } from '@hop-lark/core/guide'
import { Dialog } from '../ui/Dialog.tsx'
import { Drawing } from './Drawing.tsx'
import { GuideTimer } from './GuideTimer.tsx'
import { useGuide } from './useGuide.ts'

/** How the hands do it: a drawing, at most six lines with their reasons, tips, timers, the caution. */
export function GuideDialog() {
  const { id, close } = useGuide()
  const guide = GUIDES.find((one) => one.id === id)
  if (!guide) return null
  return (
    <Dialog open onOpenChange={close} title={guide.title} wide>
      <div className="flex gap-6 max-[699px]:flex-col">
        <div className="w-64 flex-none max-[699px]:w-full">
          <Drawing name={guide.drawing} />
          {guide.timers.map((timer) => (
            <GuideTimer key={timer.says} {...timer} />
          ))}
          <dl className="mt-4 text-[0.95rem]">
            <Tip says="One pair of hands" text={guide.onePair} />
            <Tip says="Left hand" text={guide.leftHand} />
          </dl>
        </div>
        <div className="min-w-0 flex-1">
          <Lines guide={guide} />
          <p className="mt-3 border-l-3 border-iodine pl-3 text-[0.95rem]">{guide.caution}</p>
        </div>
      </div>
    </Dialog>
  )
}

const Lines = ({ guide }: { readonly guide: Guide }) => (
  <ol className="border-t-[1.5px] border-ink">
    {guide.lines.map((line, index) => (
      <li key={line.do} className="flex gap-3 border-b border-hair py-2">
        <span className="num w-5 flex-none text-right text-ink-soft">{index + 1}</span>
        <span>
          <span className="block text-[1.05rem] font-semibold">{line.do}</span>
          <span className="block text-[0.95rem] text-ink-soft">{line.because}</span>
        </span>
      </li>
    ))}
  </ol>
)

const Tip = ({ says, text }: { readonly says: string; readonly text: string }) => (
  <div className="py-1">
    <dt className="font-semibold">{says}</dt>
    <dd>{text}</dd>
  </div>
)
