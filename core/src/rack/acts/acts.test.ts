import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { REAGENTS, reagentNamed } from '../../tube/index.ts'
import { type Action, findReagent, type How, readActs, sayAction } from '../index.ts'
import { readShortActs } from '../testing/rounds.ts'

const add = (reagent: string, amount?: string): Action => ({ do: 'add', reagent, ...(amount === undefined ? {} : { amount }) })

/** The acts of a line; none where it was not understood. */
function actsIn(text: string, last?: string): readonly Action[] {
  const read = readActs(text, last === undefined ? {} : { last })
  return read.kind === 'acts' ? read.acts.map(({ action }) => action) : []
}

describe('what was done, as it is typed at the bench', () => {
  // Common practice: words and abbreviations of the bench.
  it.each<[string, Action]>([
    ['3 drops NaOH', add('NaOH(aq)', '3 drops')],
    ['a few drops of sodium hydroxide', add('NaOH(aq)', 'drops')],
    ['NaOH', add('NaOH(aq)')],
    ['NaOH xs', add('NaOH(aq)', 'excess')],
    ['excess ammonia', add('NH3(aq)', 'excess')],
    ['2 cm3 dil HCl', add('HCl(aq)', '2 cm3')],
    ['1.5 cm³ nitric acid', add('HNO3(aq)', '1.5 cm3')],
    ['1,5 cm3 NaOH', add('NaOH(aq)', '1.5 cm3')],
    ['2 mL conc. HCl', add('HCl(conc)', '2 cm3')],
    ['conc ammonia', add('NH3(conc)')],
    ['AgNO₃', add('AgNO3(aq)')],
    ['permanganate', add('KMnO4(aq)')],
    ['bromine water', add('Br2(aq)')],
    ['bleach', add('NaClO(aq)')],
    ['zinc sulphate', add('ZnSO4(aq)')],
    ['al foil', add('Al(s)', 'piece')],
    ['a spatula of solid ammonium chloride', add('NH4Cl(s)', 'solid')],
    ['K4Fe(CN)6', add('K4Fe(CN)6(aq)')],
    ['(NH4)2CO3', add('(NH4)2CO3(aq)')],
    ['1 cm depth of ammonia', add('NH3(aq)', '1 cm depth')],
    ['equal volume of hexane', add('C6H14(l)', 'equal')],
    ['a squeeze of iodine', add('I2(aq)', 'squeeze')],
    ['a little bromine water', add('Br2(aq)', 'little')],
    ['add water', add('H2O(l)')],
    ['dilute 2 cm3 to 10 cm3', add('H2O(l)', 'to 10 cm3')],
    ['1 cm3 NaOH slowly with shaking', { ...add('NaOH(aq)', '1 cm3'), how: ['slowly', 'shaking'] }],
    ['3 drops NaOH without shaking', { ...add('NaOH(aq)', '3 drops'), how: ['without shaking'] }],
    ['hold filter paper with acidified KMnO4', { do: 'gas', reagent: 'acidified manganate(VII) paper' }],
    ['drops of sample into NaOH', { ...add('NaOH(aq)', 'drops'), order: 'sample into reagent' }],
    ['acidified silver nitrate', { ...add('AgNO3(aq)'), with: [{ reagent: 'HNO3(aq)' }] }],
    ['BaCl2+HCl', { ...add('HCl(aq)'), with: [{ reagent: 'BaCl2(aq)' }] }],
    ['warm', { do: 'warm' }],
    ['warm, damp red litmus', { do: 'warm', reagent: 'damp red litmus paper' }],
    ['warm, red litmus', { do: 'warm', reagent: 'red litmus paper' }],
    ['boil and hold damp blue litmus at the mouth', { do: 'boil', reagent: 'damp blue litmus paper' }],
    ['heat strongly', { do: 'heat' }],
    ['heat gently', { do: 'warm' }],
    ['let it cool', { do: 'cool' }],
    ['stood 5 min', { do: 'stand' }],
    ['decant', { do: 'filter' }],
    ['swirl', { do: 'shake' }],
    ['on a nichrome wire', { do: 'flame' }],
    ['smell, by wafting', { do: 'smell' }],
    ['pH paper', { do: 'add', reagent: 'universal indicator' }],
    ['red litmus', { do: 'add', reagent: 'red litmus' }],
    ['lighted splint', { do: 'gas', reagent: 'lighted splint' }],
    ['gas: limewater', { do: 'gas', reagent: 'limewater' }],
    ['dissolve in water', { do: 'dissolve', reagent: 'H2O(l)' }],
    ['appearance', { do: 'look' }],
  ])('%s', (text, action) => {
    expect(actsIn(text)).toEqual([action])
  })

  // Exam tables put several acts into a cell (common practice); each that stands by itself has an observation of its own.
  it.each([
    ['HNO3 then AgNO3', 'add HNO3(aq) ?; add AgNO3(aq) ?'],
    ['add dilute nitric acid followed by silver nitrate', 'add HNO3(aq) ?; add AgNO3(aq) ?'],
    ['a few drops acidified KMnO4', 'add H2SO4(aq)+KMnO4(aq) drops'],
    ['silver nitrate acidified with nitric acid', 'add HNO3(aq)+AgNO3(aq) ?'],
    ['NaOH + Al foil, warm', 'add NaOH(aq)+Al(s) piece; warm'],
    ['warm with NaOH', 'add NaOH(aq) ?; warm'],
    ['heat gently with aluminium foil and sodium hydroxide', 'add Al(s)+NaOH(aq) ?; warm'],
    ['3 drops NaOH then excess', 'add NaOH(aq) 3 drops; add NaOH(aq) excess'],
    ['add NaOH and wibble', 'add NaOH(aq) ?; add wibble ?'],
    ['add HCl and test the gas with limewater', 'add HCl(aq) ?; gas limewater'],
    ['add P to NaOH', 'add NaOH(aq) ? R'],
    ['add NaOH to P', 'add NaOH(aq) ?'],
    ['add NaOH into a fresh tube', 'add NaOH(aq) ? {fresh}'],
    ['filter, then add barium chloride to the filtrate', 'filter; add BaCl2(aq) ? {filtrate}'],
    ['Repeat with potassium iodide instead of silver nitrate', 'add KI(aq) ?'],
    ['pour the acid into the carbonate', 'add Na2CO3(aq)+acid ?'],
  ])('%s', (text, acts) => {
    expect(readShortActs(text)).toBe(acts)
  })

  it('a bottle may go by the label of the sheet, in the letters of the label', () => {
    const sheet = [
      { label: 'FA 3', reagent: 'NaOH(aq)' },
      { label: 'A', reagent: 'AgNO3(aq)' },
    ]
    const read = (text: string) => {
      const found = readActs(text, { sheet })
      return found.kind === 'acts' ? found.acts.map(({ action }) => action) : []
    }
    expect(read('2 cm3 FA 3')).toEqual([add('NaOH(aq)', '2 cm3')])
    expect(read('a few drops of A then FA 3 xs')).toEqual([add('AgNO3(aq)', 'drops'), add('NaOH(aq)', 'excess')])
    expect(read('add a little HCl')).toEqual([add('HCl(aq)', 'little')])
  })

  it('xs alone goes on with the bottle of the step before, and asks which where there is none', () => {
    expect(actsIn('xs', 'NaOH(aq)')).toEqual([add('NaOH(aq)', 'excess')])
    expect(actsIn('then loads more', 'NaOH(aq)')).toEqual([add('NaOH(aq)', 'excess')])
    expect(readActs('xs')).toMatchObject({ kind: 'notUnderstood', says: expect.stringContaining('Of which reagent?') })
    expect(readActs('3 more drops of it')).toMatchObject({ kind: 'notUnderstood', says: expect.stringContaining('Of which') })
  })

  it('asks which litmus and which acid, and about words it does not know', () => {
    const says = (text: string) => {
      const read = readActs(text)
      return read.kind === 'acts' ? read.acts[0]?.asks : read.says
    }
    expect(says('test gas with damp litmus paper')).toMatch(/Which litmus/)
    expect(says('add dilute acid')).toMatch(/Which acid/)
    expect(says('3 drops NaOH wibble')).toMatch(/Not understood: “wibble”/)
    expect(says('3 drops NaOH')).toBeUndefined()
    expect(says('')).toMatch(/3 drops NaOH/)
  })

  it.each<[string, Action]>([
    ['3 drops alizarin', add('alizarin', '3 drops')],
    ['excess of magnesia mixture', add('magnesia mixture', 'excess')],
    ['2 cm3 sodium nitroprusside', add('sodium nitroprusside', '2 cm3')],
    ['wibble', add('wibble')],
  ])('%s: no bottle known here, kept as written, and read back the same', (text, action) => {
    // Not taken for more of the reagent before, either.
    const read = readActs(text, { last: 'NaOH(aq)' })
    expect(read).toMatchObject({ kind: 'acts', acts: [{ action, asks: expect.stringContaining(`“${action.reagent}”`) }] })
    expect(actsIn(sayAction(action), 'NaOH(aq)')).toEqual([action])
  })

  it.each([
    ['zinc powder', 'Zn(s)'],
    ['magnesium chloride', 'MgCl2(aq)'],
    ['magnesium sulfate', 'MgSO4(aq)'],
    ['lead acetate', 'Pb(CH3COO)2(aq)'],
    ['barium hydroxide', undefined],
    ['potassium carbonate', 'K2CO3(aq)'],
    ['sodium carbonate', 'Na2CO3(aq)'],
    ['aluminium foil', 'Al(s)'],
    ['silver', 'AgNO3(aq)'],
    ['some sodium hydroxyde', 'NaOH(aq)'],
    ['nothing of the kind', undefined],
  ])('%s is %s', (text, formula) => {
    expect(findReagent(text)?.formula).toBe(formula)
  })
})

