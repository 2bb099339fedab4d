// How quick it is, on one page of figures, each beside the one it had when it was last kept (bench/last.json).
// Runs on the built app: ./hop-lark bench [--json] [--keep] [GROUP ...]
import { readFileSync, writeFileSync } from 'node:fs'
import { benchAqueous } from './aqueous.mjs'
import { benchBaseline } from './baseline.mjs'
import { benchMachine } from './calibrate.mjs'
import { benchClassroom } from './classroom.mjs'
import { benchCore } from './core.mjs'
import { benchGrowth } from './growth.mjs'
import { benchFirstRecord, benchIdentify } from './identify.mjs'
import { benchKnowing } from './knowing.mjs'
import { benchLoad } from './load.mjs'
import { benchLongPage } from './longPage.mjs'
import { benchRack } from './rack.mjs'
import { benchReport } from './report.mjs'
import { benchSave } from './save.mjs'
import { benchSheets } from './sheets.mjs'
import { benchTrials } from './trials.mjs'

const GROUPS = {
  machine: ['The machine', benchMachine],
  keystroke: ['A reading that changes, in a task of 40 runs in 10 parts with 6 questions', benchCore],
  sheets: ['Task sheets, one core', benchSheets],
  report: ['Reports and archives, one core', benchReport],
  equilibria: ['Equilibria, one core', benchAqueous],
  fitter: ['The solver against a general least-squares fitter, without solids', benchBaseline],
  identification: ['Identification, one core', async () => [...benchFirstRecord(), ...benchIdentify()]],
  knowing: ['Identification of hard simulated records', benchKnowing],
  growth: ['Records that grow', benchGrowth],
  save: ['Saving, 50 clients at once in a process of their own, keep-alive; server and database on the same cores', benchSave],
  class: ['A class of 40: pages that listen and save a reading every 2 s each', benchClassroom],
  trials: ['Trials of an answer’s uncertainty, in Chromium', benchTrials],
  rack: ['The rack, in Chromium: three steps typed on the demo of four jars', benchRack],
  page: ['A long record, in Chromium', benchLongPage],
  load: ['What a browser loads', benchLoad],
}
const LAST = new URL('last.json', import.meta.url)
const words = process.argv.slice(2)
const asked = words.filter((word) => !word.startsWith('--'))
const unknown = asked.filter((word) => !(word in GROUPS))
if (unknown.length > 0) {
  console.error(`There is no group ${unknown.join(', ')}. There are ${Object.keys(GROUPS).join(', ')}.`)
  process.exit(2)
}

function readLast() {
  try {
    return JSON.parse(readFileSync(LAST, 'utf8'))
  } catch {
    return { groups: {} }
  }
}

const short = (value) =>
  value >= 1000 ? Math.round(value).toLocaleString('en-GB') : value >= 100 ? value.toFixed(0) : value.toPrecision(3)

function print(title, figures, before) {
  console.log(`\n${title}`)
  for (const { says, value, unit, more } of figures) {
    const old = before?.find((one) => one.says === says)
    const last = old ? `was ${short(old.value)}` : ''
    console.log(`  ${says.padEnd(66)} ${short(value).padStart(10)} ${unit.padEnd(17)} ${last.padEnd(15)} ${more ?? ''}`.trimEnd())
  }
}

const last = readLast()
const found = { at: new Date().toISOString(), groups: {} }
const quiet = words.includes('--json')
for (const [name, [title, bench]] of Object.entries(GROUPS)) {
  if (asked.length > 0 && !asked.includes(name)) continue
  found.groups[name] = await bench()
  if (!quiet) print(title, found.groups[name], last.groups[name])
}
if (quiet) console.log(JSON.stringify(found, null, 2))
if (words.includes('--keep'))
  writeFileSync(LAST, `${JSON.stringify({ at: found.at, groups: { ...last.groups, ...found.groups } }, null, 2)}\n`)
