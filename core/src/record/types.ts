import type { z } from 'zod'
import { ConventionsSchema } from './conventions.ts'
import type { MaterialSchema } from './materials.ts'
import type { PartSchema, RunSchema } from './parts.ts'
import type { QuestionSchema } from './questions.ts'
import type { TaskSchema } from './task.ts'

export type Task = z.infer<typeof TaskSchema>
export type Conventions = z.infer<typeof ConventionsSchema>
export type Concordance = Conventions['concordance']
export type Material = z.infer<typeof MaterialSchema>
export type Part = z.infer<typeof PartSchema>
export type PartOf<Kind extends Part['kind']> = Extract<Part, { kind: Kind }>
export type Run = z.infer<typeof RunSchema>
export type Point = PartOf<'series'>['points'][number]
export type Spot = PartOf<'chromatogram'>['spots'][number]
export type Sample = PartOf<'rack'>['samples'][number]
export type Tube = Sample['tubes'][number]
export type Step = Tube['steps'][number]
export type Question = z.infer<typeof QuestionSchema>
export type Photograph = NonNullable<Task['photographs']>[number]
export type Quantity = Question['find']['quantity']
type Find = Question['find']
/** What a question of a kind finds. */
export type FindOf<Kind extends Quantity> = Find extends infer One
  ? One extends { quantity: infer Own }
    ? Kind & Own extends never
      ? never
      : One
    : never
  : never

/** The conventions of a task that states none. */
export const DEFAULT_CONVENTIONS: Conventions = ConventionsSchema.parse({})
