import { expect, test } from '../bench.ts'
import { printed } from './paper.ts'

/** What stands on the paper of each page, and what must not. */
const PAGES = [
  ['iron-in-lawn-sand', 'w1', ['Iron in lawn sand · ', 'Weigh F1', '31.46', '26.72', '4.74'], ['Another portion']],
  ['iron-in-lawn-sand', 't1', ['rough', '21.30', '42.20', 'Mean titre', '20.68'], ['New run', 'Set up', 'Run quickly']],
  ['iron-in-lawn-sand', 'work-out', ['0.0100', '20.675', '12.2 %'], ['What if', 'Add a question']],
  ['water-in-washing-soda', 'h1', ['21.30', '19.49', 'Driven off'], ['Bring in a table']],
  ['kiln-wash-alkali', 'm1', ['27.0', '22.1'], ['Read off', 'Move over the paper']],
  ['dyes-of-lichen-inks', 'c1', ['ink A contains orchil', '0.42'], ['Enter keeps it']],
  [
    'four-jars',
    'r1',
    ['G2', 'G4', 'Jar H', 'Conclusion', 'nickel(II) chloride'],
    ['Fresh portion', 'Ready lists', 'What you do'],
  ],
] as const

for (const [task, stage, wanted, unwanted] of PAGES)
  test(`${stage} of ${task} on paper has what was recorded, and nothing it is recorded with`, async ({ page, bench }) => {
    const id = await bench.shelve(task)
    await page.goto(`${bench.url}/task/${id}/${stage}`)
    await page.getByRole('heading', { level: 1 }).waitFor()
    const { text } = await printed(page, 'A4')
    for (const words of wanted) expect(text, `${stage} on paper`).toContain(words)
    for (const words of unwanted) expect(text, `${stage} on paper`).not.toContain(words)
  })
