/** What is kept of each table, and in which order rows are read and written: tasks before the edits and pictures that belong to them. */
const TABLES = {
  tasks: {
    key: ['id'],
    columns: ['id', 'title', 'version', 'documented', 'document', 'summary', 'progress', 'created', 'updated', 'archived'],
    dates: ['created', 'updated', 'archived'],
    json: ['document', 'summary'],
  },
  edits: {
    key: ['task', 'version'],
    columns: ['task', 'version', 'key', 'patch', 'at', 'note'],
    dates: ['at'],
    json: ['patch'],
  },
  photographs: {
    key: ['task', 'sha256'],
    columns: ['task', 'sha256', 'type', 'picture', 'at'],
    dates: ['at'],
    json: [],
    bytes: ['picture'],
    atATime: 8,
  },
  loaded: { key: ['name'], columns: ['name', 'at'], dates: ['at'], json: [] },
} as const satisfies Record<string, TableShape>

interface TableShape {
  readonly key: readonly string[]
  readonly columns: readonly string[]
  readonly dates: readonly string[]
  readonly json: readonly string[]
  /** Columns of bytes, which stand in a file as base64. */
  readonly bytes?: readonly string[]
  /** Rows read and written at a time, where it must be few. */
  readonly atATime?: number
}

export type TableName = keyof typeof TABLES
export const TABLE_NAMES = Object.keys(TABLES) as readonly TableName[]

export const shapeOf = (table: TableName): TableShape => TABLES[table]

export type Row = Readonly<Record<string, unknown>>

/** The first line of a backup. */
export interface Head {
  readonly format: typeof BACKUP_FORMAT
  readonly version: typeof BACKUP_VERSION
  readonly made: string
  /** Migrations of the database it was made of, by which its shape is known. */
  readonly migrations: readonly string[]
}

/** The last line: without it the file was cut off. */
export interface End {
  readonly end: true
  readonly counts: Readonly<Record<TableName, number>>
}

/** Rows read and written at a time: a document may be megabytes long. */
const ROWS_AT_A_TIME = 200

export const rowsAtATime = (table: TableName): number => shapeOf(table).atATime ?? ROWS_AT_A_TIME

export const noRows = (): Record<TableName, number> =>
  Object.fromEntries(TABLE_NAMES.map((name) => [name, 0])) as Record<TableName, number>

export const BACKUP_FORMAT = 'hop-lark/backup'
export const BACKUP_VERSION = 1
