import { type Formula, speciesKey } from '../../substance/index.ts'
import type { Place, PlaceKey } from '../place.ts'

/** What the record says of the species at some places. */
interface Spoken {
  readonly species: Map<string, Formula>
  /** Those that a bottle is labelled with, of which more is known than that a reaction speaks of them. */
  readonly labels: Map<string, Formula>
  /** Those that an acid was run into: what else takes up or brings hydrogen ions is not counted from them. */
  readonly bases: Map<string, Formula>
}

const KINDS = ['species', 'labels', 'bases'] as const
const nothing = (): Spoken => ({ species: new Map(), labels: new Map(), bases: new Map() })

/**
 * Which species the record speaks of at which places. Places that hold parts of one sample (what was weighed, the flask
 * it was made up in, the aliquot) speak of the same species.
 */
export class Presence {
  private readonly parent = new Map<PlaceKey, PlaceKey>()
  private readonly spoken = new Map<PlaceKey, Spoken>()

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

  private at(place: Place): Spoken {
    const root = this.root(place.key)
    const there = this.spoken.get(root) ?? nothing()
    this.spoken.set(root, there)
    return there
  }

  /** A reaction speaks of a species. */
  add(place: Place, formula: Formula): void {
    addOnce(this.at(place).species, formula)
  }

  /** A bottle is labelled with a species. */
  label(place: Place, formula: Formula): void {
    this.add(place, formula)
    addOnce(this.at(place).labels, formula)
  }

  /** A species was titrated with acid. */
  titratedWithAcid(place: Place, formula: Formula): void {
    addOnce(this.at(place).bases, formula)
  }

  link(one: Place, other: Place): void {
    const [a, b] = [this.root(one.key), this.root(other.key)]
    if (a === b) return
    const [into, from] = [this.at(one), this.at(other)]
    this.parent.set(b, a)
    for (const kind of KINDS) for (const formula of from[kind].values()) addOnce(into[kind], formula)
    this.spoken.delete(b)
  }

  /** Whether two places hold parts of one sample. */
  together(one: Place, other: Place): boolean {
    return this.root(one.key) === this.root(other.key)
  }

  /** What is known of the species at a place. */
  of(place: Place): { readonly [Kind in (typeof KINDS)[number]]: readonly Formula[] } {
    const { species, labels, bases } = this.at(place)
    return { species: [...species.values()], labels: [...labels.values()], bases: [...bases.values()] }
  }
}

function addOnce(into: Map<string, Formula>, formula: Formula): void {
  const key = speciesKey(formula)
  if (!into.has(key)) into.set(key, formula)
}
