import { rmSync } from 'node:fs'
import { mkdtemp } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { TestProject } from 'vitest/node'
import { startPrivateDatabase } from '../launch/index.ts'

declare module 'vitest' {
  export interface ProvidedContext {
    databaseUrl: string
  }
}

/** Gives the server's tests a MariaDB of their own and takes it away again. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const folder = await mkdtemp(join(tmpdir(), 'hop-lark-test-'))
  const database = await startPrivateDatabase(folder)
  project.provide('databaseUrl', database.url)
  return async () => {
    await database.stop()
    rmSync(folder, { recursive: true, force: true })
  }
}
