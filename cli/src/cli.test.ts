import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { describe, expect, it } from 'vitest'
import { run } from './run.ts'

const demoFile = (name: string) => fileURLToPath(new URL(`../../demo/${name}.hoplark.json`, import.meta.url))
const LAWN_SAND = demoFile('iron-in-lawn-sand')
const folder = mkdtempSync(join(tmpdir(), 'hop-lark-cli-'))

async function hopLark(...args: string[]) {
  let [out, err] = ['', '']
  const status = await run(args, { out: (text) => (out += text), err: (text) => (err += text), bytes: () => undefined })
  return { status, out, err }
}

/** As much of a task file as the tests change. */
interface Draft {
  parts: { runs?: { final?: string }[] }[]
  questions: { id: string; own?: { id: string; value: string }[] }[]
}

function changed(change: (task: Draft) => void): string {
  const task = JSON.parse(readFileSync(LAWN_SAND, 'utf8'))
  change(task)
  const file = join(folder, `${Math.random().toString(36).slice(2)}.hoplark.json`)
  writeFileSync(file, JSON.stringify(task))
  return file
}

describe("a student's own lines", () => {
  const file = changed(({ questions }) => {
    const question = questions.find(({ id }) => id === 'q2')
    // The molar mass of iron was left out of the fourth line.
    if (question) question.own = [{ id: 'mass Fe weighed', value: '0.0103' }]
  })

  it('are judged by reckon and by check', async () => {
    const { out } = await hopLark('reckon', file, '--json')
    const [, answer] = JSON.parse(out).answers
    expect(answer.own).toEqual([expect.objectContaining({ line: 'mass Fe weighed', verdict: 'wrong', fault: 'molar mass' })])
    expect((await hopLark('reckon', file)).out).toContain('Your own mass Fe weighed: Not right: the molar mass')
    const checked = JSON.parse((await hopLark('check', file, '--json')).out)
    expect(checked.problems).toContainEqual(expect.objectContaining({ code: 'own.line', level: 'query' }))
  })
})

describe('hop-lark reckon', () => {
  it('answers the contract in JSON', async () => {
    const { status, out, err } = await hopLark('reckon', LAWN_SAND, '--json')
    expect({ status, err }).toEqual({ status: 0, err: '' })
    const answer = JSON.parse(out)
    expect(answer.titrations).toEqual([
      {
        part: 't1',
        titres: ['21.30', '20.65', '21.15', '20.70', null],
        used: [1, 3],
        mean: '20.68',
        unit: 'cm3',
        concordant: true,
      },
    ])
    expect(answer.answers[1]).toMatchObject({ question: 'q2', value: '12.2', unit: '%', unrounded: expect.closeTo(12.1695, 3) })
    expect(answer.answers[1].steps[0]).toMatchObject({
      says: 'amount of manganate(VII) in the mean titre',
      formula: 'n = cV/1000',
      value: '2.07e-4',
      unit: 'mol',
    })
    expect(answer.problems).toEqual([expect.objectContaining({ level: 'advice', at: 'parts.t1.runs.run2.final' })])
  })

  it('says in words what is missing', async () => {
    const file = changed((task) => {
      for (const part of task.parts) if (part.runs) part.runs = []
    })
    const { out } = await hopLark('reckon', file, '--json')
    expect(JSON.parse(out).answers[1]).toEqual({
      question: 'q2',
      value: null,
      unit: '%',
      missing: 'two titres that agree within 0.10 (Titrate)',
    })
  })

  it('gives Rf and what each spot matches', async () => {
    const { out } = await hopLark('reckon', demoFile('dyes-of-lichen-inks'), '--json')
    // 3.8/9.2, 1.6/9.2 and 7.9/9.2 by hand.
    expect(JSON.parse(out).chromatograms[0].spots.slice(3)).toEqual([
      { label: 'ink A', rf: '0.41', matches: ['orchil'] },
      { label: 'ink A', rf: '0.67', matches: ['crottle'] },
      { label: 'ink B', rf: '0.17', matches: [] },
      { label: 'ink B', rf: '0.86', matches: ['wolf lichen'] },
    ])
    const plain = await hopLark('reckon', demoFile('dyes-of-lichen-inks'))
    expect(plain.out).toContain('ink A contains orchil (Rf 0.41) and crottle (Rf 0.67).')
  })

  it('writes the working for people', async () => {
    const { out } = await hopLark('reckon', LAWN_SAND)
    expect(out).toContain('Percentage by mass of iron in F1: 12.2 ± 0.1 %')
    expect(out).toContain('n(Fe2+) = 5 × n(MnO4-)')
  })
})

