import { expect, it } from 'vitest'
import { factsOf, reportOf } from './index.ts'
import { DEMOS, demo, factsWithTubes } from './testing/demo.ts'

/** The sentences of a demo task's report, section by section. */
function sentencesOf(name: string): string {
  const task = demo(name)
  const facts = task.parts.some(({ kind }) => kind === 'rack') ? factsWithTubes(task) : factsOf(task)
  const sections = reportOf(facts, 'notebook').sections.map(({ heading, blocks }) => {
    const said = blocks.flatMap((block) => (block.kind === 'sentences' ? block.sentences.map(({ text }) => `- ${text}`) : []))
    return said.length > 0 ? [`**${heading}**`, '', ...said, ''] : []
  })
  return [`## ${task.title}`, '', ...sections.flat()].join('\n')
}

it('docs/report-words.md holds every sentence that reports of the demo tasks are made of, for somebody to read', async () => {
  const head = [
    '# The sentences of a report',
    '',
    'Every sentence that is written of itself in the reports of the demo tasks. It is kept up to date by a test',
    '(`npx vitest run core/src/writeup/words.test.ts --project core -u` writes it anew) and read for its grammar whenever it changes.',
    '',
  ]
  const text = `${[...head, ...DEMOS.map(sentencesOf)].join('\n').replaceAll('\u00a0', ' ').trimEnd()}\n`
  await expect(text).toMatchFileSnapshot('../../../docs/report-words.md')
})
