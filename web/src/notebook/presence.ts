/** What pages of one browser say to each other. */
export type Word =
  | { readonly kind: 'who'; readonly page: string }
  | { readonly kind: 'here'; readonly page: string }
  /** A page's edit is on the server. */
  | { readonly kind: 'saved'; readonly page: string; readonly taskId: string; readonly version: number }

/** Where pages of one browser hear each other; a BroadcastChannel, which also reaches pages that came over plain http. */
export interface Wire {
  readonly postMessage: (word: Word) => void
  readonly addEventListener: (type: 'message', hear: (message: { readonly data: Word }) => void) => void
}

/** Which pages of this browser live, and what they have saved. */
export interface Presence {
  readonly page: string
  /** The other pages that answer. One that sleeps or is very busy may not: what it left is then joined in twice, which makes no second run. */
  readonly others: () => Promise<ReadonlySet<string>>
  readonly saved: (taskId: string, version: number) => void
  /** Calls when another page has saved something of a task. */
  readonly onSaved: (hear: (taskId: string, version: number) => void) => void
}

/** A page that does anything else than sleep answers in a few milliseconds. */
const MILLISECONDS_TO_ANSWER = 300

/**
 * Tells which pages live by asking them: a page that is closed, killed or reloaded answers no more, whatever it left
 * behind, and no clock is asked.
 *
 * @param wire - undefined where the browser has none: then each page is alone
 */
export function presenceOn(wire: Wire | undefined, page: string): Presence {
  const there = new Set<string>()
  const hearers: ((taskId: string, version: number) => void)[] = []
  wire?.addEventListener('message', ({ data }) => {
    if (data.page === page) return
    if (data.kind === 'who') wire.postMessage({ kind: 'here', page })
    else if (data.kind === 'here') there.add(data.page)
    else if (data.kind === 'saved') for (const hear of hearers) hear(data.taskId, data.version)
  })
  return {
    page,
    others: async () => {
      if (!wire) return new Set()
      there.clear()
      wire.postMessage({ kind: 'who', page })
      await new Promise((resolve) => setTimeout(resolve, MILLISECONDS_TO_ANSWER))
      return new Set(there)
    },
    saved: (taskId, version) => wire?.postMessage({ kind: 'saved', page, taskId, version }),
    onSaved: (hear) => void hearers.push(hear),
  }
}
