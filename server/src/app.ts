import { existsSync } from 'node:fs'
import express, { type Express } from 'express'
import type { Logger } from 'pino'
import { QueryTypes } from 'sequelize'
import { answerErrors, isDatabaseAway, unknownAddress } from './http/errors.ts'
import { expectHost, headers, limitRate } from './http/guards.ts'
import { logRequests } from './http/log.ts'
import { soundBody } from './http/soundBody.ts'
import { photographRoutes } from './photographs/routes.ts'
import { taskRoutes } from './tasks/routes.ts'
import type { Tasks } from './tasks/Tasks.ts'

/** The largest request, bytes: a task with tens of thousands of readings. */
const LARGEST_REQUEST = 4 * 1024 * 1024
/** Built files carry a hash of their content in their name, so a browser may keep them. */
const ONE_YEAR_IN_SECONDS = 31_536_000

export interface AppOptions {
  readonly tasks: Tasks
  readonly logger: Logger
  readonly hosts: () => ReadonlySet<string>
  readonly requestsPerMinute: number
  /** Folder of the built web app; without one only the API is served. */
  readonly webFolder?: string | undefined
}

function health(tasks: Tasks, hosts: AppOptions['hosts']): express.RequestHandler {
  return async (_request, response) => {
    try {
      await tasks.database.query('SELECT 1', { type: QueryTypes.SELECT })
      response.json({ status: 'ok', database: 'ok', names: [...hosts()] })
    } catch (error) {
      if (!isDatabaseAway(error)) throw error
      response.status(503).json({ status: 'degraded', database: 'away', names: [...hosts()] })
    }
  }
}

/** The Express application: guards, the API, then the web app with its own routes. */
export function makeApp({ tasks, logger, hosts, requestsPerMinute, webFolder }: AppOptions): Express {
  const app = express()
  app.disable('x-powered-by')
  app.use(headers(), logRequests(logger), expectHost(hosts))
  const api = express.Router()
  api.use(...limitRate(requestsPerMinute), express.json({ limit: LARGEST_REQUEST }), soundBody)
  api.use((_request, response, next) => {
    response.set('cache-control', 'no-store')
    next()
  })
  api.get('/health', health(tasks, hosts))
  api.use('/tasks', taskRoutes(tasks), photographRoutes(tasks))
  api.use(unknownAddress)
  app.use('/api', api)
  if (webFolder !== undefined && existsSync(webFolder)) {
    app.use(
      '/assets',
      express.static(`${webFolder}/assets`, { immutable: true, maxAge: ONE_YEAR_IN_SECONDS * 1000, fallthrough: false }),
    )
    app.use(express.static(webFolder, { index: false, maxAge: 0 }))
    app.get('/{*path}', (_request, response) => {
      response.sendFile('index.html', { root: webFolder, cacheControl: false })
    })
  }
  app.use(answerErrors(logger))
  return app
}
