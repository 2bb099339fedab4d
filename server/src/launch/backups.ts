import { existsSync } from 'node:fs'
import { join, resolve } from 'node:path'
import type { Sequelize } from 'sequelize'
import { restoreBackup } from '../backup/restoreBackup.ts'
import { writeBackup } from '../backup/writeBackup.ts'
import { connectDatabase } from '../database/connect.ts'
import { migrate } from '../database/migrate.ts'
import { runningUrl } from './pidFile.ts'
import { startPrivateDatabase, urlOfRunning } from './privateDatabase.ts'

/** A moment as part of a file's name. */
const stamp = (moment: Date) => moment.toISOString().replace(/[:.]/g, '-')

/** Where backups go that nobody gave a name to. */
export const backupsIn = (state: string) => join(state, 'backups')

export const backupName = (folder: string, why: string, now: Date) => join(folder, `${why}-${stamp(now)}.gz`)

/** The database of a state folder, whether the app runs just now or not; or the one at DATABASE_URL. */
async function withDatabase(state: string, act: (database: Sequelize) => Promise<void>): Promise<void> {
  const folder = join(state, 'database')
  const { DATABASE_URL } = process.env
  const running = DATABASE_URL ?? urlOfRunning(folder)
  const own = running === undefined ? await startPrivateDatabase(folder) : undefined
  const database = connectDatabase(running ?? own?.url ?? '')
  try {
    await act(database)
  } finally {
    await database.close()
    await own?.stop()
  }
}

const counted = ({ tasks, edits }: { readonly tasks: number; readonly edits: number }) => `${tasks} tasks with ${edits} edits`

/** Writes a backup of everything, also while the app runs. */
export async function backUp(state: string, file: string | undefined, say: (text: string) => void): Promise<void> {
  const target = resolve(file ?? backupName(backupsIn(state), 'hop-lark', new Date()))
  await withDatabase(state, async (database) => {
    const counts = await writeBackup(database, target, new Date())
    say(`${counted(counts)} are in ${target}`)
  })
}

/** Puts a backup in the place of everything there is, of which a backup is taken first. */
export async function restore(state: string, file: string | undefined, say: (text: string) => void): Promise<void> {
  if (file === undefined) throw new Error('Say which file to restore: ./hop-lark restore FILE')
  if (!existsSync(file)) throw new Error(`${file} is not there. Nothing was changed.`)
  const url = runningUrl(state)
  if (url) throw new Error(`Hop Lark is running at ${url}. Stop it first, so that nothing is saved while the backup is put back.`)
  await withDatabase(state, async (database) => {
    await migrate(database)
    const before = backupName(backupsIn(state), 'before-restore', new Date())
    await writeBackup(database, before, new Date())
    const counts = await restoreBackup(database, resolve(file))
    say(`${counted(counts)} are put back. What was there before is in ${before}`)
  })
}
