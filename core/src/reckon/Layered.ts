/** A table laid over another: what is set here hides what lies below, which is never changed. */
export class Layered<Key, Value> {
  private readonly own = new Map<Key, Value>()
  private readonly hidden = new Set<Key>()
  private readonly below: Layered<Key, Value> | undefined

  constructor(below?: Layered<Key, Value>) {
    this.below = below
  }

  get(key: Key): Value | undefined {
    return this.own.get(key) ?? (this.hidden.has(key) ? undefined : this.below?.get(key))
  }

  has(key: Key): boolean {
    return this.own.has(key) || (!this.hidden.has(key) && (this.below?.has(key) ?? false))
  }

  set(key: Key, value: Value): void {
    this.own.set(key, value)
  }

  /** Takes a key out for whoever looks from here; below it stays. */
  hide(key: Key): void {
    this.own.delete(key)
    this.hidden.add(key)
  }

  /** What was set here and not below. */
  ownKeys(): Iterable<Key> {
    return this.own.keys()
  }

  /** Everything there is, what lies below first. */
  entries(): readonly (readonly [Key, Value])[] {
    return [...(this.below?.entries() ?? []).filter(([key]) => !this.own.has(key) && !this.hidden.has(key)), ...this.own]
  }
}