describe('hop-lark check', () => {
  it('finds nothing but advice in a good record', async () => {
    expect((await hopLark('check', LAWN_SAND)).status).toBe(0)
  })

  it('ends with 1 and names the place of a problem', async () => {
    const file = changed((task) => {
      const run = task.parts[2]?.runs?.[2]
      if (run) run.final = '2.10'
    })
    const { status, out } = await hopLark('check', file, '--json')
    expect(status).toBe(1)
    expect(JSON.parse(out).problems).toContainEqual(
      expect.objectContaining({ level: 'error', at: 'parts.t1.runs.run2.final', code: 'run.finalAboveInitial' }),
    )
  })
})

describe('unusable input', () => {
  it.each([
    ['a file that is not there', () => join(folder, 'nowhere.hoplark.json'), /there is no such file/],
    [
      'an unknown key',
      () =>
        changed((task) => {
          Object.assign(task, { colour: 'red' })
        }),
      /colour: is not a field/,
    ],
    [
      'a newer version',
      () =>
        changed((task) => {
          Object.assign(task, { version: 99 })
        }),
      /version: is 99, newer/,
    ],
  ])('ends with 2 and the reason on stderr: %s', async (_, file, says) => {
    const { status, out, err } = await hopLark('check', file())
    expect({ status, out }).toEqual({ status: 2, out: '' })
    expect(err).toMatch(says)
  })

  it('helps with a verb that is not there', async () => {
    const { status, err } = await hopLark('rekon', LAWN_SAND)
    expect(status).toBe(2)
    expect(err).toMatch(/Did you mean reckon/)
  })
})

describe('identify', () => {
  const step = (reagent: string, amount: string, saw: string) => ({ do: 'add', reagent, amount, saw })
  const rack = {
    format: 'hop-lark/task',
    version: 1,
    id: 'jar',
    title: 'A jar',
    materials: [{ id: 'P', label: 'P', form: 'solution' }],
    parts: [
      {
        id: 'r1',
        kind: 'rack',
        samples: [
          {
            material: 'P',
            tubes: [
              {
                id: 'P1',
                cm3: '1',
                steps: [step('NaOH(aq)', 'drops', 'pale blue ppt'), step('NaOH(aq)', 'excess', 'insol in xs')],
              },
              {
                id: 'P2',
                cm3: '1',
                steps: [step('NH3(aq)', 'drops', 'blue ppt'), step('NH3(aq)', 'excess', 'dissolves giving a deep blue solution')],
              },
              {
                id: 'P3',
                cm3: '1',
                steps: [step('HNO3(aq)', 'drops', 'nothing happened'), step('Ba(NO3)2(aq)', 'drops', 'white ppt')],
              },
            ],
          },
        ],
      },
    ],
    questions: [],
  }
  const file = join(folder, 'jar.hoplark.json')
  writeFileSync(file, JSON.stringify(rack))

  it('answers as the contract says, with evidence and advice on wording', async () => {
    const { status, out } = await hopLark('identify', file, '--json')
    const { samples, problems } = JSON.parse(out)
    expect(status).toBe(0)
    expect(samples[0].material).toBe('P')
    expect(samples[0].ions[0]).toMatchObject({ ion: 'Cu2+', verdict: 'present' })
    expect(samples[0].ions[0].for).toContain('P2.2')
    expect(samples[0].ions[1].ion).toBe('SO4^2-')
    expect(samples[0].next[0]).toMatchObject({ bits: expect.any(Number), tells: expect.stringContaining(' from ') })
    expect(problems).toEqual([
      expect.objectContaining({
        level: 'advice',
        at: 'parts.r1.samples.P.tubes.P3.steps.s1',
        mend: 'Better: no visible change.',
      }),
    ])
  })

  it('tells people the same', async () => {
    const { out } = await hopLark('identify', file)
    expect(out).toMatch(/Cu2\+\s+present/)
    expect(out).toContain('next: ')
  })

  it('says what kind of liquid it is, and ions no more', async () => {
    const tubes = [
      { id: 'P1', steps: [step('Br2(aq)', 'drops', 'orange colour goes')] },
      { id: 'P2', steps: [{ do: 'flame', saw: 'burns with a smoky flame' }] },
    ]
    const liquid = {
      ...rack,
      materials: [{ id: 'P', label: 'P', form: 'liquid' }],
      parts: [{ id: 'r1', kind: 'rack', samples: [{ material: 'P', tubes }] }],
    }
    const bottle = join(folder, 'bottle.hoplark.json')
    writeFileSync(bottle, JSON.stringify(liquid))
    const [sample] = JSON.parse((await hopLark('identify', bottle, '--json')).out).samples
    expect(sample.liquid).toMatchObject({ says: 'alkene', sure: true })
    expect(sample.liquid.kinds[0]).toMatchObject({ kind: 'alkene', for: expect.arrayContaining(['P1.1']) })
    expect(sample.ions.filter(({ verdict }: { verdict: string }) => verdict === 'present')).toEqual([])
    expect((await hopLark('identify', bottle)).out).toContain('as a liquid: alkene')
  })
})

