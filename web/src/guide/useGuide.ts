import { create } from 'zustand'

interface OpenGuide {
  /** Which guide is open; none where it is empty. */
  readonly id: string
  readonly show: (id: string) => void
  readonly close: () => void
}

/** The guide that is open, from wherever it was opened. */
export const useGuide = create<OpenGuide>((set) => ({
  id: '',
  show: (id) => set({ id }),
  close: () => set({ id: '' }),
}))
