// Three Galera nodes and two app servers on loopback; readings are saved from many clients while one node after another is
// killed. Then every edit that was acknowledged must be there once, on every node: node scripts/cluster.mjs [--edits 2000]
// [--kills 8] [--seed 1] [--patient]
import { createHash } from 'node:crypto'
import { chmodSync, cpSync, mkdirSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { setTimeout as wait } from 'node:timers/promises'
import { parseArgs } from 'node:util'
import { uniformFrom } from '@hop-lark/core/number'
import { connectDatabase, freePort, readSettings, startPrivateDatabase, startServer } from '@hop-lark/server/launch'
import { makeEdits } from './edits.mjs'

const { values } = parseArgs({
  options: {
    edits: { type: 'string', default: '2000' },
    kills: { type: 'string', default: '8' },
    seed: { type: 'string', default: '1' },
    patient: { type: 'boolean', default: false },
  },
})
const [EDITS, KILLS, CLIENTS, NODES] = [Number(values.edits), Number(values.kills), 12, 3]
const random = uniformFrom(Number(values.seed))
const folder = mkdtempSync(join(tmpdir(), 'hop-lark-cluster-'))

/** Replication needs three ports in a row: for the group, for what a node missed, and for a whole copy. */
chmodSync(folder, 0o755)
const ports = []
const FIRST_PORT = 20_000 + (process.pid % 1000) * 3 * NODES
for (let node = 0; node < NODES; node++) ports.push({ sql: await freePort(), group: FIRST_PORT + node * 3 })
const address = `gcomm://${ports.map(({ group }) => `127.0.0.1:${group}`).join(',')}`

function argumentsOf(node, isFirst) {
  const { group } = ports[node]
  return [
    '--binlog-format=ROW',
    '--innodb-autoinc-lock-mode=2',
    '--wsrep-on=ON',
    '--wsrep-provider=/usr/lib/galera/libgalera_smm.so',
    '--wsrep-cluster-name=hop-lark',
    `--wsrep-node-name=n${node}`,
    `--wsrep-node-address=127.0.0.1:${group}`,
    `--wsrep-provider-options=base_port=${group};gmcast.listen_addr=tcp://127.0.0.1:${group};ist.recv_addr=127.0.0.1:${group + 1};gcache.size=64M;repl.causal_read_timeout=PT1S;evs.keepalive_period=PT0.5S;evs.suspect_timeout=PT2S;evs.inactive_timeout=PT10S`,
    '--wsrep-sst-method=rsync',
    // A small log is copied quickly.
    '--innodb-log-file-size=8M',
    `--wsrep-sst-receive-address=127.0.0.1:${group + 2}`,
    ...(isFirst ? ['--wsrep-new-cluster', '--wsrep-cluster-address=gcomm://'] : [`--wsrep-cluster-address=${address}`]),
  ]
}

const nodes = []
const startNode = async (node, isFirst = false) => {
  nodes[node] = await startPrivateDatabase(join(folder, `n${node}`), ports[node].sql, argumentsOf(node, isFirst))
}

/** A node that comes back is copied from another, which may be busy. */
async function startPatiently(node, tries = 5) {
  try {
    await startNode(node)
  } catch (error) {
    if (tries === 0) throw error
    await startPatiently(node, tries - 1)
  }
}

/** Asks one node by itself; waits until it has what the others have. */
async function onNode(node, ask) {
  const database = connectDatabase(nodes[node].url)
  try {
    await database.query('SET SESSION wsrep_sync_wait = 7')
    return await ask(database)
  } finally {
    await database.close()
  }
}

async function untilSynced(node) {
  for (;;) {
    const state = await onNode(node, async (database) => {
      const [[row]] = await database.query("SHOW STATUS LIKE 'wsrep_local_state_comment'")
      return row?.Value
    }).catch(() => undefined)
    if (state === 'Synced') return
    await wait(100)
  }
}

const began = Date.now()
const servers = []
try {
  await startNode(0, true)
  for (let node = 1; node < NODES; node++) {
    // One password for all: the users are part of what is copied.
    mkdirSync(join(folder, `n${node}`), { mode: 0o755 })
    cpSync(join(folder, 'n0', 'password'), join(folder, `n${node}`, 'password'))
    await startNode(node)
    await untilSynced(node)
  }
  const { username, password, pathname } = new URL(nodes[0].url)
  const urlFrom = (first) => {
    const hosts = ports.map((_, turn) => `127.0.0.1:${ports[(first + turn) % NODES].sql}`)
    return `mariadb://${username}:${password}@${hosts.join(',')}${pathname}`
  }
  for (const first of [0, 1])
    servers.push(
      await startServer(
        readSettings({ DATABASE_URL: urlFrom(first), PORT: '0', LOG_LEVEL: 'silent', HOP_LARK_REQUESTS_PER_MINUTE: '10000000' }),
      ),
    )
  // Every answer counts, unless clients are to ask again as pages do: nothing but success and 409 may come.
  let kills = 0
  const edits = await makeEdits({
    urls: servers.map(({ url }) => url),
    edits: EDITS,
    clients: CLIENTS,
    random,
    goesOn: () => kills < KILLS,
    patient: values.patient,
  })
  const killing = async () => {
    while (kills < KILLS) {
      await wait(random() * 2000)
      const node = Math.floor(random() * NODES)
      process.kill(nodes[node].pid, 'SIGKILL')
      await nodes[node].exited
      kills++
      await wait(random() * 1000)
      await startPatiently(node)
      await untilSynced(node)
    }
  }
  await Promise.all([edits.work(), killing()])
  const { lost, doubled } = await edits.check()
  const sums = []
  for (let node = 0; node < NODES; node++) {
    await untilSynced(node)
    sums.push(
      await onNode(node, async (database) => {
        const [tasks] = await database.query('SELECT id, version, documented, document FROM tasks ORDER BY id')
        const [lines] = await database.query('SELECT task, version, `key`, patch FROM edits ORDER BY task, version')
        return createHash('sha256')
          .update(JSON.stringify([tasks, lines]))
          .digest('hex')
      }),
    )
  }
  const equal = new Set(sums).size === 1
  const { acknowledged, unexpected, slowest } = edits
  console.log(
    `${acknowledged.length} acknowledged edits on ${NODES} nodes under ${kills} kills of a node in ${((Date.now() - began) / 1000).toFixed(0)} s: ${lost} lost, ${doubled} doubled, nodes ${equal ? 'equal' : 'DIFFERENT'}, ${unexpected.length} answers that were neither success nor 409, slowest answer ${slowest.milliseconds.toFixed(0)} ms`,
  )
  if (unexpected.length > 0) console.log(JSON.stringify(unexpected.slice(0, 3)))
  process.exitCode = lost + doubled + unexpected.length === 0 && equal && acknowledged.length >= EDITS ? 0 : 1
} finally {
  for (const server of servers) await server.stop()
  for (const node of nodes) await node?.stop()
  rmSync(folder, { recursive: true, force: true })
}
