import { checkFormula } from '@hop-lark/core/check'
import { z } from 'zod'
import { ASKABLE, type Askable, type Asked, type Extra } from './askable.ts'
import { questionFrom } from './askedFind.ts'

/** A field that a form has put away has no value. */
const text = z.string().optional()
const EXTRAS = {
  countedBy: text,
  at: text,
  answer: text,
  accepted: text,
  added: text,
  addedStrength: text,
  strength: text,
  volume: text,
  items: text,
  placeOnX: text,
  placeOnY: text,
  axis: text,
  which: text,
  from: text,
  to: text,
} as const satisfies Record<Extra, typeof text>

/** A question as it is being written: taken when it says what is asked for. */
export const AskedSchema: z.ZodType<Asked, Asked> = z
  .object({
    quantity: z.enum(Object.keys(ASKABLE) as [Askable, ...Askable[]]),
    of: z.string(),
    in: z.string(),
    unit: z.string(),
    figures: z.string(),
    text: z.string(),
    extra: z.object(EXTRAS),
    kc: z.object({ equation: z.string(), volume: z.string(), start: z.array(text), at: z.array(text) }),
    sum: z.object({ sum: z.string(), texts: z.record(z.string(), text), with: z.record(z.string(), text) }),
  })
  .superRefine((asked, context) => {
    const { species, where } = ASKABLE[asked.quantity]
    const say = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message })
    const fault = species && asked.of !== '' ? checkFormula(asked.of, [])[0] : undefined
    if (fault) say('of', fault.says)
    else if (species && asked.of === '') say('of', 'Say of what: an element, an ion or a formula.')
    else if (where !== 'nowhere' && asked.in === '') say('in', 'Say in what.')
    else if (!questionFrom('q', asked)) say('extra', 'Something is missing in the fields above.')
  })
