import { execFileSync } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import { DEMO_TASKS, expect, test } from '../bench.ts'

const ROOT = fileURLToPath(new URL('../..', import.meta.url))

interface CliAnswer {
  readonly question: string
  readonly value: string | null
  readonly unit: string
  readonly missing?: string
  /** What the student answers in words. */
  readonly answer?: string
  readonly plusMinus?: string
  readonly steps?: readonly { readonly says: string; readonly value: string }[]
}

interface CliQuestion {
  readonly id: string
  readonly find: { readonly quantity: string; readonly in?: string }
}

interface CliSample {
  readonly material: string
  readonly ions: readonly { readonly verdict: string }[]
}

const cli = (command: string, name: string): unknown =>
  JSON.parse(
    execFileSync(process.execPath, ['cli/dist/main.js', command, `demo/${name}.hoplark.json`, '--json'], {
      cwd: ROOT,
      encoding: 'utf8',
    }),
  )

/** 4.59e-4 is set as 4.59 × 10⁻⁴, with the minus sign of mathematics. */
const asSet = (value: string) =>
  value.replace(/e(-?\d+)$/, (_, exponent: string) => ` × 10${exponent.replace('-', '−')}`).replace(/^-/, '−')

for (const name of DEMO_TASKS) {
  test(`the page and the command line give the same working: ${name}`, async ({ page, bench }) => {
    const { answers } = cli('reckon', name) as { answers: CliAnswer[] }
    const id = await bench.shelve(name)
    const { questions } = (await bench.document(id)) as { questions: CliQuestion[] }
    await page.goto(`${bench.url}/task/${id}/work-out`)
    for (const { question, value, plusMinus, missing, answer, steps } of answers) {
      const section = page.locator(`[data-at="questions.${question}"]`)
      await section.waitFor()
      const find = questions.find((one) => one.id === question)?.find
      if (find?.quantity === 'ions') {
        // Ions are concluded from the tubes, by the other command.
        const { samples } = cli('identify', name) as { samples: CliSample[] }
        const present = samples.find(({ material }) => material === find.in)?.ions.filter(({ verdict }) => verdict === 'present')
        await expect(section.getByRole('listitem')).toHaveCount(present?.length ?? 0)
        continue
      }
      if (find?.quantity === 'words') {
        await expect(section.getByRole('textbox')).toHaveValue(answer ?? '')
        continue
      }
      if (value === null) {
        await expect(section).toContainText(missing ?? '')
        continue
      }
      // How sure an answer is comes from a worker, after it.
      if (plusMinus !== undefined) await expect(section.getByTestId(`answer-${question}`)).toContainText('±')
      const shown = (await section.allInnerTexts())
        .join('\n')
        .replace(/[\u00a0\u2009]/g, ' ')
        .replace(/ +/g, ' ')
      expect(shown).toContain(asSet(value))
      await expect(section.getByRole('list', { name: 'Lines' }).getByRole('listitem')).toHaveCount(steps?.length ?? 0)
      if (plusMinus !== undefined) expect(shown).toContain(`± ${asSet(plusMinus)}`)
      for (const step of steps ?? []) {
        expect(shown.toLowerCase()).toContain(step.says.toLowerCase())
        expect(shown).toContain(asSet(step.value))
      }
    }
  })
}
