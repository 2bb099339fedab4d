import { CommanderError } from 'commander'
import { commands } from './commands.ts'
import { UnusableInput } from './files.ts'
import type { Output } from './output.ts'
import { type Input, standardInput } from './stdin.ts'

/** Exit statuses of every command; a slip of ours ends with 70. */
const UNUSABLE_INPUT = 2
const OUR_SLIP = 70

/**
 * Runs the command line.
 *
 * @param args - what stands after `hop-lark`
 * @param input - where piped input comes from
 * @returns exit status: 0 fine, 1 problems found in the record, 2 unusable input
 */
export async function run(args: readonly string[], output: Output, input: Input = standardInput): Promise<number> {
  let status = 0
  const program = commands(output, input, (ended) => {
    status = ended
  })
  try {
    await program.parseAsync([...args], { from: 'user' })
    return status
  } catch (error) {
    if (error instanceof CommanderError) return error.exitCode === 0 ? 0 : UNUSABLE_INPUT
    if (error instanceof UnusableInput) {
      output.err(`${error.message}\n`)
      return UNUSABLE_INPUT
    }
    output.err(`hop-lark: a fault of ours, please report it: ${error instanceof Error ? error.message : String(error)}\n`)
    return OUR_SLIP
  }
}
