import { highlightCell } from '../../margin/highlight.ts'

/** Steps that something rests on: pointed at, they light up; pressed, they are gone to. */
export function Steps({ steps, onShow }: { readonly steps: readonly string[]; readonly onShow: (step: string) => void }) {
  return (
    <span className="inline-flex flex-wrap gap-x-2">
      {steps.map((step) => (
        <button
          key={step}
          type="button"
          className="num rounded underline decoration-rule underline-offset-2 hover:text-hop"
          title="Go to this step"
          onClick={() => onShow(step)}
          onMouseEnter={() => highlightCell(step, true)}
          onMouseLeave={() => highlightCell(step, false)}
        >
          {step}
        </button>
      ))}
    </span>
  )
}
