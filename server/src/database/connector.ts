import * as mariadb from 'mariadb'

type Connection = Awaited<ReturnType<typeof mariadb.createConnection>>

/** Where a database listens. */
export interface Host {
  readonly host: string
  readonly port: number
}

/** Rows carry their column descriptions as a property that cannot be deleted, which Sequelize 6 tries to do. */
function loosenMeta(result: unknown): unknown {
  if (!Array.isArray(result)) return result
  const { meta } = result as { meta?: unknown }
  const rows = [...result]
  Object.defineProperty(rows, 'meta', { value: meta, configurable: true, writable: true, enumerable: false })
  return rows
}

/**
 * Answers of a node that is to be left for another: it has lost the others (1047), or it does not get to what they have saved
 * (1205), as one that another node is being copied from.
 */
const TO_BE_LEFT: ReadonlySet<unknown> = new Set([1047, 1205])

function dress(connection: Connection, isCluster: boolean): Connection {
  const query = connection.query.bind(connection)
  connection.query = (async (sql: string, values?: unknown) => {
    try {
      return loosenMeta(await query(sql, values))
    } catch (error) {
      if (isCluster && TO_BE_LEFT.has((error as { errno?: unknown }).errno)) connection.destroy()
      throw error
    }
  }) as Connection['query']
  return connection
}

/** Every statement waits until its node has what was saved through the others: 1 for reads, 2 for changes, 4 for insertions. */
const WAIT_FOR_THE_OTHERS = 'SET SESSION wsrep_sync_wait = 7'

/**
 * What a node must say of itself: `Synced`, with everything the others have; or only ready, as one that a node which comes
 * back is being copied from: slow, but better than none.
 */
type Wanted = 'Synced' | 'ready'

async function joinCluster(connection: Connection, wanted: Wanted): Promise<void> {
  const rows = (await connection.query("SHOW STATUS WHERE Variable_name IN ('wsrep_ready', 'wsrep_local_state_comment')")) as {
    Value?: string
  }[]
  if (!rows.some(({ Value }) => Value === (wanted === 'Synced' ? wanted : 'ON')))
    throw Object.assign(new Error(`This node is not ${wanted}.`), { code: 'ECONNREFUSED' })
  await connection.query(WAIT_FOR_THE_OTHERS)
}

/**
 * The mariadb connector, dressed so that Sequelize 6 can use its results, for one database or the nodes of a cluster. Of
 * nodes, the one that answered last is asked first; where it does not, the others are in turn.
 */
export function connectorFor(hosts: readonly Host[]) {
  let preferred = 0
  const isCluster = hosts.length > 1
  const connectTo = async (place: number, wanted: Wanted, options: mariadb.ConnectionConfig): Promise<Connection> => {
    const connection = await mariadb.createConnection({ ...options, ...hosts[place] })
    if (!isCluster) return dress(connection, false)
    try {
      await joinCluster(connection, wanted)
    } catch (error) {
      connection.destroy()
      throw error
    }
    preferred = place
    return dress(connection, true)
  }
  return {
    ...mariadb,
    async createConnection(options: mariadb.ConnectionConfig): Promise<Connection> {
      let last: unknown
      const first = preferred
      for (const wanted of isCluster ? (['Synced', 'ready'] as const) : (['ready'] as const))
        for (let turn = 0; turn < hosts.length; turn++) {
          try {
            return await connectTo((first + turn) % hosts.length, wanted, options)
          } catch (error) {
            last = error
          }
        }
      throw last
    },
  }
}
