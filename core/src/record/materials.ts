import { z } from 'zod'
import { DecimalSchema } from './entry.ts'
import { IdSchema } from './idSchema.ts'

const StrengthSchema = z.strictObject({
  value: DecimalSchema,
  unit: z.enum(['mol/dm3', 'g/dm3'], {
    error: "is the unit of the strength: 'mol/dm3' or 'g/dm3'",
  }),
})

export const MaterialSchema = z.strictObject({
  id: IdSchema,
  label: z.string().max(120),
  form: z.enum(['solid', 'solution', 'liquid', 'gas']),
  solute: z.string().max(120).optional().describe('formula of what is dissolved, or of what a solid is'),
  strength: StrengthSchema.optional(),
  background: z
    .array(z.strictObject({ solute: z.string().max(120), strength: StrengthSchema }))
    .optional()
    .describe('salts that were dissolved in it before, beside what it is titrated for'),
  note: z.string().max(2000).optional(),
  bottle: z.string().max(120).optional().describe('which bottle or batch'),
})