/** Runs a command with something piped to it. */
async function piped(command: string, given: unknown, ...options: string[]) {
  let [out, err] = ['', '']
  const text = typeof given === 'string' ? given : JSON.stringify(given)
  const output = { out: (piece: string) => (out += piece), err: (piece: string) => (err += piece), bytes: () => undefined }
  const status = await run([command, ...options], output, () => Promise.resolve(text))
  return { status, out, err }
}

describe('predict', () => {
  it('heats a dry solid, and lets it cool', async () => {
    const given = JSON.stringify({ solid: { ZnCO3: '0.005' }, steps: [{ do: 'heat' }, { do: 'cool' }] })
    const { status, out } = await piped('predict', given, '--json')
    expect(status).toBe(0)
    const shown = JSON.parse(out) as { saw: string[]; gases: string[]; equations: string[] }[]
    expect(shown[0]?.gases).toEqual(['CO2'])
    expect(shown[0]?.equations).toEqual(['ZnCO3(s) -> ZnO(s) + CO2(g)'])
    expect(shown[1]?.saw).toEqual(['solid turned from yellow to white on cooling'])
  })

  const ZINC = {
    contains: { 'Zn2+': '0.1', 'SO4^2-': '0.1' },
    cm3: '1',
    steps: [
      { do: 'add', reagent: 'NaOH(aq)', amount: 'drops' },
      { do: 'add', reagent: 'NaOH(aq)', amount: 'excess' },
    ],
  }

  it('answers step by step as the contract says', async () => {
    const { status, out } = await piped('predict', ZINC, '--json')
    const [drops, excess] = JSON.parse(out)
    expect(status).toBe(0)
    expect(drops).toMatchObject({
      saw: ['white precipitate'],
      equations: ['Zn2+(aq) + 2OH-(aq) -> Zn(OH)2(s)'],
      facts: [{ kind: 'precipitate', colour: 'white', solid: 'Zn(OH)2' }],
    })
    expect(drops.solids['Zn(OH)2']).toBeGreaterThan(1e-5)
    expect(excess).toMatchObject({ saw: ['precipitate dissolved giving a colourless solution'], solids: {} })
    expect(excess.pH).toBeGreaterThan(13)
  })

  it('tells people the same', async () => {
    const { out } = await piped('predict', ZINC)
    expect(out).toContain('add drops NaOH(aq): white precipitate\n    Zn2+(aq) + 2OH-(aq) -> Zn(OH)2(s)')
  })

  it('plays the tests of an organic liquid by its name', async () => {
    const { status, out } = await piped('predict', {
      liquid: 'ethanal',
      steps: [{ do: 'add', reagent: 'ammoniacal silver nitrate' }, { do: 'warm' }],
    })
    expect(status).toBe(0)
    expect(out).toBe('add ammoniacal silver nitrate: no visible change\nwarm: silver mirror\n')
  })

  it.each([
    ['a liquid it does not know', { liquid: 'cider', steps: [] }, /no liquid 'cider' here. There is hexane/],
    [
      'a reagent that is not on the bench',
      { ...ZINC, steps: [{ do: 'add', reagent: 'beet juice' }] },
      /There is no 'beet juice' on/,
    ],
    ['a step that cannot be played', { ...ZINC, steps: [{ do: 'sing' }] }, /'sing' is no step/],
    ['an ion it does not know', { ...ZINC, contains: { 'UO2^2+': '0.1' } }, /'UO2\^2\+' is not known/],
    ['an amount that is none', { ...ZINC, cm3: 'a little' }, /cm3: must be a number/],
  ])('refuses %s', async (_what, given, says) => {
    const { status, err } = await piped('predict', given)
    expect(status).toBe(2)
    expect(err).toMatch(says)
  })
})

