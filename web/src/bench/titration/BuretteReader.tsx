import { Exact, fitToStep, readTypedReading } from '@hop-lark/core/number'
import type { Conventions, Path } from '@hop-lark/core/record'
import { ChevronDown, ChevronUp, CornerDownLeft } from 'lucide-react'
import type { ComponentProps, KeyboardEvent, PointerEvent } from 'react'
import { cellAt } from '../../app/cellAt.ts'
import { Burette } from '../../instruments/Burette.tsx'
import { useDraft } from '../../notebook/drafts.ts'
import { enterField } from '../../pad/padField.ts'

interface BuretteReaderProps extends Omit<ComponentProps<typeof Burette>, 'capacity'> {
  readonly burette: Conventions['burette']
  /** The reading that is taken next. */
  readonly at: Path
  /** What it is called: `run 2, final reading`. */
  readonly called: string
}

/** Where the scale lies in the drawing, and room for a finger beside it. */
const SCALE = 'absolute top-[5.3%] left-[20%] h-[83.1%] w-[30%]'
/** A whole cubic centimetre, for keys that go far. */
const FAR = '1'

/** The burette as something to read by: the meniscus is dragged to where it stands, the last digit settled by steps. */
export function BuretteReader({ burette, at, called, reading, ...drawn }: BuretteReaderProps) {
  const [draft, setDraft] = useDraft(at)
  const typed = draft === undefined || draft.trim() === '' ? undefined : readTypedReading(draft).text
  const shown = typed ?? reading
  const { capacity, step } = burette
  const read = (value: Exact) => setDraft(fitToStep(Exact.min(Exact.max(value, 0), capacity).toFixed(6), step))
  const by = (size: string, direction: 1 | -1) => read(new Exact(shown ?? '0').add(new Exact(size).mul(direction)))
  const drag = (event: PointerEvent<HTMLDivElement>) => {
    if (event.buttons === 0) return
    const { top, height } = event.currentTarget.getBoundingClientRect()
    read(new Exact((event.clientY - top) / height).mul(capacity))
  }
  const keep = () => {
    const cell = cellAt(at)
    if (cell instanceof HTMLInputElement) enterField(cell)
  }
  const onKey = (event: KeyboardEvent) => {
    // The scale runs downwards: the level falls by the arrow down.
    const act = new Map([
      ['ArrowDown', () => by(step, 1)],
      ['ArrowUp', () => by(step, -1)],
      ['PageDown', () => by(FAR, 1)],
      ['PageUp', () => by(FAR, -1)],
      ['Home', () => read(new Exact(0))],
      ['End', () => read(new Exact(capacity))],
      ['Enter', keep],
      ['Escape', () => setDraft(undefined)],
    ]).get(event.key)
    if (!act) return
    event.preventDefault()
    event.stopPropagation()
    act()
  }
  return (
    <div className="relative">
      <Burette {...drawn} capacity={Number(capacity)} reading={shown} />
      <div
        role="slider"
        tabIndex={0}
        aria-label={`Level in the burette, for ${called}`}
        aria-orientation="vertical"
        aria-valuemin={0}
        aria-valuemax={Number(capacity)}
        aria-valuenow={Number(shown ?? 0)}
        aria-valuetext={shown === undefined ? 'not read yet' : `${shown} of ${capacity}`}
        className={`${SCALE} cursor-ns-resize touch-none rounded-lg`}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId)
          drag(event)
        }}
        onPointerMove={drag}
        onKeyDown={onKey}
      />
      {typed !== undefined && (
        <div className="absolute right-0 bottom-2 flex flex-col gap-1.5">
          <Settle says={`Up by ${step}`} onPress={() => by(step, -1)}>
            <ChevronUp size={26} />
          </Settle>
          <output className="num rounded-lg bg-sheet text-center text-xl font-semibold">{shown}</output>
          <Settle says={`Down by ${step}`} onPress={() => by(step, 1)}>
            <ChevronDown size={26} />
          </Settle>
          <Settle says={`Keep ${shown}`} main onPress={keep}>
            <CornerDownLeft size={24} />
          </Settle>
        </div>
      )}
    </div>
  )
}

interface SettleProps {
  readonly says: string
  readonly main?: boolean
  readonly onPress: () => void
  readonly children: React.ReactNode
}

function Settle({ says, main = false, onPress, children }: SettleProps) {
  return (
    <button
      type="button"
      aria-label={says}
      onClick={onPress}
      className={`flex size-16 items-center justify-center rounded-xl border ${main ? 'border-hop bg-hop text-sheet' : 'border-rule bg-sheet'}`}
    >
      {children}
    </button>
  )
}
