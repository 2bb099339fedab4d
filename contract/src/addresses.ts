import type { z } from 'zod'
import {
  BehindSchema,
  EditsSchema,
  ErrorSchema,
  HealthSchema,
  KeptTaskSchema,
  SavedSchema,
  ShelfPageSchema,
  StandingSchema,
} from './answers.ts'
import { CreateBodySchema, DestroyBodySchema, EditBodySchema, ListQuerySchema, SinceQuerySchema } from './requests.ts'

/** One thing that can be asked of the server. */
export interface Address {
  readonly method: 'get' | 'post' | 'put' | 'delete'
  /** Under `/api`; `{id}` is the id of a task, `{sha256}` the checksum of a picture. */
  readonly path: string
  readonly says: string
  readonly query?: z.ZodObject
  readonly body?: z.ZodType
  /** Whether each event of an endless answer is one of what is answered with 200. */
  readonly events?: true
  /** Whether what is sent or answered is a picture, as it is. */
  readonly picture?: 'sent' | 'answered'
  /** What is answered, by status; `null` where there is no body. */
  readonly answers: Readonly<Record<number, z.ZodType | null>>
}

const REFUSED = { 400: ErrorSchema, 404: ErrorSchema }

/** Everything that can be asked of the server: what the server reads, what the pages send, what the document describes. */
export const ADDRESSES: readonly Address[] = [
  {
    method: 'get',
    path: '/health',
    says: 'Whether server and database are there.',
    answers: { 200: HealthSchema, 503: HealthSchema },
  },
  {
    method: 'get',
    path: '/tasks',
    says: 'A page of the shelf, newest first if nothing else is asked.',
    query: ListQuerySchema,
    answers: { 200: ShelfPageSchema, 400: ErrorSchema },
  },
  {
    method: 'post',
    path: '/tasks',
    says: 'Puts a task file on the shelf; one whose id is taken becomes a task of its own.',
    body: CreateBodySchema,
    answers: { 201: KeptTaskSchema, 400: ErrorSchema, 422: ErrorSchema },
  },
  { method: 'get', path: '/tasks/{id}', says: 'A task.', answers: { 200: KeptTaskSchema, ...REFUSED } },
  {
    method: 'get',
    path: '/tasks/{id}/file',
    says: 'A task as a file.',
    answers: { 200: KeptTaskSchema.shape.document, ...REFUSED },
  },
  {
    method: 'get',
    path: '/tasks/{id}/edits',
    says: 'The edits after a version, oldest first.',
    query: SinceQuerySchema,
    answers: { 200: EditsSchema, ...REFUSED },
  },
  {
    method: 'post',
    path: '/tasks/{id}/edits',
    says: 'Saves an edit, all or nothing; one made on an older version is answered with the edits since.',
    body: EditBodySchema,
    answers: { 200: SavedSchema, 409: BehindSchema.or(ErrorSchema), 422: ErrorSchema, ...REFUSED },
  },
  {
    method: 'put',
    path: '/tasks/{id}/photographs/{sha256}',
    says: 'Keeps a picture of a task under its checksum. JPEG, PNG or WebP, at most 2 MB.',
    picture: 'sent',
    answers: { 204: null, 413: ErrorSchema, 422: ErrorSchema, ...REFUSED },
  },
  {
    method: 'get',
    path: '/tasks/{id}/photographs/{sha256}',
    says: 'A picture of a task.',
    picture: 'answered',
    answers: { 200: null, ...REFUSED },
  },
  {
    method: 'get',
    path: '/tasks/{id}/events',
    says: 'How a task stands, now and whenever that changes: server-sent events.',
    events: true,
    answers: { 200: StandingSchema, 400: ErrorSchema },
  },
  {
    method: 'post',
    path: '/tasks/{id}/duplicate',
    says: 'A second task with the same record.',
    answers: { 201: KeptTaskSchema, ...REFUSED },
  },
  {
    method: 'post',
    path: '/tasks/{id}/archive',
    says: 'Takes a task off the shelf.',
    answers: { 200: KeptTaskSchema, ...REFUSED },
  },
  {
    method: 'post',
    path: '/tasks/{id}/restore',
    says: 'Puts an archived task back.',
    answers: { 200: KeptTaskSchema, ...REFUSED },
  },
  {
    method: 'delete',
    path: '/tasks/{id}',
    says: 'Destroys an archived task with its ledger, if its title is typed.',
    body: DestroyBodySchema,
    answers: { 204: null, 409: ErrorSchema, 422: ErrorSchema, ...REFUSED },
  },
]
