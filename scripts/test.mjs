// Runs every kind of test one after another and ends with one line: `N passed, N failed`.
import { spawnSync } from 'node:child_process'
import { mkdirSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))
const reports = join(root, '.hop-lark', 'reports')
const only = process.argv.slice(2)
const environment = { ...process.env, FORCE_COLOR: '0', NO_COLOR: '1' }

function run(command, args, more = {}) {
  return (
    spawnSync(command, args, { cwd: root, stdio: ['ignore', 'inherit', 'inherit'], env: { ...environment, ...more } }).status ===
    0
  )
}

const bin = (name) => join(root, 'node_modules', '.bin', name)

/** A step that is one check: it passes or fails as a whole. */
const check = (command, args) => () => (run(command, args) ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 })

function readReport(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8'))
  } catch {
    return undefined
  }
}

/** A runner that fails without a failed test (it did not start, or ran nothing) counts as one failure. */
function count(ok, passed, failed) {
  return { passed, failed: failed === 0 && (!ok || passed === 0) ? 1 : failed }
}

function vitest() {
  const file = join(reports, 'vitest.json')
  const ok = run(bin('vitest'), ['run', '--reporter=dot', '--reporter=json', `--outputFile.json=${file}`])
  const report = readReport(file)
  return count(ok, report?.numPassedTests ?? 0, report?.numFailedTests ?? 0)
}

function playwright() {
  const file = join(reports, 'playwright.json')
  const ok = run(bin('playwright'), ['test', '--config', 'e2e/playwright.config.ts'], { PLAYWRIGHT_JSON_OUTPUT_NAME: file })
  const stats = readReport(file)?.stats
  return count(ok, (stats?.expected ?? 0) + (stats?.flaky ?? 0), stats?.unexpected ?? 0)
}

const steps = [
  ['lint', check(bin('biome'), ['check', '.', '--error-on-warnings'])],
  ['unused', check(bin('knip'), ['--no-progress'])],
  ['types', check('node', ['node_modules/typescript7/bin/tsc', '-b'])],
  ['boundaries', check('node', ['scripts/boundaries.mjs'])],
  ['words', check('node', ['scripts/write-words.mjs', '--check'])],
  ['unit', vitest],
  ['browser', playwright],
]

rmSync(reports, { recursive: true, force: true })
mkdirSync(reports, { recursive: true })
const total = { passed: 0, failed: 0 }
for (const [name, step] of steps) {
  if (only.length > 0 && !only.includes(name)) continue
  console.log(`\n== ${name}`)
  const { passed, failed } = step()
  total.passed += passed
  total.failed += failed
  console.log(`== ${name}: ${failed === 0 ? 'passed' : 'FAILED'}`)
}
console.log(`\n${total.passed} passed, ${total.failed} failed`)
process.exitCode = total.failed === 0 && total.passed > 0 ? 0 : 1
