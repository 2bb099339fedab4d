import { TaskIdSchema } from '@hop-lark/contract'
import type { RequestHandler } from 'express'
import type { Watch } from './Watch.ts'

/** A proxy between us and a page closes what is silent for a minute. */
const MILLISECONDS_BETWEEN_BEATS = 20_000

/** Tells a page how a task stands as long as it listens, as server-sent events. */
export function taskEvents(watch: Watch): RequestHandler {
  return (request, response) => {
    const id = TaskIdSchema.parse(request.params.id)
    response.set({ 'content-type': 'text/event-stream', 'x-accel-buffering': 'no' })
    response.flushHeaders()
    const stop = watch.watch(id, (standing) => response.write(`data: ${JSON.stringify(standing)}\n\n`))
    const beat = setInterval(() => response.write(': still here\n\n'), MILLISECONDS_BETWEEN_BEATS)
    response.once('close', () => {
      clearInterval(beat)
      stop()
    })
  }
}
