// Writes docs/task-file.schema.json from the Zod schemas of core (built first).
import { writeFileSync } from 'node:fs'
import { taskJsonSchema } from '@hop-lark/core/record'

writeFileSync(new URL('../docs/task-file.schema.json', import.meta.url), `${JSON.stringify(taskJsonSchema(), null, 2)}\n`)
