import { writeTask } from '@hop-lark/core/record'
import { Router } from 'express'
import type { Operation } from 'rfc6902'
import { z } from 'zod'
import { editsSince, saveEdit } from './saveEdit.ts'
import { storedTask, type Tasks } from './Tasks.ts'

const Id = z.string().min(1).max(60)
const ListQuery = z.object({
  search: z.string().max(200).default(''),
  page: z.coerce.number().int().min(1).max(100_000).default(1),
  size: z.coerce.number().int().min(1).max(100).default(30),
  archived: z
    .enum(['true', 'false'])
    .default('false')
    .transform((text) => text === 'true'),
})
/** Names that reach an object's prototype instead of its fields. */
const REACHES_PROTOTYPE = /(^|\/)(__proto__|constructor|prototype)(\/|$)/
const pointer = z
  .string()
  .max(1000)
  .regex(/^(\/.*)?$/, 'must be a JSON pointer')
  .refine((path) => !REACHES_PROTOTYPE.test(path), 'is no field of a task')
const OperationBody = z.discriminatedUnion('op', [
  z.object({ op: z.enum(['add', 'replace', 'test']), path: pointer, value: z.unknown() }),
  z.object({ op: z.literal('remove'), path: pointer }),
  z.object({ op: z.enum(['move', 'copy']), path: pointer, from: pointer }),
])
const EditBody = z.object({
  base: z.number().int().nonnegative(),
  key: z.string().min(8).max(64),
  patch: z.array(OperationBody).min(1).max(5000),
  note: z.string().max(300).optional(),
})
const CreateBody = z.object({ document: z.unknown() })
const DestroyBody = z.object({ title: z.string() })
const SinceQuery = z.object({ since: z.coerce.number().int().nonnegative().default(0) })

/** A file name that every system takes: letters, digits and hyphens of the title. */
function fileName(title: string): string {
  const plain = title
    .normalize('NFKD')
    .replace(/[^\w\s-]/g, '')
    .trim()
    .toLowerCase()
    .replace(/\s+/g, '-')
    .slice(0, 60)
  return `${plain || 'task'}.hoplark.json`
}

/** Tasks: list, create, read, edit, duplicate, archive, restore, delete, and the task file. */
export function taskRoutes(tasks: Tasks): Router {
  const router = Router()
  router.get('/', async (request, response) => {
    const query = ListQuery.parse(request.query)
    response.json({ ...(await tasks.list(query)), page: query.page, size: query.size })
  })
  router.post('/', async (request, response) => {
    response.status(201).json(await tasks.create(CreateBody.parse(request.body).document))
  })
  router.get('/:id', async (request, response) => {
    response.json(storedTask(await tasks.find(Id.parse(request.params.id))))
  })
  router.get('/:id/file', async (request, response) => {
    const { document, title } = await tasks.find(Id.parse(request.params.id))
    response.attachment(fileName(title)).type('application/json').send(writeTask(document))
  })
  router.get('/:id/edits', async (request, response) => {
    const row = await tasks.find(Id.parse(request.params.id))
    response.json({ version: row.version, edits: await editsSince(tasks, row.id, SinceQuery.parse(request.query).since) })
  })
  router.post('/:id/edits', async (request, response) => {
    const edit = EditBody.parse(request.body)
    const saved = await saveEdit(tasks, Id.parse(request.params.id), { ...edit, patch: edit.patch as Operation[] })
    response.status(saved.kind === 'behind' ? 409 : 200).json(saved)
  })
  router.post('/:id/duplicate', async (request, response) => {
    response.status(201).json(await tasks.duplicate(Id.parse(request.params.id)))
  })
  router.post('/:id/archive', async (request, response) => {
    response.json(await tasks.setArchived(Id.parse(request.params.id), true))
  })
  router.post('/:id/restore', async (request, response) => {
    response.json(await tasks.setArchived(Id.parse(request.params.id), false))
  })
  router.delete('/:id', async (request, response) => {
    await tasks.destroy(Id.parse(request.params.id), DestroyBody.parse(request.body).title)
    response.status(204).end()
  })
  return router
}
