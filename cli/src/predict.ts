import { LIQUIDS, playLiquid, saySigns } from '@hop-lark/core/liquids'
import { ChemistryError } from '@hop-lark/core/problem'
import { dryTube, freshTube, playSteps } from '@hop-lark/core/tube'
import { z } from 'zod'
import { UnusableInput } from './files.ts'
import { type Output, writeJson } from './output.ts'
import { type Input, readJson } from './stdin.ts'

const EXAMPLE =
  '{"contains": {"Zn2+": "0.1", "SO4^2-": "0.1"}, "cm3": "1", "steps": [{"do": "add", "reagent": "NaOH(aq)", "amount": "drops"}]}'

const positive = (text: string) => Number.isFinite(Number(text)) && Number(text) >= 0
const DecimalText = z.union([z.string(), z.number()]).transform(String).refine(positive, 'must be a number from 0 up')

const PredictSchema = z.strictObject({
  contains: z.record(z.string(), DecimalText).default({}).describe('ions in the sample, mol/dm3'),
  solid: z.record(z.string(), DecimalText).optional().describe('dry salts in the tube, mol, in place of a solution'),
  liquid: z.string().optional().describe('a liquid by its name, in place of a solution: ethanol, cyclohexene, water'),
  cm3: DecimalText.default('1'),
  steps: z.array(
    z.strictObject({
      do: z.string(),
      reagent: z.string().optional(),
      amount: z.string().optional(),
      order: z.string().optional(),
    }),
  ),
})

const numbers = (some: Readonly<Record<string, string>>) =>
  Object.fromEntries(Object.entries(some).map(([name, value]) => [name, Number(value)]))

const FIGURES = 3

type Steps = z.infer<typeof PredictSchema>['steps']

const sayAct = ({ do: act, amount, reagent }: Steps[number]) => [act, amount, reagent].filter(Boolean).join(' ')

/** What tests of functional groups show with a liquid. */
function predictLiquid(name: string, steps: Steps, json: boolean, output: Output): number {
  const liquid = Object.hasOwn(LIQUIDS, name) ? LIQUIDS[name] : undefined
  if (!liquid)
    throw new UnusableInput(`standard input: there is no liquid '${name}' here. There is ${Object.keys(LIQUIDS).join(', ')}.`)
  const shown = playLiquid(liquid, steps).map((signs) => ({ saw: saySigns(signs), signs }))
  if (json) writeJson(output, shown)
  else for (const [index, step] of steps.entries()) output.out(`${sayAct(step)}: ${shown[index]?.saw}\n`)
  return 0
}

/** `hop-lark predict`: what would be seen in a tube, step by step, from standard input. */
export async function predictCommand(json: boolean, output: Output, input: Input): Promise<number> {
  const { contains, solid, liquid, cm3, steps } = await readJson(input, PredictSchema, EXAMPLE)
  if (liquid !== undefined) return predictLiquid(liquid, steps, json, output)
  try {
    const tube = solid ? dryTube(numbers(solid)) : freshTube(numbers(contains), Number(cm3))
    const { shown } = playSteps(tube, steps)
    if (json)
      writeJson(
        output,
        shown.map(({ saw, facts, solids, pH, equations, gases }) => ({
          saw,
          facts,
          solids: Object.fromEntries(Object.entries(solids).map(([formula, mol]) => [formula, Number(mol.toPrecision(FIGURES))])),
          gases,
          pH: Number(pH.toFixed(2)),
          equations,
        })),
      )
    else
      shown.forEach(({ saw, equations }, index) => {
        const step = steps[index]
        output.out(`${step ? sayAct(step) : ''}: ${saw.join('; ')}\n`)
        for (const equation of equations) output.out(`    ${equation}\n`)
      })
    return 0
  } catch (error) {
    if (error instanceof ChemistryError) throw new UnusableInput(`standard input: ${error.message}`)
    throw error
  }
}
