/** One row of three lists laid side by side; a side that has nothing there is undefined. */
export interface Row {
  readonly base?: unknown
  readonly mine?: unknown
  readonly theirs?: unknown
}
