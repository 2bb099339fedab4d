import { readFileSync, readdirSync, writeFileSync, mkdirSync } from 'node:fs'
import { it } from 'vitest'
import { readTaskText, writePath } from './record/index.ts'
import { verdictsIn } from './identify/index.ts'
import { asMarkdown, factsOf, reportOf, lookAt } from './writeup/index.ts'
it('reads', () => {
  mkdirSync('/tmp/md', { recursive: true })
  let out = ''
  for (const f of readdirSync('demo')) {
    const task = readTaskText(readFileSync(`demo/${f}`, 'utf8'))
    const facts = factsOf(task, verdictsIn(task))
    const look = lookAt(facts)
    out += `== ${f}\n` + look.remarks.map((r) => `  ${r.code} ${writePath(r.at)}: ${r.says}`).join('\n') + `\n  RIGHT ${look.right.join(' | ')}\n`
    writeFileSync(`/tmp/md/${f.replace('.hoplark.json', '.md')}`, asMarkdown(reportOf(facts, 'notebook')).replace(/\(data:[^)]*\)/g, '(…)'))
  }
  writeFileSync('/tmp/look.txt', out)
}, 200000)
