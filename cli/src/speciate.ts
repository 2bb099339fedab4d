import { equilibrate, totalsOf } from '@hop-lark/core/aqueous'
import { ChemistryError } from '@hop-lark/core/problem'
import { z } from 'zod'
import { UnusableInput } from './files.ts'
import { type Output, writeJson } from './output.ts'
import { type Input, readJson } from './stdin.ts'

const EXAMPLE = '{"totals": {"CH3COOH": 0.1}, "celsius": 25}'

const SpeciateSchema = z.strictObject({
  totals: z.record(z.string(), z.number().nonnegative()).describe('what was put in, mol/dm3'),
  celsius: z.number().default(25),
  activity: z.enum(['ideal', 'davies']).optional().describe('davies where nothing is said'),
})

/** Species with less are left out, mol/dm³. */
const LEAST = 1e-20
const FIGURES = 6

const written = (values: ReadonlyMap<string, number>) =>
  Object.fromEntries(
    [...values]
      .filter(([, value]) => value > LEAST)
      .toSorted(([, a], [, b]) => b - a)
      .map(([name, value]) => [name, Number(value.toPrecision(FIGURES))]),
  )

interface SpeciateOptions {
  readonly json: boolean
  /** Concentrations instead of activities, as textbooks work. */
  readonly ideal: boolean
}

/**
 * `hop-lark speciate`: pH, species and solids of what was put into water, from standard input. Activities by the Davies
 * equation, unless ideal is asked for.
 */
export async function speciateCommand({ json, ideal }: SpeciateOptions, output: Output, input: Input): Promise<number> {
  const { totals, celsius, activity = ideal ? 'ideal' : 'davies' } = await readJson(input, SpeciateSchema, EXAMPLE)
  if (celsius !== 25)
    throw new UnusableInput(`standard input: celsius: ${celsius} is given, but the constants of the model are for 25 °C.`)
  try {
    const { pH, species, solids } = equilibrate(totalsOf(totals), { activity })
    const found = { pH: Number(pH.toFixed(4)), species: written(species), solids: written(solids) }
    if (json) writeJson(output, found)
    else {
      output.out(`pH ${pH.toFixed(2)}\n`)
      for (const [name, value] of Object.entries(found.species))
        output.out(`  ${name.padEnd(16)} ${value.toExponential(3)} mol/dm3\n`)
      for (const [name, value] of Object.entries(found.solids))
        output.out(`  ${`${name}(s)`.padEnd(16)} ${value.toExponential(3)} mol in a dm3\n`)
    }
    return 0
  } catch (error) {
    if (error instanceof ChemistryError) throw new UnusableInput(`standard input: totals: ${error.message}`)
    throw error
  }
}
