import { z } from 'zod'
import { ChemistryError } from '../problem/index.ts'
import { readSheetMasses } from '../substance/index.ts'
import { DecimalSchema } from './entry.ts'
import { MOST_FIGURES, MOST_THAT_AGREE } from './limits.ts'

const BuretteSchema = z.strictObject({
  capacity: DecimalSchema.default('50.00').describe('cm³ at the lowest mark'),
  step: z.enum(['0.1', '0.05', '0.02', '0.01']).default('0.05').describe('how finely it is read, cm³'),
  class: z.enum(['A', 'B']).default('B'),
})

const ConcordanceSchema = z.strictObject({
  within: DecimalSchema.default('0.10').describe('widest spread of titres that agree, cm³'),
  strict: z.boolean().default(false).describe('true: less than the limit, not at most'),
  runs: z.number().int().min(1).max(MOST_THAT_AGREE).default(2).describe('how many must agree'),
  rule: z.enum(['largest-set', 'closest-pair', 'every-accurate']).default('largest-set'),
})

const RunInSchema = z.strictObject({
  to: z
    .enum(['margin', 'half'])
    .default('margin')
    .describe('how far to run in quickly: to a margin before the end, or to half of it'),
  margin: DecimalSchema.default('1.50').describe('cm³ before the expected end'),
})

const EndPointSchema = z.strictObject({
  lasts: z.enum(['swirling', '20 s', '30 s']).default('swirling').describe('how long the colour must stay, or stay away'),
  tint: z.enum(['palest', 'any']).default('palest').describe('which tint counts where one appears'),
})

const SheetMassesText = z
  .string()
  .max(500)
  .superRefine((text, context) => {
    try {
      readSheetMasses(text)
    } catch (error) {
      if (!(error instanceof ChemistryError)) throw error
      context.addIssue({ code: 'custom', message: error.message })
    }
  })

/** The school's ways of doing things. Whatever is left out takes the default. */
export const ConventionsSchema = z.strictObject({
  volumeUnit: z.enum(['cm3', 'mL']).default('cm3'),
  burette: BuretteSchema.prefault({}),
  concordance: ConcordanceSchema.prefault({}),
  runIn: RunInSchema.prefault({}),
  endPoint: EndPointSchema.prefault({}),
  figures: z.number().int().min(1).max(MOST_FIGURES).default(3).describe('significant figures of answers'),
  carry: z.enum(['unrounded', 'rounded']).default('unrounded'),
  atomicMasses: z.enum(['whole', 'one-decimal', 'standard']).default('one-decimal'),
  sheetMasses: SheetMassesText.optional().describe(
    'masses the task sheet gives, which go before the others: Cu 63.5; C6H8O7 192',
  ),
  molarVolume: DecimalSchema.default('24.0').describe('dm³ that a mole of gas takes up in the room'),
  working: z
    .enum(['moles', 'ratio', 'proportion', 'chain'])
    .default('moles')
    .describe('n = cV line by line; a1M1V1 = a2M2V2 in one line; CaVa/CbVb = na/nb; or one chain in which units cancel'),
})
