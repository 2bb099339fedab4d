import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { it } from 'vitest'
import { identifyRack, knownOf } from './identify/index.ts'
import { readTaskText } from './record/index.ts'
import { asMarkdown, factsOf, reportOf } from './writeup/index.ts'

it('reads', () => {
  mkdirSync('/tmp/md', { recursive: true })
  for (const f of readdirSync('demo')) {
    const task = readTaskText(readFileSync(`demo/${f}`, 'utf8'))
    const verdicts = new Map(
      task.parts.flatMap((p) =>
        p.kind === 'rack' ? identifyRack(p.samples, knownOf(task, p)).map((v) => [v.material, v] as const) : [],
      ),
    )
    writeFileSync(
      `/tmp/md/${f.replace('.hoplark.json', '.md')}`,
      asMarkdown(reportOf(factsOf(task, verdicts), 'notebook')).replace(/\(data:[^)]*\)/g, '(…)'),
    )
  }
}, 200000)
