import type { Sheet } from './score.ts'
import first from './sheets/first.json' with { type: 'json' }
import roundA from './sheets/round-a.json' with { type: 'json' }
import roundB from './sheets/round-b.json' with { type: 'json' }
import roundC from './sheets/round-c.json' with { type: 'json' }
import roundD from './sheets/round-d.json' with { type: 'json' }
import roundE from './sheets/round-e.json' with { type: 'json' }

/**
 * Task sheets with what they are expected to become; `set` names the sitting in which they were written. All of them, people
 * and places on the island, are made up.
 */
export const SHEETS: readonly Sheet[] = [
  ...first,
  ...roundA,
  ...roundB,
  ...roundC,
  ...roundD,
  ...roundE,
] as unknown as readonly Sheet[]
