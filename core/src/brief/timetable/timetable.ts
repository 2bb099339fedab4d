import { layOut, type PlannedStep, type Progress, type Timetable } from './problem.ts'
import { Search } from './search.ts'

/** Places that are looked at before the best timetable so far is taken: some hundredths of a second for twenty steps. */
const BUDGET = 4000

const NOT_BEGUN: Progress = { now: 0, begun: [] }

/**
 * The timetable that ends soonest.
 *
 * Steps that have begun stay where they are, and nothing else starts before now. Where the search is ended before it has
 * looked at everything, `proved` is false and `atLeast` says how soon it could end at best.
 *
 * @param pairs - pairs of hands
 */
export function timetable(steps: readonly PlannedStep[], pairs = 1, progress: Progress = NOT_BEGUN, budget = BUDGET): Timetable {
  const search = new Search(layOut(steps), pairs, progress, budget)
  search.run()
  return {
    starts: new Map(steps.map(({ id }, index) => [id, search.bestStarts[index] ?? progress.now])),
    ends: steps.length === 0 ? progress.now : search.bestEnd,
    proved: search.proved,
    atLeast: search.proved ? search.bestEnd : search.atLeast,
  }
}
