// Mutation scores of modules of core: `npm run mutate titration reckon`. Not part of every run: it takes minutes a module.
import { mkdirSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { Stryker } from '@stryker-mutator/core'

const root = fileURLToPath(new URL('..', import.meta.url))
/** What each module should reach, per cent. */
const GOALS = { titration: 85, reckon: 80, aqueous: 80, tube: 75, observe: 80 }

const known = readdirSync(join(root, 'core', 'src'))
const modules = process.argv.slice(2)
const unknown = modules.filter((name) => !known.includes(name))
if (modules.length === 0 || unknown.length > 0) {
  console.error(`npm run mutate MODULE …, of: ${known.filter((name) => !name.includes('.')).join(', ')}`)
  process.exit(2)
}
mkdirSync(join(root, '.hop-lark', 'mutation'), { recursive: true })

let missed = false
for (const name of modules) {
  process.env.HOP_LARK_MUTATED = name
  const stryker = new Stryker({
    testRunner: 'vitest',
    vitest: { configFile: 'scripts/mutate.vitest.config.mjs', related: false },
    plugins: ['@stryker-mutator/vitest-runner'],
    mutate: [`core/src/${name}/**/*.ts`, '!**/*.test.ts', '!**/testing/**', '!**/index.ts'],
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
  console.log(`\n${name}: ${score.toFixed(1)} % of ${counted.length} mutants${goal ? `, goal ${goal} %` : ''}`)
  if (goal !== undefined && score < goal) missed = true
}
process.exitCode = missed ? 1 : 0
