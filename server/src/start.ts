import { randomBytes } from 'node:crypto'
import { createServer, type Server, type ServerOptions } from 'node:http'
import type { AddressInfo } from 'node:net'
import type { Sequelize } from 'sequelize'
import { makeApp } from './app.ts'
import type { Settings } from './config.ts'
import { again } from './database/again.ts'
import { connectDatabase, readAddress } from './database/connect.ts'
import { migrate } from './database/migrate.ts'
import { makeLogger } from './http/log.ts'
import { Tasks } from './tasks/Tasks.ts'

/** A running server. */
export interface Running {
  readonly url: string
  readonly port: number
  readonly database: Sequelize
  readonly tasks: Tasks
  readonly stop: () => Promise<void>
}

function listen(server: Server, { host, port }: Settings): Promise<number> {
  return new Promise((resolve, reject) => {
    server.once('error', reject)
    server.listen(port, host, () => resolve((server.address() as AddressInfo).port))
  })
}

/** How long a client may take over its headers, and over the whole of a request: one that drips is let go. */
type Patience = Pick<ServerOptions, 'headersTimeout' | 'requestTimeout' | 'keepAliveTimeout' | 'connectionsCheckingInterval'>
const PATIENCE: Patience = {
  headersTimeout: 10_000,
  requestTimeout: 30_000,
  keepAliveTimeout: 65_000,
  connectionsCheckingInterval: 5000,
}

/** Loopback has several names; where we listen further out, the names must be told. */
function namesOf({ host, moreHosts }: Settings, port: number): ReadonlySet<string> {
  return new Set([`127.0.0.1:${port}`, `localhost:${port}`, `${host}:${port}`, ...moreHosts])
}

interface StartOptions {
  /** Folder of the built web app; without one only the API is served. */
  readonly webFolder?: string
  /** How long a client may take over a request. */
  readonly patience?: Patience
  /** Called before a database that holds something is changed to a newer shape. */
  readonly beforeMigration?: (database: Sequelize) => Promise<unknown>
}

/**
 * Connects, migrates and listens.
 *
 * @throws when the database cannot be reached, was used by a newer Hop Lark, or the port is taken
 */
export async function startServer(settings: Settings, options: StartOptions = {}): Promise<Running> {
  const { webFolder, patience = PATIENCE, beforeMigration } = options
  const logger = makeLogger(settings.logLevel)
  const database = connectDatabase(settings.databaseUrl)
  const isCluster = readAddress(settings.databaseUrl).hosts.length > 1
  try {
    await again(isCluster, () => database.authenticate())
    // On a cluster two servers that start at once may change its shape at once; the second then finds nothing left to do.
    await again(isCluster, () =>
      migrate(database, async () => {
        await beforeMigration?.(database)
      }),
    )
  } catch (error) {
    await database.close()
    throw error
  }
  const tasks = new Tasks(database, { now: () => new Date(), newId: () => randomBytes(9).toString('base64url'), isCluster })
  let hosts: ReadonlySet<string> = new Set()
  const app = makeApp({ tasks, logger, hosts: () => hosts, requestsPerMinute: settings.requestsPerMinute, webFolder })
  const server = createServer(patience, app)
  const port = await listen(server, settings).catch(async (error: unknown) => {
    await database.close()
    throw error
  })
  hosts = namesOf(settings, port)
  return {
    url: `http://${settings.host}:${port}`,
    port,
    database,
    tasks,
    stop: async () => {
      tasks.watch.stop()
      server.closeAllConnections()
      await new Promise((resolve) => server.close(resolve))
      await database.close()
    },
  }
}
