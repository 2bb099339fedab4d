import type { Edits, ErrorBody, Health, KeptTask, ListQuery, SaveAnswer, ShelfPage } from '@hop-lark/contract'
import type { Operation } from 'rfc6902'
import { newKey } from './newKey.ts'

/** What the shelf asks for. */
export type ShelfQuery = Omit<ListQuery, 'size'>

/** Why a request came to nothing. `away`: nobody answered, or the database is gone; worth trying again. */
export class ApiError extends Error {
  readonly status: number
  readonly code: string
  readonly mend: string
  readonly faults: readonly { readonly at: string; readonly says: string }[]

  constructor(status: number, code: string, says: string, mend: string, faults: ApiError['faults'] = []) {
    super(says)
    this.name = 'ApiError'
    this.status = status
    this.code = code
    this.mend = mend
    this.faults = faults
  }

  /** Whether the same request may well go through later. */
  get away(): boolean {
    return this.status === 0 || this.status === 429 || this.status >= 500
  }

  /** Whether the server will never have this edit, however often it is asked: it is the edit, not the moment. */
  get isRefusal(): boolean {
    return this.status === 400 || this.status === 413 || this.status === 422
  }

  /** Whether an edit was made on a version that the server has not got, as after a backup was put back. */
  get isAhead(): boolean {
    return this.code === 'edit.ahead'
  }

  get isOfUnknownTask(): boolean {
    return this.code === 'task.unknown'
  }

  /** What is wrong, place by place where the server told. */
  get reason(): string {
    return this.faults.map(({ at, says }) => (at ? `${at} ${says}` : says)).join('; ') || this.message
  }
}

/** Names this page: to the server, which counts requests by pages, and to other pages of the browser. */
export const PAGE = newKey()

/** Longer than the server gives a database that hangs. */
const MILLISECONDS_TO_ANSWER = 15_000

const request = (method: string, path: string, body?: unknown): Promise<Response> =>
  body === undefined ? send(method, path) : send(method, path, JSON.stringify(body), 'application/json')

async function send(method: string, path: string, body?: BodyInit, type?: string): Promise<Response> {
  try {
    return await fetch(`/api${path}`, {
      method,
      signal: AbortSignal.timeout(MILLISECONDS_TO_ANSWER),
      headers: { 'x-hop-lark-page': PAGE, ...(type === undefined ? {} : { 'content-type': type }) },
      ...(body === undefined ? {} : { body }),
    })
  } catch {
    throw new ApiError(
      0,
      'server.away',
      'The server does not answer.',
      'What you enter is kept on this device and saved when it is back.',
    )
  }
}

async function refuse(response: Response): Promise<never> {
  const body = (await response.json().catch(() => ({}))) as Partial<ErrorBody>
  const {
    code = 'server.fault',
    says = 'Something went wrong on the server.',
    mend = 'Try again.',
    faults = [],
  } = body.error ?? {}
  throw new ApiError(response.status, code, says, mend, faults)
}

async function ask<Answer>(method: string, path: string, body?: unknown): Promise<Answer> {
  const response = await request(method, path, body)
  if (!response.ok) await refuse(response)
  return (response.status === 204 ? undefined : await response.json()) as Answer
}

const at = (id: string) => `/tasks/${encodeURIComponent(id)}`

/** The server's API, one function a request. */
export const api = {
  health: () => ask<Health>('GET', '/health'),
  list: (asked: ShelfQuery) => ask<ShelfPage>('GET', `/tasks?${new URLSearchParams({ ...asked, page: String(asked.page) })}`),
  create: (document: unknown) => ask<KeptTask>('POST', '/tasks', { document }),
  load: (id: string) => ask<KeptTask>('GET', at(id)),
  duplicate: (id: string) => ask<KeptTask>('POST', `${at(id)}/duplicate`),
  archive: (id: string) => ask<KeptTask>('POST', `${at(id)}/archive`),
  restore: (id: string) => ask<KeptTask>('POST', `${at(id)}/restore`),
  destroy: (id: string, title: string) => ask<undefined>('DELETE', at(id), { title }),
  fileAddress: (id: string) => `/api${at(id)}/file`,
  async keepPicture(id: string, sha256: string, picture: Blob): Promise<void> {
    const response = await send('PUT', `${at(id)}/photographs/${sha256}`, picture, picture.type)
    if (!response.ok) await refuse(response)
  },
  async picture(id: string, sha256: string): Promise<Blob> {
    const response = await request('GET', `${at(id)}/photographs/${sha256}`)
    if (!response.ok) await refuse(response)
    return response.blob()
  },
  editsSince: (id: string, version: number) => ask<Edits>('GET', `${at(id)}/edits?since=${version}`),
  async save(id: string, edit: { base: number; key: string; patch: Operation[] }): Promise<SaveAnswer> {
    const response = await request('POST', `${at(id)}/edits`, edit)
    // Being behind is an answer, not a failure: the edits that came first are in it.
    if (response.status === 409) {
      const body = (await response.json()) as SaveAnswer | Partial<ErrorBody>
      if ('kind' in body) return body
      throw new ApiError(
        409,
        body.error?.code ?? 'edit.ahead',
        body.error?.says ?? 'The task has moved on.',
        body.error?.mend ?? 'Load it again.',
      )
    }
    if (!response.ok) await refuse(response)
    return (await response.json()) as SaveAnswer
  },
}

export type Api = typeof api
