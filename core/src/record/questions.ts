import { z } from 'zod'
import { DecimalSchema } from './entry.ts'
import { IdSchema, refuseDoubles } from './idSchema.ts'
import { MOST_FIGURES } from './limits.ts'

const species = z.string().min(1).max(120)
const place = z.string().min(1).max(160)
/** A given value with its unit, such as a concentration or a volume. */
const GivenSchema = z.union([DecimalSchema, z.strictObject({ value: DecimalSchema, unit: z.string().max(40) })])

const name = z.string().min(1).max(60)
/** What a calculation is worked with: a value, or the answer to another question. */
const WorkedWithSchema = z.union([GivenSchema, z.strictObject({ answer: IdSchema })])

/** A species held by the one asked for, all of which is taken to be there as that: Fe for FeCl3. */
const countedBy = species
  .optional()
  .describe('a species that the one asked for holds (an element, an ion), all of which is taken to be there as that')

const axis = z.enum(['x', 'y'])

const FindSchema = z.discriminatedUnion('quantity', [
  z.strictObject({ quantity: z.literal('meanTitre'), in: IdSchema }),
  z.strictObject({ quantity: z.literal('mass'), of: species, in: place, countedBy }),
  z.strictObject({ quantity: z.literal('amount'), of: species, in: place, countedBy }),
  z.strictObject({ quantity: z.literal('concentration'), of: species, in: IdSchema, countedBy }),
  z.strictObject({ quantity: z.literal('massConcentration'), of: species, in: IdSchema, countedBy }),
  z.strictObject({ quantity: z.literal('massPercent'), of: species, in: IdSchema, countedBy }),
  z.strictObject({ quantity: z.literal('molarMass'), of: IdSchema }),
  z.strictObject({
    quantity: z.literal('unknownMass'),
    of: z
      .string()
      .regex(/^[A-Z]$/)
      .describe('a letter that stands for an element or group in a formula: M of M2CO3'),
    in: IdSchema,
  }),
  z.strictObject({ quantity: z.literal('hydration'), of: species, in: IdSchema }),
  z.strictObject({ quantity: z.literal('percentError'), answer: IdSchema, accepted: DecimalSchema }),
  z.strictObject({
    quantity: z.enum(['solubility', 'solubilityProduct']),
    of: species,
    in: IdSchema,
    added: z.strictObject({ species, concentration: GivenSchema }).optional(),
  }),
  z.strictObject({ quantity: z.literal('massToWeigh'), of: species, concentration: GivenSchema, volume: GivenSchema }),
  z.strictObject({ quantity: z.literal('perItem'), of: species, in: IdSchema, items: z.number().int().positive(), countedBy }),
  z.strictObject({ quantity: z.literal('crossing'), in: IdSchema, axis: axis.optional().describe('x where nothing is said') }),
  z.strictObject({
    quantity: z.literal('gradient'),
    in: IdSchema,
    at: DecimalSchema.optional().describe('x at which the tangent to a curve is drawn; where it begins if nothing is said'),
  }),
  z.strictObject({ quantity: z.literal('rise'), in: IdSchema }),
  z.strictObject({
    quantity: z.literal('yAt'),
    in: IdSchema,
    x: WorkedWithSchema.describe('where y is read off, in the unit of the x axis or with its own'),
  }),
  z.strictObject({
    quantity: z.literal('xAt'),
    in: IdSchema,
    y: z
      .union([WorkedWithSchema, z.strictObject({ unknown: IdSchema })])
      .describe('the y at which x is read off, or an unknown of the series'),
  }),
  z.strictObject({ quantity: z.enum(['highest', 'lowest']), in: IdSchema, axis }),
  z.strictObject({
    quantity: z.enum(['equivalence', 'halfEquivalence']),
    in: IdSchema,
    which: z
      .number()
      .int()
      .min(1)
      .max(6)
      .optional()
      .describe('of several steep places in order of x; the steepest if nothing is said'),
  }),
  z.strictObject({ quantity: z.literal('area'), in: IdSchema, from: DecimalSchema.optional(), to: DecimalSchema.optional() }),
  z.strictObject({
    quantity: z.literal('equilibriumConstant'),
    equation: z.string().max(500),
    start: z.record(species, WorkedWithSchema).optional().describe('what was put in of each substance, mol or mol/dm³'),
    at: z.record(species, WorkedWithSchema).optional().describe('what there is of some of them at equilibrium'),
    volume: GivenSchema.optional().describe('dm³, where amounts are given and it does not cancel'),
  }),
  z.strictObject({ quantity: z.literal('ions'), in: IdSchema }),
  z.strictObject({ quantity: z.literal('words') }),
  z.strictObject({
    quantity: z.literal('sum'),
    sum: name.describe('which named calculation, as listed by the app'),
    texts: z.record(name, z.string().max(500)).optional().describe('formulae and equations it is about, by name'),
    with: z.record(name, WorkedWithSchema).optional().describe('what it is worked with, by name'),
  }),
])

export const QuestionSchema = z.strictObject({
  id: IdSchema,
  text: z.string().max(2000).optional(),
  number: z.string().max(40).optional().describe('its number on the sheet: 1(b)(ii)'),
  find: FindSchema,
  answer: z.string().max(20_000).optional().describe('what the student answers in words'),
  unit: z.string().max(40).optional(),
  figures: z.number().int().min(1).max(MOST_FIGURES).optional(),
  own: z
    .array(z.strictObject({ id: z.string().min(1).max(200), value: z.string().max(60) }))
    .superRefine((lines, context) => refuseDoubles(lines, [], context))
    .optional()
    .describe('what the student worked out for lines of the working: id says what the line is of, value is as typed'),
})
