import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { isAlive } from './ports.ts'

const fileIn = (state: string) => join(state, 'server.pid')

/** Whether a process is a server of ours; numbers of processes are given out again after a while. */
function isOurs(pid: number): boolean {
  if (!isAlive(pid)) return false
  const command = `/proc/${pid}/cmdline`
  // Where the system tells nothing of its processes, a living one counts as ours.
  return !existsSync(command) || readFileSync(command, 'utf8').includes('launch/main.js')
}

/** The server that runs on a state folder, if any; what a server that is gone left behind is no server. */
export function runningServer(state: string): { readonly pid: number; readonly url: string } | undefined {
  const file = fileIn(state)
  if (!existsSync(file)) return undefined
  const [text = '', url = ''] = readFileSync(file, 'utf8').trim().split(' ')
  const pid = Number(text)
  return Number.isInteger(pid) && pid > 1 && pid !== process.pid && isOurs(pid) ? { pid, url } : undefined
}

export const runningUrl = (state: string): string | undefined => runningServer(state)?.url

export function writePid(state: string, url: string): void {
  writeFileSync(fileIn(state), `${process.pid} ${url}\n`)
}

export function removePid(state: string): void {
  rmSync(fileIn(state), { force: true })
}
