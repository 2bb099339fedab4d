import { writeFile } from 'node:fs/promises'
import { verdictsIn } from '@hop-lark/core/identify'
import type { Task } from '@hop-lark/core/record'
import { factsOf, type Manner, reportOf } from '@hop-lark/core/writeup'
import { csvFiles, FILE_FORMATS, FileError, type Parcel, readTasks, writeAs } from '@hop-lark/files'
import { bytesOf, readTaskFile, UnusableInput } from './files.ts'
import type { Output } from './output.ts'
import { rasterise } from './rasterise.ts'

export interface WriteupOptions {
  readonly as: string
  readonly manner?: string
  readonly out?: string
}

const MANNERS: readonly Manner[] = ['exam', 'notebook']

function chosen<Choice extends string>(said: string, choices: readonly Choice[], option: string): Choice {
  const found = choices.find((choice) => choice === said)
  if (found === undefined) throw new UnusableInput(`--${option} ${said}: must be one of ${choices.join(', ')}.`)
  return found
}

/** The only table of a task, or undefined where there are several. */
function onlyTable(task: Task): Uint8Array | undefined {
  const tables = [...csvFiles(task)].filter(([name]) => name.endsWith('.csv'))
  const [only] = tables
  if (only === undefined) throw new UnusableInput('Nothing is recorded in this task yet, so there is no table.')
  return tables.length === 1 ? only[1] : undefined
}

/** The one task of a task file or an archive. */
async function readParcel(file: string): Promise<Parcel> {
  if (/\.json$/i.test(file)) return { task: await readTaskFile(file), photographs: new Map() }
  try {
    const parcels = readTasks(await bytesOf(file), file)
    const [only] = parcels
    if (only && parcels.length === 1) return only
    throw new UnusableInput(`${file}: holds ${parcels.length} tasks; a report is of one.`)
  } catch (error) {
    if (error instanceof FileError) throw new UnusableInput(`${error.message} ${error.mend}`)
    throw error
  }
}

/** `hop-lark writeup FILE --as FORMAT`: the report, its tables or an archive; to standard output where no file is named. */
export async function writeupCommand(file: string, options: WriteupOptions, output: Output): Promise<number> {
  const format = chosen(options.as, FILE_FORMATS, 'as')
  const manner = options.manner === undefined ? undefined : chosen(options.manner, MANNERS, 'manner')
  const parcel = await readParcel(file)
  const { task } = parcel
  // One table goes out as it is; several go out as a zip with their metadata.
  const bytes =
    (format === 'csv' ? onlyTable(task) : undefined) ??
    (await writeAs(format, {
      parcel,
      reportOf: () => reportOf(factsOf(task, verdictsIn(task)), manner),
      rasterise,
      at: new Date(),
    }))
  if (options.out === undefined) {
    output.bytes(bytes)
    return 0
  }
  try {
    await writeFile(options.out, bytes)
  } catch (error) {
    throw new UnusableInput(`${options.out}: it cannot be written (${(error as NodeJS.ErrnoException).code}).`)
  }
  output.err(`Written: ${options.out}\n`)
  return 0
}
