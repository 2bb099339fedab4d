import { z } from 'zod'
import { DecimalSchema, EntrySchema, MomentSchema } from './entry.ts'
import { IdSchema, refuseDoubles } from './idSchema.ts'

const common = { id: IdSchema, title: z.string().max(200).optional() }
const text = z.string().max(20_000)

/** A list of things with ids, each once. */
const listOf = <Item extends z.ZodType<{ readonly id: string }>>(item: Item) =>
  z.array(item).superRefine((items, context) => refuseDoubles(items, [], context))

const WeighingSchema = z.strictObject({
  ...common,
  kind: z.literal('weighing'),
  of: IdSchema,
  container: EntrySchema.optional().describe('empty container, g'),
  withSample: EntrySchema.optional().describe('container + sample, g'),
  withResidue: EntrySchema.optional().describe('container + what stayed in it, g'),
  mass: EntrySchema.optional().describe('sample weighed directly, tared, g'),
  lid: z
    .union([z.boolean(), z.enum(['both', 'neither', 'first', 'second'])])
    .optional()
    .describe('at which of the two weighings the lid was on; true: both, false: neither'),
})

const SourceSchema = z.union([
  z.strictObject({ weighing: IdSchema }),
  z.strictObject({ material: IdSchema, volume: EntrySchema }),
])

const SolutionSchema = z.strictObject({
  ...common,
  kind: z.literal('solution'),
  from: z.array(SourceSchema),
  flask: DecimalSchema.optional().describe('cm³ of the volumetric flask'),
  gives: IdSchema,
  reactions: z.array(z.string().max(500)).optional().describe('equations of what reacted before it was made up'),
})

const FlaskContentSchema = z.union([
  z.strictObject({
    material: IdSchema,
    volume: EntrySchema.optional().describe('cm³'),
    by: z.enum(['pipette', 'burette', 'cylinder']).optional(),
  }),
  z.strictObject({ weighing: IdSchema }),
])

const ReactionSchema = z.strictObject({
  equation: z.string().max(500),
  role: z.enum(['before', 'titration']),
})

export const RunSchema = z.strictObject({
  id: IdSchema,
  kind: z.enum(['rough', 'accurate', 'blank']),
  initial: EntrySchema.optional(),
  final: EntrySchema.optional(),
  use: z.enum(['yes', 'no']).optional(),
  why: z.string().max(500).optional(),
  weighing: IdSchema.optional().describe('the solid weighed into the flask for this run, where every run has its own'),
  refilled: z.boolean().optional().describe('the burette was filled again before this run'),
})

export const TitrationSchema = z.strictObject({
  ...common,
  kind: z.literal('titration'),
  burette: IdSchema.optional().describe('left out while it is not known which'),
  flask: z.array(FlaskContentSchema),
  continues: IdSchema.optional().describe('the titration whose flask this one goes on with, to a further end-point'),
  crossingOf: IdSchema.optional().describe('the series whose two lines cross at the end-point, where no run is read for it'),
  reactions: z.array(ReactionSchema),
  indicator: z.string().max(120).optional(),
  inExcess: z.array(z.string().max(120)).optional(),
  ready: z.array(z.string().max(60)).optional().describe('lines of the checklist that are done'),
  runs: listOf(RunSchema),
})

const HeatingSchema = z.strictObject({
  ...common,
  kind: z.literal('heating'),
  of: IdSchema,
  container: EntrySchema.optional(),
  masses: listOf(z.strictObject({ id: IdSchema, mass: EntrySchema.describe('container + solid, g') })).describe(
    'the first before heating',
  ),
  lost: z.string().max(120).optional(),
  equation: z.string().max(500).optional().describe('of what happens in the heat: CuCO3 -> CuO + CO2'),
  within: DecimalSchema.optional(),
})

const AxisSchema = z.strictObject({
  name: z.string().max(120),
  unit: z.string().max(60),
  step: DecimalSchema.optional(),
  plotted: z
    .enum(['inverse', 'inverse kelvins', 'ln', 'log', 'ln of inverse', 'log of inverse', 'square'])
    .optional()
    .describe('what is plotted along it instead of what was read'),
})

const SeriesSchema = z.strictObject({
  ...common,
  kind: z.literal('series'),
  x: AxisSchema,
  y: AxisSchema,
  points: listOf(z.strictObject({ id: IdSchema, x: EntrySchema, y: EntrySchema })),
  planned: z.array(DecimalSchema).max(500).optional().describe('x at which y is still to be read'),
  reading: z.enum(['two-lines', 'line', 'line-from-origin', 'curve', 'curve-through-points']).optional(),
  splitAt: z.union([DecimalSchema, z.number().int().nonnegative()]).optional(),
  mixedAt: DecimalSchema.optional().describe('with two lines: x at which things were mixed; both lines are drawn on to it'),
  marks: z.enum(['crosses', 'ringed-dots']).optional(),
  compareWith: z.array(IdSchema).optional().describe('other series drawn on the same paper'),
  unknowns: listOf(
    z.strictObject({
      id: IdSchema,
      label: z.string().max(120),
      readings: listOf(z.strictObject({ id: IdSchema, y: EntrySchema })),
    }),
  )
    .optional()
    .describe('samples of which y was read, and x is looked up on the line: a calibration'),
})

