import { type Entry, entryText, type Path, valueAt, writePath } from '@hop-lark/core/record'
import { create } from 'zustand'
import { useNotebook } from '../notebook/store.ts'

/** What is said about a reading after it was kept. */
export type SaidOfReading = {
  readonly at: Path
  readonly kept: string
} & (
  | { /** It was perhaps meant otherwise: it is kept as typed, and the cursor goes on all the same. */ readonly better: string }
  | { /** What was typed, where it was written with the noughts of its scale. */ readonly typed: string }
)

interface LastSaid {
  readonly said: SaidOfReading | undefined
  readonly say: (said: SaidOfReading) => void
  readonly drop: () => void
}

/** What is said about the last reading; of an earlier one nothing is said beside its cell any more. */
export const useLastSaid = create<LastSaid>((set) => ({
  said: undefined,
  say: (said) => set({ said }),
  drop: () => set({ said: undefined }),
}))

/** Says yes to what is asked; false where nothing is. */
export function sayYes(): boolean {
  const { said, drop } = useLastSaid.getState()
  const { task, write } = useNotebook.getState()
  if (!task || !said || !('better' in said)) return false
  drop()
  // It may have been corrected, undone or taken out since.
  const entry = valueAt(task, said.at) as Entry | undefined
  if (entry === undefined || entryText(entry) !== said.kept) return false
  write(said.at, said.better)
  return true
}

/** What is said about the reading of a cell. */
export function useSaidOf(at: Path): SaidOfReading | undefined {
  const place = writePath(at)
  return useLastSaid(({ said }) => (said && writePath(said.at) === place ? said : undefined))
}
