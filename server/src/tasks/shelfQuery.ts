import type { ListQuery } from '@hop-lark/contract'
import { col, type FindAndCountOptions, Op, type WhereOptions } from 'sequelize'
import type { TaskModel } from './TaskModel.ts'

/** The columns that a line of the shelf is made of: no documents. */
export const OF_A_LINE = ['id', 'title', 'version', 'summary', 'summed', 'created', 'updated', 'archived'] as const

/** Tasks that were saved since they were summed up. */
export const BEHIND: WhereOptions = { summed: { [Op.ne]: col('version') } }

/** What is searched for means itself: `%` and `_` are no wildcards. */
const asPlainText = (search: string) => search.replace(/[\\%_]/g, '\\$&')

/** A question for a page of the shelf, as the database is asked it. Lines that are equal keep one order on all pages. */
export function linesAskedFor({
  search,
  page,
  size,
  archived,
  sort,
  order,
  progress,
}: ListQuery): FindAndCountOptions<TaskModel> {
  return {
    where: {
      [Op.and]: [
        { archived: archived === 'true' ? { [Op.ne]: null } : null },
        ...(search === '' ? [] : [{ title: { [Op.like]: `%${asPlainText(search)}%` } }]),
        ...(progress === 'any' ? [] : [{ progress }]),
      ],
    },
    order: [
      [sort, order],
      ['id', 'ASC'],
    ],
    limit: size,
    offset: (page - 1) * size,
  }
}
