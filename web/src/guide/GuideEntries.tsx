import { GUIDES } from '@hop-lark/core/guide'
import type { ReactNode } from 'react'
import { useGuide } from './useGuide.ts'

interface GuideEntriesProps {
  /** Draws one entry of the palette. */
  readonly item: (value: string, onSelect: () => void, children: ReactNode) => ReactNode
  readonly done: () => void
}

/** Every guide of how the hands do it, for the palette. */
export function GuideEntries({ item, done }: GuideEntriesProps) {
  const show = useGuide((state) => state.show)
  return GUIDES.map(({ id, title }) =>
    item(
      `how to ${title} ${id}`,
      () => {
        done()
        show(id)
      },
      <>
        {title} <span className="ml-auto text-sm text-ink-soft">how</span>
      </>,
    ),
  )
}
