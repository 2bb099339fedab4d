// Checks what may import what, and first that the check itself sees a violation: a silent check is worse than none.
import { spawnSync } from 'node:child_process'
import { rmSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))
const canary = `${root}core/src/number/canary.ts`

function cruise(...folders) {
  return spawnSync('node_modules/.bin/depcruise', ['--config', '.dependency-cruiser.cjs', '--output-type', 'err', ...folders], {
    cwd: root,
    encoding: 'utf8',
  })
}

writeFileSync(
  canary,
  "import { readFileSync } from 'node:fs'\nimport { reckonTask } from '../reckon/index.ts'\n\nexport const canary = [readFileSync, reckonTask]\n",
)
let seen
try {
  seen = cruise('core/src/number')
} finally {
  rmSync(canary, { force: true })
}
const missed = ['core-without-node', 'floor-number'].filter((rule) => !seen.stdout.includes(rule))
if (missed.length > 0) {
  console.error(`The boundary check does not see a violation of ${missed.join(' and ')}.\n${seen.stdout}${seen.stderr}`)
  process.exit(1)
}
const result = cruise('core/src', 'cli/src', 'server/src', 'web/src')
process.stdout.write(result.stdout)
process.stderr.write(result.stderr)
const modules = Number(/\((\d+) modules/.exec(result.stdout)?.[1] ?? 0)
if (result.status === 0 && modules < 100) {
  console.error(`Only ${modules} modules were looked at; the check has lost sight of the rest.`)
  process.exit(1)
}
process.exit(result.status ?? 1)
