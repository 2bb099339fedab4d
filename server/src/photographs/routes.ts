import { ChecksumSchema, TaskIdSchema } from '@hop-lark/contract'
import { LARGEST_PHOTOGRAPH, PHOTOGRAPH_TYPES } from '@hop-lark/core/record'
import { Router, raw } from 'express'
import { Refusal } from '../http/Refusal.ts'
import type { Tasks } from '../tasks/Tasks.ts'

const ONE_YEAR_IN_SECONDS = 31_536_000

const named = (params: { readonly id?: unknown; readonly sha256?: unknown }) =>
  [TaskIdSchema.parse(params.id), ChecksumSchema.parse(params.sha256)] as const

/** Pictures of a task: kept under their checksum, and shown. */
export function photographRoutes(tasks: Tasks): Router {
  const router = Router()
  router.put(
    '/:id/photographs/:sha256',
    raw({ type: [...PHOTOGRAPH_TYPES], limit: LARGEST_PHOTOGRAPH + 1024 }),
    async (request, response) => {
      const [id, sha256] = named(request.params)
      await tasks.find(id)
      if (!Buffer.isBuffer(request.body))
        throw new Refusal(422, 'photograph.type', 'This is no picture that is kept here.', 'Attach a JPEG, PNG or WebP picture.')
      await tasks.photographs.keep(id, sha256, request.body)
      response.status(204).end()
    },
  )
  router.get('/:id/photographs/:sha256', async (request, response) => {
    const [id, sha256] = named(request.params)
    const { type, picture } = await tasks.photographs.find(id, sha256)
    // What stands under a checksum never changes; and a picture is a picture, whatever its bytes would like to be.
    response
      .set('cache-control', `private, max-age=${ONE_YEAR_IN_SECONDS}, immutable`)
      .set('content-security-policy', "default-src 'none'; sandbox")
      .type(type)
      .send(picture)
  })
  return router
}