describe('speciate', () => {
  const speciate = (given: unknown, ...options: string[]) => piped('speciate', given, ...options)

  it('answers as the contract says', async () => {
    const { status, out } = await speciate({ totals: { CH3COOH: 0.1 }, celsius: 25 }, '--json', '--ideal')
    const found = JSON.parse(out)
    expect(status).toBe(0)
    // 0.1 mol/dm³ of ethanoic acid: h = 1.31e-3 by the formula of textbooks.
    expect(found.pH).toBeCloseTo(2.88, 2)
    expect(found.species['CH3COO-']).toBeCloseTo(0.00131, 5)
    expect(found.solids).toEqual({})
  })

  // NIST pH standards at 25 °C: 4.005 and 6.865; saturated calcium hydroxide 12.454 and 0.0202 mol/dm³ (from memory).
  it.each([
    ['phthalate', { KHC8H4O4: 0.05 }, 4.01, 4.18],
    ['phosphate', { KH2PO4: 0.025, Na2HPO4: 0.025 }, 6.87, 7.2],
  ])('works with activities unless told otherwise: %s', async (_, totals, standard, ideal) => {
    const pH = async (...options: string[]) => JSON.parse((await speciate({ totals }, '--json', ...options)).out).pH
    expect(Math.abs((await pH()) - standard)).toBeLessThan(0.02)
    expect(await pH('--ideal')).toBeCloseTo(ideal, 1)
  })

  it('gives the strength of limewater', async () => {
    const { solids } = JSON.parse((await speciate({ totals: { 'Ca(OH)2': 0.1 } }, '--json')).out)
    expect(0.1 - solids['Ca(OH)2']).toBeCloseTo(0.0202, 3)
  })

  it('tells people the same', async () => {
    const { out } = await speciate({ totals: { AgNO3: 0.1, NaCl: 0.1 } }, '--ideal')
    expect(out).toMatch(/^pH 7/)
    expect(out).toMatch(/AgCl\(s\)\s+9\.999e-2 mol in a dm3/)
  })

  it.each([
    ['not JSON', 'totals', /it is not JSON/],
    ['another temperature', { totals: { HCl: 0.1 }, celsius: 40 }, /celsius: 40 is given/],
    ['a substance it does not know', { totals: { UO2SO4: 0.1 } }, /'UO2SO4' is not known to the model/],
    ['a formula that is none', { totals: { Qq: 0.1 } }, /totals: .*Qq/],
    ['an amount below nought', { totals: { HCl: -1 } }, /totals\.HCl/],
  ])('refuses %s', async (_what, given, says) => {
    const { status, err } = await speciate(given)
    expect(status).toBe(2)
    expect(err).toMatch(says)
  })
})

/** Runs a command and keeps the bytes it writes. */
async function written(...args: string[]) {
  let [out, err] = ['', '']
  const bytes: Uint8Array[] = []
  const status = await run(args, {
    out: (text) => (out += text),
    err: (text) => (err += text),
    bytes: (more) => void bytes.push(more),
  })
  return { status, out, err, bytes: Buffer.concat(bytes) }
}