const AMOUNTS = [
  'drops',
  '2 drops',
  '12 drops',
  'excess',
  '2 cm3',
  '1.5 cm3',
  'equal',
  '1 cm depth',
  'squeeze',
  'little',
  undefined,
]
const MANNERS: readonly How[][] = [[], ['slowly'], ['slowly', 'shaking'], ['without shaking'], ['carefully', 'down the side']]
const BOTTLES = Object.entries(REAGENTS).filter(([, { paper }]) => paper === undefined)
const LIQUIDS = BOTTLES.filter(([, { state }]) => state === 'aq').map(([formula]) => formula)

describe('every bottle, amount and manner', () => {
  it('is found by its formula and by its name', () => {
    for (const [formula, { says }] of BOTTLES) {
      expect(findReagent(formula)?.formula, formula).toBe(formula)
      expect(findReagent(says)?.formula, says).toBe(formula)
    }
  })

  it('is read back from what the record says of it', () => {
    const missed = LIQUIDS.flatMap((formula) =>
      AMOUNTS.flatMap((amount) =>
        MANNERS.flatMap((how) => {
          const action = { ...add(formula, amount), ...(how.length > 0 ? { how } : {}) }
          const says = sayAction(action)
          return JSON.stringify(actsIn(says)) === JSON.stringify([action]) ? [] : [says]
        }),
      ),
    )
    expect(missed).toEqual([])
  })

  it('two of them in one line are two acts, or one where they are put in together', () => {
    // Limewater by its name alone may be a test of the gas.
    const bottle = fc.constantFrom(...BOTTLES.filter(([formula]) => formula !== 'Ca(OH)2(aq)'))
    const joint = fc.constantFrom(' then ', ' and then ', ' followed by ', '; ', ', then ', ' + ', ' & ', ' and ')
    const much = fc.constantFrom('', '3 drops ', '2 cm3 ', 'excess ')
    fc.assert(
      fc.property(bottle, bottle, joint, much, fc.boolean(), (one, other, joined, amount, byName) => {
        const nameOf = ([formula, { says }]: (typeof BOTTLES)[number]) => (byName ? says : formula)
        const acts = actsIn(`${amount}${nameOf(one)}${joined}${amount}${nameOf(other)}`)
        const bottles = acts.flatMap(({ reagent, with: others = [] }) => [...others.map((each) => each.reagent), reagent])
        const dry = (formula: string) => [formula, formula.replace('(aq)', '(s)')]
        expect(bottles).toHaveLength(2)
        expect(dry(one[0])).toContain(bottles[0])
        expect(dry(other[0])).toContain(bottles[1])
        expect(acts).toHaveLength(/then|follow|;/.test(joined) ? 2 : 1)
      }),
      { numRuns: 1000 },
    )
  })

  it('an act after them is one more', () => {
    const bottle = fc.constantFrom(...LIQUIDS.filter((formula) => formula !== 'Ca(OH)2(aq)'))
    fc.assert(
      fc.property(bottle, bottle, fc.constantFrom('warm', 'boil', 'shake', 'filter', 'cool'), (one, other, act) => {
        const acts = actsIn(`${one} then ${other}, ${act}`)
        expect(acts.map(({ reagent }) => reagent)).toEqual([one, other, undefined])
        expect(acts.at(-1)?.do).toBe(act)
      }),
      { numRuns: 300 },
    )
  })
})

