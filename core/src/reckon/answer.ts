import type { Step } from './working.ts'

/** The answer to one question, with its working; or what is still missing, in words. */
export interface Answer {
  readonly question: string
  /** What the student should write, rounded; null when it cannot be had yet. */
  readonly value: string | null
  readonly unit: string
  readonly unrounded?: number
  readonly steps: readonly Step[]
  /** What the working takes for granted. */
  readonly assumes: readonly string[]
  /** The value the other way of carrying figures gives, where it differs as written. */
  readonly otherCarry?: string | undefined
  readonly missing?: string
  /** An element that the species asked for could be counted by, if the student says that all of it is there as that. */
  readonly couldCountBy?: string
}
