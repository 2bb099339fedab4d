import { create } from 'zustand'
import { createJSONStorage, persist } from 'zustand/middleware'

/** What is being typed of the next step of a tube. */
export interface Draft {
  readonly did: string
  readonly saw: string
}

interface Place {
  /** The tube that each rack shows, by task and part. */
  readonly shown: Readonly<Record<string, string>>
  /** What was typed and not yet kept, by task, part and tube. */
  readonly drafts: Readonly<Record<string, Draft>>
  readonly show: (rack: string, tube: string) => void
  readonly draft: (tube: string, draft: Draft | undefined) => void
}

/** Where the student is in each rack, and what is half typed: it outlives the page and a reload, not the window. */
export const usePlace = create<Place>()(
  persist(
    (set) => ({
      shown: {},
      drafts: {},
      show: (rack, tube) => set(({ shown }) => ({ shown: { ...shown, [rack]: tube } })),
      draft: (tube, draft) =>
        set(({ drafts }) => {
          const { [tube]: _, ...rest } = drafts
          return { drafts: draft && (draft.did || draft.saw) ? { ...rest, [tube]: draft } : rest }
        }),
    }),
    { name: 'hop-lark-rack', storage: createJSONStorage(() => sessionStorage) },
  ),
)

/** Names a rack among all tasks. */
export const rackKey = (taskId: string, partId: string) => `${taskId}/${partId}`
