import { Command, CommanderError } from 'commander'
import { briefCommand } from './brief.ts'
import { checkCommand } from './check.ts'
import { UnusableInput } from './files.ts'
import { identifyCommand } from './identify.ts'
import type { Output } from './output.ts'
import { type PlanOptions, planCommand } from './plan.ts'
import { predictCommand } from './predict.ts'
import { reckonCommand } from './reckon.ts'
import { speciateCommand } from './speciate.ts'
import { type Input, standardInput } from './stdin.ts'

/** Exit statuses of every command; a slip of ours ends with 70. */
const UNUSABLE_INPUT = 2
const OUR_SLIP = 70

interface FileOptions {
  readonly json?: boolean
}

/**
 * Runs the command line.
 *
 * @param args - what stands after `hop-lark`
 * @param input - where piped input comes from
 * @returns exit status: 0 fine, 1 problems found in the record, 2 unusable input
 */
export async function run(args: readonly string[], output: Output, input: Input = standardInput): Promise<number> {
  let status = 0
  const program = new Command('hop-lark')
    .description('Hop Lark on a task file')
    .exitOverride()
    .configureOutput({ writeOut: output.out, writeErr: output.err })
    .showSuggestionAfterError()
  type OnFile = (file: string, json: boolean, output: Output) => Promise<number>
  const onFile = (name: string, says: string, act: OnFile, is = 'a task file (*.hoplark.json)') =>
    program
      .command(name)
      .description(says)
      .argument('<file>', is)
      .option('--json', 'for programs')
      .action(async (file: string, options: FileOptions) => {
        status = await act(file, options.json ?? false, output)
      })
  onFile('brief', 'what a task sheet is read into, and what was not read', briefCommand, 'a task sheet as text, or a task file')
  onFile('check', 'what looks wrong in the record, and how to mend it', checkCommand)
  onFile('reckon', 'titres, means and the working of every answer', reckonCommand)
  onFile('identify', 'what each sample in test tubes holds, with the evidence, and what to test next', identifyCommand)
  program
    .command('plan')
    .description('when to do which step of a task sheet, so that the waits are used')
    .argument('<file>', 'a task sheet as text, or a task file')
    .option('--hands <pairs>', 'pairs of hands, 1 to 4', '1')
    .option('--json', 'for programs')
    .action(async (file: string, options: PlanOptions) => {
      status = await planCommand(file, options, output)
    })
  const onInput = (name: string, says: string) => program.command(name).description(says).option('--json', 'for programs')
  onInput('speciate', 'pH, species and solids of what was put into water, from JSON on standard input')
    .option('--ideal', 'concentrations instead of activities, as textbooks work')
    .action(async ({ json = false, ideal = false }: FileOptions & { readonly ideal?: boolean }) => {
      status = await speciateCommand({ json, ideal }, output, input)
    })
  onInput('predict', 'what would be seen in a tube, step by step, from JSON on standard input').action(
    async ({ json = false }: FileOptions) => {
      status = await predictCommand(json, output, input)
    },
  )
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
