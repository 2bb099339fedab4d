// Simulated records judged, as the tables of docs/chemistry.md: node bench/knowing/table.mjs [COUNT] [SEED]
import { judge, Tally } from './judge.mjs'
import { simulating } from './records.mjs'

const [count = 5000, seed = 11] = process.argv.slice(2).map(Number)
const tally = new Tally()
const records = simulating(seed)
for (let record = 0; record < count; record++) tally.add(judge(records.next().value))

const percent = (part, whole) => `${((100 * part) / Math.max(1, whole)).toFixed(2)} %`
console.log(
  `${count} records, seed ${seed}: all right ${percent(tally.right, count)}, all tested right ${percent(tally.testedRight, count)}\n`,
)
console.log('| said | is there | is not | false |\n|---|---|---|---|')
for (const [verdict, { is, isNot }] of Object.entries(tally.confusion)) {
  const wrong = { present: isNot, absent: is }[verdict]
  console.log(`| ${verdict} | ${is} | ${isNot} | ${wrong === undefined ? '' : percent(wrong, is + isNot)} |`)
}
console.log('\n| said, up to | on average | really | of |\n|---|---|---|---|')
for (const { below, count: of, said, is } of tally.reliability)
  if (of > 0) console.log(`| ${Math.min(1, below)} | ${(said / of).toFixed(4)} | ${(is / of).toFixed(4)} | ${of} |`)
console.log(`\nof the false present, traces that were in it: ${tally.traces}`)
console.log('\nfalse present', JSON.stringify(tally.falsePresent), '\nfalse absent', JSON.stringify(tally.falseAbsent))
