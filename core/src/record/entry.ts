import { z } from 'zod'
import { DECIMAL_TEXT, Exact } from '../number/index.ts'

const DecimalText = z
  .string()
  .regex(DECIMAL_TEXT, "must be a number as written, without unit: digits and a decimal point, like '24.50'")
const Moment = z.iso.datetime({ message: 'must be a moment like 2026-05-12T10:04:31.120Z' })

const StrikeSchema = z.strictObject({ value: DecimalText, at: Moment.optional(), why: z.string().optional() })

/** An entry with its history. `rival` is another value entered for it elsewhere at the same time, not yet settled. */
const EntryObjectSchema = z.strictObject({
  value: DecimalText,
  at: Moment.optional(),
  was: z.array(StrikeSchema).optional(),
  rival: z.strictObject({ value: DecimalText, at: Moment.optional() }).optional(),
})

export const EntrySchema = z.union([DecimalText, EntryObjectSchema], {
  error: "must be a number as written, in quotes and without unit, like '24.50', or an entry {value, at, was}",
})
export const DecimalSchema = DecimalText
export const MomentSchema = Moment

export type Entry = z.infer<typeof EntrySchema>
export type EntryObject = z.infer<typeof EntryObjectSchema>
export type Strike = z.infer<typeof StrikeSchema>

/** The value of an entry as it was written. */
export function entryText(entry: Entry): string {
  return typeof entry === 'string' ? entry : entry.value
}

/** Whether something in a record is a reading with its history. */
export function isReading(value: object): value is EntryObject {
  return (
    'value' in value &&
    typeof value.value === 'string' &&
    ('at' in value || 'was' in value || 'rival' in value || Object.keys(value).length === 1)
  )
}

/** The struck-out values of an entry, oldest first. */
export function strikes(entry: Entry | undefined): readonly Strike[] {
  return entry === undefined || typeof entry === 'string' ? [] : (entry.was ?? [])
}

/** An entry with every field that it has and none that it has not, so that two equal entries are written alike. */
export function canonicalEntry(entry: Entry): EntryObject {
  return typeof entry === 'string' ? { value: entry } : entry
}

/**
 * Writes a value into an entry. A different number strikes the old one through and keeps it; the same number
 * written otherwise (24.5, then 24.50) only replaces the text.
 *
 * @param at - the moment of writing, ISO 8601 in UTC
 * @param why - reason for the correction, if one was given
 */
export function correctEntry(before: Entry | undefined, value: string, at: string, why?: string): EntryObject {
  if (before === undefined) return { value, at }
  const old = canonicalEntry(before)
  if (new Exact(old.value).eq(value)) return { ...old, value, at: old.at ?? at }
  const struck: Strike = { value: old.value, ...(old.at ? { at: old.at } : {}), ...(why ? { why } : {}) }
  // A value that waited to be chosen is not chosen by writing a third.
  const waited = old.rival && !new Exact(old.rival.value).eq(value) ? [{ ...old.rival, why: IN_TWO_PLACES }] : []
  return { value, at, was: [...(old.was ?? []), struck, ...waited] }
}

/** Why a value is struck through that another was preferred to. */
export const IN_TWO_PLACES = 'entered in two places'

/** Settles an entry that two people wrote at once: the chosen value stands, the other is struck through. */
export function settleRival(entry: EntryObject, keep: string, at: string): EntryObject {
  const { rival, ...mine } = entry
  if (!rival) return entry
  const loser = keep === rival.value ? { value: mine.value, at: mine.at } : rival
  const struck: Strike = { value: loser.value, ...(loser.at ? { at: loser.at } : {}), why: IN_TWO_PLACES }
  return { ...mine, value: keep, at, was: [...(mine.was ?? []), struck] }
}
