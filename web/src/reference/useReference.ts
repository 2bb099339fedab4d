import { create } from 'zustand'

export type Shelf = 'reagents' | 'ions' | 'gases' | 'flames' | 'colours' | 'indicators' | 'glassware'

interface Reference {
  readonly open: boolean
  readonly shelf: Shelf
  /** What is looked for on it. */
  readonly sought: string
  readonly show: (shelf?: Shelf, sought?: string) => void
  readonly seek: (sought: string) => void
  readonly close: () => void
}

/** The reference drawer: what it shows, from wherever it was opened. */
export const useReference = create<Reference>((set) => ({
  open: false,
  shelf: 'reagents',
  sought: '',
  show: (shelf, sought = '') => set((state) => ({ open: true, shelf: shelf ?? state.shelf, sought })),
  seek: (sought) => set({ sought }),
  close: () => set({ open: false }),
}))
