import type { Page } from '@playwright/test'

interface Entry {
  readonly value: string
  readonly rival?: { readonly value: string }
  readonly was?: readonly { readonly value: string }[]
}

interface Run {
  readonly id: string
  readonly initial?: Entry | string
  readonly final?: Entry | string
}

const valuesIn = (
  entry: Entry | string | undefined,
): { readonly standing: readonly string[]; readonly struck: readonly string[] } => {
  if (entry === undefined) return { standing: [], struck: [] }
  if (typeof entry === 'string') return { standing: [entry], struck: [] }
  return {
    standing: [entry.value, ...(entry.rival ? [entry.rival.value] : [])],
    struck: (entry.was ?? []).map(({ value }) => value),
  }
}

/**
 * What was entered, kept beside the walk. Every reading is a number of its own, so that where it went can be told: it stands
 * in the record, or is struck through there, in one place; what was typed and not entered is in the browser it was typed in.
 */
export class Model {
  /** Readings that Enter has kept, each in the cell it was entered in. */
  private readonly entered = new Map<string, string>()
  /** What was typed last and not entered, by browser and cell. */
  private readonly typed = new Map<string, string>()
  /** Entered, and then perhaps taken back by undo: it may be there or not. */
  private readonly takenBack = new Set<string>()
  /** What each page has done since it was loaded, newest last; an empty text is no reading. */
  private readonly done = new Map<Page, string[]>()

  enter(browser: string, page: Page, cell: string, value: string): void {
    this.typed.delete(`${browser} ${cell}`)
    this.entered.set(value, cell)
    this.act(page, value)
  }

  type(browser: string, cell: string, value: string): void {
    this.typed.set(`${browser} ${cell}`, value)
  }

  /** Notes that a page has done something that undo takes back. */
  act(page: Page, value = ''): void {
    this.done.set(page, [...(this.done.get(page) ?? []), value])
  }

  undo(page: Page): void {
    const value = this.done.get(page)?.pop()
    if (value) this.takenBack.add(value)
  }

  /** A page that is loaded anew has nothing to undo. */
  reload(page: Page): void {
    this.done.delete(page)
  }

  get size(): number {
    return this.entered.size
  }

  /** Everything that is wrong with a record and the drafts of each browser, in words; empty where all is as it was entered. */
  faults(runs: readonly Run[], drafts: Readonly<Record<string, readonly string[]>>): readonly string[] {
    const standing = new Map<string, string[]>()
    const anywhere = new Map<string, Set<string>>()
    for (const run of runs)
      for (const field of ['initial', 'final'] as const) {
        const cell = `${run.id}.${field}`
        const { standing: now, struck } = valuesIn(run[field])
        for (const value of now) standing.set(value, [...(standing.get(value) ?? []), cell])
        for (const value of [...now, ...struck]) anywhere.set(value, (anywhere.get(value) ?? new Set()).add(cell))
      }
    const ids = runs.map(({ id }) => id)
    const lost = [...this.entered].flatMap(([value, cell]) => {
      const where = [...(anywhere.get(value) ?? [])]
      if (where.length === 0) return this.takenBack.has(value) ? [] : [`${value}, entered in ${cell}, is lost`]
      return where.join() === cell ? [] : [`${value}, entered in ${cell}, is in ${where.join(' and ')}`]
    })
    const doubled = [...standing].flatMap(([value, cells]) =>
      cells.length > 1 ? [`${value} stands twice: ${cells.join()}`] : [],
    )
    const twins = ids.filter((id, index) => ids.indexOf(id) !== index).map((id) => `there are two runs ${id}`)
    const known = (value: string) => this.entered.has(value) || [...this.typed.values()].includes(value)
    const strangers = [...anywhere.keys()].filter((value) => !known(value)).map((value) => `nobody entered ${value}`)
    const forgotten = [...this.typed].flatMap(([key, value]) => {
      const [browser = ''] = key.split(' ')
      return drafts[browser]?.includes(value) || anywhere.has(value) ? [] : [`${value}, typed in ${key}, is forgotten`]
    })
    return [...lost, ...doubled, ...twins, ...strangers, ...forgotten]
  }
}
