// Writes what every ion by itself shows in the usual acts, played by the built core. A test compares it with the model.
import { writeFileSync } from 'node:fs'
import { makeUsualTable } from '../core/dist/identify/usual/makeTable.js'

const file = new URL('../core/src/identify/usual/table.ts', import.meta.url)
const text = JSON.stringify(makeUsualTable()).replaceAll('\\', '\\\\').replaceAll("'", "\\'")
writeFileSync(
  file,
  `/** What every ion by itself shows in the usual acts, as text: made by \`npm run usual-table\`, never by hand. */\nexport const USUAL_TABLE = '${text}'\n`,
)
