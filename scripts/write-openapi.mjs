// Writes docs/openapi.json from the contract of server and pages (built first).
import { writeFileSync } from 'node:fs'
import { openApi } from '@hop-lark/contract'

writeFileSync(new URL('../docs/openapi.json', import.meta.url), `${JSON.stringify(openApi(), null, 2)}\n`)