describe('any text', () => {
  it('is read without an error', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        expect(() => readActs(text, { last: 'NaOH(aq)', samples: ['P'] })).not.toThrow()
      }),
      { numRuns: 2000 },
    )
  })

  it('of bench words: what is read can be said, is read again, and no bottle that stands in it is lost', () => {
    const word = fc.constantFrom(
      ...['NaOH', 'xs', 'excess', 'drops', '3', '2 cm3', 'warm', 'boil', 'with', 'and', 'then', '+', ',', ';', 'acidified'],
      ...['silver nitrate', 'damp', 'red litmus', 'limewater', 'gas', 'solid', 'conc', 'into', 'sample', 'wibble', 'slowly'],
    )
    fc.assert(
      fc.property(fc.array(word, { maxLength: 9 }), (words) => {
        const acts = actsIn(words.join(' '), 'NaOH(aq)')
        for (const action of acts) expect(readActs(sayAction(action), { last: 'NaOH(aq)' }).kind).toBe('acts')
        const put = acts.flatMap(({ reagent, with: others = [] }) => [reagent, ...others.map((one) => one.reagent)])
        if (words.includes('silver nitrate')) expect(put).toContain('AgNO3(aq)')
      }),
      { numRuns: 2000 },
    )
  })

  it('names only bottles that the model knows, or what was written', () => {
    for (const [formula] of BOTTLES) expect(reagentNamed(formula)).toBeDefined()
  })
})

