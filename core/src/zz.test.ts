import { readFileSync } from 'node:fs'
import { it } from 'vitest'
import { gapsOf } from './brief/mend/gaps.ts'
import { leftoversOf } from './brief/mend/leftovers.ts'
import { readDraft } from './brief/read.ts'
import { score } from './brief/testing/score.ts'
import { VARIANTS } from './brief/testing/variants.ts'

it('x', () => {
  const sets = (process.env.SETS ?? 'open,second,third,apart,fourth,fifth,A').split(',')
  const d = ['first', 'round-a'].flatMap((n) =>
    JSON.parse(readFileSync('/work/main/core/src/brief/testing/sheets/' + n + '.json', 'utf8')),
  )
  const only = process.env.V
  for (const v of [{ name: 'as is', of: (s: any) => s }, ...VARIANTS]) {
    if (only && v.name !== only) continue
    const t: any = { materials: [0, 0, 0], parts: [0, 0, 0], acts: [0, 0, 0], questions: [0, 0, 0] }
    let ok = 0,
      all = 0,
      flags = 0,
      flagsOk = 0,
      silent = 0
    for (const s0 of d.filter((s: any) => sets.includes(s.set))) {
      const s: any = v.of(s0)
      const read = readDraft(s.text)
      const r = score(s, read)
      const gaps = [...gapsOf(read.draft), ...leftoversOf(read.draft, read.questions)]
      all++
      flags += gaps.length
      if (r.wrong.length === 0) {
        ok++
        flagsOk += gaps.length
      } else if (gaps.length === 0) silent++
      if ((r.wrong.length || gaps.length) && !process.env.QUIET)
        console.log(
          '== ' +
            s.id +
            '\n   ' +
            r.wrong.join('\n   ') +
            gaps
              .map(
                (g) => '\n     ? ' + g.id + ': ' + g.says.slice(0, 100) + ' [' + g.candidates.map((c) => c.value).join('|') + ']',
              )
              .join(''),
        )
      for (const k of Object.keys(t)) {
        const c = (r as any)[k]
        t[k][0] += c.right
        t[k][1] += c.missing
        t[k][2] += c.extra
      }
    }
    console.log(
      v.name,
      'whole',
      ok,
      'of',
      all,
      'flags',
      flags,
      'on good ones',
      flagsOk,
      'bad and silent',
      silent,
      Object.entries(t)
        .map(([k, [r, m, x]]: any) => `${k} ${(r / (r + m)).toFixed(2)} (${(r / (r + x)).toFixed(2)})`)
        .join('; '),
    )
  }
})
