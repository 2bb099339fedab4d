import { type PartOf, stepPath } from '@hop-lark/core/record'
import { highlightCell } from '../../margin/highlight.ts'

interface StepsProps {
  readonly rack: PartOf<'rack'>
  readonly steps: readonly string[]
  readonly onShow: (step: string) => void
}

/** Steps that something rests on: pointed at, they light up; pressed, they are gone to. */
export function Steps({ rack, steps, onShow }: StepsProps) {
  const point = (step: string, on: boolean) => () => {
    const at = stepPath(rack, step)
    if (at) highlightCell(at, on)
  }
  return (
    <span className="inline-flex flex-wrap gap-x-2">
      {steps.map((step) => (
        <button
          key={step}
          type="button"
          className="on-paper num rounded underline decoration-rule underline-offset-2 hover:text-hop"
          title="Go to this step"
          onClick={() => onShow(step)}
          onMouseEnter={point(step, true)}
          onMouseLeave={point(step, false)}
        >
          {step}
        </button>
      ))}
    </span>
  )
}
