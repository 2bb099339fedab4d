// How quick it is: a keystroke in core, a save through server and database, trials in the browser, and what a browser loads first.
// Runs on the built app: ./hop-lark bench
import { benchAqueous } from './aqueous.mjs'
import { benchBaseline } from './baseline.mjs'
import { benchCore } from './core.mjs'
import { benchIdentify } from './identify.mjs'
import { benchLoad } from './load.mjs'
import { benchRack } from './rack.mjs'
import { benchSave } from './save.mjs'
import { benchTrials } from './trials.mjs'

await benchCore()
await benchAqueous()
await benchBaseline()
benchIdentify()
await benchSave()
await benchTrials()
await benchRack()
benchLoad()
