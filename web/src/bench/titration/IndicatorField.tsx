import { suitableIndicators } from '@hop-lark/core/indicator'
import { type PartOf, path } from '@hop-lark/core/record'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { TextField } from '../../ui/TextField.tsx'
import { useEndPoint } from './useEndPoint.ts'

/** The indicator, typed or taken from those that suit what reacts. */
export function IndicatorField({ part }: { readonly part: PartOf<'titration'> }) {
  const change = usePartChange(part)
  const { reacting, endPoint } = useEndPoint(part)
  const name = (text: string) =>
    change('name the indicator', (found) => {
      if (text) found.indicator = text
      else delete found.indicator
    })
  return (
    <div className="min-w-60 flex-1">
      <TextField
        label="Indicator, or the sign of the end"
        at={path('parts', part.id, 'indicator')}
        value={part.indicator ?? ''}
        placeholder="phenolphthalein, to the first lasting pink"
        onCommit={name}
      />
      <div className="mt-1.5 flex flex-wrap gap-1.5">
        {suitableIndicators(reacting).map((one) => (
          <button
            key={one.name}
            type="button"
            aria-pressed={endPoint?.indicator === one}
            onClick={() => name(one.name)}
            className={`min-h-8 rounded-full border px-3 text-sm ${endPoint?.indicator === one ? 'border-hop bg-hop-wash' : 'border-rule hover:border-ink-soft'}`}
          >
            {one.name}
          </button>
        ))}
      </div>
      {endPoint?.indicator.note && <p className="mt-1 text-sm text-ink-soft">{endPoint.indicator.note}</p>}
    </div>
  )
}
