import { type Logger, pino } from 'pino'
import { pinoHttp } from 'pino-http'
import type { Settings } from '../config.ts'

/** The server's log: one JSON line an event, never a reading or a document. */
export function makeLogger(level: Settings['logLevel']): Logger {
  return pino({ level, base: null })
}

/** Logs method, path without query, status and time of each request; no bodies and no headers. */
export function logRequests(logger: Logger) {
  return pinoHttp({
    logger,
    quietReqLogger: true,
    customLogLevel: (_request, response) => (response.statusCode >= 500 ? 'error' : 'debug'),
    serializers: {
      req: (request: { method: string; url: string }) => ({ method: request.method, path: request.url.split('?')[0] }),
      res: (response: { statusCode: number }) => ({ status: response.statusCode }),
      err: (error: { type?: string }) => ({ type: error.type }),
    },
  })
}
