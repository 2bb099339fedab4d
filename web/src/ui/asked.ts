import { type Path, writePath } from '@hop-lark/core/record'
import { create } from 'zustand'
import { useNotebook } from '../notebook/store.ts'

/** A reading that was perhaps meant otherwise: it is kept as typed, and the cursor goes on all the same. */
interface AskedReading {
  readonly at: Path
  readonly kept: string
  readonly better: string
}

interface Asking {
  readonly reading: AskedReading | undefined
  readonly ask: (reading: AskedReading) => void
  readonly drop: () => void
}

/** The reading that is asked about now, if one is. */
export const useAsking = create<Asking>((set) => ({
  reading: undefined,
  ask: (reading) => set({ reading }),
  drop: () => set({ reading: undefined }),
}))

/** Says yes to what is asked; false where nothing is. */
export function sayYes(): boolean {
  const { reading, drop } = useAsking.getState()
  if (!reading) return false
  useNotebook.getState().write(reading.at, reading.better)
  drop()
  return true
}

/** What is asked about the reading of a cell. */
export function useAskedOf(at: Path): AskedReading | undefined {
  const place = writePath(at)
  return useAsking(({ reading }) => (reading && writePath(reading.at) === place ? reading : undefined))
}
