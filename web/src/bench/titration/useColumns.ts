import { isWithin, type PartOf, type Path, path, readPath } from '@hop-lark/core/record'
import { defaultRangeExtractor, useVirtualizer } from '@tanstack/react-virtual'
import { type FocusEvent, type RefObject, useEffect, useState } from 'react'
import { canReveal } from '../../app/reveal.ts'

/** Runs that are all drawn; of more only those in sight are. */
const ALL_DRAWN = 40
/** Width of a column where only some are drawn, px. */
export const COLUMN = 88
/** Columns drawn beyond either edge, so that the cursor finds the next one. */
const BEYOND = 10

/** A column that is drawn, and how many are left out before it. */
interface Column {
  readonly index: number
  readonly skipped: number
}

/** Which columns of the run table are drawn. */
export interface Columns {
  readonly columns: readonly Column[]
  /** Columns left out after the last. */
  readonly after: number
  /** Whether some are left out. */
  readonly partly: boolean
  /** Keeps the column with the cursor, wherever the table is scrolled to: what is half typed there must not go. */
  readonly onFocus: (event: FocusEvent) => void
}

/** Position of the run that a path leads into, or −1. */
function runAt({ id, runs }: PartOf<'titration'>, at: Path): number {
  return isWithin(at, path('parts', id, 'runs')) ? runs.findIndex((run) => run.id === at[3]) : -1
}

/** The columns of a table of runs: all of few, those in sight of many. */
export function useColumns(part: PartOf<'titration'>, frame: RefObject<HTMLElement | null>): Columns {
  const { length: runs } = part.runs
  const partly = runs > ALL_DRAWN
  const [focused, setFocused] = useState<number>()
  const virtual = useVirtualizer({
    horizontal: true,
    count: runs,
    enabled: partly,
    getScrollElement: () => frame.current,
    estimateSize: () => COLUMN,
    overscan: BEYOND,
    initialRect: { width: 800, height: 0 },
    rangeExtractor: (range) => {
      const seen = defaultRangeExtractor(range)
      const all = focused === undefined || focused >= runs ? seen : [...new Set([...seen, focused])]
      return all.toSorted((a, b) => a - b)
    },
  })
  useEffect(() => {
    if (!partly) return undefined
    return canReveal((at) => {
      const index = runAt(part, at)
      if (index < 0) return false
      virtual.scrollToIndex(index, { align: 'center' })
      return true
    })
  }, [partly, part, virtual])
  const drawn = partly ? virtual.getVirtualItems().map(({ index }) => index) : Array.from({ length: runs }, (_, index) => index)
  return {
    columns: drawn.map((index, place) => ({ index, skipped: index - (drawn[place - 1] ?? -1) - 1 })),
    after: runs - 1 - (drawn.at(-1) ?? runs - 1),
    partly,
    onFocus: ({ target }) => {
      const index = runAt(part, readPath((target as HTMLElement).dataset.at ?? ''))
      if (index >= 0) setFocused(index)
    },
  }
}
