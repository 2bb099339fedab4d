import { type Formula, speciesKey } from '../../substance/index.ts'
import type { Place, PlaceKey } from '../place.ts'

/**
 * Which species are spoken of at which places. Places that hold parts of one sample (what was weighed, the flask it
 * was made up in, the aliquot) speak of the same species.
 */
export class Presence {
  private readonly parent = new Map<PlaceKey, PlaceKey>()
  private readonly species = new Map<PlaceKey, Map<string, Formula>>()

  private root(place: PlaceKey): PlaceKey {
    let at = place
    for (let up = this.parent.get(at); up !== undefined; up = this.parent.get(at)) at = up
    // Whoever asks again finds it in one step.
    for (let on = place; on !== at; ) {
      const up = this.parent.get(on) as PlaceKey
      this.parent.set(on, at)
      on = up
    }
    return at
  }

  add(place: Place, formula: Formula): void {
    this.addAt(this.root(place.key), formula)
  }

  private addAt(root: PlaceKey, formula: Formula): void {
    const there = this.species.get(root) ?? new Map<string, Formula>()
    const key = speciesKey(formula)
    if (!there.has(key)) there.set(key, formula)
    this.species.set(root, there)
  }

  link(one: Place, other: Place): void {
    const [a, b] = [this.root(one.key), this.root(other.key)]
    if (a === b) return
    this.parent.set(b, a)
    for (const formula of this.species.get(b)?.values() ?? []) this.addAt(a, formula)
    this.species.delete(b)
  }

  at(place: Place): readonly Formula[] {
    return [...(this.species.get(this.root(place.key))?.values() ?? [])]
  }
}
