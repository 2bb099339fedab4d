import { type GroupStage, schemePath } from '@hop-lark/core/rack'
import type { PartOf } from '@hop-lark/core/record'
import { memo } from 'react'
import type { Sample } from './rackEdits.ts'
import { Steps } from './Steps.tsx'

interface SchemePathProps {
  readonly part: PartOf<'rack'>
  readonly sample: Sample
  readonly onDid: (did: string) => void
  readonly onShow: (step: string) => void
}

const LOOKS: Readonly<Record<GroupStage['state'], string>> = {
  present: 'bg-hop-wash text-hop',
  absent: 'bg-hair text-ink-soft',
  'to do': 'bg-lark-wash text-lark',
  later: 'text-ink-soft',
}

/** The systematic scheme as a path: each group absent or present, what is next, and what goes on to it. */
export const SchemePath = memo(function SchemePath({ part, sample, onDid, onShow }: SchemePathProps) {
  const path = schemePath(
    sample,
    part.samples.flatMap(({ tubes }) => tubes),
  )
  return (
    <ol aria-label="Groups" className="mb-3 border-t border-hair text-[0.95rem]" data-testid="scheme">
      {path.map(({ group, looksFor, state, at, does, takes }) => (
        <li key={group} className="grid grid-cols-[2rem_5rem_1fr] items-baseline gap-x-2 border-b border-hair py-1">
          <span className="font-semibold">{group}</span>
          <span className={`w-fit rounded px-1.5 text-sm ${LOOKS[state]}`}>{state}</span>
          <span className={state === 'later' ? 'text-ink-soft' : ''}>
            {looksFor}
            {at !== undefined && (
              <>
                {' '}
                (<Steps rack={part} steps={[at]} onShow={onShow} />)
              </>
            )}
            {state === 'to do' && (
              <span className="mt-1 flex flex-wrap gap-1.5">
                {does.map((did, index) => (
                  <button
                    key={`${index}${did}`}
                    type="button"
                    onClick={() => onDid(did)}
                    className="min-h-8 rounded-lg border border-rule bg-sheet px-2.5 hover:border-ink-soft"
                  >
                    {index + 1}. {did}
                  </button>
                ))}
              </span>
            )}
            {(state === 'present' || state === 'absent') && takes && <span className="block text-sm text-ink-soft">{takes}</span>}
          </span>
        </li>
      ))}
    </ol>
  )
})
