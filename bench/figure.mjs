/** One figure of a bench: what was measured, how much, in what; `more` is told beside it and not compared. */
export const figure = (says, value, unit, more) => ({ says, value, unit, ...(more === undefined ? {} : { more }) })

export function quantile(values, part) {
  const sorted = values.toSorted((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(part * sorted.length))]
}

/** How often something can be done in a second, after it has been done for a while. */
export function perSecond(act, milliseconds = 1200) {
  const spend = (time) => {
    let count = 0
    const begin = performance.now()
    while (performance.now() - begin < time) {
      act()
      count++
    }
    return (1000 * count) / (performance.now() - begin)
  }
  spend(milliseconds / 3)
  return spend(milliseconds)
}

/** How long something takes once, ms: the median of some. */
export function timeOf(act, times = 5) {
  const taken = Array.from({ length: times }, () => {
    const begin = performance.now()
    act()
    return performance.now() - begin
  })
  return quantile(taken, 0.5)
}
