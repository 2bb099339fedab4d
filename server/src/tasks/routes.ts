import {
  CreateBodySchema,
  DestroyBodySchema,
  EditBodySchema,
  ListQuerySchema,
  SinceQuerySchema,
  TaskIdSchema,
} from '@hop-lark/contract'
import { taskFileName, writeTask } from '@hop-lark/core/record'
import { Router } from 'express'
import type { Operation } from 'rfc6902'
import { taskEvents } from './events.ts'
import { editsSince, saveEdit } from './saveEdit.ts'
import type { Tasks } from './Tasks.ts'

/** Tasks: list, create, read, edit, duplicate, archive, restore, delete, and the task file. */
export function taskRoutes(tasks: Tasks): Router {
  const router = Router()
  router.get('/', async (request, response) => {
    const query = ListQuerySchema.parse(request.query)
    response.json({
      ...(await tasks.again(() => tasks.list(query))),
      page: query.page,
      size: query.size,
    })
  })
  router.post('/', async (request, response) => {
    response.status(201).json(await tasks.create(CreateBodySchema.parse(request.body).document))
  })
  router.get('/:id', async (request, response) => {
    const id = TaskIdSchema.parse(request.params.id)
    response.json(await tasks.again(() => tasks.open(id)))
  })
  router.get('/:id/file', async (request, response) => {
    const { document, title } = await tasks.find(TaskIdSchema.parse(request.params.id))
    response.attachment(taskFileName(title)).type('application/json').send(writeTask(document))
  })
  router.get('/:id/edits', async (request, response) => {
    const [id, { since }] = [TaskIdSchema.parse(request.params.id), SinceQuerySchema.parse(request.query)]
    const [row, edits] = await tasks.again(async () => [await tasks.find(id), await editsSince(tasks, id, since)] as const)
    response.json({
      version: row.version,
      archived: row.archived?.toISOString() ?? null,
      // What was saved between the two questions is told at the next.
      edits: edits.filter(({ version }) => version <= row.version),
    })
  })
  router.post('/:id/edits', async (request, response) => {
    const edit = EditBodySchema.parse(request.body)
    const saved = await saveEdit(tasks, TaskIdSchema.parse(request.params.id), { ...edit, patch: edit.patch as Operation[] })
    if (saved.kind === 'saved') tasks.watch.saved(String(request.params.id), saved.version)
    response.status(saved.kind === 'behind' ? 409 : 200).json(saved)
  })
  router.get('/:id/events', taskEvents(tasks.watch))
  router.post('/:id/duplicate', async (request, response) => {
    response.status(201).json(await tasks.duplicate(TaskIdSchema.parse(request.params.id)))
  })
  router.post('/:id/archive', async (request, response) => {
    const id = TaskIdSchema.parse(request.params.id)
    response.json(await tasks.again(() => tasks.setArchived(id, true)))
  })
  router.post('/:id/restore', async (request, response) => {
    const id = TaskIdSchema.parse(request.params.id)
    response.json(await tasks.again(() => tasks.setArchived(id, false)))
  })
  router.delete('/:id', async (request, response) => {
    await tasks.destroy(TaskIdSchema.parse(request.params.id), DestroyBodySchema.parse(request.body).title)
    response.status(204).end()
  })
  return router
}
