import { setTimeout as wait } from 'node:timers/promises'
import { type PrivateDatabase, startPrivateDatabase } from './privateDatabase.ts'

const MOST_MILLISECONDS_BETWEEN_STARTS = 8000
/** One that has run this long may be started at once when it stops again. */
const MILLISECONDS_TO_BE_TRUSTED = 60_000

/**
 * A private MariaDB that is started again whenever it stops without being asked to: killed, out of memory, crashed. While it
 * is away the server says so, and pages keep what is entered.
 *
 * @param say - told each time it has to be started again
 */
export async function startWatchedDatabase(
  folder: string,
  say: (text: string) => void,
  wantedPort?: number,
): Promise<PrivateDatabase> {
  let running = await startPrivateDatabase(folder, wantedPort)
  const { url, port, pid } = running
  let stopping = false
  const watch = async () => {
    for (let failures = 0; !stopping; ) {
      const started = Date.now()
      await running.exited
      if (stopping) return
      failures = Date.now() - started > MILLISECONDS_TO_BE_TRUSTED ? 0 : failures + 1
      say('The database stopped. It is started again.')
      for (;;) {
        await wait(Math.min(MOST_MILLISECONDS_BETWEEN_STARTS, 50 * 2 ** failures), undefined, { ref: false })
        if (stopping) return
        try {
          running = await startPrivateDatabase(folder, port)
          break
        } catch (error) {
          failures++
          say((error as Error).message)
        }
      }
    }
  }
  const watching = watch()
  return {
    url,
    port,
    get pid() {
      return running.pid ?? pid
    },
    get exited() {
      return watching
    },
    stop: async () => {
      stopping = true
      await running.stop()
    },
  }
}
