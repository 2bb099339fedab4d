import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { newTask, readTask, writeTask } from '@hop-lark/core/record'
import { describe, expect, it } from 'vitest'
import { run } from './run.ts'

const folder = mkdtempSync(join(tmpdir(), 'hop-lark-brief-'))

function file(name: string, content: string | Uint8Array): string {
  const path = join(folder, name)
  writeFileSync(path, content)
  return path
}

async function hopLark(...args: string[]) {
  let [out, err] = ['', '']
  const status = await run(args, { out: (text) => (out += text), err: (text) => (err += text), bytes: () => undefined })
  return { status, out, err }
}

const SHEET = `K1 is kelp ash. K2 is 0.100 mol dm-3 hydrochloric acid.
1. Weigh about 1.4 g of K1 into a beaker and dissolve it in water. Leave it to settle for 6 minutes.
2. Rinse and fill the burette with K2.
3. Wash the solution into a 250 cm3 volumetric flask and make up to the mark. This is K3.
4. Pipette 25.0 cm3 of K3 into a conical flask, add methyl orange and titrate with K2.
Calculate the percentage by mass of sodium carbonate in K1.`
const sheet = file('kelp.txt', SHEET)

describe('hop-lark brief', () => {
  it('prints the steps with their purpose, and what is asked', async () => {
    const { status, out } = await hopLark(
      'brief',
      file(
        'open.txt',
        SHEET.replace('Rinse and fill the burette with K2.', 'Fill the burette.').replace('titrate with K2', 'titrate'),
      ),
    )
    expect(status).toBe(0)
    expect(out).toContain('weigh         Weigh about 1.4 g of K1')
    expect(out).toContain('Asked\n  Which solution is in the burette?')
    expect(out).toContain('Get ready\n  eye protection on')
  })

  it('answers the contract in JSON, with a task that is ready for readings', async () => {
    const { status, out, err } = await hopLark('brief', sheet, '--json')
    expect({ status, err }).toEqual({ status: 0, err: '' })
    const { steps, notRead, asked, task } = JSON.parse(out)
    expect(steps[2]).toEqual({
      n: 3,
      text: expect.stringMatching(/^Weigh about 1\.4 g/),
      kind: 'weigh',
      for: expect.stringContaining('difference of two weighings'),
      ready: expect.arrayContaining(['beaker, clean and dry']),
      minutes: 3,
    })
    expect([notRead, asked]).toEqual([[], []])
    expect(readTask(task).parts.map(({ kind }) => kind)).toEqual(['weighing', 'solution', 'titration'])
    expect(task.materials.map(({ label }: { label: string }) => label)).toEqual(['K1', 'K2', 'K3'])
  })

  it('reads the sheet of a task file, with what was answered about it', async () => {
    const open = SHEET.replace('Rinse and fill the burette with K2.', 'Fill the burette.').replace('titrate with K2', 'titrate')
    const task = { ...newTask('Kelp', 'empty', () => 0.5), brief: { text: open, mends: [{ gap: 't1.burette', value: 'K2' }] } }
    const { out } = await hopLark('brief', file('kelp.hoplark.json', writeTask(task)), '--json')
    expect(JSON.parse(out)).toMatchObject({ asked: [], task: { parts: [{}, {}, { burette: 'K2' }] } })
  })

  it.each([
    ['nothing.txt', '  \n', /there is no sheet in it/],
    ['long.txt', 'Add A to B. '.repeat(10_000), /at most 100000 characters, and this one has 120000/],
    ['latin.txt', new Uint8Array([0x41, 0xb0, 0x43]), /not UTF-8/],
  ])('refuses %s, and says why', async (name, content, says) => {
    const { status, err } = await hopLark('brief', file(name, content))
    expect(status).toBe(2)
    expect(err).toMatch(says)
    expect(err).toContain(name)
  })

  it('refuses a file that is not there', async () => {
    expect(await hopLark('brief', join(folder, 'gone.txt'))).toMatchObject({
      status: 2,
      err: expect.stringContaining('there is no such file'),
    })
  })
})

describe('hop-lark plan', () => {
  it('uses the waits, in an order that the sheet allows', async () => {
    const { status, out } = await hopLark('plan', sheet)
    expect(status).toBe(0)
    const order = [...out.matchAll(/(\d+)\. (?:Weigh|Leave|Rinse|Wash|Pipette|Calculate)/g)].map(([, n]) => Number(n))
    expect(order.indexOf(5)).toBeLessThan(order.indexOf(6))
    expect(order.at(-1)).toBe(Math.max(...order))
    expect(out).toMatch(/Done after \d+(?:\.\d+)? minutes, and no sooner\./)
  })

  it('answers in JSON', async () => {
    const { out } = await hopLark('plan', sheet, '--hands', '2', '--json')
    const { hands, ends, proved, steps } = JSON.parse(out)
    expect([hands, proved]).toEqual([2, true])
    for (const { start, hands: busy, wait } of steps) expect(start + busy + wait).toBeLessThanOrEqual(ends)
  })

  it('refuses hands that nobody has', async () => {
    expect(await hopLark('plan', sheet, '--hands', 'many')).toMatchObject({
      status: 2,
      err: expect.stringContaining('from 1 to 4'),
    })
  })
})
