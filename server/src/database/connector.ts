import * as mariadb from 'mariadb'

type Connection = Awaited<ReturnType<typeof mariadb.createConnection>>

/** Rows carry their column descriptions as a property that cannot be deleted, which Sequelize 6 tries to do. */
function loosenMeta(result: unknown): unknown {
  if (!Array.isArray(result)) return result
  const { meta } = result as { meta?: unknown }
  const rows = [...result]
  Object.defineProperty(rows, 'meta', { value: meta, configurable: true, writable: true, enumerable: false })
  return rows
}

/** The mariadb connector, dressed so that Sequelize 6 can use its results. */
export const connector = {
  ...mariadb,
  async createConnection(options: mariadb.ConnectionConfig): Promise<Connection> {
    const connection = await mariadb.createConnection(options)
    const query = connection.query.bind(connection)
    connection.query = (async (sql: string, values?: unknown) => loosenMeta(await query(sql, values))) as Connection['query']
    return connection
  },
}
