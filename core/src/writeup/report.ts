import type { Path, Photograph } from '../record/index.ts'
import type { Line } from '../typeset/index.ts'
import type { Drawing } from './drawing/shapes.ts'

/** How a task is handed in: tables and working only, as in an examination, or as a notebook has it. */
export type Manner = 'exam' | 'notebook'

/** A sentence that the record gives. */
export interface Proposed {
  /** Its section, what it is about, what it says of it. */
  readonly id: string
  readonly made: string
  /** Where in the record it comes from. */
  readonly at?: Path
  /** It stands in the record in the student's own words. */
  readonly said?: boolean
  /** Where in the record the student's words for it go, if they have a place of their own there. */
  readonly into?: Path
}

/** A sentence of the report. */
export interface Sentence extends Proposed {
  readonly text: string
  /** Proposed and not looked at yet; taken over as it is; or the student's own words. */
  readonly state: 'made' | 'adopted' | 'own'
  /** The record would now say this instead of what was taken over or replaced. */
  readonly since?: string
}

/** A value that was struck through, with the reason. */
interface StruckValue {
  readonly text: string
  readonly why?: string
}

/** A cell of a table. */
export interface Cell {
  readonly line: Line
  readonly struck?: readonly StruckValue[]
  readonly at?: Path
  /** Set as a number, to the right. */
  readonly number?: boolean
}

/** A row of a table; its first cell names it where the table has names of rows. */
export interface Row {
  readonly cells: readonly Cell[]
}

/** A table as the trade keeps it: quantity and unit in the headings, never in the cells. */
export interface Table {
  readonly id: string
  readonly caption: string
  readonly head: readonly Line[]
  readonly rows: readonly Row[]
  readonly rowsAreNamed: boolean
  /** What has to be said to it: which values are struck through, and why. */
  readonly notes: readonly string[]
}

/** A line of working as it is written by hand. */
export interface WorkedLine {
  readonly says: string
  readonly equations: readonly Line[]
  readonly formula: Line
  readonly substituted: Line
  readonly value: Line
}

/** A question with what is answered. */
export interface Answered {
  readonly id: string
  readonly number: string
  readonly title: string
  readonly lines: readonly WorkedLine[]
  /** Its first lines stand in an earlier answer already. */
  readonly from?: { readonly answer: string; readonly lines: number }
  /** The result with its unit, and ± where it is known; nothing while it is missing. */
  readonly result?: Line
  /** The student's words, where words are asked for. */
  readonly words?: string
  readonly missing?: string
  readonly notes: readonly string[]
  readonly at: Path
}

/** A piece of the report. */
export type Block<Words = Sentence> =
  | { readonly kind: 'sentences'; readonly as: 'paragraph' | 'list'; readonly sentences: readonly Words[] }
  | { readonly kind: 'list'; readonly items: readonly string[] }
  | { readonly kind: 'table'; readonly table: Table }
  | { readonly kind: 'drawing'; readonly id: string; readonly drawing: Drawing; readonly caption: string }
  | { readonly kind: 'answer'; readonly answer: Answered }
  | { readonly kind: 'photograph'; readonly photograph: Photograph; readonly caption: string }

/** A section with its heading. */
export interface Section<Words = Sentence> {
  readonly id: SectionId
  readonly heading: string
  readonly blocks: readonly Block<Words>[]
}

/** The sections that there are; the first word of the name of each of their sentences. */
export type SectionId =
  | 'aim'
  | 'apparatus'
  | 'chemicals'
  | 'method'
  | 'results'
  | 'observations'
  | 'working'
  | 'errors'
  | 'assumptions'
  | 'precautions'

/** What is handed in. */
export interface Report {
  readonly title: string
  /** When the readings were taken, in words; empty where no reading has a time. */
  readonly when: string
  readonly manner: Manner
  readonly sections: readonly Section[]
}