describe('hop-lark writeup', () => {
  it('writes the report to standard output', async () => {
    const { status, bytes } = await written('writeup', LAWN_SAND, '--as', 'md')
    expect(status).toBe(0)
    expect(bytes.toString()).toMatch(/^# Iron in lawn sand\n[\s\S]*## Method[\s\S]*\*\*12\.2 ± 0\.1/)
  })

  it('in the manner that is asked for', async () => {
    const { bytes } = await written('writeup', LAWN_SAND, '--as', 'html', '--manner', 'exam')
    expect(bytes.toString()).toContain('<h2>Results</h2>')
    expect(bytes.toString()).not.toContain('<h2>Method</h2>')
  })

  it('writes documents and archives into files, and reads archives', async () => {
    for (const format of ['docx', 'eln', 'csv']) {
      const out = join(folder, `report.${format}`)
      expect(await written('writeup', LAWN_SAND, '--as', format, '--out', out)).toMatchObject({
        status: 0,
        err: `Written: ${out}\n`,
      })
      expect(readFileSync(out).subarray(0, 2).toString()).toBe('PK')
    }
    const again = await written('writeup', join(folder, 'report.eln'), '--as', 'md')
    expect(again.bytes.toString()).toContain('# Iron in lawn sand')
  })

  it('writes a table as it is where there is one, and several as a zip', async () => {
    const one = changed((task) => {
      task.questions = []
      task.parts = task.parts.slice(0, 1)
    })
    const { bytes } = await written('writeup', one, '--as', 'csv')
    expect(bytes.toString().split('\r\n')[0]).toContain('container and sample / g')
    expect((await written('writeup', LAWN_SAND, '--as', 'csv')).bytes.subarray(0, 2).toString()).toBe('PK')
  })

  it('draws the graph into a document without a browser', async () => {
    const { bytes } = await written('writeup', demoFile('kiln-wash-alkali'), '--as', 'docx')
    expect(bytes.includes('word/media/')).toBe(true)
  })

  it.each([
    [['writeup', LAWN_SAND, '--as', 'pdf'], '--as pdf: must be one of md, html, docx, csv, eln.'],
    [['writeup', LAWN_SAND, '--as', 'md', '--manner', 'loud'], '--manner loud: must be one of exam, notebook.'],
    [['writeup', LAWN_SAND], "required option '--as <format>' not specified"],
    [['writeup', join(folder, 'none.eln'), '--as', 'md'], 'there is no such file'],
    [['writeup', LAWN_SAND, '--as', 'md', '--out', join(folder, 'no', 'such', 'folder.md')], 'it cannot be written (ENOENT)'],
  ])('ends with 2 and says why: %j', async (args, says) => {
    const { status, err } = await written(...args)
    expect({ status, err }).toEqual({ status: 2, err: expect.stringContaining(says) })
  })
})

describe('hop-lark check on a folder', () => {
  const classOf = (files: Readonly<Record<string, string>>) => {
    const made = mkdtempSync(join(tmpdir(), 'hop-lark-class-'))
    for (const [name, text] of Object.entries(files)) writeFileSync(join(made, name), text)
    return made
  }
  const sand = readFileSync(LAWN_SAND, 'utf8')

  it('shows a whole class: how far, which titres agree, the answers, what is wrong', async () => {
    const made = classOf({
      'ann.hoplark.json': sand,
      'ben.hoplark.json': sand.replace('"value": "21.05", "at": "2026-05-12T09:51', '"value": "0.05", "at": "2026-05-12T09:51'),
      'cat.hoplark.json': '{',
      'notes.txt': 'not looked at',
    })
    const { status, out } = await hopLark('check', made)
    const lines = out.split('\n')
    expect(status).toBe(1)
    expect(lines[0]).toMatch(/^file +task +stage +agreeing titres +answers +wrong +check +note$/)
    expect(lines[1]).toMatch(
      /^ann\.hoplark\.json +Iron in lawn sand +done +2 \(20\.68\) +0\.0103 mol; 12\.2 %; Manganate.* +0 +0 +1$/,
    )
    expect(lines[2]).toMatch(/^ben\.hoplark\.json .* 1 +\d +\d$/)
    expect(lines[3]).toMatch(/^cat\.hoplark\.json +cat\.hoplark\.json: This is not JSON/)
    expect(out).toContain('ben.hoplark.json\n  error  Run 1: final reading 0.05 is above the initial 0.40')
    expect(out).not.toContain('notes.txt')
  })

  it('for programs as JSON', async () => {
    const { out } = await hopLark('check', classOf({ 'ann.hoplark.json': sand }), '--json')
    expect(JSON.parse(out)).toMatchObject([
      {
        file: 'ann.hoplark.json',
        task: 'Iron in lawn sand',
        stage: 'done',
        agreeing: [{ titration: 't1', titres: ['20.65', '20.70'], mean: '20.68' }],
        answers: [{ answer: '0.0103 mol' }, { answer: '12.2 %' }, {}],
        problems: [{ code: 'run.disagrees', at: 'parts.t1.runs.run2.final' }],
      },
    ])
  })

  it('says where there is nothing to check', async () => {
    expect(await hopLark('check', classOf({}))).toMatchObject({
      status: 2,
      err: expect.stringContaining('there is no task file'),
    })
  })
})
