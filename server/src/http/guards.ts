import type { RequestHandler } from 'express'
import { ipKeyGenerator, rateLimit } from 'express-rate-limit'
import helmet from 'helmet'
import { Refusal } from './Refusal.ts'

const CHANGES = new Set(['POST', 'PUT', 'PATCH', 'DELETE'])

/**
 * Answers only requests that were meant for this server (Host) and, where they change something, that come from its own
 * pages (Origin): another site open in the same browser can do neither.
 *
 * @param hosts - tells the names, with port, the server is known by; asked at each request, since the port may be chosen late
 */
export function expectHost(hosts: () => ReadonlySet<string>): RequestHandler {
  return (request, _response, next) => {
    const { host, origin } = request.headers
    if (host === undefined || !hosts().has(host)) {
      throw new Refusal(
        421,
        'host.unexpected',
        `This server does not answer to the name '${host ?? ''}'.`,
        'Open it under the address it printed, or add the name to HOP_LARK_HOSTS.',
      )
    }
    if (CHANGES.has(request.method) && origin !== undefined && !hosts().has(origin.replace(/^https?:\/\//, ''))) {
      throw new Refusal(
        403,
        'origin.unexpected',
        `A page of ${origin} may not change tasks here.`,
        'Use the page this server serves.',
      )
    }
    next()
  }
}

/** Security headers. Inline styles are needed by the positioned pop-ups; scripts come from this server alone. */
export function headers(): RequestHandler {
  return helmet({
    contentSecurityPolicy: {
      useDefaults: true,
      directives: {
        'default-src': ["'self'"],
        'script-src': ["'self'"],
        'style-src': ["'self'", "'unsafe-inline'"],
        'img-src': ["'self'", 'data:', 'blob:'],
        'font-src': ["'self'"],
        'connect-src': ["'self'"],
        'worker-src': ["'self'"],
        'object-src': ["'none'"],
        'frame-ancestors': ["'none'"],
        'upgrade-insecure-requests': null,
      },
    },
    strictTransportSecurity: false,
  })
}

/** Pages of one browser say which they are, so that a class behind one address is not taken for one client. */
const PAGE_HEADER = 'x-hop-lark-page'
/** Clients behind one address, at most. */
const CLASS = 60

const tooMany = () => {
  throw new Refusal(
    429,
    'request.tooMany',
    'Too many requests in a minute.',
    'Wait a little; what you enter is kept on this device meanwhile.',
  )
}

/** At most so many requests a minute from one page, and as many from one address as a whole class may send. */
export function limitRate(requestsPerMinute: number): RequestHandler[] {
  const limit = (most: number, keyOf: (address: string, page: string) => string) =>
    rateLimit({
      windowMs: 60_000,
      limit: most,
      standardHeaders: 'draft-8',
      legacyHeaders: false,
      keyGenerator: (request) => keyOf(ipKeyGenerator(request.ip ?? ''), request.get(PAGE_HEADER)?.slice(0, 64) ?? ''),
      handler: tooMany,
    })
  return [
    limit(requestsPerMinute * CLASS, (address) => address),
    limit(requestsPerMinute, (address, page) => `${address} ${page}`),
  ]
}
