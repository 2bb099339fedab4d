/**
 * Time left of a task, or how far it is over.
 *
 * @param started - ISO 8601 moment
 * @param now - milliseconds since 1970
 */
export function remaining({
  minutes,
  started,
  now,
}: {
  readonly minutes: number
  readonly started: string
  readonly now: number
}): { readonly text: string; readonly over: boolean } {
  const seconds = Math.round(minutes * 60 - (now - Date.parse(started)) / 1000)
  const size = Math.abs(seconds)
  const two = (value: number) => String(value).padStart(2, '0')
  return { text: `${Math.floor(size / 3600)}:${two(Math.floor((size % 3600) / 60))}:${two(size % 60)}`, over: seconds < 0 }
}
