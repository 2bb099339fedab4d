import { describe, expect, it } from 'vitest'
import { readSheet } from '../index.ts'
import { readDraft } from '../read.ts'
import { SHEETS } from '../testing/sheets.ts'
import { unplacedIn } from './unplaced.ts'

const idsOf = (sheet: string) => readSheet(sheet).gaps.map(({ id }) => id)

describe('what a sheet names and that became nothing', () => {
  const TESTS = `P is a solution of one salt. Use a fresh portion in a test-tube for each test.
(a) Add aqueous ammonia until in excess.
(b) Add dilute nitric acid and then silver nitrate solution.`

  it('a reagent that no tube is given', () => {
    expect(idsOf(TESTS)).toEqual([])
    const { draft } = readDraft(TESTS)
    draft.of('rack')[0]?.samples[0]?.tubes.pop()
    expect(unplacedIn(draft).map(({ id }) => id)).toEqual(['left.reagent.nitric acid'])
  })

  it('a substance beside a label that was taken for nothing', () => {
    const rust = SHEETS.find(({ id }) => id === 'a-rust-water')?.text ?? expect.fail('no sheet')
    expect(idsOf(rust)).toContain('T.solute')
  })

  it('leading a gas off is no lead', () => {
    expect(
      idsOf(`P is a solid. (a) Add dilute hydrochloric acid to a little P in a test-tube and lead the gas into limewater.`),
    ).toEqual([])
  })

  it('a strength that is given and found is a note; the answer comes of the titration', () => {
    const { task } = readSheet(`A is vinegar, said to be 0.80 mol dm-3 ethanoic acid. B is 0.100 mol dm-3 sodium hydroxide.
A contains ethanoic acid, 0.80 mol dm-3.
Pipette 10.0 cm3 of A into a conical flask, add phenolphthalein and titrate with B from a burette.
(a) Calculate the concentration of ethanoic acid in A.`)
    const vinegar = task.materials.find(({ id }) => id === 'A')
    expect(vinegar?.strength).toBeUndefined()
    expect(vinegar?.note).toContain('0.80')
  })

  it('a volume that is a range is read when it is run in', () => {
    const { task } = readSheet(`T is ammonia, NH3. G is 0.100 mol dm-3 hydrochloric acid.
Use a burette to run between 19.50 cm3 and 20.50 cm3 of T into a 250 cm3 volumetric flask and make it up to the mark: this is U.
Pipette 25.0 cm3 of U into a conical flask, add methyl orange and titrate with G from a burette.`)
    const made = task.parts.find((part) => part.kind === 'solution')
    expect(JSON.stringify(made)).not.toContain('19.50')
  })

  it('a blank is a run of its own', () => {
    const { task } = readSheet(`W is hard water. E is 0.0100 mol dm-3 edta. Run a blank first.
Pipette 50.0 cm3 of W into a conical flask, add eriochrome black T and titrate with E from a burette.`)
    const titration = task.parts.find((part) => part.kind === 'titration')
    expect(titration?.kind === 'titration' && titration.runs[0]?.kind).toBe('blank')
  })
})
