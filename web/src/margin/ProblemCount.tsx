import { derive, useSettledTask } from '../notebook/derived.ts'

/** How much of the task looks wrong or wants a look, where there is no room for the notes themselves. */
export function ProblemCount() {
  const { problems } = derive(useSettledTask())
  const count = (level: 'error' | 'query') => problems.filter((problem) => problem.level === level).length
  const [wrong, asked] = [count('error'), count('query')]
  if (wrong + asked === 0) return null
  return (
    <span className="flex gap-3 text-sm font-semibold">
      {wrong > 0 && <span className="text-litmus">{wrong} wrong</span>}
      {asked > 0 && <span className="text-iodine">{asked} to check</span>}
    </span>
  )
}
