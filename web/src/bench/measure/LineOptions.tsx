import { type PartOf, partTitle, path } from '@hop-lark/core/record'
import { useTask } from '../../notebook/derived.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { choicesOf } from '../../ui/choices.ts'
import { Select } from '../../ui/Select.tsx'
import { TextField } from '../../ui/TextField.tsx'

const NUMBER = /^\d+(\.\d+)?$/

const MARKS = choicesOf<NonNullable<PartOf<'series'>['marks']>>({
  crosses: 'small crosses',
  'ringed-dots': 'ringed dots',
})

/** How a series is drawn: where the lines part or were mixed, which marks, and beside which other run. */
export function LineOptions({ part }: { readonly part: PartOf<'series'> }) {
  const task = useTask()
  const change = usePartChange(part)
  const others = task.parts.filter((other) => other.kind === 'series' && other.id !== part.id)
  const number = (field: 'splitAt' | 'mixedAt') => (text: string) =>
    change(field === 'splitAt' ? 'split the lines' : 'say when things were mixed', (found) => {
      if (NUMBER.test(text)) found[field] = text
      else delete found[field]
    })
  return (
    <>
      {part.reading === 'two-lines' && (
        <>
          {part.mixedAt === undefined && (
            <TextField
              label="First line up to"
              at={path('parts', part.id, 'splitAt')}
              value={part.splitAt === undefined ? '' : String(part.splitAt)}
              mono
              placeholder="best fit"
              inputMode="decimal"
              className="w-32"
              onCommit={number('splitAt')}
            />
          )}
          <TextField
            label="Mixed at"
            at={path('parts', part.id, 'mixedAt')}
            value={part.mixedAt ?? ''}
            mono
            placeholder="never"
            inputMode="decimal"
            className="w-32"
            onCommit={number('mixedAt')}
          />
        </>
      )}
      <Select
        label="Marks"
        value={part.marks ?? 'crosses'}
        choices={MARKS}
        onChange={(marks) =>
          change('choose the marks', (found) => {
            found.marks = marks
          })
        }
      />
      {others.length > 0 && (
        <Select
          label="Compare with"
          value={part.compareWith?.[0] ?? 'none'}
          choices={[
            { value: 'none', says: 'no other run' },
            ...others.map((other) => ({ value: other.id, says: `beside ${partTitle(task, other)}` })),
          ]}
          onChange={(id) =>
            change('compare with another run', (found) => {
              if (id === 'none') delete found.compareWith
              else found.compareWith = [id]
            })
          }
        />
      )}
    </>
  )
}
