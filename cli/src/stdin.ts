import type { z } from 'zod'
import { UnusableInput } from './files.ts'

/** Where a command reads what is piped to it; passed in, so that a test can write it. */
export type Input = () => Promise<string>

/** All of standard input. */
export async function standardInput(): Promise<string> {
  const chunks: Buffer[] = []
  for await (const chunk of process.stdin) chunks.push(chunk as Buffer)
  return Buffer.concat(chunks).toString('utf8')
}

/** Reads JSON of a known shape, or throws `UnusableInput` with the place and the reason. */
export async function readJson<Schema extends z.ZodType>(
  input: Input,
  schema: Schema,
  example: string,
): Promise<z.infer<Schema>> {
  let given: unknown
  try {
    given = JSON.parse(await input())
  } catch (error) {
    throw new UnusableInput(`standard input: it is not JSON (${(error as Error).message}). Pipe something like ${example}.`)
  }
  const read = schema.safeParse(given)
  if (read.success) return read.data
  const reasons = read.error.issues.map(
    ({ path, message }) => `standard input: ${path.map(String).join('.') || 'the whole'}: ${message}`,
  )
  throw new UnusableInput(`${reasons.join('\n')}\nPipe something like ${example}.`)
}
