import { execFile } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import { promisify } from 'node:util'
import { expect, test } from '@playwright/test'

const root = fileURLToPath(new URL('../..', import.meta.url))

/** Runs a script of the project; what it says at the end. Where something is lost or doubled it ends with an error. */
async function run(script: string, ...more: readonly string[]): Promise<string> {
  const { stdout } = await promisify(execFile)(process.execPath, [`scripts/${script}`, ...more], { cwd: root })
  return stdout
}

test('edits under kills of server and database: none lost, none doubled', async () => {
  test.setTimeout(240_000)
  expect(await run('kills.mjs', '--edits', '300', '--kills', '4')).toMatch(
    /^300 acknowledged edits under 4 kills .* 0 lost, 0 doubled/,
  )
})

test('edits on a cluster of three under the kill of a node: none lost, none doubled, all nodes equal', async () => {
  test.setTimeout(300_000)
  // Clients ask again as pages do: how soon another node takes over is the machine's to say.
  expect(await run('cluster.mjs', '--edits', '200', '--kills', '1', '--patient')).toMatch(/0 lost, 0 doubled, nodes equal/)
})
