import { writeFile } from 'node:fs/promises'
import { verdictsIn } from '@hop-lark/core/identify'
import { fileNameOf, type Task } from '@hop-lark/core/record'
import { asMarkdown, factsOf, type Manner, reportOf } from '@hop-lark/core/writeup'
import {
  bytesOf,
  csvFiles,
  FileError,
  type Parcel,
  readTasks,
  writeArchive,
  writeDocx,
  writeHtml,
  writeZip,
} from '@hop-lark/files'
import { bytesOf as bytesIn, readTaskFile, UnusableInput } from './files.ts'
import type { Output } from './output.ts'
import { rasterise } from './rasterise.ts'

export interface WriteupOptions {
  readonly as: string
  readonly manner?: string
  readonly out?: string
}

const FORMATS = ['md', 'html', 'docx', 'csv', 'eln'] as const
const MANNERS: readonly Manner[] = ['exam', 'notebook']

type Format = (typeof FORMATS)[number]

function chosen<Choice extends string>(said: string, choices: readonly Choice[], option: string): Choice {
  const found = choices.find((choice) => choice === said)
  if (found === undefined) throw new UnusableInput(`--${option} ${said}: must be one of ${choices.join(', ')}.`)
  return found
}

/** One table goes out as it is; several go out as a zip with their metadata. */
function asCsv(task: Task, at: Date): Uint8Array {
  const files = csvFiles(task)
  const tables = [...files].filter(([name]) => name.endsWith('.csv'))
  const [only] = tables
  if (only === undefined) throw new UnusableInput('Nothing is recorded in this task yet, so there is no table.')
  return tables.length === 1 ? only[1] : writeZip(files, at)
}

async function writtenAs(
  format: Format,
  { task, photographs }: Parcel,
  manner: Manner | undefined,
  at: Date,
): Promise<Uint8Array> {
  if (format === 'csv') return asCsv(task, at)
  const report = reportOf(factsOf(task, verdictsIn(task)), manner)
  switch (format) {
    case 'md':
      return bytesOf(asMarkdown(report))
    case 'html':
      return bytesOf(writeHtml(report, task, photographs))
    case 'docx':
      return writeDocx(report, task, { rasterise, pictures: photographs })
    case 'eln':
      return writeArchive([{ task, photographs, report: writeHtml(report, task, photographs) }], fileNameOf(task.title), at)
  }
}

/** The one task of a task file or an archive. */
async function readParcel(file: string): Promise<Parcel> {
  if (/\.json$/i.test(file)) return { task: await readTaskFile(file), photographs: new Map() }
  try {
    const parcels = readTasks(await bytesIn(file), file)
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
  const format = chosen(options.as, FORMATS, 'as')
  const manner = options.manner === undefined ? undefined : chosen(options.manner, MANNERS, 'manner')
  const bytes = await writtenAs(format, await readParcel(file), manner, new Date())
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
