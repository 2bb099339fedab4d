import type { Setting } from '../ask/settings.ts'
import type { SheetMaterial } from '../label/material.ts'
import type { Read } from '../label/said.ts'
import type { Mention } from '../mention/mention.ts'
import type { DraftPart, DraftPartOf } from './parts.ts'

/** What a sentence of a sheet is. */
export type SentenceKind =
  | 'heading'
  | 'story'
  | 'material'
  | 'weigh'
  | 'make up'
  | 'portion'
  | 'titrate'
  | 'handling'
  | 'repeat'
  | 'heat'
  | 'measure'
  | 'tubes'
  | 'chromatogram'
  | 'equation'
  | 'masses'
  | 'question'
  | 'instruction'
  | 'not read'

const LETTER: Readonly<Record<DraftPart['kind'], string>> = {
  weighing: 'w',
  solution: 's',
  titration: 't',
  heating: 'h',
  series: 'm',
  rack: 'r',
  chromatogram: 'c',
}

/** A task in the making, while a sheet is read from top to bottom. */
export class Draft {
  /** The sheet in plain signs. */
  readonly words: string
  readonly reads: readonly Read[]
  readonly materials: Map<string, SheetMaterial>
  readonly parts: DraftPart[] = []
  /** What became of what the sheet speaks of. */
  readonly landed = new Map<Mention, string>()
  readonly kinds = new Map<number, SentenceKind>()
  /** Bottles that only help: acid and iodide in excess, what something is dissolved in. */
  readonly helpers = new Set<string>()
  /** Questions in which only single readings are taken, by their blocks. */
  readonly settings = new Map<number, Setting>()
  /** Which parts a sentence made or changed. */
  readonly touched = new Map<number, Set<string>>()

  constructor(words: string, reads: readonly Read[], materials: ReadonlyMap<string, SheetMaterial>) {
    this.words = words
    this.reads = reads
    this.materials = new Map(materials)
  }

  /** Begins a part; its id is the next of its kind. */
  begin<Kind extends DraftPart['kind']>(
    kind: Kind,
    { sentence }: Read,
    fields: Omit<DraftPartOf<Kind>, 'id' | 'kind' | 'sentence' | 'block'>,
  ): DraftPartOf<Kind> {
    const number = this.parts.filter((part) => part.kind === kind).length + 1
    const part = {
      ...fields,
      id: `${LETTER[kind]}${number}`,
      kind,
      sentence: sentence.n,
      block: sentence.block,
    } as unknown as DraftPartOf<Kind>
    this.parts.push(part)
    this.touch(sentence.n, part.id)
    return part
  }

  /** The parts of a kind, in a question of the sheet or in all. */
  of<Kind extends DraftPart['kind']>(kind: Kind, block?: number): readonly DraftPartOf<Kind>[] {
    return this.parts.filter(
      (part): part is DraftPartOf<Kind> => part.kind === kind && (block === undefined || part.block === block),
    )
  }

  touch(sentence: number, part: string): void {
    this.touched.set(sentence, (this.touched.get(sentence) ?? new Set()).add(part))
  }

  /** Says what a sentence is, unless that has been said. */
  mark(sentence: number, kind: SentenceKind): void {
    if (!this.kinds.has(sentence)) this.kinds.set(sentence, kind)
  }

  /** Says what became of a mention. */
  land(mention: Mention | undefined, became: string): void {
    if (mention && !this.landed.has(mention)) this.landed.set(mention, became)
  }

  /** A solid that has no label, by the word for it. */
  unlabelled(word: string, at: number): string {
    if (!this.materials.has(word)) this.materials.set(word, { label: word, form: 'solid', formSaid: true, at })
    return word
  }

  /**
   * The material of a formula, by its label; one without a label is called by the words the sheet has for it.
   *
   * @param words - as the sheet says it
   */
  materialOf(formula: string, form: 'solid' | 'solution', words: string, at: number): string {
    const known = [...this.materials.values()].find(
      (one) =>
        one.solute !== undefined && sameSubstance(one.solute, formula) && !one.product && (one.form === form || !one.formSaid),
    )
    if (known) return known.label
    const label = words.replace(/^(?:the|a|an|dilute|aqueous)\s+/i, '')
    this.materials.set(label, { label, form, formSaid: true, solute: formula, at })
    return label
  }
}

/** A hydrate is the same bottle as its salt. */
const sameSubstance = (one: string, other: string) => one === other || one.split('.')[0] === other.split('.')[0]
