import { path, type Task } from '../../record/index.ts'
import { assessTitration, massesFrom } from '../../titration/index.ts'
import type { Remark } from './remark.ts'

/** Titrations whose runs do not yet show that they agree, or in whose mean a rough run stands. */
export function lookAtRuns(task: Task): readonly Remark[] {
  return task.parts.flatMap((part): Remark[] => {
    if (part.kind !== 'titration' || part.crossingOf !== undefined) return []
    const { runs, concordant, massPerRun } = assessTitration(part, { conventions: task.conventions, massOfRun: massesFrom(task) })
    const finished = runs.filter(({ run, titre }) => run.kind === 'accurate' && titre)
    const rough = runs.filter(({ run, inMean }) => run.kind === 'rough' && inMean)
    const lonely: readonly Remark[] =
      finished.length === 1 && !concordant && !massPerRun
        ? [
            {
              code: 'look.oneRun',
              at: path('parts', part.id),
              says: 'There is one accurate titre, and nothing that agrees with it.',
              mend: `Repeat until ${task.conventions.concordance.runs} titres agree.`,
            },
          ]
        : []
    const onlyRough: readonly Remark[] =
      finished.length === 0 && runs.some(({ run, titre }) => run.kind === 'rough' && titre)
        ? [
            {
              code: 'look.onlyRough',
              at: path('parts', part.id),
              says: 'There is a rough titre only, and none to answer with.',
              mend: `Titrate accurately until ${task.conventions.concordance.runs} titres agree.`,
            },
          ]
        : []
    return [
      ...onlyRough,
      ...lonely,
      ...rough.map(
        ({ run }): Remark => ({
          code: 'look.roughInMean',
          at: path('parts', part.id, 'runs', run.id, 'use'),
          says: 'A rough titre is in the mean.',
          mend: 'Leave it out: a rough run overshoots.',
        }),
      ),
    ]
  })
}
