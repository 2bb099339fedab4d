import { PHOTOGRAPH_TYPES, TASK_VERSION, TaskSchema } from '@hop-lark/core/record'
import { z } from 'zod'
import { ADDRESSES, type Address } from './addresses.ts'
import { ChecksumSchema, TaskIdSchema } from './requests.ts'

type Json = Record<string, unknown>

const schemaOf = (schema: z.ZodType, io: 'input' | 'output'): Json => {
  const { $schema: _, ...rest } = z.toJSONSchema(schema, {
    io,
    target: 'draft-2020-12',
    unrepresentable: 'any',
    // The task file has a schema of its own beside this document.
    override: ({ zodSchema, jsonSchema }) => {
      if ((zodSchema as unknown) !== TaskSchema) return
      for (const key of Object.keys(jsonSchema)) delete jsonSchema[key as keyof typeof jsonSchema]
      jsonSchema.$ref = 'task-file.schema.json'
    },
  })
  return rest
}
const content = (schema: z.ZodType, io: 'input' | 'output', type = 'application/json') => ({
  [type]: { schema: schemaOf(schema, io) },
})

/** A picture as it is; OpenAPI 3.1 wants no schema for bytes. */
const PICTURES: Json = Object.fromEntries(PHOTOGRAPH_TYPES.map((type) => [type, {}]))

function parametersOf({ path, query }: Address): readonly Json[] {
  const named = { id: TaskIdSchema, sha256: ChecksumSchema } as const
  const id = Object.entries(named)
    .filter(([name]) => path.includes(`{${name}}`))
    .map(([name, schema]) => ({ name, in: 'path', required: true, schema: schemaOf(schema, 'input') }))
  const asked = Object.entries(query?.shape ?? {}).map(([name, schema]) => ({
    name,
    in: 'query',
    required: false,
    schema: schemaOf(schema as z.ZodType, 'input'),
  }))
  return [...id, ...asked]
}

const typeOf = ({ events }: Address, status: string) => (events && status === '200' ? 'text/event-stream' : 'application/json')

function operationOf(address: Address): Json {
  const parameters = parametersOf(address)
  const responses = Object.entries(address.answers).map(([status, schema]) => [
    status,
    {
      description: Number(status) < 400 ? address.says : 'Why not.',
      ...(schema ? { content: content(schema, 'output', typeOf(address, status)) } : {}),
      ...(address.picture === 'answered' && status === '200' ? { content: PICTURES } : {}),
    },
  ])
  return {
    summary: address.says,
    ...(parameters.length > 0 ? { parameters } : {}),
    ...(address.picture === 'sent' ? { requestBody: { required: true, content: PICTURES } } : {}),
    ...(address.body ? { requestBody: { required: true, content: content(address.body, 'input') } } : {}),
    responses: Object.fromEntries(responses),
  }
}

/** The OpenAPI document (3.1) of the server, made from the very schemas that it reads with. */
export function openApi(): Json {
  const paths: Record<string, Json> = {}
  for (const address of ADDRESSES) {
    const here = paths[`/api${address.path}`] ?? {}
    paths[`/api${address.path}`] = { ...here, [address.method]: operationOf(address) }
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Hop Lark', version: String(TASK_VERSION), description: 'Keeps tasks, and every edit of them.' },
    paths,
  }
}
