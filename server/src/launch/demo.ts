import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { readTaskText, TaskFileError } from '@hop-lark/core/record'
import { QueryTypes } from 'sequelize'
import type { Running } from '../start.ts'

/**
 * Puts the demo tasks on the shelf, each once: a demo that was changed or deleted does not come back.
 *
 * @returns how many were new
 */
export async function loadDemo({ database, tasks }: Running, folder: string): Promise<number> {
  const files = readdirSync(folder)
    .filter((name) => name.endsWith('.hoplark.json'))
    .toSorted()
  let loaded = 0
  for (const name of files) {
    const already = await database.query('SELECT name FROM loaded WHERE name = :name', {
      type: QueryTypes.SELECT,
      replacements: { name },
    })
    if (already.length > 0) continue
    try {
      await tasks.create(readTaskText(readFileSync(join(folder, name), 'utf8')))
    } catch (error) {
      if (error instanceof TaskFileError) throw new Error(`demo/${name} is no task file:\n${error.message}`)
      throw error
    }
    await database.query('INSERT INTO loaded (name, at) VALUES (:name, :at)', {
      type: QueryTypes.INSERT,
      replacements: { name, at: tasks.now() },
    })
    loaded++
  }
  return loaded
}
