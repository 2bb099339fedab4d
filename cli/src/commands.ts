import { Command } from 'commander'
import { briefCommand } from './brief.ts'
import { checkCommand } from './check.ts'
import { identifyCommand } from './identify.ts'
import type { Output } from './output.ts'
import { type PlanOptions, planCommand } from './plan.ts'
import { predictCommand } from './predict.ts'
import { reckonCommand } from './reckon.ts'
import { speciateCommand } from './speciate.ts'
import type { Input } from './stdin.ts'
import { type WriteupOptions, writeupCommand } from './writeup.ts'

/** A command's way to say how it ended. */
type Ends = (status: number) => void

interface FileOptions {
  readonly json?: boolean
}

/** Commands on one file. */
function commandsOnFiles(program: Command, output: Output, end: Ends): void {
  type OnFile = (file: string, json: boolean, output: Output) => Promise<number>
  const onFile = (name: string, says: string, act: OnFile, is = 'a task file (*.hoplark.json)') =>
    program
      .command(name)
      .description(says)
      .argument('<file>', is)
      .option('--json', 'for programs')
      .action(async (file: string, options: FileOptions) => {
        end(await act(file, options.json ?? false, output))
      })
  onFile('brief', 'what a task sheet is read into, and what was not read', briefCommand, 'a task sheet as text, or a task file')
  onFile(
    'check',
    'what looks wrong in the record, and how to mend it; of a folder, a whole class as a table',
    checkCommand,
    'a task file (*.hoplark.json), or a folder of them',
  )
  onFile('reckon', 'titres, means and the working of every answer', reckonCommand)
  onFile('identify', 'what each sample in test tubes holds, with the evidence, and what to test next', identifyCommand)
}

/** Commands on one file that have choices of their own. */
function commandsWithChoices(program: Command, output: Output, end: Ends): void {
  program
    .command('plan')
    .description('when to do which step of a task sheet, so that the waits are used')
    .argument('<file>', 'a task sheet as text, or a task file')
    .option('--hands <pairs>', 'pairs of hands, 1 to 4', '1')
    .option('--json', 'for programs')
    .action(async (file: string, options: PlanOptions) => {
      end(await planCommand(file, options, output))
    })
  program
    .command('writeup')
    .description('the report, its tables or an archive')
    .argument('<file>', 'a task file (*.hoplark.json)')
    .requiredOption('--as <format>', 'md, html, docx, csv or eln')
    .option('--manner <manner>', 'exam: tables and working only; notebook: the whole report')
    .option('--out <path>', 'where it is written; to standard output where nothing is said')
    .action(async (file: string, options: WriteupOptions) => {
      end(await writeupCommand(file, options, output))
    })
}

/** Commands on what comes in on standard input. */
function commandsOnInput(program: Command, output: Output, input: Input, end: Ends): void {
  const onInput = (name: string, says: string) => program.command(name).description(says).option('--json', 'for programs')
  onInput('speciate', 'pH, species and solids of what was put into water, from JSON on standard input')
    .option('--ideal', 'concentrations instead of activities, as textbooks work')
    .action(async ({ json = false, ideal = false }: FileOptions & { readonly ideal?: boolean }) => {
      end(await speciateCommand({ json, ideal }, output, input))
    })
  onInput('predict', 'what would be seen in a tube, step by step, from JSON on standard input').action(
    async ({ json = false }: FileOptions) => {
      end(await predictCommand(json, output, input))
    },
  )
}

/**
 * The commands of the command line.
 *
 * @param end - is told the exit status of the command that ran
 */
export function commands(output: Output, input: Input, end: Ends): Command {
  const program = new Command('hop-lark')
    .description('Hop Lark on a task file')
    .exitOverride()
    .configureOutput({ writeOut: output.out, writeErr: output.err })
    .showSuggestionAfterError()
  commandsOnFiles(program, output, end)
  commandsWithChoices(program, output, end)
  commandsOnInput(program, output, input, end)
  return program
}
