// Mutation scores of modules of core: `npm run mutate titration reckon`. Not part of every run: it takes minutes a module,
// an hour for the largest. `npm run mutate reckon:5` takes a fifth of its lines, in pieces from all its files.
import { mkdirSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { Stryker } from '@stryker-mutator/core'

const root = fileURLToPath(new URL('..', import.meta.url))
/** What each module should reach, per cent. */
const GOALS = { titration: 85, reckon: 80, aqueous: 80, tube: 75, observe: 80 }

const known = readdirSync(join(root, 'core', 'src'))
const modules = process.argv.slice(2).map((text) => {
  const [name, part = '1'] = text.split(':')
  return { name, part: Number(part) }
})
const unknown = modules.filter(({ name, part }) => !known.includes(name) || !Number.isInteger(part) || part < 1)
if (modules.length === 0 || unknown.length > 0) {
  console.error(`npm run mutate MODULE …, of: ${known.filter((name) => !name.includes('.')).join(', ')}`)
  process.exit(2)
}
mkdirSync(join(root, '.hop-lark', 'mutation'), { recursive: true })

let missed = false
/** Lines of one piece of a sample. */
const PIECE = 20

/** Pieces of every file of a module, one of so many. */
function sampleOf(name, part) {
  const folder = join(root, 'core', 'src', name)
  return readdirSync(folder, { recursive: true })
    .filter((file) => /\.ts$/.test(file) && !/\.test\.ts$|testing\/|index\.ts$/.test(file))
    .flatMap((file) => {
      const lines = readFileSync(join(folder, file), 'utf8').split('\n').length
      const count = Math.ceil(lines / PIECE)
      return Array.from({ length: count }, (_, piece) => piece)
        .filter((piece) => (piece + lines) % part === 0)
        .map((piece) => `core/src/${name}/${file}:${piece * PIECE + 1}-${(piece + 1) * PIECE}`)
    })
}

for (const { name, part } of modules) {
  process.env.HOP_LARK_MUTATED = name
  const stryker = new Stryker({
    testRunner: 'vitest',
    vitest: { configFile: 'scripts/mutate.vitest.config.mjs', related: false },
    plugins: ['@stryker-mutator/vitest-runner'],
    mutate: part > 1 ? sampleOf(name, part) : [`core/src/${name}/**/*.ts`, '!**/*.test.ts', '!**/testing/**', '!**/index.ts'],
    ignorePatterns: ['.hop-lark', 'docs/screenshots', '**/dist', '**/.types'],
    tempDirName: '.hop-lark/mutation/sandbox',
    reporters: ['clear-text', 'json'],
    jsonReporter: { fileName: `.hop-lark/mutation/${name}.json` },
    clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
    coverageAnalysis: 'perTest',
    // What is worked out once when a module is loaded would need every test anew for each mutant.
    ignoreStatic: true,
    concurrency: 2,
    timeoutMS: 20_000,
    logLevel: 'warn',
  })
  const results = await stryker.runMutationTest()
  const counted = results.filter(({ status }) => ['Killed', 'Timeout', 'Survived', 'NoCoverage'].includes(status))
  const killed = counted.filter(({ status }) => status === 'Killed' || status === 'Timeout')
  const score = (100 * killed.length) / Math.max(1, counted.length)
  const goal = GOALS[name]
  console.log(
    `\n${name}${part > 1 ? `, one line in ${part}` : ''}: ${score.toFixed(1)} % of ${counted.length} mutants${goal ? `, goal ${goal} %` : ''}`,
  )
  if (goal !== undefined && score < goal) missed = true
}
process.exitCode = missed ? 1 : 0
