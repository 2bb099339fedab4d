import type { Draft } from '../draft/Draft.ts'
import type { DraftSolution, DraftTitration, Held } from '../draft/parts.ts'

/** A vessel in which things are brought together. */
export type Place = 'beaker' | 'flask' | 'volumetric'

/**
 * What stands on the bench while the method of a sheet is carried out in mind: what is in which vessel. A sentence is
 * understood by what it does to them, whatever its words and voice.
 */
export class Bench {
  readonly draft: Draft
  readonly block: number
  readonly holds: Record<Place, Held[]> = { beaker: [], flask: [], volumetric: [] }
  /** Where something was put last. */
  place: Place = 'flask'
  burette?: string
  indicator?: string
  /** cm³ of the volumetric flask. */
  capacity?: string
  readonly weighed: { readonly material: string; readonly id: string }[] = []
  /** Whether a solid is weighed into the flask of every run. */
  perRun = false
  /** How many flasks are spoken of. */
  flasks = 1
  /** The bottle that was spoken of last. */
  spoken?: string
  solution?: DraftSolution
  titration?: DraftTitration

  constructor(draft: Draft, block: number) {
    this.draft = draft
    this.block = block
  }

  /** Puts something into a vessel, unless it is in there already. */
  put(place: Place, held: Held): void {
    this.place = place
    if (!this.holds[place].some((one) => one.material === held.material && one.weighing === held.weighing))
      this.holds[place].push(held)
  }

  /** Whether nothing stands on it yet. */
  isBare(): boolean {
    const { flask, beaker, volumetric } = this.holds
    return this.burette === undefined && this.weighed.length + flask.length + beaker.length + volumetric.length === 0
  }

  empty(place: Place): readonly Held[] {
    return this.holds[place].splice(0)
  }

  /** The solution made up last, which is called after what it is made of where the sheet gives it no name. */
  lastMade(): string | undefined {
    const { solution } = this
    if (!solution) return undefined
    solution.gives ??= this.nameFor(solution)
    return solution.gives
  }

  private nameFor({ sources }: DraftSolution): string {
    const of = sources[0]?.material
    const label = of === undefined ? 'made-up solution' : `solution of ${of}`
    this.draft.materials.set(label, { label, form: 'solution', formSaid: true, product: true, at: 0 })
    return label
  }
}
