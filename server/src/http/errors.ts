import type { ErrorBody } from '@hop-lark/contract'
import { TaskFileError } from '@hop-lark/core/record'
import type { ErrorRequestHandler, RequestHandler } from 'express'
import type { Logger } from 'pino'
import { ConnectionError, DatabaseError, TimeoutError } from 'sequelize'
import { ZodError } from 'zod'
import { Refusal } from './Refusal.ts'

interface Answer {
  readonly status: number
  readonly error: ErrorBody['error']
}

/** Error numbers by which MariaDB says that it is going away, is gone, or would not wait any longer. */
const AWAY = new Set([
  'ER_SERVER_SHUTDOWN',
  'ER_SOCKET_UNEXPECTED_CLOSE',
  'ER_SOCKET_TIMEOUT',
  'ER_GET_CONNECTION_TIMEOUT',
  'ER_CONNECTION_KILLED',
  'ER_LOCK_WAIT_TIMEOUT',
  'ER_LOCK_DEADLOCK',
  'ER_CMD_CONNECTION_CLOSED',
  // A node that has lost its cluster.
  'ER_UNKNOWN_COM_ERROR',
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
])

function codeOf(error: unknown): string {
  const { original, parent, code } = (error ?? {}) as { original?: unknown; parent?: unknown; code?: unknown }
  return typeof code === 'string' ? code : original || parent ? codeOf(original ?? parent) : ''
}

/** Whether an error means that the database cannot be reached just now. */
export function isDatabaseAway(error: unknown): boolean {
  return error instanceof ConnectionError || error instanceof TimeoutError || AWAY.has(codeOf(error))
}

const answer = (status: number, code: string, says: string, mend: string, faults?: Answer['error']['faults']): Answer => ({
  status,
  error: { code, says, mend, ...(faults ? { faults } : {}) },
})
const AWAY_FOR_NOW = answer(
  503,
  'database.away',
  'The database cannot be reached.',
  'What you enter is kept on this device and saved when it is back.',
)
/** What is wrong with a request before anybody reads it, by the status that says so. */
const UNREAD: Readonly<Record<number, Answer>> = {
  400: answer(400, 'request.notJson', 'The request is not JSON.', 'Send JSON.'),
  404: answer(
    404,
    'address.unknown',
    'There is nothing at this address.',
    'Load the page again: Hop Lark may have been updated.',
  ),
  413: answer(413, 'request.tooLarge', 'This is larger than a task may be.', 'Split the task, or take pasted text out of it.'),
  415: answer(415, 'request.charset', 'The request is written in a way that is not read here.', 'Send JSON in UTF-8.'),
}
const MALFORMED = answer(400, 'address.malformed', 'The address cannot be read.', 'Check what stands after a % in it.')
/** Some other reason to refuse a request before it is read, by the status that the library gives. */
const refusedUnread = (status: number) =>
  answer(status, 'request.refused', 'The request cannot be answered like this.', 'Load the page again.')
const FAULT = answer(
  500,
  'server.fault',
  'Something went wrong on the server.',
  'Try again; what you entered is kept on this device.',
)
const SEE_THE_PLACES = 'See the places named.'

function answerTo(error: unknown): Answer {
  if (error instanceof Refusal) return answer(error.status, error.code, error.message, error.mend)
  if (error instanceof TaskFileError)
    return answer(422, 'task.invalid', 'This would not be a task file any more.', SEE_THE_PLACES, error.faults)
  if (error instanceof ZodError) {
    const faults = error.issues.map((issue) => ({ at: issue.path.join('.'), says: issue.message }))
    return answer(400, 'request.invalid', 'The request is not what this address expects.', SEE_THE_PLACES, faults)
  }
  if (isDatabaseAway(error)) return AWAY_FOR_NOW
  if (error instanceof URIError) return MALFORMED
  const status = Number((error as { status?: unknown }).status)
  if (status >= 400 && status < 500) return UNREAD[status] ?? refusedUnread(status)
  return FAULT
}

/** What of an error may be logged: driver errors carry SQL with readings in it, so only kind and code are kept. */
function loggable(error: unknown): Record<string, unknown> {
  const { name, stack } = error as Error
  if (error instanceof DatabaseError) return { name, code: codeOf(error) }
  return { name, code: codeOf(error), stack }
}

/** Turns every error into an answer that says what is wrong and how to mend it, and never shows a stack trace. */
export function answerErrors(logger: Logger): ErrorRequestHandler {
  return (error, _request, response, next) => {
    if (response.headersSent) {
      next(error)
      return
    }
    const { status, error: body } = answerTo(error)
    if (status >= 500) logger.error({ error: loggable(error), status }, body.code)
    response.status(status).json({ error: body })
  }
}

/** An address of the API that there is not. */
export const unknownAddress: RequestHandler = (request) => {
  throw new Refusal(
    404,
    'address.unknown',
    `There is nothing at ${request.method} ${request.baseUrl}${request.path}.`,
    'Check the address.',
  )
}