describe('a substance that is no bottle of the bench', () => {
  const NOT_ON_THE_BENCH = `
    NaCN, KCN, NaSH, KOCN, NaOBr, HBr, HI, HF, FeS, AgF, CuCl, CsCl, RbCl, LiBr, ZnO, KClO3, NaN3, nacn, nash, kocn, naobr,
    sodium selenite, sodium arsenite, sodium silicate, sodium perborate, potassium ferrate, sodium methanoate, ammonium vanadate,
    cerium nitrate, thallium nitrate, indium chloride, bismuth nitrate, cadmium sulfate, methanol, ethanal, methanal, propanal,
    butanone, benzene, phenol, phenylamine, glucose, hydrazine, lithium hydride, calcium phosphide, potassium iodate,
    sodium phosphite, potassium bromate, potassium chlorite, sodium cyanate, sodium nitride, rubidium chloride, ethanamide,
    lead iodide, copper iodide, ammonium dichromate, barium chlorate, aluminium bromide, calcium carbide,
    citric acid, boric acid, chromic acid, phosphoric acid, picric acid, propanoic acid, methanoic acid, hydriodic acid`
  const names = NOT_ON_THE_BENCH.split(',').map((name) => name.trim())

  it.each(names)('%s is kept as it is written, asked about, and never taken for another', (name) => {
    for (const line of [name, `2 cm3 ${name}`, `add ${name}`]) {
      const read = readActs(line)
      const [act] = read.kind === 'acts' ? read.acts : []
      expect([act?.action.do, act?.action.reagent]).toEqual(['add', name])
      expect(act?.asks).toContain(name)
    }
  })

  it.each(['acid', 'strong acid', 'a drop of acid', 'alkali', 'aqueous alkali'])(
    '%s may be any of several, and is asked about',
    (line) => {
      const read = readActs(line)
      expect(read.kind === 'acts' && read.acts.map(({ asks }) => asks?.slice(0, 6))).toEqual(['Which '])
    },
  )

  it.each(['hydrochloric acid, conc', 'sulfuric acid (conc.)', 'conc nitric acid', 'NH3 conc'])('%s is concentrated', (line) => {
    const read = readActs(line)
    expect(read.kind === 'acts' && read.acts.map(({ action }) => action.reagent)).toEqual([expect.stringMatching(/\(conc\)$/)])
  })

  it.each(['pure water', 'iced water', 'cold water'])('%s is water', (line) => {
    const read = readActs(line)
    expect(read.kind === 'acts' && read.acts.map(({ action, asks }) => [action.reagent, asks])).toEqual([['H2O(l)', undefined]])
  })
})
