import type { PartOf } from '@hop-lark/core/record'
import { useTask } from '../../notebook/derived.ts'
import type { PartChange } from '../../notebook/usePartChange.ts'
import { Select } from '../../ui/Select.tsx'

const OWN = 'own'

interface GoesOnProps {
  readonly part: PartOf<'titration'>
  readonly change: PartChange<'titration'>
}

/** Whether a titration has a flask of its own or goes on with another's, to a further end-point. */
export function GoesOn({ part, change }: GoesOnProps) {
  const { parts } = useTask()
  const earlier = parts
    .slice(
      0,
      parts.findIndex(({ id }) => id === part.id),
    )
    .filter(({ kind }) => kind === 'titration')
  if (earlier.length === 0) return null
  const choices = [
    { value: OWN, says: 'a flask of its own' },
    ...earlier.map(({ id, title }) => ({ value: id, says: `goes on in the flask of: ${title ?? id}` })),
  ]
  const choose = (chosen: string) =>
    change('say which flask is titrated', (found) => {
      if (chosen === OWN) delete found.continues
      else found.continues = chosen
    })
  return <Select label="Which flask" value={part.continues ?? OWN} choices={choices} className="mb-3" onChange={choose} />
}
