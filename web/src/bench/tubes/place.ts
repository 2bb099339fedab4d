import { create } from 'zustand'
import { createJSONStorage, persist } from 'zustand/middleware'

interface Place {
  /** The tube that each rack shows, by task and part. */
  readonly shown: Readonly<Record<string, string>>
  readonly show: (rack: string, tube: string) => void
}

/** Where the student is in each rack: it outlives the page and a reload, not the window. */
export const usePlace = create<Place>()(
  persist(
    (set) => ({
      shown: {},
      show: (rack, tube) => set(({ shown }) => ({ shown: { ...shown, [rack]: tube } })),
    }),
    { name: 'hop-lark-rack', storage: createJSONStorage(() => sessionStorage) },
  ),
)

/** Names a rack among all tasks. */
export const rackKey = (taskId: string, partId: string) => `${taskId}/${partId}`