const StepSchema = z.strictObject({
  id: IdSchema,
  do: z.enum(['look', 'smell', 'dissolve', 'add', 'shake', 'warm', 'heat', 'boil', 'cool', 'stand', 'filter', 'flame', 'gas']),
  reagent: z.string().max(200).optional(),
  amount: z.string().max(60).optional(),
  order: z.string().max(60).optional(),
  with: z
    .array(z.strictObject({ reagent: z.string().max(200), amount: z.string().max(60).optional() }))
    .max(6)
    .optional()
    .describe('bottles that went in with it, before it, and with one observation: the acid of an acidified reagent'),
  how: z
    .array(z.enum(['dropwise', 'slowly', 'carefully', 'shaking', 'without shaking', 'down the side', 'in hot water']))
    .max(6)
    .optional()
    .describe('the manner in which it was done'),
  saw: text.optional(),
  means: text.optional().describe('the meaning the student gave, where it overrules ours'),
  was: z
    .array(z.strictObject({ did: text.optional(), saw: text.optional(), at: MomentSchema.optional() }))
    .optional()
    .describe('what stood here before it was corrected, oldest first'),
})

const PlannedActSchema = StepSchema.pick({ id: true, do: true, reagent: true, amount: true, order: true, with: true, how: true })

const TubeSchema = z.strictObject({
  id: IdSchema,
  from: IdSchema.optional().describe('the tube whose contents it begins with'),
  take: z.enum(['residue', 'filtrate']).optional().describe('which of them, where that tube was filtered'),
  cm3: DecimalSchema.optional(),
  steps: listOf(StepSchema),
  planned: listOf(PlannedActSchema).optional().describe('what is still to be done in it, in order; nothing of it is evidence'),
})

/** A tube is named in its whole rack, since one can go on from another sample's; a sample stands there once. */
function refuseTwins(
  samples: readonly { readonly material: string; readonly tubes: readonly { readonly id: string }[] }[],
  context: z.RefinementCtx,
): void {
  const seen = new Set<string>()
  const materials = new Set<string>()
  samples.forEach(({ material, tubes }, index) => {
    refuseDoubles(tubes, [index, 'tubes'], context, seen)
    if (materials.has(material))
      context.addIssue({
        code: 'custom',
        path: [index],
        message: `'${material}' stands in this rack already; put the tubes there`,
      })
    materials.add(material)
  })
}

const RackSchema = z.strictObject({
  ...common,
  kind: z.literal('rack'),
  route: z.enum(['spot tests', 'scheme']).optional().describe('how unknowns are looked for; spot tests where nothing is said'),
  samples: z
    .array(
      z.strictObject({
        material: IdSchema,
        tubes: z.array(TubeSchema),
        conclusion: text.optional().describe('what the student concludes, in words'),
      }),
    )
    .superRefine(refuseTwins),
  board: z.enum(['open', 'after conclusion']).optional().describe('when the verdict board may be read'),
  dropsPerCm3: DecimalSchema.optional().describe('drops of this bench’s droppers to 1 cm³; 20 where nothing is said'),
  allowed: z.array(z.string().max(200)).max(100).optional().describe('reagents the sheet allows for further tests'),
  listed: z.array(z.string().max(40)).max(60).optional().describe('ions that the sheet’s notes cover; any where nothing is said'),
})

const ChromatogramSchema = z.strictObject({
  ...common,
  kind: z.literal('chromatogram'),
  front: EntrySchema.optional(),
  spots: listOf(
    z.strictObject({
      id: IdSchema,
      label: z.string().max(120).describe('the sample it came from; spots of one sample run in one lane'),
      distance: EntrySchema,
      known: z.boolean().optional().describe('a reference, named by its label'),
      colour: z.string().max(60).optional(),
    }),
  ),
  planned: z
    .array(z.strictObject({ label: z.string().max(120), known: z.boolean().optional() }))
    .max(100)
    .optional()
    .describe('what is spotted and not measured yet'),
  unit: z.enum(['cm', 'mm']).optional().describe('of the distances; cm where nothing is said'),
  solvent: z.string().max(120).optional(),
  within: DecimalSchema.optional().describe('largest difference of Rf at which two spots match'),
})

const NoteSchema = z.strictObject({ ...common, kind: z.literal('note'), text })

export const PartSchema = z.discriminatedUnion('kind', [
  WeighingSchema,
  SolutionSchema,
  TitrationSchema,
  HeatingSchema,
  SeriesSchema,
  RackSchema,
  ChromatogramSchema,
  NoteSchema,
])
