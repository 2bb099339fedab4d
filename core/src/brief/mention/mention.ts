import type { Strength } from '../../number/index.ts'

/** Glass and other things that stand on the bench, by what is done in them. */
export type Vessel =
  | 'burette'
  | 'pipette'
  | 'cylinder'
  | 'conical flask'
  | 'volumetric flask'
  | 'flask'
  | 'beaker'
  | 'crucible'
  | 'tube'
  | 'cup'
  | 'syringe'
  | 'paper'
  | 'weighing bottle'

export type QuantityKind = 'volume' | 'mass' | 'time' | 'temperature' | 'length' | 'drops'

/** Something of which a sheet speaks, with where it stands. */
export type Mention = { readonly from: number; readonly to: number } & (
  | { readonly kind: 'strength'; readonly strength: Strength; readonly about: boolean }
  | {
      readonly kind: 'quantity'
      readonly of: QuantityKind
      readonly value: string
      /** The other end of a range. */
      readonly most?: string
      readonly unit: string
      readonly about: boolean
    }
  | { readonly kind: 'label'; readonly label: string }
  | { readonly kind: 'substance'; readonly formula: string; readonly written: 'name' | 'formula' }
  | { readonly kind: 'indicator'; readonly name: string }
  | { readonly kind: 'vessel'; readonly vessel: Vessel; readonly capacity?: string }
  | { readonly kind: 'equation'; readonly equation: string }
)

export type MentionKind = Mention['kind']
export type MentionOf<Kind extends MentionKind> = Extract<Mention, { readonly kind: Kind }>

/** The mentions of one kind. */
export function ofKind<Kind extends MentionKind>(mentions: readonly Mention[], kind: Kind): readonly MentionOf<Kind>[] {
  return mentions.filter((one): one is MentionOf<Kind> => one.kind === kind)
}
